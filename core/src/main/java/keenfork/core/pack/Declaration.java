package keenfork.core.pack;

import java.util.Comparator;
import java.util.List;

/// The printed declaration of a bought product, read. Every finding keeps the words behind it.
///
/// @param text           as printed
/// @param law            the rule book it was printed under
/// @param findings       what it says is in it or may be in it, in the order of the text
/// @param explained      words for a whole group that others beside them explain: the fish of "anchovies (fish)"
/// @param vague          words that hide something, with the question to ask
/// @param isList         whether it names an ingredient: "see label" does not, and replaces nothing that is assumed
/// @param contradictions where it says two things at once; the worse reading stands
public record Declaration(String text, Law law, List<Finding> findings, List<Finding> explained, List<VagueTerm> vague,
        boolean isList, List<String> contradictions) {
    /// longest text that is read, in characters; what stands after it is a question
    static final int LONGEST = 20_000;

    public Declaration {
        findings = List.copyOf(findings);
        explained = List.copyOf(explained);
        vague = List.copyOf(vague);
        contradictions = List.copyOf(contradictions);
    }

    /// Where the list of ingredients stands in the text: after its heading, up to the first sentence that is no part of
    /// it.
    ///
    /// @param from  first character, from 0
    /// @param until last character, exclusive
    public record Stretch(int from, int until) {}

    public Stretch list() { return Tone.list(text); }

    /// Reads any text; what cannot be read becomes a question, never an error.
    public static Declaration read(String text, Law law) {
        var read = SetApart.joined(text.length() > LONGEST ? text.substring(0, LONGEST) : text);
        var reader = new DeclarationReader(read);
        reader.read();
        if (text.length() > LONGEST)
            reader.unread(LONGEST - 1, LONGEST,
                    "The declaration is longer than %,d characters. What else does it say?".formatted(LONGEST));
        reader.findings.sort(Comparator.comparingInt(Finding::start).thenComparing(f -> f.substance().id()));
        var explained = Explained.of(reader.findings, read);
        reader.findings.removeAll(explained);
        return new Declaration(text, law, reader.findings, explained, reader.vague, reader.isList(),
                reader.contradictions());
    }

    /// {@return what a text says that states allergens alone: nobody expects a list of ingredients in it, and it
    /// replaces none}
    public static Declaration stated(String text, Law law) {
        var read = read(text, law);
        var asked = read.vague.stream().filter(v -> read.isList || v.start() > 0 || v.end() < text.length()).toList();
        return new Declaration(text, law, read.findings, read.explained, asked, false, read.contradictions);
    }
}
