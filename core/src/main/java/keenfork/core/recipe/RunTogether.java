package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import keenfork.core.food.Grammar;

/// Lines that were pasted as one, with their bullets or their tags between them: "Quinoa salad • 500 g quinoa • mint".
final class RunTogether {
    private static final Pattern TAG =
            Pattern.compile("(?i)</?(?:" + Grammar.anyOf("page-tag") + ")(?:\\s[^<>]{0,200})?/?>");
    private static final Pattern BREAK = Pattern.compile("(?i)</(?:li|p|h\\d|div|tr)>|<br\\s?/?>");
    private static final String BULLETS = "•▪◦‣·";
    private static final Pattern BULLET = Pattern.compile("\\s+[" + BULLETS + "]\\s+");
    /// so many bullets within a line part a list
    private static final int LIST = 3;

    private RunTogether() {}

    /// {@return the lines, each by itself; the same lines where none was run together}
    static List<String> apart(List<String> written) {
        if (written.stream().noneMatch(l -> isTagged(l) || isList(l))) return written;
        var lines = new ArrayList<String>();
        for (var line : written) {
            var bare = isTagged(line) ? TAG.matcher(BREAK.matcher(line).replaceAll("\n")).replaceAll(" ") : line;
            bare.lines().forEach(l -> lines.addAll(isList(l) ? Arrays.asList(BULLET.split(l)) : List.of(l)));
        }
        return lines;
    }

    private static boolean isTagged(String line) { return line.indexOf('<') >= 0 && TAG.matcher(line).find(); }

    private static boolean isList(String line) {
        return line.length() > LIST * 2 && hasBullet(line)
                && BULLET.splitAsStream(line).limit(LIST + 1L).count() > LIST;
    }

    private static boolean hasBullet(String line) {
        for (var at = 1; at < line.length(); at++)
            if (line.charAt(at) > 127 && BULLETS.indexOf(line.charAt(at)) >= 0) return true;
        return false;
    }
}
