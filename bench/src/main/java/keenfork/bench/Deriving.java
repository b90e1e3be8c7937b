package keenfork.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import keenfork.core.trace.Profile;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/// One dish, and whole menus, from lines that are read already to marks.
public class Deriving {
    /// a dish of about thirty lines in four parts, and one that uses others, four deep
    @State(Scope.Benchmark)
    public static class OneDish {
        Recipe dish = new Recipe("", 0, "", List.of(), List.of());
        Recipe nested = dish;
        Facts facts = Facts.none(RuleBook.uk());

        @Setup
        public void make() {
            var menu = BigMenu.of(Reading.SEED, 100, 150);
            facts = menu.facts();
            dish = menu.dishes().stream().filter(d -> menu.depth(d) == 1).findFirst().orElseThrow();
            nested = menu.dishes().stream().filter(d -> menu.depth(d) == 4).findFirst().orElseThrow();
        }
    }

    /// menus of growing size over one and a half packs a dish: the cost grows with the lines
    @State(Scope.Benchmark)
    public static class WholeMenu {
        @Param({"500", "1000", "2000"}) public int dishes;
        BigMenu menu = new BigMenu(List.of(), List.of(), Facts.none(RuleBook.uk()));

        @Setup
        public void make() {
            menu = BigMenu.of(Reading.SEED, dishes, dishes * 3 / 2);
        }
    }

    @Benchmark @BenchmarkMode(Mode.AverageTime) @OutputTimeUnit(TimeUnit.MICROSECONDS)
    public Profile one_dish(OneDish state) {
        return Derivation.of(state.dish, state.facts).under(RuleBook.uk());
    }

    @Benchmark @BenchmarkMode(Mode.AverageTime) @OutputTimeUnit(TimeUnit.MICROSECONDS)
    public Profile nested_dish(OneDish state) {
        return Derivation.of(state.nested, state.facts).under(RuleBook.uk());
    }

    @Benchmark @BenchmarkMode(Mode.AverageTime) @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public List<List<Profile>> menu_under_every_rule_book(WholeMenu state) {
        return derive(state.menu);
    }

    /// {@return each dish's marks under each rule book; the dishes are derived side by side}
    static List<List<Profile>> derive(BigMenu menu) {
        return menu.dishes().parallelStream().map(d -> {
            var derivation = Derivation.of(d, menu.facts());
            return RuleBook.all().stream().map(derivation::under).toList();
        }).toList();
    }
}
