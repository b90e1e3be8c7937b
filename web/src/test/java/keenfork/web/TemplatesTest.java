package keenfork.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/// A template shows what a view holds. It asks one yes or no, it may look different by one, and it may say which of
/// several is chosen; it compares, joins, counts and adds nothing, and chooses no word: that is the view's, where it
/// has a name and can be tested.
class TemplatesTest {
    private static final Path TEMPLATES = Path.of("src/main/resources/templates");
    private static final Pattern EXPRESSION =
            Pattern.compile("(?:th:(\\w+)=\"|[\\w-]+=|\\[\\[)?\\$\\{([^{}]*(?:\\{[^{}]*\\}[^{}]*)*)\\}",
                    Pattern.DOTALL);
    private static final Pattern QUOTED = Pattern.compile("'[^']*'");
    private static final String PATH = "[\\w.?()']+";
    /// a class, a symbol or an attribute that is there or not: words begin with a capital or hold a sentence
    private static final Pattern A_LOOK = Pattern.compile(
            "[\\w.?()']+(?: == " + PATH + ")? \\? (?:'[a-z0-9 ./-]*'|null) : (?:'[a-z0-9 ./-]*'|null)");
    private static final Pattern THE_CHOSEN = Pattern.compile(PATH + " == " + PATH);
    private static final Pattern TURNED = Pattern.compile("!" + PATH);
    private static final Pattern JOINED = Pattern.compile("#strings\\.listJoin\\([\\w.()]+, ''\\)");
    private static final Pattern WORK = Pattern.compile(
            "==|!|[<>]|&[lg]t;|\\b(?:and|or|not|eq|ne|gt|lt|ge|le|div|mod)\\b|[+*/%?:]| - |@fmt\\.one|#");

    @Test
    void a_template_does_no_sums_joins_no_conditions_and_chooses_no_word() throws IOException {
        var wrong = new ArrayList<String>();
        try (var files = Files.walk(TEMPLATES)) {
            for (var file : files.filter(f -> f.toString().endsWith(".html")).toList())
                EXPRESSION.matcher(Files.readString(file)).results().filter(TemplatesTest::isWork)
                        .forEach(m -> wrong.add(TEMPLATES.relativize(file) + ": " + m.group(2)));
        }
        assertThat(wrong).isEmpty();
    }

    @Test
    void the_rule_sees_what_it_forbids() {
        for (var expression : List.of("a.size() > 1", "a == null", "a and b", "n - 1", "@fmt.one(n, 'dish', 'dishes')",
                "a ? 'Lock it' : 'Unlock it'", "a ?: 'Version 1'", "x.name + ', kept'", "#lists.isEmpty(a)"))
            assertThat(EXPRESSION.matcher("th:if=\"${" + expression + "}\"").results()).as(expression)
                    .anyMatch(TemplatesTest::isWork);
        for (var expression : List.of("a.empty", "a.on ? 'k-open' : 'k-go'", "a.plans?.keep", "!a.done"))
            assertThat(EXPRESSION.matcher("th:class=\"${" + expression + "}\"").results()).as(expression)
                    .noneMatch(TemplatesTest::isWork);
    }

    private static boolean isWork(MatchResult found) {
        var expression = found.group(2).replaceAll("\\s+", " ").strip();
        var attribute = found.group(1) == null ? "" : found.group(1);
        if (A_LOOK.matcher(expression).matches()) return false;
        if (THE_CHOSEN.matcher(expression).matches()) return !attribute.equals("selected")
                && !attribute.equals("checked");
        if (TURNED.matcher(expression).matches()) return attribute.equals("if") || attribute.equals("unless");
        var bare = QUOTED.matcher(expression).replaceAll("''").replace("?.", ".");
        return !JOINED.matcher(bare).matches() && WORK.matcher(bare).find()
                && !bare.matches(".*\\.!\\[words\\(\\)\\].*");
    }
}
