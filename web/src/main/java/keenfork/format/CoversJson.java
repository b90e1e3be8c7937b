package keenfork.format;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import keenfork.core.covers.Coverage;
import keenfork.core.covers.GuestGroup;
import keenfork.core.covers.ServePlan;
import keenfork.core.people.Avoidances;

/// What `covers` says of a menu and its guests, in the shape of its JSON contract.
@JsonInclude(JsonInclude.Include.ALWAYS)
public record CoversJson(List<Group> groups, List<Covered> coverage, List<Served> plans) {
    /// a group, with what was understood of its words and what was refused
    public record Group(String name, int count, List<String> understood, List<String> refused) {
        static Group of(GuestGroup group) {
            return new Group(group.name(), group.people(),
                    group.avoided().said().stream().map(Avoidances.Said::inWords).toList(),
                    group.avoided().refusedInWords());
        }
    }

    /// whether a group can eat a dish, and how
    public record Covered(String group, String dish, String how, List<String> because) {
        static List<Covered> of(Coverage coverage) {
            return coverage.covers().stream().map(c -> new Covered(c.group().name(), c.dish().name(),
                    CoverWords.how(c.how()), CoverWords.because(c))).toList();
        }
    }

    /// A plan over the whole menu.
    ///
    /// @param smallDishes told in words alone: the contract of the JSON does not know them
    public record Served(List<Change> changes, List<Unfed> unfed, boolean proved, int bound, List<Covered> after,
            @JsonIgnore List<Small> smallDishes) {
        static Served of(ServePlan plan) {
            return new Served(
                    plan.changes().stream().map(
                            c -> new Change(c.dish().name(), CoverWords.move(c), CoverWords.words(c))).toList(),
                    plan.unfed().stream().map(s -> new Unfed(s.group().name(), s.course())).toList(), plan.proved(),
                    plan.bound(), Covered.of(plan.after()), plan.small().stream()
                            .map(s -> new Small(s.name(), s.course(), s.people(),
                                    s.groups().stream().map(GuestGroup::name).toList(), s.text()))
                            .toList());
        }
    }

    /// something done to a dish
    public record Change(String dish, String move, String text) {}

    /// a small dish of its own for those who still have too little
    public record Small(String name, String course, int people, List<String> groups, String text) {}

    /// a group that has too little of a course
    public record Unfed(String group, String course) {}

    /// @param plans ways to serve everyone, best first; empty where none were asked for
    public static CoversJson of(List<GuestGroup> groups, Coverage coverage, List<ServePlan> plans) {
        return new CoversJson(groups.stream().map(Group::of).toList(), Covered.of(coverage),
                plans.stream().map(Served::of).toList());
    }
}
