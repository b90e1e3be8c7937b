package keenfork.web.page;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import keenfork.core.food.Substance;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Evidence;
import keenfork.core.trace.Mark;

/// A mark with its group's name beside it, as lists show it.
///
/// @param symbol its shape
/// @param name   the group
/// @param words  how sure, as a reader hears it
public record Sign(String symbol, String name, String words) {
    public static Sign of(Mark mark, Format format) {
        return new Sign(format.symbol(Optional.of(mark)), mark.group().name(), format.words(Optional.of(mark)));
    }

    private static Sign of(Evidence e, Group group, Format format) {
        return new Sign(format.symbol(e.certainty(), e.assumed()),
                group.names(e.substance()) ? e.substance().name() : group.name().toLowerCase(),
                group.name() + " " + format.words(e.certainty(), e.assumed()));
    }

    /// {@return what one line carries, strongest first: by its members where the law lists them}
    public static List<Sign> ofLine(List<Evidence> evidence, RuleBook ruleBook, Format format) {
        var unread = evidence.stream().anyMatch(e -> e.substance().id().equals(Substance.ANYTHING)
                && e.certainty() == Certainty.NOT_KNOWN && e.named() == null);
        if (unread) return List.of(new Sign("m-unknown", "all groups", "not known: it may hold anything"));
        var signs = new LinkedHashMap<String, Sign>();
        for (var e : evidence.stream().sorted(Comparator.comparing(Evidence::certainty)).toList())
            for (var group : ruleBook.groups())
                if (ruleBook.member(group, e.substance()).isPresent() && e.couldBeIn(group))
                    signs.putIfAbsent(group.id(), of(e, group, format));
        for (var e : evidence)
            if (e.certainty() == Certainty.CONTAINS && ruleBook.isBeside(e.substance()))
                signs.putIfAbsent(e.substance().id(), new Sign("m-beside", e.substance().name(),
                        e.substance().name() + " in it, beside the law’s list"));
        return List.copyOf(signs.values());
    }
}
