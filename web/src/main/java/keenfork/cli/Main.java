package keenfork.cli;

import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.List;

/// Where `check`, `swap`, `run`, `label`, `covers` and `convert` start. Exit status 0 when all could be computed, 2 on
/// bad words or an unreadable file.
public final class Main {
    private static final int WRONG = 2;

    private Main() {}

    public static void main(String[] words) {
        var out = new PrintStream(new FileOutputStream(FileDescriptor.out), false, StandardCharsets.UTF_8);
        var errors = new PrintStream(new FileOutputStream(FileDescriptor.err), true, StandardCharsets.UTF_8);
        var status = run(List.of(words), out, errors);
        out.flush();
        System.exit(status);
    }

    static int run(List<String> words, PrintStream out, PrintStream errors) {
        if (words.isEmpty()) {
            errors.println("keen-fork: say check, swap, run, label, covers or convert");
            return WRONG;
        }
        var rest = words.subList(1, words.size());
        try {
            var allRead = switch (words.getFirst()) {
                case "check" -> Check.run(rest, out, errors);
                case "swap" -> Swap.run(rest, out, errors);
                case "run" -> Run.run(rest, out, errors);
                case "label" -> Label.run(rest, out, errors);
                case "covers" -> Covers.run(rest, out, errors);
                case "convert" -> Convert.run(rest, out, errors);
                default -> throw new Options.Wrong(
                        "no command \"%s\"; there are check, swap, run, label, covers and convert"
                                .formatted(words.getFirst()));
            };
            return allRead ? 0 : WRONG;
        } catch (Options.Wrong | java.nio.file.InvalidPathException e) {
            errors.println("keen-fork " + words.getFirst() + ": " + e.getMessage());
            return WRONG;
        }
    }
}
