package keenfork.core.kitchen;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import keenfork.core.food.Table;
import keenfork.core.pack.Allergens;
import org.jspecify.annotations.Nullable;

/// The row of a supplier's table that names its columns.
///
/// @param headings the columns in words, the bands above them among them: "May contain nuts"
/// @param kinds    what each of them tells
record TableHead(List<String> headings, List<Kind> kinds) {
    /// What a column tells. What nobody knows by its heading is kept with it, so that no word of it is lost.
    enum Kind { NAME, BAR_CODE, PASSED, LIST, KEPT }

    /// a heading over the names of products
    static final String ANY_NAME = "product";
    private static final Set<String> NAME = words("name");
    private static final Set<String> BAR_CODE = words("bar-code");
    private static final Set<String> PASSED = words("passed");
    private static final Set<String> LIST = words("list");
    private static final Set<String> SAYS = words("says");
    private static final Pattern IN_BRACKETS = Pattern.compile("\\s*\\([^()]{0,80}\\)");
    private static final Pattern NO_LETTERS = Pattern.compile("[^\\p{L}\\d#/-]+");
    /// so many columns named after allergens are a table of answers
    private static final int ANSWERS = 2;
    /// and so many tell it where no heading says what the products are called
    static final int SIDE = 3;
    /// a heading is no sentence
    private static final int LONGEST = 80;

    TableHead {
        headings = List.copyOf(headings);
        kinds = List.copyOf(kinds);
    }

    private static Set<String> words(String kind) {
        return Table.read(TableHead.class, "table-columns.txt", 3).stream().filter(r -> r.cell(1).equals(kind))
                .flatMap(r -> r.list(0).stream()).collect(Collectors.toUnmodifiableSet());
    }

    /// {@return the head that a row is; null where it names no products, or nothing that tells what is in them}
    /// @param above the row above it, which may band its columns together: "May contain" over six of them
    static @Nullable TableHead of(List<String> row, List<String> above) {
        if (row.stream().anyMatch(c -> c.length() > LONGEST)) return null;
        var bands = bands(row, above);
        var headings = new ArrayList<String>();
        for (var i = 0; i < row.size(); i++) headings.add((bands.get(i) + " " + row.get(i)).strip());
        var kinds = kinds(row);
        var answers = row.stream().filter(TableHead::isAllergen).count();
        var isHead = kinds.contains(Kind.NAME) && (answers >= ANSWERS
                || IntStream.range(0, row.size())
                        .anyMatch(i -> kinds.get(i) == Kind.LIST || kinds.get(i) == Kind.KEPT && says(row.get(i))));
        return isHead ? new TableHead(headings, kinds) : null;
    }

    /// what each column tells; one without a heading before those of three allergens holds the names
    private static List<Kind> kinds(List<String> row) {
        var kinds = new ArrayList<>(row.stream().map(TableHead::kind).toList());
        var unnamed = row.indexOf("");
        var isTable = !kinds.contains(Kind.NAME) && unnamed >= 0 && row.stream().skip(unnamed)
                .filter(TableHead::isAllergen).count() >= SIDE;
        if (isTable && row.stream().limit(unnamed).noneMatch(TableHead::isAllergen)) kinds.set(unnamed, Kind.NAME);
        return kinds;
    }

    /// {@return what a column says of a product, its heading in front: "Egg: yes", "May contain: nuts"}
    String said(int column, String cell) {
        if (column >= headings.size() || headings.get(column).isEmpty()) return cell;
        return plain(headings.get(column)).replaceFirst("\\s*:$", "") + ": " + cell;
    }

    /// {@return whether a cell is the name of an allergen, and so the heading of its answers: "Milk (Y/N)"}
    static boolean isAllergen(String cell) { return Allergens.areAllOf(plain(cell)); }

    static Kind kind(String heading) {
        var words = NO_LETTERS.matcher(plain(heading).toLowerCase(Locale.ROOT)).replaceAll(" ").strip();
        if (NAME.contains(words)) return Kind.NAME;
        if (BAR_CODE.contains(words)) return Kind.BAR_CODE;
        if (LIST.contains(words)) return Kind.LIST;
        return PASSED.contains(words) ? Kind.PASSED : Kind.KEPT;
    }

    private static boolean says(String heading) {
        return Stream.of(NO_LETTERS.split(heading.toLowerCase(Locale.ROOT))).anyMatch(SAYS::contains);
    }

    /// {@return a heading without what it says in brackets, unless it says nothing else: "Nuts (please specify)"}
    static String plain(String heading) {
        var plain = IN_BRACKETS.matcher(heading).replaceAll("").strip();
        return plain.isEmpty() ? heading : plain;
    }

    /// {@return what stands over each column: a cell that was merged reaches to the next one}
    private static List<String> bands(List<String> row, List<String> above) {
        var bands = new ArrayList<String>();
        var band = "";
        for (var i = 0; i < row.size(); i++) {
            // what stands over the first column is the table's own title
            var over = i == 0 || i >= above.size() ? "" : above.get(i).strip();
            if (!over.isEmpty()) band = says(over) && over.indexOf('=') < 0 ? over : "";
            bands.add(isAllergen(row.get(i)) ? band : "");
        }
        return bands;
    }
}
