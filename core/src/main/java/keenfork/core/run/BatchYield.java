package keenfork.core.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import keenfork.core.food.Words;

/// What a batch comes to: what it weighs, the tubs it fills, and the dishes it goes into. What goes into several is one
/// base that each of them finishes in its own way, with a label and a date of its own.
///
/// @param portions people it feeds, 1 or more
/// @param grams    what it weighs as far as that is known; 0 where nothing of it is
/// @param tubs     tubs it fills; 0 where its weight is not known
/// @param goesInto dishes that use it
/// @param taken    g of it that go into them, as far as they say how much
public record BatchYield(String dish, int portions, double grams, int tubs, List<String> goesInto, double taken) {
    /// what sums of shares may be off by
    private static final double ALMOST = 1.001;

    public BatchYield {
        goesInto = List.copyOf(goesInto);
    }

    /// {@return what some batches come to, in their order}
    /// @param tubGrams g in a tub, 1 or more
    public static List<BatchYield> of(List<Batch> batches, int tubGrams) {
        if (tubGrams < 1) throw new IllegalArgumentException("a tub holds something, not %d g".formatted(tubGrams));
        var yields = new ArrayList<BatchYield>();
        for (var batch : batches) {
            var key = Words.key(batch.dish());
            var users = batches.stream().filter(o -> needs(o, key).findAny().isPresent()).map(Batch::dish).toList();
            var taken = batches.stream().flatMap(o -> needs(o, key)).mapToDouble(n -> n.grams().orElse(0)).sum();
            yields.add(new BatchYield(batch.dish(), batch.portions(), batch.grams(),
                    (int) Math.ceil(batch.grams() / tubGrams), users, taken));
        }
        return yields;
    }

    private static Stream<Batch.Need> needs(Batch batch, String key) {
        return batch.needs().entrySet().stream().filter(n -> Words.key(n.getKey()).equals(key))
                .map(Map.Entry::getValue);
    }

    /// {@return whether more of it goes into other dishes than is made}
    public boolean isShort() { return grams > 0 && taken > grams * ALMOST; }
}
