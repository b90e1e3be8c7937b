package keenfork.cli;

import java.io.PrintStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import keenfork.core.food.Prices;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Avoidances;
import keenfork.core.regime.RuleBook;
import keenfork.core.search.Budget;
import keenfork.core.swap.Context;
import keenfork.core.swap.SwapPlanner;
import keenfork.format.Json;
import keenfork.format.PriceCsv;
import keenfork.format.SwapJson;

/// `swap`: plans that let people eat a dish who avoid something.
final class Swap {
    private Swap() {}

    static boolean run(List<String> words, PrintStream out, PrintStream errors) throws Options.Wrong {
        var options = Options.of(words, Set.of("avoid", "regime", "volumes", "plans", "format", "prices"));
        var regime = options.regime();
        var format = options.oneOf("format", "text", List.of("text", "json"));
        var most = options.number("plans", 5, 1, 50);
        var named = Arrays.stream(options.values().getOrDefault("avoid", "").split(",")).map(String::strip)
                .filter(s -> !s.isEmpty()).toList();
        if (named.isEmpty()) throw new Options.Wrong("say what to avoid, such as --avoid eggs,fish,cashew,vegan");
        var avoid = avoidances(named, regime);
        var volumes = options.volumes();
        var prices = prices(options);
        var kitchen = Kitchen.of(options.files(), volumes, regime, errors);
        var answers = kitchen.dishes().stream().map(d -> SwapJson.of(d.file().toString(), named,
                new SwapPlanner(new Context(kitchen.facts(), regime, volumes).withPrices(prices), avoid)
                        .plan(d.recipe(), most, Budget.USUAL),
                regime, !prices.isEmpty())).toList();
        if (format.equals("json")) out.println(Json.write(answers));
        else answers.forEach(a -> print(a, out));
        return kitchen.allRead();
    }

    private static Prices prices(Options options) throws Options.Wrong {
        var file = options.values().get("prices");
        if (file == null) return Prices.NONE;
        try {
            return PriceCsv.read(Options.table(file));
        } catch (PriceCsv.Unreadable e) {
            throw new Options.Wrong(file + ": " + e.getMessage());
        }
    }

    private static List<Avoidance> avoidances(List<String> named, RuleBook regime) throws Options.Wrong {
        var avoid = new ArrayList<Avoidance>();
        for (var word : named) {
            var read = Avoidances.of(word, regime);
            for (var refused : read.refused())
                throw new Options.Wrong(
                        "“%s” is no allergen of the %s rule book, no member of one, no diet and no food%s".formatted(
                                refused.words(), regime.name(),
                                refused.couldMean().isEmpty() ? ""
                                        : "; it could mean: " + String.join("; ", refused.couldMean())));
            for (var one : read.all()) if (!avoid.contains(one)) avoid.add(one);
        }
        return avoid;
    }

    private static void print(String what, List<String> words, PrintStream out) {
        for (var word : words) out.println("      " + what + ": " + word);
    }

    private static void print(SwapJson answer, PrintStream out) {
        out.println(answer.dish() + ", avoiding: " + String.join(", ", answer.avoid()));
        var number = 1;
        for (var plan : answer.plans()) {
            out.println("  plan %d, close %s, ready in %d to %d min%s".formatted(number++, plan.fidelity(),
                    plan.lead().low(), plan.lead().high(),
                    plan.bringsIn().isEmpty() ? "" : ", brings in " + String.join(", ", plan.bringsIn())));
            for (var m : plan.moves())
                out.println("      " + m.line() + " (" + m.role() + "): " + m.move().replace('-', ' ')
                        + (m.with().isEmpty() ? ""
                                : " with " + String.join(", ", m.with().stream().map(SwapJson.With::text).toList())));
            print("notice", List.of(plan.notice()), out);
            print("prepare", plan.prepare(), out);
            print("balance", plan.balance(), out);
            if (plan.cost() != null && !plan.cost().words().isEmpty())
                print("cost", List.of(plan.cost().words()), out);
            for (var step : plan.steps())
                out.println("      " + (step.write() ? "write this step anew, it was: " : "") + step.text());
        }
        for (var r : answer.rejected())
            out.println("  turned down: %s for %s: %s".formatted(r.with(), r.line(), r.because()));
        for (var b : answer.blocked()) out.println("  blocked: %s: %s; %s".formatted(b.line(), b.avoid(), b.nearest()));
        if (answer.plans().isEmpty() && answer.blocked().isEmpty())
            out.println("  nothing to change: nothing of that was found in what was written");
        out.println("  Nothing found means nothing in what was recorded. The pack and your local food law rule.");
    }
}
