package keenfork.bench;

import java.util.List;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import keenfork.core.corpus.Corpus;
import keenfork.core.covers.GuestList;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidances;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;

/// Texts of the corpora, joined, cut and broken at random, through each reader of the core: none may end otherwise than
/// with an answer. The same texts each time.
public final class BrokenTexts {
    private static final List<String> FILES = List.of("packs.txt", "recipes.txt", "recipes-whole.txt", "people.txt",
            "steps.txt", "mentions.txt", "pages.txt", "phrasebook.txt");
    private static final String ODD =
            "½¼€%&()[]{}<>/\\|~^`\"'’“”…•–—\u0000\u0007\u200b\ufeff\ud83c\udf5e\u0301éüñłاب中文\n\t"
                    + "0123456789.,;:!?*+-=@#$_ ";
    private static final int MOST_JOINED = 4;
    private static final int MOST_SLIPS = 6;
    private static final int LONGEST_GAP = 40;
    private static final int LETTERS = 0x3000;
    private static final int SHOWN = 10;
    private static final double NANOS = 1e9;

    private BrokenTexts() {}

    /// @param words how many texts
    public static void main(String[] words) {
        var many = words.length == 0 ? 1_000_000 : Integer.parseInt(words[0]);
        var texts = FILES.stream().flatMap(f -> Corpus.lines(f).stream()).toList();
        var failed = new ConcurrentLinkedQueue<String>();
        var longest = new AtomicLong();
        var start = System.nanoTime();
        IntStream.range(0, many).parallel().forEach(i -> {
            var text = broken(texts, new Random(i));
            var began = System.nanoTime();
            try {
                read(i, text);
            } catch (RuntimeException | StackOverflowError e) {
                failed.add("%s: %s".formatted(e, text));
            }
            longest.accumulateAndGet(System.nanoTime() - began, Math::max);
        });
        System.out.printf("%,d texts in %.0f s: %d ended without an answer; the longest took %.0f ms%n", many,
                (System.nanoTime() - start) / NANOS, failed.size(), longest.get() / NANOS * 1000);
        failed.stream().limit(SHOWN).forEach(System.out::println);
        if (!failed.isEmpty()) System.exit(1);
    }

    private static String broken(List<String> texts, Random random) {
        var text = new StringBuilder(texts.get(random.nextInt(texts.size())));
        for (var more = random.nextInt(MOST_JOINED); more > 0; more--)
            text.append(random.nextBoolean() ? '\n' : ' ').append(texts.get(random.nextInt(texts.size())));
        for (var slips = random.nextInt(MOST_SLIPS); slips > 0 && !text.isEmpty(); slips--) {
            var at = random.nextInt(text.length());
            switch (random.nextInt(4)) {
                case 0 -> text.deleteCharAt(at);
                case 1 -> text.insert(at, ODD.charAt(random.nextInt(ODD.length())));
                case 2 -> text.setCharAt(at, (char) random.nextInt(LETTERS));
                default -> text.delete(at, Math.min(text.length(), at + random.nextInt(LONGEST_GAP)));
            }
        }
        return text.toString();
    }

    private static void read(int at, String text) {
        switch (at % 4) {
            case 0 -> derive(text);
            case 1 -> Declaration.read(text, Law.UNKNOWN);
            case 2 -> derive("1 egg\n200 g flour\nMethod\n" + text);
            default -> people(text);
        }
    }

    private static Derivation derive(String lines) {
        var dish = Derivation.of(Recipe.read("A dish\n" + lines, Volumes.METRIC, Law.UNKNOWN),
                Facts.none(RuleBook.uk()));
        Stream.of("uk", "us", "jp").forEach(book -> dish.under(RuleBook.named(book).orElseThrow()));
        return dish;
    }

    private static void people(String text) {
        var read = Avoidances.of(text, RuleBook.uk());
        var dish = derive("100 g polenta\n1 egg");
        read.all().forEach(a -> a.against(dish));
        read.understood();
        GuestList.read(text, RuleBook.uk());
    }
}
