package keenfork.core.food;

import java.util.List;

/// Letters that a scanner takes for others: an m for r and n, an s for a 5.
///
/// @param read  as they stand there
/// @param meant as they were printed
record LookAlike(String read, String meant) {
    private static final List<LookAlike> ALL = Table.read(LookAlike.class, "look-alikes.txt", 3).stream()
            .map(r -> new LookAlike(r.cell(0), r.cell(1))).toList();
    /// "5g" and "2nd" are of a figure
    private static final int SHORTEST = 4;

    static List<LookAlike> all() { return ALL; }

    /// {@return whether both are letters of ours, so that a word may hold them rightly}
    boolean isLatin() { return read.chars().allMatch(c -> c >= 'a' && c <= 'z'); }

    /// {@return what a word may have been that begins with one figure, and goes on in letters: "5oya"}
    static List<String> behindFigure(String word) {
        if (word.length() < SHORTEST || !Character.isDigit(word.charAt(0))
                || !word.substring(1).chars().allMatch(Character::isLetter))
            return List.of();
        return ALL.stream().filter(l -> word.startsWith(l.read)).map(l -> l.meant + word.substring(1)).toList();
    }
}
