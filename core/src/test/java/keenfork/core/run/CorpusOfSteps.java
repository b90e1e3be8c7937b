package keenfork.core.run;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;

/// Steps as cooks write them, each with the kit that carries what goes over it; every third is kept aside.
public final class CorpusOfSteps {
    private static final int ASIDE = 3;

    private CorpusOfSteps() {}

    /// @param texts  steps measured
    /// @param right  those read with the right kit
    /// @param silent those of which nothing is understood: they are asked about
    /// @param missed those that are understood and take less kit than they should: the dangerous ones
    /// @param faults what is wrong, a step each
    public record Score(int texts, int right, int silent, int missed, List<String> faults) {
        public double share() { return texts == 0 ? 0 : 100.0 * right / texts; }
    }

    /// {@return those that were written last, and looked at once}
    public static Score last() { return measure(rows("/corpus/steps-last.txt"), _ -> true); }

    /// {@return those that were written after everything else, and looked at once}
    public static Score fresh() { return measure(rows("/corpus/steps-fresh.txt"), _ -> true); }

    /// {@return those that were met as they stand: nothing was mended for them}
    public static Score unseen() { return measure(rows("/corpus/steps-unseen.txt"), _ -> true); }

    /// {@return those with kit that kitchens have beside the usual, mended after their first look}
    public static Score kit() { return measure(rows("/corpus/steps-kit.txt"), _ -> true); }

    public static Score measure(boolean aside) {
        return measure(rows("/corpus/steps.txt"), i -> (i % ASIDE == 0) == aside);
    }

    private static Score measure(List<String> rows, IntPredicate chosen) {
        var right = 0;
        var silent = 0;
        var missed = 0;
        var texts = 0;
        var faults = new ArrayList<String>();
        for (var i = 0; i < rows.size(); i++) {
            if (rows.get(i).startsWith("#") || !chosen.test(i)) continue;
            texts++;
            var parts = rows.get(i).split(" => ");
            var read = Work.in(parts[0]).stream().map(Work::kit).filter(Kit::carries).map(Kit::id)
                    .collect(Collectors.toCollection(TreeSet::new));
            if (!Work.isRead(parts[0])) {
                silent++;
                faults.add("silent: " + parts[0]);
            } else if (fits(read, Arrays.asList(parts[1].split(" ")))) {
                right++;
            } else {
                if (!read.containsAll(must(Arrays.asList(parts[1].split(" "))))) missed++;
                faults.add("%s, not %s: %s".formatted(read, parts[1], parts[0]));
            }
        }
        return new Score(texts, right, silent, missed, faults);
    }

    private static boolean fits(Set<String> read, List<String> gold) {
        var must = must(gold);
        var may = gold.stream().filter(g -> g.startsWith("~")).map(g -> g.substring(1)).collect(Collectors.toSet());
        return read.containsAll(must) && read.stream().allMatch(k -> must.contains(k) || may.contains(k));
    }

    private static Set<String> must(List<String> gold) {
        return gold.stream().filter(g -> !g.startsWith("~") && !g.equals("-")).collect(Collectors.toSet());
    }

    private static List<String> rows(String file) {
        return keenfork.core.Kit.lines(file).filter(l -> l.contains(" => ")).toList();
    }

    public static void main(String[] words) {
        var score =
                words.length > 0 && words[0].equals("unseen") ? unseen() : words.length > 0 && words[0].equals("fresh")
                        ? fresh() : words.length > 0 && words[0].equals("last") ? last() : measure(words.length > 0);
        score.faults.forEach(System.out::println);
        System.out.printf("%d steps, %d right (%.1f %%), %d silent, %d missed%n", score.texts,
                score.right, score.share(), score.silent, score.missed);
    }
}
