package keenfork.cli;

import java.io.PrintStream;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import keenfork.core.run.Batch;
import keenfork.core.run.School;
import keenfork.core.run.Sequencer;
import keenfork.format.Json;
import keenfork.format.RunJson;

/// `run`: the order of some dishes over the shared kit of one kitchen.
final class Run {
    private Run() {}

    static boolean run(List<String> words, PrintStream out, PrintStream errors) throws Options.Wrong {
        var options = Options.of(words, Set.of("regime", "volumes", "school", "format"));
        var format = options.oneOf("format", "text", List.of("text", "json"));
        var school = School.valueOf(options.oneOf("school", "strict", List.of("strict", "measured")).toUpperCase(Locale.ROOT));
        var kitchen = Kitchen.of(options.files(), options.volumes(), options.regime(), errors);
        var batches = kitchen.dishes().stream().map(kitchen::derive).flatMap(d -> Batch.of(d).stream()).toList();
        var answer = new RunJson(school.name().toLowerCase(Locale.ROOT), RunJson.Order.of(Sequencer.order(batches, school)),
                RunJson.Order.of(Sequencer.score(batches, Collections.nCopies(batches.size(), Map.of()), school)));
        if (format.equals("json")) out.println(Json.write(answer));
        else print(answer, out);
        return kitchen.allRead();
    }

    private static void print(RunJson answer, PrintStream out) {
        print("best order", answer.best(), out);
        print("order given, without washes", answer.given(), out);
        out.println("Estimates order the work. They never drop a warning.");
    }

    private static void print(String title, RunJson.Order order, PrintStream out) {
        out.println("%s: %d contacts, %d washes, %d min".formatted(title, order.contacts(), order.washes(), order.minutes()));
        for (var turn : order.turns()) {
            for (var c : turn.cleans()) out.println("    -- %s: %s --".formatted(c.kit(), c.clean()));
            out.println("  %3d min  %s, over %s".formatted(turn.from(), turn.batch(), String.join(", ", turn.over().stream().map(RunJson.Over::kit).toList())));
            for (var c : turn.carried()) out.println("           contact: %s, %s (%s)".formatted(c.substance(), c.how(), c.estimate()));
        }
    }
}
