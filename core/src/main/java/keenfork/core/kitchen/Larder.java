package keenfork.core.kitchen;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import keenfork.core.food.Foods;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.pack.ReadAgain;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import keenfork.core.trace.Fact;
import org.jspecify.annotations.Nullable;

/// The packs of a kitchen on one day, and which of them speaks for what: the one a line is linked to, else the one that
/// stands in for its food today, else the usual one for it. A pack that speaks and is unread leaves its food not known;
/// no other takes its place.
public final class Larder {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);

    private final LocalDate day;
    private final ReadAgain readAgain;
    private final Map<Long, LarderPack> packs;
    private final List<LineLink> links;
    private final Map<String, Long> byFood = new HashMap<>();
    private final Map<Place, Long> byLine = new HashMap<>();

    /// the packs that are taken for some food today
    private final Set<Long> speaking;
    private final Set<Long> linked;
    /// what the packs say that somebody asked about
    private final Map<LarderPack, Fact.PackInUse> read = new ConcurrentHashMap<>();

    private record Place(long dish, String line) {}

    /// @param packs by their keys; of two usual ones for one food, or two that stand in, the later speaks
    /// @param links lines with a pack of their own; one to a pack that is gone counts for nothing
    public Larder(LocalDate day, ReadAgain readAgain, Map<Long, LarderPack> packs, List<LineLink> links) {
        this(day, readAgain, packs, links, null);
    }

    /// @param before what the larder was before something changed, or null: a pack that nobody read anew says what it
    ///               said
    public Larder(LocalDate day, ReadAgain readAgain, Map<Long, LarderPack> packs, List<LineLink> links,
            @Nullable Larder before) {
        this.day = day;
        this.readAgain = readAgain;
        this.packs = Collections.unmodifiableMap(new LinkedHashMap<>(packs));
        this.links = List.copyOf(links);
        packs.forEach((id, p) -> {
            if (!p.spare()) byFood.put(shown(p.food()), id);
        });
        packs.forEach((id, p) -> {
            if (day.equals(p.standsInOn())) byFood.put(shown(p.food()), id);
        });
        for (var link : links)
            if (packs.containsKey(link.pack())) byLine.put(new Place(link.dish(), link.line()), link.pack());
        speaking = Set.copyOf(byFood.values());
        linked = Set.copyOf(byLine.values());
        if (before == null || !before.day.equals(day) || !before.readAgain.equals(readAgain)) return;
        for (var pack : packs.values()) {
            var said = before.read.get(pack);
            if (said != null) read.put(pack, said);
        }
    }

    /// The table may show a food under another name than on the day its pack was read.
    private static String shown(String food) { return Foods.shipped().find(food).map(f -> f.name()).orElse(food); }

    /// {@return the key of the pack taken for a food today}
    public Optional<Long> packFor(String food) { return Optional.ofNullable(byFood.get(shown(food))); }

    /// {@return the key of the pack taken for a line of a dish}
    public Optional<Long> packFor(long dish, Line line) {
        var linked = byLine.get(new Place(dish, line.text()));
        return linked != null ? Optional.of(linked) : line.food().map(f -> byFood.get(f.name()));
    }

    /// {@return whether a line is linked to a pack of its own}
    public boolean isLinked(long dish, Line line) { return byLine.containsKey(new Place(dish, line.text())); }

    /// {@return whether a pack is taken today: for its food, or by a line that is linked to it}
    public boolean isInUse(long pack) { return speaking.contains(pack) || linked.contains(pack); }

    /// {@return whether a pack was read so long ago that it should be read again}
    public boolean isDue(LarderPack pack) { return pack.readOn() != null && readAgain.isDue(pack.readOn(), day); }

    /// {@return what a read pack says, as a fact for its food}
    public Fact.PackInUse inUse(LarderPack pack) { return read.computeIfAbsent(pack, this::said); }

    private Fact.PackInUse said(LarderPack pack) {
        var read = pack.readOn() == null ? "pack read" : "pack read " + DAY.format(pack.readOn());
        var law = pack.law().equals("unknown") ? Law.UNKNOWN : new Law(pack.law());
        return new Fact.PackInUse(shown(pack.food()), pack.label(), Declaration.read(pack.declaration(), law), read,
                !isDue(pack));
    }

    /// {@return what the packs say that speak today}
    /// @param dishes the recipes by the keys of their dishes
    public List<Fact> facts(Map<Long, Recipe> dishes) {
        var facts = new ArrayList<Fact>();
        packs.forEach((id, pack) -> {
            if (pack.isRead() && speaking.contains(id)) facts.add(inUse(pack));
        });
        for (var link : links) {
            var dish = dishes.get(link.dish());
            var pack = packs.get(link.pack());
            if (dish != null && pack != null)
                facts.add(new Fact.LineUses(dish.name(), link.line(), pack.isRead() ? inUse(pack) : null));
        }
        return facts;
    }
}
