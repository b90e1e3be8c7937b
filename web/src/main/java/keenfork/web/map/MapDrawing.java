package keenfork.web.map;

import keenfork.paper.Shapes;

/// The map as one SVG that stands by itself: marks, words, key and cautions in it.
final class MapDrawing {
    private static final int NAMES = 300;
    private static final int COLUMN = 32;
    private static final int ROW = 30;
    private static final int HEAD = 170;
    private static final int TOP = 60;

    private MapDrawing() {}

    /// @param title what stands over it
    /// @param foot  rule book, date and caution
    static String svg(MapView map, String title, String foot) {
        var rows = map.dishRows();
        var width = Math.max(900, NAMES + (map.columns().size() + map.diets().size()) * COLUMN + 40);
        var height = TOP + HEAD + rows.size() * ROW + 90;
        var out = new StringBuilder(4096 + rows.size() * map.columns().size() * 60);
        out.append(
                ("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\" width=\"%d\" height=\"%d\" "
                        + "font-family=\"Atkinson Hyperlegible Next, system-ui, sans-serif\" font-size=\"16\" "
                        + "fill=\"#16211E\">")
                                .formatted(width, height, width, height));
        out.append("<title>").append(escaped(title))
                .append("</title><rect width=\"100%\" height=\"100%\" fill=\"#fff\"/>");
        out.append("<defs>");
        Shapes.all().forEach((id, shape) -> {
            if (id.startsWith("m-") || id.startsWith("p-"))
                out.append("<symbol id=\"").append(id)
                        .append("\" viewBox=\"0 0 24 24\">").append(shape).append("</symbol>");
        });
        out.append("</defs>");
        text(out, 16, 36, "font-size=\"24\" font-weight=\"700\"", title);
        for (var i = 0; i < map.columns().size(); i++)
            head(out, NAMES + i * COLUMN, map.columns().get(i).name(), map.columns().get(i).isMember());
        for (var i = 0; i < map.diets().size(); i++) head(out, dietX(map, i), map.diets().get(i).name(), false);
        line(out, TOP + HEAD, width, "#16211E");
        for (var r = 0; r < rows.size(); r++) row(out, map, rows.get(r), TOP + HEAD + r * ROW, width);
        key(out, TOP + HEAD + rows.size() * ROW + 16);
        text(out, 16, height - 14, "font-size=\"14\"", foot);
        return out.append("</svg>").toString();
    }

    private static int dietX(MapView map, int at) { return NAMES + map.columns().size() * COLUMN + 14 + at * COLUMN; }

    private static void head(StringBuilder out, int x, String name, boolean member) {
        text(out, 0, 0, "transform=\"translate(%d %d) rotate(-90)\"%s".formatted(x + COLUMN / 2 + 6, TOP + HEAD - 8,
                member ? "" : " font-weight=\"600\""), name);
    }

    private static void row(StringBuilder out, MapView map, MapView.MapRow row, int y, int width) {
        text(out, 16, y + 21, "font-weight=\"560\"",
                row.name().length() > 38 ? row.name().substring(0, 37) + "…" : row.name());
        for (var i = 0; i < row.cells().size(); i++)
            use(out, row.cells().get(i).symbol(), NAMES + i * COLUMN + 5, y + 4, row.cells().get(i).label());
        for (var i = 0; i < row.bowls().size(); i++)
            use(out, row.bowls().get(i).symbol(), dietX(map, i) + 5, y + 4, row.bowls().get(i).label());
        line(out, y + ROW, width, "#CBD5CE");
    }

    private static void key(StringBuilder out, int y) {
        var x = 16;
        for (var entry : MapKey.ENTRIES) {
            use(out, entry.symbol(), x, y, entry.words());
            text(out, x + 28, y + 17, "", entry.words());
            x += 44 + entry.words().length() * 8;
        }
    }

    private static void use(StringBuilder out, String symbol, int x, int y, String label) {
        out.append("<use href=\"#").append(symbol).append("\" x=\"").append(x).append("\" y=\"").append(y)
                .append("\" width=\"22\" height=\"22\"><title>").append(escaped(label)).append("</title></use>");
    }

    private static void line(StringBuilder out, int y, int width, String colour) {
        out.append("<path d=\"M16 %dH%d\" stroke=\"%s\" stroke-width=\"1\"/>".formatted(y, width - 16, colour));
    }

    private static void text(StringBuilder out, int x, int y, String look, String words) {
        out.append("<text x=\"").append(x).append("\" y=\"").append(y).append("\" ").append(look).append('>')
                .append(escaped(words)).append("</text>");
    }

    static String escaped(String text) {
        return text.replaceAll("[\\p{Cc}&&[^\\t\\n]]", "").replace("&", "&amp;").replace("<", "&lt;")
                .replace(">", "&gt;").replace("\"", "&quot;");
    }
}
