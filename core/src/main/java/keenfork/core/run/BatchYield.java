package keenfork.core.run;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.food.Words;

/// What a batch comes to: what it weighs, the tubs it fills, and the dishes it goes into. What goes into several is one
/// base that each of them finishes in its own way, with a label and a date of its own.
///
/// @param portions people it feeds, 1 or more
/// @param grams    what it weighs as far as that is known; 0 where nothing of it is
/// @param tubs     tubs it fills; 0 where its weight is not known
/// @param goesInto dishes that use it
public record BatchYield(String dish, int portions, double grams, int tubs, List<String> goesInto) {
    public BatchYield {
        goesInto = List.copyOf(goesInto);
    }

    /// {@return what some batches come to, in their order}
    /// @param tubGrams g in a tub, 1 or more
    public static List<BatchYield> of(List<Batch> batches, int tubGrams) {
        if (tubGrams < 1) throw new IllegalArgumentException("a tub holds something, not %d g".formatted(tubGrams));
        var yields = new ArrayList<BatchYield>();
        for (var batch : batches)
            yields.add(new BatchYield(batch.dish(), batch.portions(), batch.grams(),
                    (int) Math.ceil(batch.grams() / tubGrams),
                    batches.stream().filter(b -> b.needs().keySet().stream()
                            .anyMatch(n -> Words.key(n).equals(Words.key(batch.dish())))).map(Batch::dish).toList()));
        return yields;
    }
}
