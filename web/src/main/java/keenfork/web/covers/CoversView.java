package keenfork.web.covers;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.covers.Change;
import keenfork.core.covers.Cover;
import keenfork.core.covers.Coverage;
import keenfork.core.covers.GuestGroup;
import keenfork.core.covers.ServePlan;
import keenfork.core.trace.Certainty;
import keenfork.format.CoverWords;
import keenfork.web.kitchen.EventMenu;
import keenfork.web.page.Format;

/// Who can eat what, and what feeds everyone, as shown.
///
/// @param heads   the groups, a column each
/// @param courses the dishes by course
/// @param shortfalls who has too little, course by course, what is missing named; empty where nobody has
/// @param people  how many people the groups are
/// @param rest    covers beyond the groups, who eat everything; 0 where nobody knows how many come
record CoversView(List<Head> heads, List<Course> courses, List<String> shortfalls, int people, int rest) {
    /// what is asked: how many dishes each group must have, and how many come; 0 where nobody knows
    record Asked(int least, int covers) {}

    /// {@return all that are to be fed}
    public int total() { return people + rest; }

    /// a group
    ///
    /// @param id      its key
    /// @param unclear words of theirs that were not understood; empty where all were
    record Head(long id, String name, int people, String understood, String unclear) {}

    /// a course
    ///
    /// @param counts how many dishes each group has of it
    record Course(String name, List<Count> counts, List<DishRow> rows) {}

    /// how many dishes a group has
    record Count(int has, int least) {
        public boolean isFew() { return has < least; }

        /// {@return how many they have, and of how many where that is too few}
        public String words() { return isFew() ? "%d of %d".formatted(has, least) : String.valueOf(has); }
    }

    /// a dish
    ///
    /// @param eating people of the groups who get it
    record DishRow(long id, String name, List<Cell> cells, int eating) {}

    /// whether a group gets a dish
    ///
    /// @param link   to the thread behind it where something of the law's list stands against it, else to the swaps
    /// @param symbol its shape
    /// @param word   the shortest word for why
    /// @param words  all of it
    /// @param served whether they get it with nothing more done
    /// @param kept   whether their plates go out so already
    record Cell(String link, String symbol, String word, String words, boolean served, boolean kept) {
        /// {@return how its place looks}
        public String look() { return kept ? symbol + " kept" : symbol; }
    }

    static CoversView of(List<EventMenu.Served> dishes, List<Long> ids, List<GuestGroup> groups, Asked asked,
            Format format) {
        var least = asked.least;
        var people = groups.stream().mapToInt(GuestGroup::people).sum();
        var rest = Math.max(0, asked.covers - people);
        var heads = new ArrayList<Head>();
        for (var i = 0; i < groups.size(); i++) {
            var g = groups.get(i);
            heads.add(new Head(ids.get(i), g.name(), g.people(), g.avoided().understood(),
                    format.list(g.avoided().refusedInWords())));
        }
        var courses = new ArrayList<Course>();
        var few = new ArrayList<String>();
        for (var name : dishes.stream().map(d -> d.dish().course()).distinct().toList()) {
            var rows =
                    dishes.stream().filter(d -> d.dish().course().equals(name)).map(d -> row(d, ids, groups, rest))
                            .toList();
            var counts = new ArrayList<Count>();
            for (var g = 0; g < groups.size(); g++) {
                var at = g;
                var has = (int) rows.stream().filter(r -> r.cells.get(at).served).count();
                counts.add(new Count(has, least));
                if (has < least) few.add("%s %s: %d of %d (%s)".formatted(groups.get(g).name(),
                        format.count(groups.get(g).people(), "person", "people"), has, least, name));
            }
            courses.add(new Course(name, counts, rows));
        }
        return new CoversView(heads, courses, few, people, rest);
    }

    private static DishRow row(EventMenu.Served served, List<Long> ids, List<GuestGroup> groups, int rest) {
        var covers = Coverage.of(List.of(served.dish()), groups).covers();
        var cells = new ArrayList<Cell>();
        for (var i = 0; i < covers.size(); i++)
            cells.add(cell(covers.get(i), link(served.id(), ids.get(i), covers.get(i))));
        return new DishRow(served.id(), served.dish().name(), cells, covers.stream().filter(Cover::isServed)
                .mapToInt(c -> c.group().people()).sum() + rest);
    }

    /// What stands against a dish has its thread on the map, with what would clear it; what can be done with its plates
    /// is done on the swaps.
    private static String link(long dish, long group, Cover cover) {
        var against = cover.how() == Cover.How.CANNOT || cover.how() == Cover.How.CANNOT_SAY;
        return cover.why().stream().filter(_ -> against).filter(Cover.Why.Holds.class::isInstance)
                .map(w -> ((Cover.Why.Holds) w).evidence().substance())
                .flatMap(s -> cover.dish().dish().facts().home().placesOf(s).stream()).findFirst()
                .map(p -> "/map?guests=%d&dish=%d&group=%s#why".formatted(group, dish, p.group().id()))
                .orElse("/swaps?dish=%d&for=%d".formatted(dish, group));
    }

