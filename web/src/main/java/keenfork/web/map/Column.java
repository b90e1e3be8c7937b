package keenfork.web.map;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import keenfork.core.food.Substance;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Mark;
import keenfork.core.trace.Profile;
import org.jspecify.annotations.Nullable;

/// A column of the map: a group of the rule book, or one member of a group that is opened.
///
/// @param member the member, or null for the group itself
/// @param opens  whether its members can be shown
/// @param isOpen whether they are
record Column(Group group, @Nullable Substance member, boolean opens, boolean isOpen) {
    static List<Column> of(RuleBook ruleBook, List<String> opened) {
        var columns = new ArrayList<Column>();
        for (var group : ruleBook.groups()) {
            var opens = group.members().size() > 1;
            var isOpen = opens && opened.contains(group.id());
            columns.add(new Column(group, null, opens, isOpen));
            if (isOpen) for (var member : group.members()) columns.add(new Column(group, member, false, false));
        }
        return List.copyOf(columns);
    }

    public String name() {
        if (member == null) return group.name();
        return Character.toUpperCase(member.name().charAt(0)) + member.name().substring(1);
    }

    /// {@return its place in an address: `nuts`, or `nuts&member=almond`}
    public String key() { return member == null ? group.id() : group.id() + "&member=" + member.id(); }

    public boolean isMember() { return member != null; }

    Optional<Mark> mark(Profile profile) { return member == null ? profile.mark(group) : profile.member(group, member); }
}
