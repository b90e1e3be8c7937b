package keenfork.web.label;

/// Something that prints a page at a time.
interface LabelPrinter {
    /// what became of a page
    enum Outcome { CAME_OUT, NO_PAPER, OFF, NOBODY_SAW }

    /// @param page a page to print, as PDF
    Outcome print(byte[] page);
}