    private static Cell cell(Cover cover, String link) {
        var because = CoverWords.because(cover);
        var how = CoverWords.how(cover.how()).replace('-', ' ');
        return new Cell(link, symbol(cover), word(cover), "%s, %s: %s%s".formatted(cover.dish().name(),
                cover.group().name(), how, because.isEmpty() ? "" : ", " + String.join("; ", because)),
                cover.isServed(),
                cover.kept());
    }

    private static String symbol(Cover cover) {
        return switch (cover.how()) {
            case AS_SERVED -> "p-full";
            case VARIANT -> "p-variant";
            case PEELED -> "p-part";
            case SPLIT -> "p-split";
            case CANNOT_SAY -> "p-ask";
            case CANNOT -> isByContact(cover) ? "m-contact" : "p-empty";
        };
    }

    /// {@return whether nothing stands against it but what shared kit may leave}
    private static boolean isByContact(Cover cover) {
        return !cover.why().isEmpty() && cover.why().stream().allMatch(w -> w instanceof Cover.Why.Holds(_, var e)
                && e.certainty() == Certainty.CONTACT);
    }

    private static String word(Cover cover) {
        if (cover.why().isEmpty()) return "";
        return switch (cover.why().getFirst()) {
            case Cover.Why.Holds(_, var evidence) -> evidence.substance().name();
            case Cover.Why.IsCalled(var avoidance, _) -> avoidance.words();
            case Cover.Why.MayHold(var avoidance, _) -> avoidance.words();
            case Cover.Why.NotUnderstood _ -> "their words";
            case Cover.Why.Without(var parts) -> "no " + String.join(", ", parts).toLowerCase();
            case Cover.Why.Before _ -> "taken off";
            case Cover.Why.Variant _ -> "a variant";
        };
    }

    /// A plan over the whole menu.
    ///
    /// @param facts what it comes to, in words
    /// @param print tells it from any other
    /// @param small small dishes that would feed who still has too little
    record Plan(int number, String facts, String print, List<Step> steps, List<String> unfed, List<Small> small) {
        static List<Plan> of(List<ServePlan> all, List<EventMenu.Served> dishes, List<Long> ids,
                List<GuestGroup> groups, Format format) {
            var plans = new ArrayList<Plan>();
            for (var plan : all) plans.add(of(plans.size() + 1, plan, dishes, ids, groups, format));
            return plans;
        }

        private static Plan of(int number, ServePlan plan, List<EventMenu.Served> dishes, List<Long> ids,
                List<GuestGroup> groups, Format format) {
            return new Plan(number, facts(plan, format), PlanTaking.print(plan),
                    plan.changes().stream().map(c -> step(c, plan, dishes, ids, groups)).toList(),
                    plan.unfed().stream().map(s -> "%s still has %d of %s".formatted(s.group().name(), s.has(),
                            s.course().toLowerCase())).toList(),
                    plan.small().stream().map(s -> new Small(s.name(), s.course(), s.people(),
                            format.list(s.groups().stream().map(GuestGroup::name).toList()),
                            s.buy().isEmpty() ? "" : "; to be bought: " + format.list(s.buy()))).toList());
        }

        private static String facts(ServePlan plan, Format format) {
            var nothing = plan.unfed().isEmpty() ? "Nothing to change" : "No change of a dish feeds these";
            if (plan.changes().isEmpty()) return nothing;
            return "%s, %s".formatted(format.count(plan.changes().size(), "change", "changes"),
                    plan.proved() ? "no smaller set does" : "the best found so far");
        }

        private static Step step(Change change, ServePlan plan, List<EventMenu.Served> dishes, List<Long> ids,
                List<GuestGroup> groups) {
            var dish = dishes.stream().filter(d -> d.dish().equals(change.dish())).findFirst().orElseThrow().id();
            var gets = plan.gets(change);
            var forWhom = new ArrayList<Long>();
            for (var i = 0; i < groups.size(); i++) if (gets.contains(groups.get(i))) forWhom.add(ids.get(i));
            var isSwap = change instanceof Change.SwapForAll || change instanceof Change.MakeVariant;
            return new Step(dish, change.dish().name(), CoverWords.words(change), isSwap, forWhom,
                    gets.stream().map(GuestGroup::name).toList());
        }
    }

    /// A small dish of its own, the last resort.
    ///
    /// @param forWhom the groups it would feed, in words
    /// @param buy     what of it the kitchen has not; empty for nothing
    record Small(String name, String course, int people, String forWhom, String buy) {}

    /// One change of a plan.
    ///
    /// @param isSwap  whether it can be looked at closely on the swaps
    /// @param groups  the keys of the groups it is for
    record Step(long dish, String name, String words, boolean isSwap, List<Long> groups, List<String> names) {}
}
