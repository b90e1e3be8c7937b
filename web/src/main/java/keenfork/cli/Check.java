package keenfork.cli;

import java.io.PrintStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import keenfork.core.trace.Beside;
import keenfork.format.CheckJson;
import keenfork.format.Json;

/// `check`: what each dish carries, how surely, and why.
final class Check {
    private Check() {}

    static boolean run(List<String> words, PrintStream out, PrintStream errors) throws Options.Wrong {
        var options = Options.of(words, Set.of("regime", "volumes", "format"));
        var regime = options.regime();
        var format = options.oneOf("format", "text", List.of("text", "json"));
        var kitchen = Kitchen.of(options.files(), options.volumes(), regime, errors);
        var derived = kitchen.dishes().stream().map(kitchen::derive).toList();
        var checks = new ArrayList<CheckJson>();
        for (var i = 0; i < derived.size(); i++)
            checks.add(CheckJson.of(kitchen.dishes().get(i).file().toString(), derived.get(i), regime));
        if (format.equals("json")) Json.write(checks.stream(), out);
        else for (var i = 0; i < checks.size(); i++) print(checks.get(i), derived.get(i).beside(regime), out);
        return kitchen.allRead();
    }

    private static void print(CheckJson check, List<Beside> beside, PrintStream out) {
        out.println(check.dish() + "  (" + check.file() + ", " + check.regime() + ")");
        if (check.allergens().isEmpty()) out.println("  nothing found in what was written");
        for (var a : check.allergens()) {
            out.println("  " + a.allergen() + ": " + a.status().replace('-', ' ')
                    + (a.assumed() ? ", assumed until the pack is read" : ""));
            for (var thread : a.threads()) out.println("      " + String.join(" > ", thread.subList(1, thread.size())));
        }
        for (var b : beside)
            out.println("  beside the law's list under %s: %s".formatted(b.group().id(), b.substance().name()));
        for (var line : check.lines())
            line.read_as().forEach(
                    (words, as) -> out.println("  read as: “%s” as %s, in %s".formatted(words, as, line.text())));
        for (var d : check.diets())
            out.println("  " + d.diet() + ": " + d.verdict().replace('-', ' ')
                    + (d.because().isEmpty() ? "" : " (" + d.because().getFirst() + ")"));
        for (var q : check.questions()) out.println("  ? " + q.line() + ": " + q.ask());
        out.println("  Nothing found means nothing in what was recorded. The pack and your local food law rule.");
    }
}
