package keenfork.core.label;

import java.util.Arrays;
import java.util.Optional;

/// What labels are printed on: their own size from a roll, or cut from a sheet.
public enum PaperFormat {
    OWN("own", "their own size", 0, 0), A4("a4", "A4 sheets, to be cut", 210, 297),
    LETTER("letter", "Letter sheets, to be cut", 215.9, 279.4);

    /// no printer reaches closer to the edge, mm; common practice
    private static final double EDGE = 3;

    private final String id;
    private final String words;
    private final double width;
    private final double height;

    /// How labels of one size stand on a sheet, all the same way up.
    ///
    /// @param width   of the page, mm
    /// @param height  of the page, mm
    /// @param columns labels side by side, 1 or more
    /// @param rows    labels above each other, 1 or more
    /// @param left    of the first label from the left edge, mm
    /// @param top     of the first label from the top edge, mm
    public record Layout(double width, double height, int columns, int rows, double left, double top) {
        /// {@return labels on one page}
        public int each() { return columns * rows; }
    }

    PaperFormat(String id, String words, double width, double height) {
        this.id = id;
        this.words = words;
        this.width = width;
        this.height = height;
    }

    public String id() { return id; }

    public String words() { return words; }

    public static Optional<PaperFormat> named(String id) {
        return Arrays.stream(values()).filter(s -> s.id.equals(id)).findFirst();
    }

    /// {@return how labels of a kind stand on it: upright or on its side, whichever takes more; upright where both take
    /// as many. A kind that fills the sheet within its edges takes the whole of it}
    public Layout of(Kind kind) {
        if (this == OWN) return new Layout(kind.width(), kind.height(), 1, 1, 0, 0);
        var upright = layout(kind, width, height);
        var across = layout(kind, height, width);
        return across.each() > upright.each() ? across : upright;
    }

    private static Layout layout(Kind kind, double width, double height) {
        var columns = Math.max(0, (int) ((width - 2 * EDGE) / kind.width()));
        var rows = Math.max(0, (int) ((height - 2 * EDGE) / kind.height()));
        // what is as wide as the sheet itself has its own margins
        if (columns == 0 && kind.width() <= width) columns = 1;
        if (rows == 0 && kind.height() <= height) rows = 1;
        return new Layout(width, height, columns, rows, (width - columns * kind.width()) / 2,
                (height - rows * kind.height()) / 2);
    }
}
