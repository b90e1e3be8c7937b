package keenfork.core.kitchen;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.US;
import static keenfork.core.Kit.aDish;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import keenfork.core.food.Substances;
import keenfork.core.label.Kind;
import keenfork.core.label.Language;
import keenfork.core.label.Statement;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Evidence;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class UntrueTest {
    private static final LocalDate MADE = LocalDate.of(2026, 11, 27);

    /// a kitchen on one day, as far as one dish of it goes
    record State(List<String> lines, String pack, List<String> contacts, int keeps) {
        DishNow dish(RuleBook book) {
            var facts = new ArrayList<Fact>();
            if (!pack.isEmpty())
                facts.add(new Fact.PackInUse("pesto", "Pesto", Declaration.read(pack, new Law("uk")), "read", true));
            for (var contact : contacts)
                facts.add(new Fact.Contact("A dish", "Base", List.of(Substances.shipped().get(contact)), "by the pan"));
            return new DishNow(Derivation.of(aDish(lines.toArray(String[]::new)), new Facts(book, facts)), book,
                    keeps == 0 ? Map.of()
                            : Map.of("cooked rice", keeps, "dip or spread, opened", keeps, "anything else", keeps),
                    null);
        }
    }

    @Provide
    Arbitrary<State> states() {
        var lines =
                Arbitraries.of("1 kg spelt", "100 g tahini", "200 g walnuts", "2 eggs", "300 g feta", "1 tbsp mustard",
                        "150 g barley").list().ofMaxSize(3).uniqueElements().map(l -> {
                            var all = new ArrayList<>(l);
                            all.add("90 g pesto");
                            return List.copyOf(all);
                        });
        var packs = Arbitraries.of("", "basil, cashew nuts, milk", "basil, pistachio nuts, milk",
                "basil, oil. May contain nuts.", "basil, nuts", "basil, milk. May contain sesame.");
        var contacts = Arbitraries.of("sesame", "almond", "milk", "peanuts").list().ofMaxSize(2).uniqueElements();
        return Combinators.combine(lines, packs, contacts, Arbitraries.of(0, 1, 2, 5)).as(State::new);
    }

    /// what a label has to tell, straight from the evidence: each member where any is named, as surely as it is
    private static Map<String, Certainty> tells(DishNow dish) {
        var tells = new HashMap<String, Certainty>();
        for (var mark : dish.derivation().under(dish.ruleBook()).marks())
            for (Evidence e : mark.threads())
                tells.merge(mark.group().id() + "/" + dish.ruleBook().placesOf(e.substance()).stream()
                        .filter(p -> p.group().equals(mark.group())).findFirst()
                        .map(p -> p.said() == null ? "" : p.said().id()).orElse(""), e.certainty(),
                        (a, b) -> a.compareTo(b) <= 0 ? a : b);
        return tells;
    }

    private static String list(DishNow dish) {
        return dish.says(true, Language.english()).list().toString();
    }

    private static Untrue.Out out(DishNow dish, boolean hasList, @Nullable LocalDate keepBy) {
        return new Untrue.Out(dish.says(hasList, Language.english()), hasList, MADE, keepBy,
                dish.keeps().mark());
    }

    @Property(tries = 600)
    void a_label_is_called_back_if_and_only_if_it_would_say_otherwise_now(@ForAll("states") State then,
            @ForAll("states") State now, @ForAll boolean hasList) {
        var printed = then.dish(UK);
        var dish = now.dish(UK);
        var says = printed.keepsUntil(MADE);
        var differs = !tells(printed).equals(tells(dish)) || hasList && !list(printed).equals(list(dish))
                || says.isAfter(dish.keepsUntil(MADE));
        assertThat(Untrue.of(out(printed, hasList, says), dish).isPresent()).isEqualTo(differs);
    }

    /// What came in, or is surer than it was, can hurt; what only went cannot.
    @Property(tries = 300)
    void what_came_in_can_hurt(@ForAll("states") State then, @ForAll("states") State now) {
        var before = tells(then.dish(UK));
        var after = tells(now.dish(UK));
        var stronger = after.entrySet().stream().anyMatch(e -> Optional.ofNullable(before.get(e.getKey()))
                .map(was -> e.getValue().compareTo(was) < 0).orElse(true));
        var why = Untrue.of(out(then.dish(UK), false, null), now.dish(UK));
        assertThat(why.map(Untrue::canHurt).orElse(false)).isEqualTo(stronger);
    }

    /// Under another rule book what the book wants and the label does not name is missing; nothing else is.
    @Property(tries = 300)
    void a_new_rule_book_calls_back_what_names_too_little(@ForAll("states") State state) {
        var why = Untrue.of(out(state.dish(US), false, null), state.dish(UK));
        assertThat(why).as("another book").isPresent();
        var named = state.dish(US).derivation().under(US).marks().stream().flatMap(m -> m.threads().stream())
                .map(Evidence::substance).toList();
        var wants = state.dish(UK).derivation().under(UK).marks().stream()
                .filter(m -> m.threads().stream().noneMatch(e -> named.contains(e.substance())))
                .max(Comparator.comparing(m -> m.group().id()));
        if (wants.isPresent()) assertThat(why.orElseThrow().canHurt()).as("%s", wants).isTrue();
    }

    @Test
    void a_packed_label_waits_for_what_is_not_known_and_says_no_day_beyond_its_own() {
        var dish = new State(List.of("1 kg rice", "90 g pesto"), "", List.of(), 2).dish(UK);
        var unknown = Statement.compose(dish.derivation(), UK).waitsFor();
        assertThat(unknown).isNotEmpty();
        assertThat(Hold.of(dish, Kind.TUB, unknown, false, days(MADE.plusDays(1))))
                .containsExactly(new Hold.NotKnown(unknown));
        assertThat(Hold.of(dish, Kind.CARD, unknown, false, days(null))).as("it stands on no packed food").isEmpty();
        assertThat(Hold.of(dish, Kind.TUB, unknown, true, days(MADE.plusDays(9))))
                .containsExactly(new Hold.KeepsShorter(dish.keeps().days()));
        var gone = new Hold.Days(MADE, MADE.plusDays(1), MADE.plusDays(2));
        assertThat(Hold.of(dish, Kind.TUB, unknown, true, gone)).containsExactly(new Hold.Over(MADE.plusDays(1)));
    }

    private static Hold.Days days(@Nullable LocalDate keepBy) { return new Hold.Days(MADE, keepBy, MADE); }
}
