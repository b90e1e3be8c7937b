package keenfork.core.food;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import keenfork.core.food.Lexicon.Match;

/// A run of words read to the last word: each ends as read, read as another, read past, or not known.
///
/// @param text    the words
/// @param matches what they name, in order; some may have been taken for another word
/// @param past    words of general English that name nothing to eat, where only talk stands
/// @param unknown words that are not known, in order
public record Phrase(String text, List<Match> matches, List<Lexicon.Unread> past, List<Unknown> unknown) {
    public Phrase {
        matches = List.copyOf(matches);
        past = List.copyOf(past);
        unknown = List.copyOf(unknown);
    }

    /// A word that is not known.
    ///
    /// @param word      the word and its place
    /// @param standsFor true where it stands in the place of a food, so that it may be anything; false where only talk
    ///                  stands
    /// @param resembles the substances whose names it resembles, or that it may be a form of
    public record Unknown(Lexicon.Unread word, boolean standsFor, List<Substance> resembles) {
        public Unknown {
            resembles = List.copyOf(resembles);
        }
    }

    /// {@return whether every word is one of the tables, as it was written}
    public boolean isReadThrough() {
        if (!past.isEmpty() || !unknown.isEmpty()) return false;
        for (var match : matches) if (match.isTaken()) return false;
        return true;
    }

    /// "feta of a kind": the word before it tells whose way it is made, and names nothing that goes in
    private static final Pattern LIKE = Pattern.compile("(?i)[\\s-]+(?:" + Grammar.anyOf("likeness") + ")\\s+\\p{L}");

    private enum Place { OF_FOOD, OF_TALK }

    /// Where a word stands among the foods that were found.
    ///
    /// @param before there is a food behind it that it may describe
    /// @param aside  it stands behind a comma, bracket or dash, or a word such as "in" that begins what is done to the
    ///               food
    /// @param behind it stands right behind a food
    private record Around(boolean before, boolean aside, boolean behind) {}

    static Phrase of(String text, List<Match> matches, List<Lexicon.Unread> unread) {
        var all = new ArrayList<>(matches);
        var past = new ArrayList<Lexicon.Unread>();
        var unknown = new ArrayList<Unknown>();
        for (var word : unread) {
            if (LIKE.matcher(text).region(word.end(), text.length()).lookingAt()) {
                past.add(word);
                continue;
            }
            var kind = Dictionary.shipped().kind(word.word());
            var around = around(text, matches, word);
            var place = Foods.isQuoted(text, word) || Measured.is(text, word, kind) ? Place.OF_FOOD
                    : place(word, kind, around);
            if (place == Place.OF_TALK && kind == Dictionary.Edibility.INEDIBLE) {
                var hidden = around.before ? UnknownWords.hiddenBySlip(word.word(), following(matches, word))
                        : List.<Substance>of();
                if (hidden.isEmpty()) past.add(word);
                else unknown.add(new Unknown(word, false, hidden));
                continue;
            }
            var branch = place == Place.OF_FOOD ? UnknownWords.ofBranch(word.word()) : null;
            if (branch != null) all.add(new Match(word.text(), branch, word.start(), word.end()));
            else unknown.add(new Unknown(word, place == Place.OF_FOOD, UnknownWords.resembled(word.word())));
        }
        all.sort(java.util.Comparator.comparingInt(Match::start));
        return new Phrase(text, all, past, unknown);
    }

    private static Match following(List<Match> matches, Lexicon.Unread word) {
        return matches.stream().filter(m -> m.start() > word.start()).findFirst().orElseThrow();
    }

    private static Place place(Lexicon.Unread word, Dictionary.Edibility kind, Around around) {
        if (around.aside || around.before) return Place.OF_TALK;
        // "lamb kofta" is no lamb: a noun right behind a food changes it; "garlic smashed" is garlic
        return around.behind && kind == Dictionary.Edibility.INEDIBLE && isManner(word.text()) ? Place.OF_TALK
                : Place.OF_FOOD;
    }

    private static boolean isManner(String word) {
        var lower = word.toLowerCase(java.util.Locale.ROOT);
        return lower.endsWith("ed") || lower.endsWith("en") || lower.endsWith("ly") || lower.endsWith("ing")
                || lower.endsWith("wise");
    }

    private static Around around(String text, List<Match> matches, Lexicon.Unread word) {
        var last = -1;
        var next = -1;
        for (var match : matches) {
            if (match.end() <= word.start()) last = match.end();
            else if (next < 0) next = match.start();
        }
        var before = next >= 0 && !Joint.parts(text, word.end(), next);
        if (last < 0) return new Around(before, false, false);
        return new Around(before, Joint.turnsAside(text, last, word.start()), !Joint.parts(text, last, word.start()));
    }
}
