package keenfork.core.label;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Meaning;
import keenfork.core.food.Table;
import keenfork.core.food.Words;
import keenfork.core.recipe.Line;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;

/// What the name of a dish promises beside a diet: "oil-free", "high in protein", "home-made". A label prints the name,
/// so it makes the claim.
///
/// @param says    the claim, as the table has it
/// @param against what speaks against it: foods, or the words of a step
/// @param unread  bought products that may, whose packs are not read
/// @param asks    what else it takes: evidence, a figure; empty where it takes nothing
/// @param law     where the rule stands
public record NameClaim(String says, List<String> against, List<String> unread, List<String> asks, String law) {
    private static final Set<String> KEYS = Set.of("says", "without", "asks", "eu", "us", "ca", "anz", "law");
    private static final String ANY = "* ";
    private static final Pattern HEATED = Grammar.wordOf("heated");
    private static final Pattern KEPT = Grammar.wordOf("not-fresh");
    private static final List<Rule> RULES =
            Table.blocks(NameClaim.class, "name-claims.txt", KEYS).stream().map(Rule::of).toList();

    /// What would speak against it.
    private enum Sign { HEATED, KEPT, BOUGHT, FOODS }

    private record Rule(List<String> says, Sign sign, Set<String> foods, List<String> endings, Table.Block block) {
        static Rule of(Table.Block block) {
            var without = parts(block.cell("without", ""));
            var sign = Arrays.stream(Sign.values()).filter(s -> without.contains(s.name().toLowerCase(Locale.ROOT)))
                    .findFirst().orElse(Sign.FOODS);
            var foods = sign == Sign.FOODS ? block.read("without", _ -> foods(without)) : Set.<String>of();
            return new Rule(parts(block.cell("says", "")), sign, foods,
                    without.stream().filter(w -> w.startsWith(ANY)).map(w -> w.substring(ANY.length())).toList(),
                    block);
        }

        /// by the name that the table shows, so that every name of it counts
        private static Set<String> foods(List<String> without) {
            var foods = new HashSet<String>();
            for (var name : without)
                if (!name.startsWith(ANY))
                    foods.add(Foods.shipped().find(name)
                            .orElseThrow(() -> new IllegalArgumentException("no food " + name)).name());
            return foods;
        }

        private static List<String> parts(String cell) {
            return Arrays.stream(cell.split(";")).map(String::strip).filter(s -> !s.isEmpty()).toList();
        }

        boolean speaksAgainst(Food food) {
            return foods.contains(food.name())
                    || endings.stream().anyMatch(e -> food.name().equals(e) || food.name().endsWith(" " + e));
        }

        List<String> asks(RuleBook ruleBook) {
            var book = ruleBook.id().equals("uk") ? "eu" : ruleBook.id();
            return Stream.of(block.cell("asks", ""), KEYS.contains(book) ? block.cell(book, "") : "")
                    .filter(a -> !a.isEmpty()).toList();
        }
    }

    public NameClaim {
        against = List.copyOf(against);
        unread = List.copyOf(unread);
        asks = List.copyOf(asks);
    }

    /// {@return what a dish's name promises, each judged by the dish as it is}
    public static List<NameClaim> of(Derivation dish, RuleBook ruleBook) {
        var name = " " + Words.key(dish.recipe().name()) + " ";
        var claims = new ArrayList<NameClaim>();
        for (var rule : RULES) {
            var said = rule.says.stream().filter(s -> name.contains(" " + Words.key(s) + " ")).findFirst();
            // "rich in protein" is not "rich in" as well
            if (said.isEmpty() || claims.stream().anyMatch(c -> c.says.startsWith(said.get()))) continue;
            var judge = new Judge(rule, name);
            judge.dish(dish, new HashSet<>());
            claims.add(new NameClaim(said.get(), List.copyOf(judge.against), List.copyOf(judge.unread),
                    rule.asks(ruleBook), rule.block.cell("law", "")));
        }
        return claims;
    }

    /// Goes through a dish and those that go into it.
    private static final class Judge {
        private final Rule rule;
        private final String name;
        private final Set<String> against = new LinkedHashSet<>();
        private final Set<String> unread = new LinkedHashSet<>();

        Judge(Rule rule, String name) {
            this.rule = rule;
            this.name = name;
        }

        void dish(Derivation dish, Set<String> open) {
            if (!open.add(Words.key(dish.recipe().name()))) return;
            for (var line : dish.recipe().lines()) {
                line(dish, line);
                dish.other(line).ifPresent(o -> dish(o, open));
            }
        }

        private void line(Derivation dish, Line line) {
            var foods = line.choices().stream().flatMap(c -> Stream.concat(Stream.of(c.main()), c.others().stream()))
                    .filter(Meaning.OfFood.class::isInstance).map(m -> ((Meaning.OfFood) m).food()).toList();
            switch (rule.sign) {
                case KEPT -> Stream.of(line.text()).filter(KEPT.asPredicate()).forEach(against::add);
                case BOUGHT -> foods.stream().filter(f -> f.isCompound() && name.contains(" " + last(f) + " "))
                        .forEach(f -> against.add(f.name()));
                case FOODS -> foods(dish, line, foods);
                case HEATED -> dish.recipe().steps().stream().map(HEATED::matcher).filter(Matcher::find)
                        .forEach(m -> against.add(m.group().toLowerCase(Locale.ROOT)));
            }
        }

        private void foods(Derivation dish, Line line, List<Food> foods) {
            if (rule.foods.isEmpty() && rule.endings.isEmpty()) return;
            foods.stream().filter(rule::speaksAgainst).forEach(f -> against.add(f.name()));
            var pack = dish.pack(line);
            if (pack != null)
                Foods.shipped().packPhrase(pack.text()).matches().stream().map(m -> m.meaning())
                        .filter(Meaning.OfFood.class::isInstance).map(m -> ((Meaning.OfFood) m).food())
                        .filter(rule::speaksAgainst).forEach(f -> against.add(f.name()));
            else foods.stream().filter(f -> f.isCompound() && !rule.speaksAgainst(f))
                    .forEach(f -> unread.add(f.name()));
        }

        private static String last(Food food) {
            var words = Words.of(food.name());
            return Objects.requireNonNull(words.getLast()).text();
        }
    }
}
