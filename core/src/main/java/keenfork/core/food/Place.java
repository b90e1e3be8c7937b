package keenfork.core.food;

import java.util.List;
import keenfork.core.food.Lexicon.Match;

/// Where a name stands among the others of a text.
///
/// @param matches all that were found, in order
/// @param at      which of them it is, from 0
record Place(String text, List<Match> matches, int at) {
    Match match() { return matches.get(at); }

    boolean isFirst() { return at == 0; }

    boolean isLast() { return at + 1 == matches.size(); }

    /// {@return the one before; there must be one}
    Match last() { return matches.get(at - 1); }

    /// {@return the one behind; there must be one}
    Match next() { return matches.get(at + 1); }

    /// {@return what stands between it and the one before, or the head of the text}
    String before() { return text.substring(isFirst() ? 0 : last().end(), match().start()); }

    /// {@return what stands between it and the next, or the end of the text}
    String behind() { return text.substring(match().end(), isLast() ? text.length() : matches.get(at + 1).start()); }

    boolean isRightBehindFood() { return !isFirst() && before().isBlank(); }

    boolean isRightBeforeFood() { return !isLast() && behind().isBlank(); }

    /// {@return whether another food follows that nothing parts from it}
    boolean leadsToFood() { return !isLast() && !Joint.parts(text, match().end(), matches.get(at + 1).start()); }

    /// {@return whether a comma, a bracket or "in" turns aside from the food before}
    boolean isAside() { return !isFirst() && Joint.turnsAside(text, last().end(), match().start()); }
}
