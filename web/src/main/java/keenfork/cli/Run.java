package keenfork.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import keenfork.core.food.Words;
import keenfork.core.run.Batch;
import keenfork.core.run.Conditions;
import keenfork.core.run.ContactPolicy;
import keenfork.core.run.Day;
import keenfork.core.run.Equipment;
import keenfork.core.run.Figures;
import keenfork.core.run.Flow;
import keenfork.core.run.Sequencer;
import keenfork.core.run.Told;
import keenfork.core.run.ToldText;
import keenfork.core.trace.Derivation;
import keenfork.format.Json;
import keenfork.format.KitText;
import keenfork.format.RunCalendar;
import keenfork.format.RunJson;

/// `run`: the order of some dishes over the shared kit of one kitchen.
final class Run {
    private static final String USUAL = "2000-01-01T17:30";

    private Run() {}

    static boolean run(List<String> words, PrintStream out, PrintStream errors) throws Options.Wrong {
        var options = Options.of(words,
                Set.of("regime", "volumes", "school", "format", "cooks", "serve", "opens", "kit", "told"));
        var format = options.oneOf("format", "text", List.of("text", "json", "ics"));
        var school = ContactPolicy
                .valueOf(options.oneOf("school", "strict", List.of("strict", "measured")).toUpperCase(Locale.ROOT));
        var kitchen = Kitchen.of(options.files(), options.volumes(), options.regime(), errors);
        var dishes = kitchen.dishes().stream().map(kitchen::derive).toList();
        var portions = Flow.portions(dishes.stream().map(Derivation::recipe).toList(), Map.of());
        var equipment = equipment(options);
        var batches = Batch.together(dishes.stream()
                .flatMap(d -> Batch.of(d,
                        portions.getOrDefault(Words.key(d.recipe().name()), Batch.portions(d.recipe())), List.of(),
                        equipment.figures())
                        .stream())
                .toList());
        var serve = serve(options);
        var day = new Day(options.number("cooks", 2, 1, 50), available(options, serve));
        var conditions = Conditions.USUAL.with(school).with(equipment).with(day)
                .with(told(options, equipment, day, serve, batches));
        var best = Sequencer.order(batches, conditions);
        if (format.equals("ics")) {
            out.print(RunCalendar.write(best.schedule(), serve, serve.toInstant(ZoneOffset.UTC)));
            return kitchen.allRead();
        }
        var answer = new RunJson(school.name().toLowerCase(Locale.ROOT), RunJson.Order.of(best, best.worth()),
                RunJson.Order.of(Sequencer.unwashed(batches, conditions), ""), RunJson.Day.of(best, serve));
        if (format.equals("json")) out.println(Json.write(answer));
        else print(answer, out);
        return kitchen.allRead();
    }

    /// The kitchen's pieces from a file; the usual ones without.
    private static Equipment equipment(Options options) throws Options.Wrong {
        var file = options.values().get("kit");
        if (file == null) return Equipment.USUAL;
        try {
            return new Equipment(KitText.pieces(Files.readString(Path.of(file)), options.regime()), Figures.SHIPPED);
        } catch (IOException | InvalidPathException e) {
            throw new Options.Wrong("the kit file %s cannot be read".formatted(file));
        } catch (IllegalArgumentException e) {
            throw new Options.Wrong("%s, %s".formatted(file, e.getMessage()));
        }
    }

    /// What else holds on the day, from a file with a line for each.
    private static Told told(Options options, Equipment equipment, Day day, LocalDateTime serve, List<Batch> batches)
            throws Options.Wrong {
        var file = options.values().get("told");
        if (file == null) return Told.NOTHING;
        try {
            return ToldText.read(Files.readString(Path.of(file)), equipment, day.cooks(), serve.toLocalTime(),
                    batches.stream().map(Batch::dish).toList());
        } catch (IOException | InvalidPathException e) {
            throw new Options.Wrong("the file %s of what else holds on the day cannot be read".formatted(file));
        } catch (IllegalArgumentException e) {
            throw new Options.Wrong("%s, %s".formatted(file, e.getMessage()));
        }
    }

    /// Minutes from when the kitchen opens until all must be ready; a whole day where nobody says when it opens.
    private static int available(Options options, LocalDateTime serve) throws Options.Wrong {
        var text = options.values().get("opens");
        if (text == null) return Day.USUAL.minutes();
        try {
            var minutes = Duration.between(LocalTime.parse(text), serve.toLocalTime()).toMinutes();
            if (minutes < 1)
                throw new Options.Wrong("the kitchen opens at %s, and all must be ready at %s: there is no time between"
                        .formatted(text, serve.toLocalTime()));
            return (int) minutes;
        } catch (DateTimeParseException e) {
            throw new Options.Wrong("--opens is a time such as 08:00, not \"%s\"".formatted(text));
        }
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
        var day = answer.day();
        out.println("the day with %d cooks, from %s to %s:".formatted(day.cooks(), day.starts().substring(11),
                day.serve().substring(11)));
        if (day.late() > 0)
            out.println("  It does not fit: %d min too long. It hangs on %s.".formatted(day.late(),
                    String.join("; ", day.blocks())));
        for (var r : day.remarks()) out.println("  " + r);
        for (var c : day.choices()) out.println("  " + c);
        for (var s : day.stocks()) out.println("  " + s.what());
        for (var p : day.placed()) out.println("  %s  cook %d  %s".formatted(when(p), p.cook(), what(p)));
        out.println("Estimates order the work. They never drop a warning.");
    }

    private static String when(RunJson.Placed p) {
        return p.kind().equals("day-before") ? "the day before"
                : p.from().substring(11) + "–" + p.until().substring(11);
    }

    private static String what(RunJson.Placed p) {
        if (p.kind().equals("clean")) return p.what() + ", before " + p.batch();
        return (p.held().isEmpty() ? "" : "[fresh hands, spoon and cloth] ") + p.batch() + ": " + p.what()
                + (p.goes() > 1 ? " (in " + p.goes() + " goes)" : "");
    }

    private static void print(String title, RunJson.Order order, PrintStream out) {
        out.println("%s: %d contacts, %d washes, %d min. %s"
                .formatted(title, order.contacts(), order.washes(), order.minutes(), order.worth()).strip());
        for (var turn : order.turns()) {
            for (var c : turn.cleans()) out.println("    -- %s: %s --".formatted(c.piece(), c.clean()));
            out.println("  %s, over %s".formatted(turn.batch(),
                    String.join(", ", turn.over().stream().map(RunJson.Over::piece).distinct().toList())));
            for (var a : turn.asks()) out.println("           asks: " + a.ask());
            for (var c : turn.carried())
                out.println("           contact: %s, %s (%s)".formatted(c.substance(), c.how(), c.estimate()));
        }
    }
}
