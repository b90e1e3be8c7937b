package keenfork.web.larder;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import keenfork.core.kitchen.LarderPack;
import keenfork.core.regime.RuleBook;
import keenfork.format.PackCsv;
import keenfork.format.SupplierCsv;
import keenfork.web.kitchen.Menu;
import keenfork.web.persistence.Stored;
import org.jspecify.annotations.Nullable;

/// A table of packs about to be taken in: every row with what would become of it, before anything is stored.
///
/// @param rows       every row, in the order of the table
/// @param supplied   whether it is a supplier's own table, whose products the cook says what they are used for
/// @param passedOver the rows of a supplier's table that name no product
record Intake(List<IntakeRow> rows, boolean supplied, List<String> passedOver) {
    /// what becomes of a row
    enum Fate { NEW, SPARE, CHANGED, SAME, REFUSED }

    /// A row.
    ///
    /// @param line    the line of the table it ends on
    /// @param label   what it is called
    /// @param why     what is new about it, or why it is refused
    /// @param target  the pack it changes, or 0
    /// @param version the version of that pack it was compared with
    /// @param pack    what would be stored, or null where it is refused
    record IntakeRow(long line, Fate fate, String label, String food, String why, long target, long version,
            @Nullable LarderPack pack) {
        /// {@return how it looks}
        public String look() { return fate.name().toLowerCase(Locale.ROOT); }
    }

    Intake {
        rows = List.copyOf(rows);
        passedOver = List.copyOf(passedOver);
    }

    static Intake of(IntakeForm form, Menu menu) throws PackCsv.Unreadable {
        if (!PackCsv.isOwn(form.table())) return supplied(form, menu);
        return new Intake(once(PackCsv.read(form.table()).stream().map(r -> row(r, menu)).toList()), false, List.of());
    }

    /// Each product of a supplier's table, for the food that the cook says, or else that its name does.
    private static Intake supplied(IntakeForm form, Menu menu) throws PackCsv.Unreadable {
        var table = SupplierCsv.read(form.table());
        var law = form.law().isEmpty() ? menu.ruleBook().id() : law(form.law());
        var rows = new ArrayList<IntakeRow>();
        for (var product : table.products()) {
            var food = form.food(rows.size(), product.food(), table.products().size());
            var pack = new PackForm(food, product.label(), product.barCode(), law, product.declaration(), "", "");
            var wrong = pack.wrong();
            rows.add(wrong.isEmpty() ? fate(product.line(), pack, null, menu)
                    : new IntakeRow(product.line(), Fate.REFUSED, pack.label(), food, wrong, 0, 0, null));
        }
        return new Intake(once(rows), true, table.passedOver());
    }

    /// of a pack that stands twice, the first is taken
    private static List<IntakeRow> once(List<IntakeRow> read) {
        var rows = new ArrayList<IntakeRow>();
        var seen = new HashSet<String>();
        for (var one : read) {
            var key = one.food.toLowerCase(Locale.ROOT) + "|" + one.label.toLowerCase(Locale.ROOT);
            rows.add(one.fate == Fate.REFUSED || seen.add(key) ? one
                    : new IntakeRow(one.line, Fate.REFUSED, one.label,
                            one.food, "This pack stands in the table twice. Leave one row.", 0, 0, null));
        }
        return rows;
    }

