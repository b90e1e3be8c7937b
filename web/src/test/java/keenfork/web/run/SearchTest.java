package keenfork.web.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.run.Batch;
import keenfork.core.run.Conditions;
import keenfork.core.run.Kit;
import keenfork.core.run.Range;
import keenfork.core.run.Task;
import keenfork.core.search.Budget;
import keenfork.core.search.Proof;
import org.junit.jupiter.api.Test;

class SearchTest {
    private static final List<String> SUBSTANCES = List.of("almond", "milk", "sesame", "wheat", "fish", "eggs");

    private static List<Batch> batches(int many) {
        var batches = new ArrayList<Batch>();
        for (var i = 0; i < many; i++) {
            var uses = new ArrayList<Batch.Use>();
            for (var id : List.of("blender", "board", "bowl", "pan")) {
                Map<Substance, Optional<Range>> holds = new LinkedHashMap<>();
                for (var s = 0; s < SUBSTANCES.size(); s++)
                    if ((i * 7 + s * 5 + id.length()) % 4 == 0)
                        holds.put(Substances.shipped().get(SUBSTANCES.get(s)), Optional.empty());
                uses.add(new Batch.Use(Kit.named(id).orElseThrow(), List.of("Base"), false, true, holds, Set.of(),
                        holds.keySet(), 0));
            }
            batches.add(new Batch("Batch " + i, 10, uses,
                    List.of(new Task("Make it", uses.stream().map(Batch.Use::kit).toList(), 10, 0, List.of()))));
        }
        return batches;
    }

    /// A search that would go on for hours says how far it is, and ends with what it has when it is told to.
    @Test
    void a_long_search_tells_how_far_it_is_and_keeps_the_best_when_it_is_stopped() {
        var search = new Search();
        var batches = batches(200);
        var conditions = Conditions.USUAL.with(new Budget(Long.MAX_VALUE / 4));
        var soFar = search.best(batches, conditions);
        assertThat(soFar.run()).as("it goes on").isNull();
        assertThat(soFar.tried()).isPositive();
        search.stop();
        var found = search.found(batches, conditions);
        assertThat(found.turns()).hasSize(200);
        assertThat(found.contacts()).isZero();
        assertThat(found.proof()).isInstanceOf(Proof.Stopped.class);
        assertThat(search.best(batches, conditions).run()).as("it is kept").isSameAs(found);
    }

    @Test
    void another_question_is_searched_anew() {
        var search = new Search();
        var few = batches(5);
        var found = search.found(few, Conditions.USUAL);
        assertThat(search.found(few, Conditions.USUAL)).isSameAs(found);
        assertThat(
                search.found(few, Conditions.USUAL.withLocked(Map.of("Batch 4", 0))).turns().getFirst().batch().dish())
                        .isEqualTo("Batch 4");
        assertThat(search.found(batches(4), Conditions.USUAL).turns()).hasSize(4);
    }
}
