package keenfork.core.food;

import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import keenfork.core.measure.Amount;
import keenfork.core.measure.Mass;
import keenfork.core.measure.Span;
import keenfork.core.measure.Unit;
import keenfork.core.measure.Volumes;
import keenfork.core.measure.Weights;
import org.jspecify.annotations.Nullable;

/// An entry of the reference table: a plain food, or a compound product such as a sauce or a bread.
///
/// @param id        its key in the table, which stays when its name is changed
/// @param names     what it is called, the shown name first
/// @param make      whether what it holds is certain, or assumed until a pack is read
/// @param holds     its substances
/// @param sometimes what some makes of it hold: not known until a pack is read
/// @param origin    where it comes from
/// @param density   g per ml as measured in a spoon or cup, or null where none is held
/// @param counts    g of one, by the noun it is counted in (`clove`, `bunch`, `slice`, `cm`); `piece` stands for a bare
///                  count ("2 lemons")
/// @param protein   g of protein in 100 g, or null where none is held
/// @param sulphite  mg of sulphur dioxide in 1 kg where it was sulphited, or null where no figure is held
/// @param source    where the values come from
public record Food(String id, List<String> names, Make make, List<Substance> holds, List<Substance> sometimes,
        Origin origin,
        @Nullable Span density, Map<String, Span> counts, @Nullable Span protein, @Nullable Span sulphite,
        String source) {
    /// how sure the reference table can be of a food
    public enum Make { PLAIN, COMPOUND }

    /// one spoon is weighed to the microgram, so that twenty weigh exactly twenty times as much
    private static final int MICROGRAMS = 6;
    private static final String BARE = "piece";
    private static final Span PINCH_ML = Span.parse("0.3-0.5-0.9");
    private static final Span DRIZZLE_ML = Span.parse("5-10-20");
    private static final Span HANDFUL_ML = Span.parse("60-90-150");

    public Food {
        names = List.copyOf(names);
        holds = List.copyOf(holds);
        sometimes = List.copyOf(sometimes);
        counts = Collections.unmodifiableMap(new HashMap<>(counts));
    }

    /// {@return this food where a kitchen says that things are left out of it, "nut-free pesto": they are as open as
    /// what only some makes of it hold, until a pack says better}
    public Food leavingOpen(Collection<Substance> leftOut) {
        var open = holds.stream().filter(s -> leftOut.stream().anyMatch(l -> Substances.shipped().isUnder(s, l)))
                .toList();
        if (open.isEmpty()) return this;
        var held = holds.stream().filter(s -> !open.contains(s)).toList();
        return new Food(id, names, make, held, Stream.concat(sometimes.stream(), open.stream()).distinct().toList(),
                origin, density, counts, protein, sulphite, source);
    }

    /// {@return this bought food made without what is of an animal, "vegan slaw": whether it is, and what stands in its
    /// place, is not known until a pack is read}
    /// @param standIn what makers put in the place of the animal's
    Food imitatedWith(Food standIn) {
        var held = holds.stream().filter(s -> !s.animal()).toList();
        var open = Stream.of(sometimes.stream(), holds.stream(), standIn.sometimes().stream()).flatMap(s -> s)
                .filter(s -> !held.contains(s)).distinct().toList();
        return new Food(id, names, make, held, open, Origin.PLANT, density, counts, protein, sulphite, source);
    }

    /// {@return whether it is sold by the bunch}
    public boolean isBunched() { return counts.containsKey("bunch"); }

    /// {@return whether it is sold by the tin, jar or carton}
    public boolean isInPacks() { return Stream.of("tin", "jar", "carton").anyMatch(counts::containsKey); }

    /// {@return g of one centimetre cut off it, or empty where none is held}
    public Optional<Span> centimetre() { return Optional.ofNullable(counts.get("cm")); }

    public String name() { return names.getFirst(); }

    public boolean isCompound() { return make == Make.COMPOUND; }

    /// {@return what an amount of it weighs, or empty where neither a density nor a weight for that count is held}
    public Optional<Mass> weigh(Amount amount, Volumes volumes) {
        return weigh(amount, amount.unit().id(), volumes);
    }

    /// The same, where the very noun is known: a stick of butter is no knob of it, though both are pieces.
    public Optional<Mass> weigh(Amount amount, String noun, Volumes volumes) {
        return switch (amount.unit().kind()) {
            case WEIGHT -> Optional.of(Weights.mass(amount));
            case VOLUME -> Optional.ofNullable(density)
                    .map(d -> d.times(volumes.millilitres(amount.unit()), MICROGRAMS).grams(amount.low(),
                            amount.high()));
            case COUNT -> one(amount.unit(), noun).map(w -> w.grams(amount.low(), amount.high()));
            case NONE -> Optional.empty();
        };
    }

    private Optional<Span> one(Unit unit, String noun) {
        var held = counts.get(noun);
        if (held != null) return Optional.of(held);
        // a leaf of lettuce is no lettuce, a bag of nuts no nut: where the noun has no weight of its own, none is told
        if (UnitNames.isPart(noun)) return Optional.empty();
        if (counts.containsKey(unit.id())) return Optional.of(counts.get(unit.id()));
        return switch (unit) {
            case NONE -> Optional.ofNullable(counts.getOrDefault(BARE, counts.get("clove")));
            case PINCH -> byVolume(PINCH_ML);
            case DRIZZLE -> byVolume(DRIZZLE_ML);
            case HANDFUL -> byVolume(HANDFUL_ML);
            default -> Optional.empty();
        };
    }

    private Optional<Span> byVolume(Span ml) {
        if (density == null) return Optional.empty();
        return Optional.of(new Span(ml.low().multiply(density.low()), ml.likely().multiply(density.likely()),
                ml.high().multiply(density.high())));
    }

    @Override
    public String toString() { return name(); }
}
