package keenfork.web.map;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import keenfork.core.food.Substance;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Mark;
import keenfork.core.trace.Profile;
import org.jspecify.annotations.Nullable;

/// A column of the map: a group of the rule book, one member of a group that is opened, or what stands beside the law's
/// list of it.
///
/// @param member   the member, or null for the group itself
/// @param opens    whether its members can be shown
/// @param isOpen   whether they are
/// @param isBeside whether the law does not list the member
record Column(Group group, @Nullable Substance member, boolean opens, boolean isOpen, boolean isBeside) {
    Column(Group group, @Nullable Substance member, boolean opens, boolean isOpen) {
        this(group, member, opens, isOpen, false);
    }

    /// @param found what some dish holds: of all that stands beside the law's list, only that has a column
    static List<Column> of(RuleBook ruleBook, List<String> opened, Set<Substance> found) {
        var columns = new ArrayList<Column>();
        for (var group : ruleBook.groups()) {
            var beside = ruleBook.beside(group).stream().filter(found::contains).toList();
            var opens = group.members().size() > 1 || !beside.isEmpty();
            var isOpen = opens && opened.contains(group.id());
            columns.add(new Column(group, null, opens, isOpen));
            if (!isOpen) continue;
            if (group.members().size() > 1)
                for (var member : group.members()) columns.add(new Column(group, member, false, false));
            for (var member : beside) columns.add(new Column(group, member, false, false, true));
        }
        return List.copyOf(columns);
    }

    public String name() {
        if (member == null) return group.name();
        return Character.toUpperCase(member.name().charAt(0)) + member.name().substring(1);
    }

    /// {@return its place in an address: `nuts`, or `nuts&member=almond`}
    public String key() { return member == null ? group.id() : group.id() + "&member=" + member.id(); }

    /// {@return how its head looks, by what is asked of the map}
    public String look(MapQuery asked) {
        var isAsked =
                group.id().equals(asked.groupId()) && (member == null ? "" : member.id()).equals(asked.memberId());
        return String.join(" ", isAsked ? "is-col" : "", isMember() ? "mem" : "", isBeside ? "beside" : "",
                isOpen ? "opened" : "").strip();
    }

    /// {@return what pressing its head does}
    public String turn() { return isOpen ? "Close its members" : "Open its members"; }

    public String sign() { return isOpen ? "–" : "+"; }

    public boolean isMember() { return member != null; }

    /// {@return what is said of it where it is pointed at, or null for nothing}
    public @Nullable String hint() { return isBeside ? label() : null; }

    /// {@return its name with what it is, as a reader hears it}
    public String label() { return isBeside ? name() + ", beside the law’s list" : name(); }

    Optional<Mark> mark(Profile profile) {
        if (member == null) return profile.mark(group);
        return isBeside ? profile.beside(group, member) : profile.member(group, member);
    }
}
