package keenfork.web.run;

/// The shapes of what falls, as paths of a drawing: ribbons of cloth, and what is left on a piece. All in px, from the
/// left and from above.
final class FallShapes {
    private static final double[] STAIN = {20.6, -25, 42.4, -30, 57, -22, 66.7, -27, 77, -31, 100.7, -31, 115.3,
            -25, 130.4, -21, 131.4, -11, 125.4, -4, 124.4, 0, 127.4, 0, 123.4, 0};

    private FallShapes() {}

    /// {@return a ribbon} Cloth hangs a little uneven at both ends.
    static String cloth(int x, int y, int wide, int height) {
        return "M%d %dC%d %d %d %d %d %dV%dC%d %d %d %d %d %dZ".formatted(x, y, x + wide / 3, y - 4,
                x + wide * 2 / 3, y + 5, x + wide, y, y + height - 2,
                x + wide * 2 / 3, y + height + 5, x + wide / 3, y + height - 5, x, y + height - 1);
    }

    /// The one free-hand shape of the program: what is left on a piece. Its size says nothing of the amount.
    static String stain(int x, int base, int wide) {
        return shape(x, base, wide)
                + "H%.1fC%.1f %d %.1f %d %.1f %dC%.1f %d %.1f %d %.1f %dZ".formatted(at(x, wide, 10),
                        at(x, wide, 6), base, at(x, wide, 9), base, at(x, wide, 8), base - 5, at(x, wide, 2),
                        base - 12,
                        at(x, wide, 3), base - 21, at(x, wide, 20.6), base - 25);
    }

    /// The same where nothing holds it: it runs down into what is made next.
    static String drip(int x, int base, int wide) {
        var path = new StringBuilder(shape(x, base, wide));
        var run = new int[][] {{112, 22}, {84, 12}, {52, 28}, {24, 16}};
        for (var r : run)
            path.append("L%.1f %dV%dC%.1f %d %.1f %d %.1f %dV%d".formatted(at(x, wide, r[0] + 7.0), base,
                    base + r[1], at(x, wide, r[0] + 7.0), base + r[1] + 11, at(x, wide, r[0] - 7.0),
                    base + r[1] + 11, at(x, wide, r[0] - 7.0), base + r[1], base));
        return path.append("H%.1fC%.1f %d %.1f %d %.1f %dZ".formatted(at(x, wide, 8), at(x, wide, 2), base - 8,
                at(x, wide, 3), base - 21, at(x, wide, 20.6), base - 25)).toString();
    }

    private static String shape(int x, int base, int wide) {
        var p = new StringBuilder("M%.1f %.1f".formatted(at(x, wide, STAIN[0]), base + STAIN[1]));
        for (var i = 2; i + 5 < STAIN.length; i += 6)
            p.append("C%.1f %.1f %.1f %.1f %.1f %.1f".formatted(at(x, wide, STAIN[i]), base + STAIN[i + 1],
                    at(x, wide, STAIN[i + 2]), base + STAIN[i + 3], at(x, wide, STAIN[i + 4]),
                    base + STAIN[i + 5]));
        return p.toString();
    }

    private static double at(int x, int wide, double part) { return x + part * wide / 133.4; }
}
