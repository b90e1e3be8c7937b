package keenfork.web.covers;

import java.util.HashSet;
import java.util.List;
import keenfork.core.people.Avoidances;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.guest.Events;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/// Puts groups together and parts them: somebody who stands in two is one guest, who avoids both.
@Controller
class RegroupController {
    private final Kitchen kitchen;
    private final Events events;

    RegroupController(Kitchen kitchen, Events events) {
        this.kitchen = kitchen;
        this.events = events;
    }

    /// What is asked.
    ///
    /// @param people how many it is about, as typed
    /// @param one    the key of a group
    /// @param other  the key of another
    /// @param way    `both` for people who stand in the two, `join` for all of them, `part` for people of the first
    record Asked(String people, long one, long other, String way) {}

    @PostMapping("/covers/regroup")
    String regroup(@RequestParam(defaultValue = "") String people, @RequestParam(defaultValue = "0") long one,
            @RequestParam(defaultValue = "0") long other, @RequestParam(defaultValue = "") String way,
            RedirectAttributes after) {
        try {
            regroup(new Asked(people.strip(), one, other, way));
        } catch (Conflict e) {
            after.addFlashAttribute("wrongGroups", String.valueOf(e.getMessage()));
        }
        return "redirect:/covers";
    }

    private void regroup(Asked asked) {
        var one = group(asked.one);
        switch (asked.way) {
            case "part" -> part(one, people(asked, one.people() - 1));
            case "join" -> join(one, group(asked.other));
            case "both" -> {
                var other = group(asked.other);
                both(one, other, people(asked, Math.min(one.people(), other.people())));
            }
            default -> throw new Conflict("Press one of the three buttons.");
        }
    }

    private Events.Guests group(long id) {
        return events.groups().stream().filter(g -> g.id() == id).findFirst()
                .orElseThrow(() -> new Conflict("This group is not there any more. Choose another."));
    }

    private static int people(Asked asked, int most) {
        if (most < 1) throw new Conflict("That is one person: there is nobody to part.");
        var people = asked.people.matches("[1-9]\\d{0,5}") ? Integer.parseInt(asked.people) : 0;
        if (people < 1 || people > most)
            throw new Conflict("Say how many: a whole number from 1 to %d, not “%s”. Nothing was changed."
                    .formatted(most, asked.people));
        return people;
    }

    private void part(Events.Guests from, int people) {
        events.regroup(List.of(from.id()), people, name(from.name() + ", apart"), from.avoids());
    }

    /// Only those who avoid the same are one group: else somebody would lose what they avoid.
    private void join(Events.Guests one, Events.Guests other) {
        if (one.id() == other.id()) throw new Conflict("Choose two groups.");
        if (!avoided(one.avoids()).equals(avoided(other.avoids())))
            throw new Conflict(
                    ("%s and %s do not avoid the same, so they stay two. If they are the same people, say how "
                            + "many and press that.").formatted(one.name(), other.name()));
        events.join(one.id(), other.id());
    }

    private void both(Events.Guests one, Events.Guests other, int people) {
        if (one.id() == other.id()) throw new Conflict("Choose two groups.");
        var words = one.avoids() + ", " + other.avoids();
        var all = new HashSet<>(avoided(one.avoids()));
        all.addAll(avoided(other.avoids()));
        if (words.length() > CoversController.LONGEST_AVOIDS || !avoided(words).containsAll(all))
            throw new Conflict("What both avoid is too much for one line: write that group by hand.");
        events.regroup(List.of(one.id(), other.id()), people, name(one.name() + " and " + other.name()), words);
    }

    private HashSet<Object> avoided(String words) {
        return new HashSet<>(Avoidances.of(words, kitchen.menu().ruleBook()).all());
    }

    private static String name(String words) {
        return words.length() > CoversController.LONGEST_NAME ? words.substring(0, CoversController.LONGEST_NAME)
                : words;
    }
}
