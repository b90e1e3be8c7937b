package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import keenfork.core.food.Foods;
import keenfork.core.food.Words;

/// The words of a line that were read past. Asked for only where they are shown, so that reading a line does not pay
/// for it.
final class PastWords {
    private PastWords() {}

    static List<String> of(Line line) {
        // "on rye" is read as rye bread: what is put in full by itself is looked for as it was read
        var text = Shorthand.written(line.text());
        var matches = Foods.shipped().phrase(text).matches();
        // "burgers beef" is a beef burger
        var named = line.food().stream().flatMap(f -> Words.of(f.name()).stream()).map(Words.Word::text)
                .collect(Collectors.toSet());
        var past = new ArrayList<String>();
        for (var word : Words.of(text)) {
            if (named.contains(word.text())
                    || matches.stream().anyMatch(m -> m.start() <= word.start() && word.end() <= m.end()))
                continue;
            var written = text.substring(word.start(), word.end());
            if (!line.text().contains(written) || isAmount(written) || line.unread().contains(written)
                    || line.words().doubts().stream().anyMatch(d -> d.word().equals(written)))
                continue;
            past.add(written);
        }
        return past;
    }

    private static boolean isAmount(String word) {
        return !Character.isLetter(word.codePointAt(0)) || Numbers.at(word, 0) != null
                || Units.unit(word.toLowerCase(java.util.Locale.ROOT)) != null;
    }
}
