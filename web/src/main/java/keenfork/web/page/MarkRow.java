package keenfork.web.page;

import java.util.List;

/// The marks of one row of a map.
///
/// @param address the start of the address of each mark's thread, or an empty string where marks lead nowhere
/// @param cells   the marks, in the order of the columns
/// @param bowls   the diets behind them
public record MarkRow(String address, List<Cell> cells, List<Bowl> bowls) {
    /// One mark.
    ///
    /// @param key     what its address ends with
    /// @param label   dish, group and words, as a reader hears them
    /// @param threads how many lead to it
    public record Cell(String key, String symbol, String label, int threads) {}

    /// One bowl.
    ///
    /// @param because the reason, or an empty string
    public record Bowl(String symbol, String label, String because) {
        public static final Bowl NONE = new Bowl("", "", "");
    }

    public MarkRow {
        cells = List.copyOf(cells);
        bowls = List.copyOf(bowls);
    }
}
