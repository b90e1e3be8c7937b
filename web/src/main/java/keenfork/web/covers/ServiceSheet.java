package keenfork.web.covers;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.covers.Cover;
import keenfork.core.covers.Coverage;
import keenfork.core.covers.GuestGroup;
import keenfork.core.covers.MenuDish;
import keenfork.core.label.Statement;
import keenfork.core.regime.RuleBook;
import keenfork.format.CoverWords;
import keenfork.web.kitchen.EventMenu;
import keenfork.web.page.Format;
import keenfork.web.persistence.guest.Events;

/// What is printed for the pass and for front of house. For the kitchen it counts plates and names nobody; whoever
/// serves reads what each group gets, and what to answer when a guest asks.
///
/// @param event  its name and when it is served; empty for the counter of every day
/// @param plates how each dish is plated, course by course
/// @param groups what to bring to whom
/// @param asked  what each dish holds
record ServiceSheet(String event, List<Plates> plates, List<ForGroup> groups, List<Answer> asked) {
    /// How a dish goes out.
    ///
    /// @param station where it stands; empty where nobody said
    /// @param people  how many get it
    /// @param ways   how many plates of each kind: `34 as it is`, `4 without Topping`
    record Plates(String course, String station, String dish, int people, List<String> ways) {
        /// {@return its course, and where it stands where that is known}
        public String where() { return station.isEmpty() ? course : course + ", " + station; }
    }

    /// What a group gets.
    ///
    /// @param brings   course by course, in words
    /// @param never    dishes they must not be brought
    /// @param askFirst dishes of which nobody can say
    record ForGroup(String name, int people, String avoids, List<Brings> brings, String never, String askFirst) {}

    /// what is brought of a course; empty where nothing is
    record Brings(String course, List<String> dishes) {}

    /// what a dish holds, as its card says it
    record Answer(String dish, List<String> sentences) {}

    /// @param rest covers beyond the groups, who eat everything; 0 where nobody knows how many come
    static ServiceSheet of(List<EventMenu.Served> dishes, List<GuestGroup> groups, int rest, RuleBook book,
            Optional<Events.Details> event, Format format) {
        var menu = dishes.stream().map(EventMenu.Served::dish).toList();
        var coverage = Coverage.of(menu, groups);
        var plates = dishes.stream()
                .map(d -> plates(coverage.covers().stream().filter(c -> c.dish().equals(d.dish())).toList(), d, rest))
                .toList();
        return new ServiceSheet(event.map(e -> e.name() + format.then(times(e))).orElse(""), plates,
                groups.stream().map(g -> forGroup(g, coverage.of(g), format)).toList(),
                menu.stream().map(d -> new Answer(d.name(), sentences(d, book))).toList());
    }

    /// What a recipe only says of a dish is no part of its statement, and answers nobody: who brings it asks.
    private static List<String> sentences(MenuDish dish, RuleBook book) {
        return Stream.concat(Statement.compose(dish.dish(), book).sentences().stream(),
                dish.dish().recipe().suggested().stream()
                        .map("The recipe also says, so ask the kitchen what that holds: “%s”"::formatted))
                .toList();
    }

    private static String times(Events.Details event) {
        return Stream.of(event.doors().isEmpty() ? "" : "doors " + event.doors(),
                event.service().isEmpty() ? "" : "served " + event.service()).filter(s -> !s.isEmpty())
                .collect(Collectors.joining(", "));
    }

    private static Plates plates(List<Cover> covers, EventMenu.Served served, int rest) {
        var ways = new LinkedHashMap<String, Integer>();
        ways.put("as it is", rest);
        for (var cover : covers) if (cover.isServed()) ways.merge(way(cover), cover.group().people(), Integer::sum);
        return new Plates(served.dish().course(), served.at().station(), served.dish().name(),
                ways.values().stream().mapToInt(Integer::intValue).sum(),
                ways.entrySet().stream().filter(w -> w.getValue() > 0)
                        .map(w -> "%d %s".formatted(w.getValue(), w.getKey())).toList());
    }

    private static String way(Cover cover) {
        return cover.how() == Cover.How.AS_SERVED ? "as it is" : String.join(", ", CoverWords.because(cover));
    }

    private static ForGroup forGroup(GuestGroup group, List<Cover> covers, Format format) {
        var brings = new LinkedHashMap<String, List<String>>();
        var never = new ArrayList<String>();
        var askFirst = new ArrayList<String>();
        for (var cover : covers) {
            var of = brings.computeIfAbsent(cover.dish().course(), _ -> new ArrayList<>());
            if (cover.isServed()) of.add(cover.how() == Cover.How.AS_SERVED ? cover.dish().name()
                    : "%s, %s".formatted(cover.dish().name(), way(cover)));
            else if (cover.how() == Cover.How.CANNOT_SAY) askFirst.add(cover.dish().name());
            else never.add(cover.dish().name());
        }
        var avoids = group.avoided().understood();
        return new ForGroup(group.name(), group.people(), avoids.equalsIgnoreCase(group.name()) ? "" : avoids,
                brings.entrySet().stream()
                        .map(e -> new Brings(e.getKey(), e.getValue())).toList(),
                format.list(never), format.list(askFirst));
    }
}
