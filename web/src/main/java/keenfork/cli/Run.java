package keenfork.cli;

import java.io.PrintStream;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import keenfork.core.run.Batch;
import keenfork.core.run.Clean;
import keenfork.core.run.School;
import keenfork.core.run.Sequencer;
import keenfork.format.Json;
import keenfork.format.RunJson;

/// `run`: the order of the blended batches of some dishes on one blender.
final class Run {
    private Run() {}

    static boolean run(List<String> words, PrintStream out, PrintStream errors) throws Options.Wrong {
        var options = Options.of(words, Set.of("regime", "volumes", "school", "format"));
        var format = options.oneOf("format", "text", List.of("text", "json"));
        var school = School.valueOf(options.oneOf("school", "strict", List.of("strict", "measured")).toUpperCase(Locale.ROOT));
        var kitchen = Kitchen.of(options.files(), options.volumes(), options.regime(), errors);
        var batches = kitchen.dishes().stream().map(kitchen::derive).flatMap(d -> Batch.blended(d).stream()).toList();
        var answer = new RunJson(school.name().toLowerCase(Locale.ROOT), RunJson.Order.of(Sequencer.order(batches, school, batches.size())),
                RunJson.Order.of(Sequencer.score(batches, Collections.nCopies(batches.size(), Clean.NONE), school)));
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
            if (turn.clean().equals("wash")) out.println("    -- full wash --");
            out.println("  %3d min  %s".formatted(turn.from(), turn.batch()));
            for (var c : turn.carried()) out.println("           contact: %s, %s (%s)".formatted(c.substance(), c.how(), c.estimate()));
        }
    }
}
