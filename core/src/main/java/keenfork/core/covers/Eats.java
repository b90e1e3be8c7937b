package keenfork.core.covers;

import java.util.List;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Avoidances;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Peel;

/// Whether people who avoid something can eat a dish.
public enum Eats {
    AS_MADE("eats it"), HELD_BACK("with a part held back"), CANNOT_SAY("cannot say"), GOES_WITHOUT("goes without");

    private final String words;

    Eats(String words) {
        this.words = words;
    }

    /// {@return its words on screens}
    public String words() { return words; }

    /// {@return who eats a dish: as it is made, or once its toppings and what stands beside it are left off}
    ///
    /// What is not known is never *eats it*, and what would be left once a part is held back must be known, too.
    ///
    /// @param avoidances what they avoid, all of it
    public static Eats of(Derivation dish, List<Avoidance> avoidances) {
        var made = strongest(dish, avoidances);
        if (made == Avoidance.Answer.NOTHING) return AS_MADE;
        var bare = Peel.NO_TOPPING.of(dish.recipe());
        if (bare.parts().size() < dish.recipe().parts().size() && !bare.parts().isEmpty()
                && strongest(Derivation.of(bare, dish.facts()), avoidances) == Avoidance.Answer.NOTHING)
            return HELD_BACK;
        return made == Avoidance.Answer.OPEN ? CANNOT_SAY : GOES_WITHOUT;
    }

    /// {@return the same for all that people avoid: as long as a word of theirs is not read, never more than *cannot
    /// say*}
    public static Eats of(Derivation dish, Avoidances avoided) {
        var eats = of(dish, avoided.all());
        return avoided.unread().isEmpty() || eats == GOES_WITHOUT ? eats : CANNOT_SAY;
    }

    private static Avoidance.Answer strongest(Derivation dish, List<Avoidance> avoidances) {
        var strongest = Avoidance.Answer.NOTHING;
        for (var avoidance : avoidances) {
            var answer = avoidance.against(dish);
            if (answer.compareTo(strongest) > 0) strongest = answer;
        }
        return strongest;
    }
}
