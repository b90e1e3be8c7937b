package keenfork.web.kitchen;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import keenfork.core.kitchen.LineLink;
import keenfork.core.people.Avoidances;
import keenfork.core.swap.Move;
import keenfork.core.swap.Plan;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.dish.Dishes;
import keenfork.web.persistence.dish.SetAsides;
import keenfork.web.persistence.dish.Variants;
import keenfork.web.persistence.pack.Packs;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Keeps what a cook accepted of a plan, all of it or nothing; and takes it back.
@Component
@Transactional
public class Accepting {
    private final Dishes dishes;
    private final Packs packs;
    private final Variants variants;
    private final SetAsides asides;

    /// What was kept, so that it can be taken back.
    ///
    /// @param how    what was done
    /// @param dish   the dish that was changed or made; of portions set aside, the dish they are of
    /// @param number the version it had before; 0 for a dish that is new or was not changed
    /// @param asides the keys of what was set aside
    /// @param lines  the lines that were linked to another pack
    public record Kept(How how, long dish, int number, List<Long> asides, List<String> lines) {
        public Kept {
            asides = List.copyOf(asides);
            lines = List.copyOf(lines);
        }
    }

    /// the ways in which a plan is kept
    public enum How { VARIANT, CHANGE, PLATES, SPLIT, ADDED }

    /// What is accepted.
    ///
    /// @param avoids what must be out, in words of the command line
    /// @param people for how many; 0 where nobody said
    /// @param by     who accepts it, or an empty string
    public record Offer(Menu menu, Menu.Dish dish, Avoidances avoid, String avoids, int people, String by) {}

    Accepting(Dishes dishes, Packs packs, Variants variants, SetAsides asides) {
        this.dishes = dishes;
        this.packs = packs;
        this.variants = variants;
        this.asides = asides;
    }

    /// Makes a dish for these people of it, linked to the original.
    /// @throws Conflict where the text does not bear it
    public Kept asVariant(Offer offer, Plan plan) {
        var text = SwapStock.accepted(offer.menu, offer.dish, plan, offer.avoid.all()).asVariant()
                .orElseThrow(Accepting::notBorne);
        inner(offer, plan);
        var name = freeName(offer);
        var id = dishes.add(name, named(text, offer.dish.name(), name), "", offer.by);
        variants.keep(id, offer.dish.id(), offer.avoids, offer.by);
        return new Kept(How.VARIANT, id, 0, List.of(), linked(offer.menu, plan, id));
    }

    /// Keeps a recipe that a cook worked out for these people: as a variant of its own, or over one that is there.
    ///
    /// @param text    the recipe, of which nothing avoided is surely in
    /// @param name    its name, which may still be the original's
    /// @param variant the key of the variant that is written over; 0 for a new one
    /// @throws Conflict where the name is another dish's, or the variant is gone
    public Kept asWritten(Offer offer, String text, String name, long variant) {
        if (variant != 0) return over(offer, variant, text, name);
        var free = name.equalsIgnoreCase(offer.dish.name()) ? freeName(offer) : name;
        var id = dishes.add(free, named(text, name, free), "", offer.by);
        variants.keep(id, offer.dish.id(), offer.avoids, offer.by);
        return new Kept(How.VARIANT, id, 0, List.of(), List.of());
    }

    private Kept over(Offer offer, long variant, String text, String name) {
        var now = dishes.find(variant).orElseThrow(() -> new Conflict("The variant is not on the menu any more."));
        var number = dishes.versions(variant).getFirst().number();
        dishes.rewrite(variant, now.version(), now.value().name(), named(text, name, now.value().name()),
                offer.by, "made anew from " + offer.dish.name());
        variants.keep(variant, offer.dish.id(), offer.avoids, offer.by);
        return new Kept(How.CHANGE, variant, number, List.of(), List.of());
    }

    /// Makes a variant anew from its original, which was changed.
    /// @throws Conflict where the text does not bear it, or the variant is gone
    public Kept anew(Offer offer, Plan plan, long variant) {
        var text = SwapStock.accepted(offer.menu, offer.dish, plan, offer.avoid.all()).asVariant()
                .orElseThrow(Accepting::notBorne);
        var kept = over(offer, variant, text, offer.dish.name());
        return new Kept(How.CHANGE, variant, kept.number, List.of(), linked(offer.menu, plan, variant));
    }

    /// Writes it into the recipe, for everyone; what is for some plates alone is set aside.
    /// @throws Conflict where the text does not bear it, or somebody changed it meanwhile
    public Kept asChange(Offer offer, Plan plan, long version) {
        var text = SwapStock.accepted(offer.menu, offer.dish, plan, offer.avoid.all()).asChange()
                .orElseThrow(Accepting::notBorne);
        inner(offer, plan);
        var number = dishes.versions(offer.dish.id()).getFirst().number();
        dishes.rewrite(offer.dish.id(), version, offer.dish.name(), text, offer.by,
                "swapped: " + offer.avoid.inWords());
        return new Kept(How.CHANGE, offer.dish.id(), number, setAside(offer, plan),
                linked(offer.menu, plan, offer.dish.id()));
    }

    /// The recipe stays; some plates go out without it.
    public Kept forSomePlates(Offer offer, Plan plan) {
        return new Kept(How.PLATES, offer.dish.id(), 0, setAside(offer, plan), List.of());
    }

