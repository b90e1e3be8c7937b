package keenfork.core.measure;

/// Volumes written back in the spoons a cook has in the drawer: ⅛, ¼, ½ and 1 tsp, ½ and 1 tbsp, a quarter cup.
public final class Spoons {
    private static final String[] EIGHTHS = {"", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"};
    private static final double ROUNDING_SHOWN = 0.05;

    private Spoons() {}

    /// {@return so many ml in cups, tbsp or tsp, such as `2½ tbsp`; with the true share where rounding moves it by over
    /// 5 %}
    public static String of(double millilitres, Volumes volumes) {
        var cup = volumes.millilitres(Unit.CUP).doubleValue();
        var tbsp = volumes.millilitres(Unit.TBSP).doubleValue();
        var tsp = volumes.millilitres(Unit.TSP).doubleValue();
        if (millilitres >= cup / 2) return written(millilitres, cup, 4, "cup");
        if (millilitres >= tbsp || Math.round(millilitres / tsp * 2) * tsp / 2 >= tbsp)
            return written(millilitres, tbsp, 2, "tbsp");
        if (millilitres >= tsp) return written(millilitres, tsp, 2, "tsp");
        return written(millilitres, tsp, millilitres >= tsp / 4 ? 4 : 8, "tsp");
    }

    private static String written(double millilitres, double unit, int steps, String name) {
        var count = Math.max(1, Math.round(millilitres / unit * steps));
        var rounded = count * unit / steps;
        var whole = count / steps;
        var part = EIGHTHS[(int) (count % steps) * 8 / steps];
        var words = (whole == 0 ? part : whole + part) + " " + name + (whole > 1 && name.equals("cup") ? "s" : "");
        var off = (rounded - millilitres) / millilitres;
        return Math.abs(off) <= ROUNDING_SHOWN ? words : "%s (%+d %%)".formatted(words, Math.round(off * 100));
    }
}
