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
    @Test void the_third_version_keeps_what_the_second_held() throws SQLException {
        var url = TestPostgres.url("migrated");
        flyway(url, "2").migrate();
        try (var db = DriverManager.getConnection(url, "keenfork", "")) {
            run(db, "insert into dish (version, name, text, position, changed_at) values (4, 'Old dip', E'Old dip\\n1 egg', 1, now())");
            run(db, "insert into pack (version, food, label, bar_code, law, declaration, read_on) values (2, 'harissa', 'Jar', '', 'uk', 'peppers', '2026-01-02')");
            run(db, "insert into prep_turn (position, dish_id, clean) values (0, 1, 'WASH')");
            flyway(url, "latest").migrate();
            assertThat(one(db, "select number || how || text from dish_version")).isEqualTo("1as it stood when versions beganOld dip\n1 egg");
            assertThat(one(db, "select declaration || read_on from pack_version")).isEqualTo("peppers2026-01-02");
            assertThat(one(db, "select spare::text || version from pack")).isEqualTo("false2");
            assertThat(one(db, "select count(*)::text from prep_turn")).isEqualTo("1");
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
