package keenfork.core.run;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import keenfork.core.food.Table;

/// A step that allows either of two kits: "shake in a jar or whisk", "by hand or in the food processor".
///
/// @param one   the step with the first of them alone
/// @param other the step with the second alone
record Either(String one, String other) {
    private static final Pattern BETWEEN = joint("between");
    /// the jar of "shake in a jar" goes with the shaking
    private static final Pattern ON_WITH = joint("on with");

    private static Pattern joint(String where) {
        return Pattern.compile(Table.read(Either.class, "either.txt", 3).stream().filter(r -> r.cell(1).equals(where))
                .map(r -> r.cell(0).replace('¦', '|')).findFirst().orElseThrow());
    }

    /// {@return the choice that a step leaves, the first where it leaves several; empty where it leaves none}
    static Optional<Either> of(String step) {
        var plain = Work.plain(step);
        var mentions = Work.mentions(plain);
        for (var i = 0; i + 1 < mentions.size(); i++) {
            var first = mentions.get(i);
            var second = mentions.get(i + 1);
            if (!BETWEEN.matcher(plain.substring(first.end(), second.start())).matches()) continue;
            var end = second.end();
            if (i + 2 < mentions.size()
                    && ON_WITH.matcher(plain.substring(end, mentions.get(i + 2).start())).matches())
                end = mentions.get(i + 2).end();
            var either = new Either(plain.substring(0, first.end()) + plain.substring(end),
                    plain.substring(0, first.start()) + plain.substring(second.start()));
            if (either.isChoice()) return Optional.of(either);
        }
        return Optional.empty();
    }

    private boolean isChoice() { return !kit(one).isEmpty() && !kit(other).isEmpty() && !kit(one).equals(kit(other)); }

    private static Set<Kit> kit(String step) {
        var kit = new LinkedHashSet<Kit>();
        for (var work : Work.in(step)) kit.add(work.kit());
        return kit;
    }

    /// {@return the kit that only one way of it takes}
    /// @param isFirst the first way, or the second
    List<Kit> own(boolean isFirst) {
        var own = kit(isFirst ? one : other);
        own.removeAll(kit(isFirst ? other : one));
        return List.copyOf(own);
    }

    /// {@return the step as it is read one way}
    String way(boolean isFirst) { return isFirst ? one : other; }
}
