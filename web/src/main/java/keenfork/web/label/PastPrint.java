package keenfork.web.label;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.label.Kind;
import keenfork.core.label.Language;
import keenfork.paper.GuestView;
import keenfork.paper.LabelView;
import keenfork.web.page.Format;
import keenfork.web.persistence.label.Labels;

/// Labels that were printed, and what they say.
///
/// @param kind      what kind of label
/// @param sentences what it says
/// @param canSetAgain whether it can be shown as it was printed
record PastPrint(Labels.Printed printed, String kind, List<String> sentences, boolean canSetAgain) {
    static PastPrint of(Labels.Printed printed, Composing composing) {
        var kind = Kind.named(printed.print().kind()).map(Kind::words).orElse(printed.print().kind());
        if (printed.print().says().isEmpty())
            return new PastPrint(printed, kind, printed.statement().lines().skip(1).toList(), false);
        return switch (composing.printed(printed)) {
            case LabelView label -> new PastPrint(printed,
                    label.language().equals(Language.english()) ? kind
                            : "%s, %s".formatted(kind, label.language().name()),
                    Stream.concat(Stream.of(label.listed()).filter(l -> !l.isEmpty()),
                            label.said().stream().map(s -> s.words().text())).toList(),
                    true);
            case GuestView card -> new PastPrint(printed, kind,
                    card.part().stream().map(p -> p.head() + ": " + String.join(", ", p.names()) + ".").toList(), true);
        };
    }

    /// {@return when it came out, by whom, where it went, and how many came back}
    public String facts(Format format) {
        var back = printed.takenBack() == 0 ? "" : printed.takenBack() + " taken back";
        return Stream.of(format.moment(printed.printed()), printed.print().by(), printed.print().place(), back)
                .filter(w -> !w.isEmpty()).collect(Collectors.joining(", "));
    }

    /// {@return the kind as it stands in a sentence: `counter card`}
    public String inWords() { return kind.toLowerCase(Locale.UK); }
}
