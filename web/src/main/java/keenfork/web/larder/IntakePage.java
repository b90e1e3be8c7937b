package keenfork.web.larder;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import keenfork.format.SupplierCsv;
import keenfork.web.kitchen.Menu;
import keenfork.web.larder.DeclarationView.GroupFound;
import keenfork.web.page.Format;

/// A table of packs that was looked at, with what each of them says.
///
/// @param said what the declaration of each row holds, in the order of the rows; empty where it is unread or refused
record IntakePage(Intake intake, List<String> said) {
    IntakePage {
        said = List.copyOf(said);
    }

    static IntakePage of(Intake intake, Menu menu, Format format) {
        return new IntakePage(intake, IntStream.range(0, intake.rows().size())
                .mapToObj(i -> i < SupplierCsv.MOST_ROWS ? said(intake.rows().get(i), menu, format) : "").toList());
    }

    private static String said(Intake.IntakeRow row, Menu menu, Format format) {
        if (row.pack() == null || !row.pack().isRead()) return "";
        var words = DeclarationView.of(PackForm.read(row.pack().declaration(), row.pack().law()), menu.ruleBook(),
                format);
        var parts = new ArrayList<String>();
        if (!words.in().isEmpty()) parts.add("Contains " + names(words.in()) + ".");
        if (!words.may().isEmpty()) parts.add("May contain " + names(words.may()) + ".");
        if (!words.questions().isEmpty())
            parts.add(format.count(words.questions().size(), "question", "questions") + " to the supplier.");
        return parts.isEmpty() ? "Nothing of the " + menu.ruleBook().name() + " list." : String.join(" ", parts);
    }

    private static String names(List<GroupFound> groups) {
        return groups.stream().map(GroupFound::name).collect(Collectors.joining(", "));
    }

    /// {@return the rows of the table that were taken for no product, one after the other}
    public String passedOver() { return String.join(" · ", intake.passedOver()); }
}
