package keenfork.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substances;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Finding;
import keenfork.core.recipe.Line;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Profile;

/// The peer of the menu benchmark: the same marks from a recursive query in PostgreSQL over the same menu. It has an
/// easier task: no thread, no weight, and the groups with a threshold left out.
final class RecursiveQuery implements AutoCloseable {
    private static final int WARM_UP = 2;
    private static final int ROUNDS = 5;
    private static final RuleBook PRINTED_UNDER = RuleBook.uk();
    private final Connection database;

    /// @param url JDBC address of an empty database
    RecursiveQuery(String url) throws SQLException {
        database = DriverManager.getConnection(url);
    }

    @Override
    public void close() throws SQLException { database.close(); }

    /// Loads a menu, and lets the database take its statistics.
    void load(BigMenu menu) throws SQLException, IOException {
        database.setAutoCommit(false);
        try (var statement = database.createStatement()) {
            statement.execute(resource("menu-tables.sql"));
        }
        substances();
        ruleBooks();
        foods();
        packs(menu);
        dishes(menu);
        database.commit();
        database.setAutoCommit(true);
        try (var statement = database.createStatement()) {
            statement.execute("vacuum analyze");
        }
    }

    private static String resource(String name) throws IOException {
        try (var in = RecursiveQuery.class.getResourceAsStream(name)) {
            if (in == null) throw new IOException(name + " is not shipped");
            return String.join("\n",
                    new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8)).lines().toList());
        }
    }

    private void insert(String table, List<int[]> rows) throws SQLException {
        if (rows.isEmpty()) return;
        var places = String.join(", ", Arrays.stream(rows.getFirst()).mapToObj(_ -> "?").toList());
        try (var insert = database.prepareStatement("insert into %s values (%s)".formatted(table, places))) {
            for (var row : rows) {
                for (var i = 0; i < row.length; i++) set(insert, i + 1, row[i]);
                insert.addBatch();
            }
            insert.executeBatch();
        }
    }

    private static void set(PreparedStatement insert, int at, int value) throws SQLException {
        if (value < 0) insert.setNull(at, java.sql.Types.INTEGER);
        else insert.setInt(at, value);
    }

    private void substances() throws SQLException {
        var rows = new ArrayList<int[]>();
        for (var s : Substances.shipped().all())
            rows.add(new int[] {s.at(), s.parent().isEmpty() ? -1 : Substances.shipped().get(s.parent()).at()});
        insert("substance", rows);
    }

    private void ruleBooks() throws SQLException {
        var members = new ArrayList<int[]>();
        var exempt = new ArrayList<int[]>();
        var named = new ArrayList<int[]>();
        for (var book = 0; book < RuleBook.all().size(); book++) {
            var ruleBook = RuleBook.all().get(book);
            for (var group = 0; group < ruleBook.groups().size(); group++)
                if (ruleBook.threshold(ruleBook.groups().get(group)).isEmpty())
                    for (var member : ruleBook.groups().get(group).members())
                        members.add(new int[] {book, group, member.at()});
            for (var e : ruleBook.exempt()) exempt.add(new int[] {book, e.at()});
        }
        for (var s : Substances.shipped().all()) if (PRINTED_UNDER.covers(s)) named.add(new int[] {s.at()});
        insert("member", members);
        insert("exempt", exempt);
        insert("named", named);
    }

    private void foods() throws SQLException {
        var holds = new ArrayList<int[]>();
        for (var food = 0; food < Foods.shipped().all().size(); food++) {
            var f = Foods.shipped().all().get(food);
            for (var s : f.holds())
                holds.add(new int[] {food, s.at(), Certainty.CONTAINS.ordinal(), f.isCompound() ? 1 : 0});
            // what a food only sometimes holds is settled by a pack, whatever the food is
            for (var s : f.sometimes()) holds.add(new int[] {food, s.at(), Certainty.NOT_KNOWN.ordinal(), 1});
        }
        insert("food_holds", holds);
    }

    private void packs(BigMenu menu) throws SQLException {
        var says = new ArrayList<int[]>();
        for (var pack = 0; pack < menu.packs().size(); pack++) {
            for (var f : menu.packs().get(pack).findings())
                says.add(new int[] {pack, f.substance().at(),
                        (f.says() == Finding.Says.IN ? Certainty.CONTAINS : Certainty.MAY_CONTAIN).ordinal(), 0});
            for (var v : menu.packs().get(pack).vague())
                for (var s : v.suspects()) says.add(new int[] {pack, s.at(), Certainty.NOT_KNOWN.ordinal(), 1});
        }
        insert("pack_says", says);
    }

    private void dishes(BigMenu menu) throws SQLException {
        Map<Food, Integer> foods = new HashMap<>();
        for (var i = 0; i < Foods.shipped().all().size(); i++) foods.putIfAbsent(Foods.shipped().all().get(i), i);
        Map<Declaration, Integer> packs = new IdentityHashMap<>();
        for (var i = 0; i < menu.packs().size(); i++) packs.put(menu.packs().get(i), i);
        Map<String, Integer> names = new HashMap<>();
        for (var i = 0; i < menu.dishes().size(); i++) names.put(menu.dishes().get(i).name(), i);
        var lines = new ArrayList<int[]>();
        var words = new ArrayList<int[]>();
        for (var dish = 0; dish < menu.dishes().size(); dish++)
            for (var line : menu.dishes().get(dish).lines()) {
                var number = lines.size();
                lines.add(new int[] {number, dish, line.dish().isEmpty() ? -1 : number(names, line.dish()),
                        line.pack() == null ? -1 : number(packs, line.pack())});
                for (var word : words(line, foods)) words.add(new int[] {number, word[0], word[1], word[2]});
            }
        insert("line", lines);
        insert("line_names", words);
    }

    private static <T> int number(Map<T, Integer> numbers, T of) {
        var number = numbers.get(of);
        if (number == null) throw new IllegalStateException("not in the menu: " + of);
        return number;
    }

    /// What a line names: a food of the table and whether its pack stands for it, or a substance itself.
    private static List<int[]> words(Line line, Map<Food, Integer> foods) {
        var words = new ArrayList<int[]>();
        if (line.isUnread()) words.add(new int[] {-1, Substances.shipped().anything().at(), 0});
        if (line.choices().size() > 1)
            throw new IllegalStateException("the menu of the benchmark has no line with an or: " + line.text());
        for (var choice : line.choices()) {
            words.addAll(named(choice.main(), foods, line.pack() != null));
            for (var other : choice.others()) words.addAll(named(other, foods, false));
        }
        return words;
    }

    private static List<int[]> named(Meaning meaning, Map<Food, Integer> foods, boolean isRead) {
        return switch (meaning) {
            case Meaning.OfFood(var food) -> List.of(new int[] {number(foods, food), -1, isRead ? 1 : 0});
            case Meaning.OfSubstances(var substances) ->
                    substances.stream().map(s -> new int[] {-1, s.at(), 2}).toList();
            case Meaning.Vague(var suspects, _) -> suspects.stream().map(s -> new int[] {-1, s.at(), 0}).toList();
        };
    }

    /// The marks of every dish under every rule book, strongest certainty by `dish/book/group`, and how long the query
    /// took on average, in ms.
    record Answer(Map<String, Integer> marks, double milliseconds) {}

    Answer ask() throws SQLException, IOException {
        var query = resource("menu-marks.sql");
        var total = 0.0;
        Map<String, Integer> marks = new TreeMap<>();
        for (var round = -WARM_UP; round < ROUNDS; round++) {
            marks.clear();
            var start = System.nanoTime();
            try (var statement = database.createStatement(); var rows = statement.executeQuery(query)) {
                while (rows.next())
                    marks.put(rows.getInt(1) + "/" + rows.getInt(2) + "/" + rows.getInt(3), rows.getInt(4));
            }
            if (round >= 0) total += (System.nanoTime() - start) / 1e6;
        }
        return new Answer(marks, total / ROUNDS);
    }

    /// {@return the core's own marks in the same form}
    static Map<String, Integer> marks(List<List<Profile>> derived) {
        var marks = new TreeMap<String, Integer>();
        for (var dish = 0; dish < derived.size(); dish++)
            for (var book = 0; book < RuleBook.all().size(); book++) {
                var ruleBook = RuleBook.all().get(book);
                for (var mark : derived.get(dish).get(book).marks())
                    if (ruleBook.threshold(mark.group()).isEmpty())
                        marks.put(dish + "/" + book + "/" + ruleBook.groups().indexOf(mark.group()),
                                mark.certainty().ordinal());
            }
        return marks;
    }

    /// {@return the first mark on which the two do not agree, or empty}
    static Optional<String> differ(Map<String, Integer> core, Map<String, Integer> query) {
        var all = new TreeMap<>(core);
        all.putAll(query);
        return all.keySet().stream().filter(k -> !core.getOrDefault(k, -1).equals(query.getOrDefault(k, -1)))
                .map(k -> "%s: core %s, query %s".formatted(k, core.get(k), query.get(k))).findFirst();
    }
}
