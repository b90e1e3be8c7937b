package keenfork.cli;

import java.io.PrintStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import keenfork.core.covers.Coverage;
import keenfork.core.covers.GuestGroup;
import keenfork.core.covers.GuestList;
import keenfork.core.covers.MenuDish;
import keenfork.core.covers.Serving;
import keenfork.core.kitchen.RunEffort;
import keenfork.core.run.Figures;
import keenfork.core.regime.RuleBook;
import keenfork.core.swap.Context;
import keenfork.format.CoversJson;
import keenfork.format.GroupCsv;
import keenfork.format.Json;

/// `covers`: who of some groups can eat what, and the least change that feeds everyone.
final class Covers {
    /// all files of a call are one course
    private static final String COURSE = "menu";
    private static final int PLANS = 3;

    private Covers() {}

    static boolean run(List<String> words, PrintStream out, PrintStream errors) throws Options.Wrong {
        var planned = words.contains("--plan");
        var options = Options.of(words.stream().filter(w -> !w.equals("--plan")).toList(),
                Set.of("groups", "regime", "volumes", "least", "format"));
        var regime = options.regime();
        var format = options.oneOf("format", "text", List.of("text", "json"));
        var least = options.number("least", 1, 1, 50);
        var groups = groups(options, regime);
        var volumes = options.volumes();
        var kitchen = Kitchen.of(options.files(), volumes, regime, errors);
        var menu = menu(kitchen);
        var plans = !planned || menu.isEmpty() ? List.<keenfork.core.covers.ServePlan>of()
                : new Serving(new Context(kitchen.facts(), regime, volumes), menu, groups, least,
                        new RunEffort(Figures.SHIPPED)).plans(PLANS);
        var answer = CoversJson.of(groups, Coverage.of(menu, groups), plans);
        if (format.equals("json")) out.println(Json.write(answer));
        else print(answer, out);
        return kitchen.allRead();
    }

    private static List<GuestGroup> groups(Options options, RuleBook regime) throws Options.Wrong {
        var file = options.values().get("groups");
        if (file == null) throw new Options.Wrong("say who is coming: --groups GROUPS.csv "
                + "(name,count,avoids,strictness)");
        try {
            return GroupCsv.read(Options.table(file), regime).stream()
                    .map(GuestList.Entry::group).toList();
        } catch (GroupCsv.Unreadable e) {
            throw new Options.Wrong(file + ": " + e.getMessage());
        }
    }

    /// A dish called as another one with a comma behind, "Slaw, vegan", is a variant of it.
    private static List<MenuDish> menu(Kitchen kitchen) {
        var menu = new ArrayList<MenuDish>();
        for (var dish : kitchen.dishes()) {
            var name = dish.recipe().name();
            if (kitchen.dishes().stream().anyMatch(d -> name.startsWith(d.recipe().name() + ", "))) continue;
            menu.add(new MenuDish(kitchen.derive(dish), COURSE, kitchen.dishes().stream()
                    .filter(d -> d.recipe().name().startsWith(name + ", ")).map(kitchen::derive).toList()));
        }
        return menu;
    }

    private static void print(CoversJson answer, PrintStream out) {
        for (var group : answer.groups()) {
            out.println("%s, %d: %s%s".formatted(group.name(), group.count(),
                    group.understood().isEmpty() ? "eat everything" : String.join("; ", group.understood()),
                    group.refused().isEmpty() ? ""
                            : "; NOT UNDERSTOOD, so never counted as fed: " + String.join("; ", group.refused())));
            answer.coverage().stream().filter(c -> c.group().equals(group.name())).forEach(c -> out.println(
                    "    %-10s  %s%s".formatted(c.how().replace('-', ' '), c.dish(),
                            c.because().isEmpty() ? "" : ": " + String.join("; ", c.because()))));
        }
        var number = 1;
        for (var plan : answer.plans()) {
            out.println("plan %d%s".formatted(number++, plan.proved() ? ", nothing better is possible"
                    : ", best found; no plan leaves fewer than %d people unfed".formatted(plan.bound())));
            for (var change : plan.changes())
                out.println("    %s: %s".formatted(change.dish(), change.text()));
            if (plan.changes().isEmpty()) out.println("    nothing to change");
            for (var unfed : plan.unfed())
                out.println("    still too little for %s (%s)".formatted(unfed.group(), unfed.course()));
            for (var small : plan.smallDishes())
                out.println("    a small dish of their own would do: %s, for %d (%s; %s)".formatted(small.name(),
                        small.people(), String.join(", ", small.groups()), small.course()));
        }
        out.println("Nothing found means nothing in what was recorded. The pack and your local food law rule.");
    }
}
