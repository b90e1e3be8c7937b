package keenfork.web.map;

import java.util.List;
import keenfork.core.covers.Eats;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Avoidances;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.web.persistence.guest.Events;

/// The people the map is shown for.
///
/// @param words what they are called; empty for everyone
/// @param read  what they avoid, as it was understood
record Diners(String words, Avoidances read) {
    private static final Diners EVERYONE = new Diners("", Avoidances.NONE);

    /// {@return the people that are asked for: a group that is kept, those who avoid what was typed, or everyone}
    static Diners of(MapQuery asked, List<Events.Guests> groups, RuleBook ruleBook) {
        if (asked.guestsId() != 0)
            return groups.stream().filter(g -> g.id() == asked.guestsId()).findFirst()
                    .map(g -> avoiding(g.name(), g.avoids(), ruleBook)).orElse(EVERYONE);
        return asked.avoided().isEmpty() ? EVERYONE : avoiding("", asked.avoided(), ruleBook);
    }

    /// {@return people who avoid what is listed: "eggs, sesame", "egg + vegan", "nuts and milk"}
    /// @param name what they are called; the list itself where it is empty
    static Diners avoiding(String name, String list, RuleBook ruleBook) {
        var read = Avoidances.of(list, ruleBook);
        return new Diners(name.isEmpty() ? read.inWords() : name, read);
    }

    List<Avoidance> avoided() { return read.all(); }

    /// {@return words of theirs that were not understood}
    List<String> unread() { return read.unread(); }

    /// {@return the same with what they could mean}
    List<String> refused() { return read.refusedInWords(); }

    /// {@return what was understood, in full: `milk, traces count; vegan`}
    String understood() { return read.understood(); }

    boolean isEveryone() { return read.isEmpty(); }

    /// {@return whether they eat a dish; as long as a word of theirs is not read, never more than *cannot say*}
    Eats eat(Derivation dish) { return Eats.of(dish, read); }
}
