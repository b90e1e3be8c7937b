package keenfork.core.pack;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Table;
import keenfork.core.food.Words;

/// A form of an allergen that a law exempts, where the pack tells the source beside it and nothing else stands between
/// the two: "maltodextrin (wheat)", "tocopherols from soya", "wheat dextrose". "Glucose syrup and wheat flour" are two.
///
/// @param source what it is made of
/// @param told   the names of the source that tell it: wheat and its starch, and no flour
/// @param form   the exempt one
/// @param ends   finds the name of the form at the end of what stands over the source
/// @param before finds it at the end of what stands in front of the source, with "from" between
/// @param after  finds it at the start of what stands behind the source
record ExemptForm(Substance source, Set<String> told, Substance form, Pattern ends, Pattern before, Pattern after) {
    private static final List<ExemptForm> ALL =
            Table.read(Foods.class, "exempt-forms.txt", 5).stream().map(ExemptForm::read).toList();
    /// letters around a source that can tell its form
    private static final int NEAR = 60;

    ExemptForm {
        told = Set.copyOf(told);
    }

    private static ExemptForm read(Table.Row row) {
        var names = String.join("|", row.list(0).stream().map(Pattern::quote).toList());
        var form = "(?iu)(?<!\\p{L})(?:%s)s?(?:[\\s-](?:%s))*".formatted(names, Tone.held("form-tail"));
        var told = new HashSet<String>();
        row.list(2).forEach(name -> told.add(Words.key(name)));
        return new ExemptForm(row.read(1, Substances.shipped()::get), told, row.read(3, Substances.shipped()::get),
                Pattern.compile(form + "[\\s\\d.,%*]*(?:\\s(?:" + Tone.held("form-from") + "))*:?\\s*$"),
                Pattern.compile(form + "\\s{0,3}(?::(?:\\s?(?:%1$s))?|(?:\\s(?:%1$s))+:?)\\s{0,3}$"
                        .formatted(Tone.held("form-from"))),
                Pattern.compile("(?iu)[\\s-](?:(?:%s)\\s)?(?:%s)(?!\\p{L})".formatted(Tone.held("form-based"), names)));
    }

    /// {@return the substance; in its exempt form where the words around it say so}
    /// @param words  of the term it stands in
    /// @param start  where it is named in them
    /// @param end    where its name ends
    /// @param parent the term that its own opens up; empty where it opens up none
    static Substance of(Substance substance, String words, int start, int end, String parent) {
        for (var form : ALL)
            if (form.source.equals(substance) && form.told.contains(Words.key(words.substring(start, end)))
                    && form.isSaid(words, start, end, parent))
                return form.form;
        return substance;
    }

    private boolean isSaid(String words, int start, int end, String parent) {
        var ahead = words.substring(Math.max(0, start - NEAR), start);
        var behind = words.substring(end, Math.min(words.length(), end + NEAR));
        return before.matcher(ahead).find() || after.matcher(behind).lookingAt()
                || ends.matcher(parent.substring(Math.max(0, parent.length() - NEAR))).find();
    }
}