    private static IntakeRow row(PackCsv.PackRecord row, Menu menu) {
        var form = new PackForm(row.cell("food"), row.cell("name").isEmpty() ? row.cell("food") : row.cell("name"),
                row.cell("bar code"), law(row.cell("printed under")), row.cell("declaration"), "", "");
        var wrong = form.wrong();
        if (wrong.isEmpty() && law(row.cell("printed under")).isEmpty())
            wrong = "“%s” is no rule book. Write %s, or unknown.".formatted(row.cell("printed under"),
                    String.join(", ", RuleBook.all().stream().map(RuleBook::id).toList()));
        LocalDate readOn = null;
        try {
            readOn = row.cell("read on").isEmpty() ? null : LocalDate.parse(row.cell("read on"));
        } catch (DateTimeParseException _) {
            if (wrong.isEmpty()) wrong = "“%s” is no day. Write it as 2026-11-25.".formatted(row.cell("read on"));
        }
        if (wrong.isEmpty() && readOn != null && readOn.isAfter(menu.day()))
            wrong = "%s has not come yet, so the pack cannot have been read then.".formatted(readOn);
        if (!wrong.isEmpty())
            return new IntakeRow(row.number(), Fate.REFUSED, form.label(), form.food(), wrong, 0, 0, null);
        return fate(row.number(), form, readOn, menu);
    }

    private static String law(String cell) {
        var word = cell.strip().toLowerCase(Locale.ROOT);
        return word.isEmpty() || word.equals("unknown") ? "unknown" : RuleBook.named(word).map(RuleBook::id).orElse("");
    }

    private static IntakeRow fate(long line, PackForm form, @Nullable LocalDate readOn, Menu menu) {
        var before = menu.packs().stream().filter(p -> isSame(p.value(), form)).findFirst();
        var day = readOn == null ? menu.day() : readOn;
        var read = form.declaration().isBlank() ? null : day;
        if (before.isEmpty()) {
            var usual =
                    menu.packs().stream().anyMatch(p -> p.value().food().equals(form.foodName()) && !p.value().spare());
            var pack = new LarderPack(form.foodName(), form.label(), form.barCode(), form.lawId(), form.declaration(),
                    read, usual, null);
            return new IntakeRow(line, usual ? Fate.SPARE : Fate.NEW, form.label(), form.foodName(),
                    form.declaration().isBlank() ? "unread" : "", 0, 0, pack);
        }
        return changed(line, form, read, before.get());
    }

    private static boolean isSame(LarderPack pack, PackForm form) {
        return !form.barCode().isEmpty() && pack.barCode().equals(form.barCode())
                || pack.label().equalsIgnoreCase(form.label()) && pack.food().equals(form.foodName());
    }

    private static IntakeRow changed(long line, PackForm form, @Nullable LocalDate read, Stored<LarderPack> before) {
        var p = before.value();
        // an empty cell is no statement: it takes no declaration away that was read
        if (form.declaration().isBlank() && p.isRead())
            return new IntakeRow(line, Fate.REFUSED, form.label(), form.foodName(),
                    "Its declaration is empty here, and read in the larder. An empty cell takes nothing away.", 0, 0,
                    null);
        var pack =
                new LarderPack(form.foodName(), form.label(), form.barCode().isEmpty() ? p.barCode() : form.barCode(),
                        form.lawId(), form.declaration(), read, p.spare(), p.standsInOn());
        var why = new ArrayList<String>();
        if (!p.declaration().equals(pack.declaration())) why.add("declaration");
        if (!p.food().equals(pack.food())) why.add("what it is used for");
        if (!p.label().equals(pack.label())) why.add("name");
        if (!p.barCode().equals(pack.barCode())) why.add("bar code");
        if (!p.law().equals(pack.law())) why.add("printed under");
        if (!Objects.equals(p.readOn(), pack.readOn())) why.add("day it was read");
        return new IntakeRow(line, why.isEmpty() ? Fate.SAME : Fate.CHANGED, form.label(), form.foodName(),
                String.join(", ", why), before.id(), before.version(), pack);
    }

    long count(Fate fate) { return rows.stream().filter(r -> r.fate == fate).count(); }

    public long taken() { return count(Fate.NEW) + count(Fate.SPARE) + count(Fate.CHANGED); }

    public long refused() { return count(Fate.REFUSED); }

    public long same() { return count(Fate.SAME); }

    /// {@return a number that is another one as soon as any row's fate is another one}
    public String seal() {
        return Integer.toHexString(
                rows.stream().map(r -> r.fate + "|" + r.target + "|" + r.version + "|" + r.pack).toList().hashCode());
    }
}
