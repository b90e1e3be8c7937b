package keenfork.cli;

import java.io.PrintStream;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import keenfork.core.label.Claim;
import keenfork.core.label.KeepBy;
import keenfork.core.label.Kind;
import keenfork.core.label.Language;
import keenfork.core.label.PrintedStatement;
import keenfork.core.label.Statement;
import keenfork.core.label.Wording;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.format.Json;
import keenfork.format.LabelJson;
import org.jspecify.annotations.Nullable;

/// `label`: what the label of each dish says, without a server.
final class Label {
    private static final List<String> KINDS = List.of("card", "tub", "menu", "folder");

    private Label() {}

    static boolean run(List<String> words, PrintStream out, PrintStream errors) throws Options.Wrong {
        var options = Options.of(words, Set.of("kind", "regime", "volumes", "language", "claim", "made", "format"));
        var regime = options.regime();
        var format = options.oneOf("format", "text", List.of("text", "json", "pdf"));
        var kind = Kind.named(options.oneOf("kind", "card", KINDS)).orElseThrow();
        var language = language(options);
        var claimed = Arrays.stream(options.values().getOrDefault("claim", "").split(",")).map(String::strip)
                .filter(c -> !c.isEmpty()).toList();
        var made = made(options);
        var kitchen = Kitchen.of(options.files(), options.volumes(), regime, errors);
        if (format.equals("pdf")) {
            if (made == null) throw new Options.Wrong("a label says when its food was made: give --made 2026-11-27");
            if (!kitchen.dishes().isEmpty())
                out.writeBytes(LabelPages.of(kitchen.dishes().stream().map(kitchen::derive).toList(), kind,
                        new LabelPages.Reading(regime, language, claimed, made)));
            return kitchen.allRead();
        }
        var labels = new ArrayList<LabelJson>();
        for (var dish : kitchen.dishes()) {
            var derived = kitchen.derive(dish);
            var said = PrintedStatement.inLanguages(derived, regime, language);
            labels.add(LabelJson.of(said, kind, claims(claimed, derived, regime, language),
                    kind.isPacked() && made != null ? keep(derived, made, said) : ""));
        }
        if (format.equals("json")) Json.write(labels.stream(), out);
        else labels.forEach(l -> print(l, out));
        return kitchen.allRead();
    }

    private static Language language(Options options) throws Options.Wrong {
        var id = options.values().getOrDefault("language", "en");
        return Language.named(id).orElseThrow(() -> new Options.Wrong("no language \"%s\"; there are %s".formatted(id,
                String.join(", ", Language.all().stream().map(Language::id).toList()))));
    }

    private static @Nullable LocalDate made(Options options) throws Options.Wrong {
        var day = options.values().get("made");
        try {
            return day == null ? null : LocalDate.parse(day);
        } catch (DateTimeException e) {
            throw new Options.Wrong("--made is a day such as 2026-11-27, not \"%s\"".formatted(day));
        }
    }

    /// Only what stands is claimed, whatever was asked for.
    private static List<String> claims(List<String> asked, Derivation dish, RuleBook regime, Language language)
            throws Options.Wrong {
        var all = Claim.of(dish, regime, null);
        for (var id : asked)
            if (all.stream().noneMatch(c -> c.diet().id().equals(id)))
                throw new Options.Wrong("no claim \"%s\"; there are %s".formatted(id,
                        String.join(", ", all.stream().map(c -> c.diet().id()).toList())));
        return all.stream().filter(c -> c.stands() && asked.contains(c.diet().id())).map(c -> language.word(c.words()))
                .toList();
    }

    /// in each of the label's languages
    private static String keep(Derivation dish, LocalDate made, List<Statement> said) {
        var keeps = KeepBy.of(dish);
        return said.stream().map(s -> new Wording(s.ruleBook(), s.language()))
                .map(w -> w.keep(made.plusDays(keeps.days()), keeps.mark())).collect(Collectors.joining(" "));
    }

    private static void print(LabelJson label, PrintStream out) {
        out.println(label.text());
        for (var claim : label.claims()) out.println("  claims: " + claim);
        for (var h : label.held()) out.println("  may not be printed yet, " + h);
        out.println("  What is on the pack and your local food law go before.");
    }
}
