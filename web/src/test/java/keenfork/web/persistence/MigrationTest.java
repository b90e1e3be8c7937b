package keenfork.web.persistence;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import keenfork.web.TestPostgres;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;

/// Every change of the schema runs on what the version before it left.
class MigrationTest {
    @Test
    void the_third_version_keeps_what_the_second_held() throws SQLException {
        var url = TestPostgres.url("migrated");
        flyway(url, "2").migrate();
        try (var db = DriverManager.getConnection(url, "keenfork", "")) {
            run(db, "insert into dish (version, name, text, position, changed_at) values (4, 'Old dip', E'Old "
                    + "dip\\n1 egg', 1, now())");
            run(db, "insert into pack (version, food, label, bar_code, law, declaration, read_on) values (2, "
                    + "'harissa', 'Jar', '', 'uk', 'peppers', '2026-01-02')");
            run(db, "insert into prep_turn (position, dish_id, clean) values (0, 1, 'WASH')");
            flyway(url, "latest").migrate();
            assertThat(one(db, "select number || how || text from dish_version"))
                    .isEqualTo("1as it stood when versions beganOld dip\n1 egg");
            assertThat(one(db, "select declaration || read_on from pack_version")).isEqualTo("peppers2026-01-02");
            assertThat(one(db, "select spare::text || version from pack")).isEqualTo("false2");
            assertThat(one(db, "select count(*)::text from prep_turn")).isEqualTo("1");
            assertThat(one(db,
                    "select t.dish_id || kit || use_no || c.clean from prep_clean c join prep_turn t on t.id = "
                            + "turn_id"))
                                    .as("the wash was of the blender").isEqualTo("1blender0WASH");
        }
    }

    @Test
    void the_fourth_version_keeps_what_the_third_held_and_a_variant_goes_with_its_dish() throws SQLException {
        var url = TestPostgres.url("migrated4");
        flyway(url, "3").migrate();
        try (var db = DriverManager.getConnection(url, "keenfork", "")) {
            run(db, "insert into dish (version, name, text, position, changed_at) values (4, 'Old dip', E'Old dip\n"
                    + "1 egg', 1, now()), (0, 'New dip', E'New dip\n1 egg', 2, now())");
            flyway(url, "latest").migrate();
            assertThat(one(db, "select string_agg(name, ',' order by id) from dish")).isEqualTo("Old dip,New dip");
            run(db, "insert into variant (dish_id, original_id, original_number, avoids, made_at) values (2, 1, 1, "
                    + "'eggs', now())");
            run(db, "insert into set_aside (dish_id, kind, avoids, people, made_at) values (1, 'hold-back', 'eggs', "
                    + "2, now())");
            run(db, "delete from dish where id = 1");
            assertThat(one(db, "select (select count(*) from variant) || '/' || (select count(*) from set_aside)"))
                    .isEqualTo("0/0");
        }
    }

    @Test
    void the_sixth_version_makes_the_run_that_stands_the_first_that_is_kept() throws SQLException {
        var url = TestPostgres.url("migrated6");
        flyway(url, "5").migrate();
        try (var db = DriverManager.getConnection(url, "keenfork", "")) {
            run(db, "insert into dish (version, name, text, position, changed_at) values (0, 'A', 'A', 1, now()), "
                    + "(0, 'B', 'B', 2, now()), (0, 'C', 'C', 3, now())");
            run(db, "insert into prep_turn (position, dish_id) values (0, 2), (1, 1)");
            run(db, "insert into prep_clean (dish_id, kit, clean) values (1, 'board', 'RINSE'), (3, 'bowl', 'WASH')");
            flyway(url, "latest").migrate();
            assertThat(one(db,
                    "select string_agg(dish_id::text, ',' order by position) from prep_turn t join prep_run r on "
                            + "r.id = run_id and in_force"))
                                    .isEqualTo("2,1");
            assertThat(one(db,
                    "select string_agg(t.dish_id || kit || c.clean, ',') from prep_clean c join prep_turn t on t.id "
                            + "= turn_id"))
                                    .as("a clean of a dish that is in no turn is gone").isEqualTo("1boardRINSE");
            run(db, "delete from dish where id = 1");
            assertThat(one(db, "select (select count(*) from prep_turn) || '/' || (select count(*) from prep_clean)"))
                    .isEqualTo("1/0");
        }
        var empty = TestPostgres.url("migrated6empty");
        flyway(empty, "latest").migrate();
        try (var db = DriverManager.getConnection(empty, "keenfork", "")) {
            assertThat(one(db, "select count(*)::text from prep_run")).isEqualTo("0");
        }
    }

    @Test
    void the_eighth_version_counts_what_was_printed_before_as_out_and_lets_guests_have_cards() throws SQLException {
        var url = TestPostgres.url("migrated8");
        flyway(url, "7").migrate();
        try (var db = DriverManager.getConnection(url, "keenfork", "")) {
            run(db, "insert into dish (version, name, text, position, changed_at) values (0, 'A', 'A', 1, now())");
            run(db, "insert into printed_label (dish_id, kind, printed_at, statement, says, copies, taken_back) "
                    + "values (1, 'card', now(), '', 'name: A', 14, 3)");
            flyway(url, "latest").migrate();
            assertThat(one(db, "select asked || '/' || copies || '/' || taken_back from printed_label"))
                    .isEqualTo("14/14/3");
            run(db, "insert into printed_label (dish_id, guests, kind, printed_at, statement, copies) values (null, "
                    + "7, 'guest', now(), '', 0)");
            run(db, "insert into gluten_report (dish_id, mg_per_kg, tested_on, reference, said, filed_by, filed_at) "
                    + "values (1, 4.5, '2026-11-03', 'folder', 'x', '', now())");
            run(db, "delete from dish where id = 1");
            assertThat(one(db,
                    "select (select count(*) from printed_label) || '/' || (select count(*) from gluten_report)"))
                            .isEqualTo("1/0");
        }
    }

    private static Flyway flyway(String url, String target) {
        return Flyway.configure().dataSource(url, "keenfork", "").target(target).load();
    }

    private static void run(Connection db, String sql) throws SQLException {
        try (var statement = db.createStatement()) {
            statement.executeUpdate(sql);
        }
    }

    private static String one(Connection db, String sql) throws SQLException {
        try (var statement = db.createStatement(); var rows = statement.executeQuery(sql)) {
            rows.next();
            return rows.getString(1);
        }
    }
}
