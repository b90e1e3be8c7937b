package keenfork.cli;

import java.io.PrintStream;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import keenfork.core.run.Batch;
import keenfork.core.run.Schedule;
import keenfork.core.run.School;
import keenfork.core.run.Sequencer;
import keenfork.format.Json;
import keenfork.format.RunCalendar;
import keenfork.format.RunJson;

/// `run`: the order of some dishes over the shared kit of one kitchen.
final class Run {
    private static final String USUAL = "2000-01-01T17:30";

    private Run() {}

    static boolean run(List<String> words, PrintStream out, PrintStream errors) throws Options.Wrong {
        var options = Options.of(words, Set.of("regime", "volumes", "school", "format", "cooks", "serve"));
        var format = options.oneOf("format", "text", List.of("text", "json", "ics"));
        var school = School.valueOf(options.oneOf("school", "strict", List.of("strict", "measured")).toUpperCase(Locale.ROOT));
        var kitchen = Kitchen.of(options.files(), options.volumes(), options.regime(), errors);
        var batches = kitchen.dishes().stream().map(kitchen::derive).flatMap(d -> Batch.of(d).stream()).toList();
        var serve = serve(options);
        var best = Sequencer.order(batches, school);
        var schedule = Schedule.of(best, options.number("cooks", 2, 1, 50));
        if (format.equals("ics")) {
            out.print(RunCalendar.write(schedule, serve, serve.toInstant(ZoneOffset.UTC)));
            return kitchen.allRead();
        }
        var answer = new RunJson(school.name().toLowerCase(Locale.ROOT), RunJson.Order.of(best),
                RunJson.Order.of(Sequencer.score(batches, Collections.nCopies(batches.size(), Map.of()), school)), RunJson.Day.of(schedule, serve));
        if (format.equals("json")) out.println(Json.write(answer));
        else print(answer, out);
        return kitchen.allRead();
    }

    /// When all must be ready. Where no day is said, no day is guessed: the same files give the same answer on any day.
    private static LocalDateTime serve(Options options) throws Options.Wrong {
        var text = options.values().getOrDefault("serve", USUAL);
        try {
            return LocalDateTime.parse(text);
        } catch (DateTimeParseException e) {
            throw new Options.Wrong("--serve is a day and a time such as 2026-11-27T17:30, not \"%s\"".formatted(text));
        }
    }

    private static void print(RunJson answer, PrintStream out) {
        print("best order", answer.best(), out);
        print("order given, without washes", answer.given(), out);
        out.println("the day with %d cooks, from %s to %s:".formatted(answer.day().cooks(), answer.day().starts().substring(11), answer.day().serve().substring(11)));
        for (var p : answer.day().placed())
            out.println("  %s  cook %d  %s".formatted(p.kind().equals("day-before") ? "the day before" : p.from().substring(11) + "–" + p.until().substring(11), p.cook(),
                    p.kind().equals("clean") ? p.what() + ", before " + p.batch() : p.batch() + ": " + p.what()));
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