    /// The recipe stays; portions are taken off before what must be out goes in.
    public Kept asSplit(Offer offer) {
        return new Kept(How.SPLIT, offer.dish.id(), 0,
                List.of(asides.add(offer.dish.id(), SetAsides.Portions.TAKE_OFF, offer.avoids, offer.people, offer.by)),
                List.of());
    }

    /// The recipe stays; a part that comes off is held back on some plates.
    public Kept heldBack(Offer offer) {
        return new Kept(How.PLATES, offer.dish.id(), 0,
                List.of(asides.add(offer.dish.id(), SetAsides.Portions.HOLD_BACK, offer.avoids, offer.people,
                        offer.by)),
                List.of());
    }

    /// Adds a dish that was not there.
    public Kept added(String name, String text, String by) {
        return new Kept(How.ADDED, dishes.add(name, text, "", by), 0, List.of(), List.of());
    }

    /// Takes back what was kept.
    /// @throws Conflict where it was changed again since
    public void takeBack(Kept kept, String by) {
        for (var aside : kept.asides) asides.remove(aside);
        switch (kept.how) {
            case VARIANT -> {
                dishes.find(kept.dish).ifPresent(d -> dishes.takeOff(kept.dish, d.version()));
                variants.unlink(kept.dish);
            }
            case CHANGE -> {
                var now = dishes.find(kept.dish)
                        .orElseThrow(() -> new Conflict("This dish is not on the menu any more."));
                var old = dishes.version(kept.dish, kept.number)
                        .orElseThrow(() -> new Conflict("That version is not held any more."));
                if (dishes.versions(kept.dish).getFirst().number() != kept.number + 1)
                    throw new Conflict(
                            "The dish was changed again since. Its versions are on its bench: take back the one you "
                                    + "want.");
                dishes.rewrite(kept.dish, now.version(), old.value().name(), old.value().text(), by,
                        "version %d taken back".formatted(kept.number));
                for (var line : kept.lines) packs.unlink(kept.dish, line);
            }
            case ADDED -> dishes.find(kept.dish).ifPresent(d -> dishes.takeOff(kept.dish, d.version()));
            case PLATES, SPLIT -> {}
        }
    }

    private static Conflict notBorne() {
        return new Conflict(
                "This plan could not be written into the recipe as it stands: a line of it was not found, or what "
                        + "must be out would still be in it. Nothing was kept.");
    }

    private List<Long> setAside(Offer offer, Plan plan) {
        var kept = new ArrayList<Long>();
        if (plan.moves().stream().anyMatch(Move.HoldBack.class::isInstance))
            kept.add(asides.add(offer.dish.id(), SetAsides.Portions.HOLD_BACK, offer.avoids, offer.people, offer.by));
        if (plan.moves().stream().anyMatch(Move.TakeOff.class::isInstance))
            kept.add(asides.add(offer.dish.id(), SetAsides.Portions.TAKE_OFF, offer.avoids, offer.people, offer.by));
        return kept;
    }

    private List<String> linked(Menu menu, Plan plan, long dish) {
        var lines = new ArrayList<String>();
        for (var move : plan.moves())
            if (move instanceof Move.ChangePack(var line, var pack)) {
                var key = SwapStock.key(menu, pack).orElseThrow(
                        () -> new Conflict("The pack “%s” was changed meanwhile. Plan again.".formatted(pack.label())));
                packs.link(new LineLink(dish, line.text(), key));
                lines.add(line.text());
            }
        return lines;
    }

    /// The dishes that a plan changes inside are variants of their own, made first.
    private void inner(Offer offer, Plan plan) {
        for (var move : plan.moves())
            if (move instanceof Move.Inner(var line, var with, var inner)) {
                var used = offer.menu.dishes().stream().filter(d -> d.name().equalsIgnoreCase(line.dish())).findFirst()
                        .orElseThrow(Accepting::notBorne);
                if (isTaken(offer.menu, with.dish())) continue;
                var text = SwapStock.accepted(offer.menu, used, inner, offer.avoid.all()).asChange()
                        .orElseThrow(Accepting::notBorne);
                var id = dishes.add(with.dish(), named(text, used.name(), with.dish()), "", offer.by);
                variants.keep(id, used.id(), offer.avoids, offer.by);
            }
    }

    private static String freeName(Offer offer) {
        var name = offer.dish.name() + ", " + offer.avoid.inWords();
        var free = name;
        for (var n = 2; isTaken(offer.menu, free); n++) free = name + " " + n;
        return free;
    }

    private static boolean isTaken(Menu menu, String name) {
        return menu.dishes().stream().anyMatch(d -> d.name().equalsIgnoreCase(name));
    }

    private static String named(String text, String from, String to) {
        return text.replaceFirst(Pattern.quote(from), Matcher.quoteReplacement(to));
    }

    /// {@return a short sign of a plan's moves, by which it is known again}
    public static String print(Plan plan) {
        return Integer
                .toHexString(String
                        .join("|",
                                plan.moves().stream()
                                        .map(m -> m.getClass().getSimpleName() + m.line().text()
                                                + m.goesIn().stream().map(l -> l.text()).toList())
                                        .toList())
                        .hashCode());
    }

    public static Optional<Plan> known(List<Plan> plans, String print) {
        return plans.stream().filter(p -> print(p).equals(print)).findFirst();
    }
}
