package keenfork.web.label;

/// Something that prints a page at a time.
interface LabelPrinter {
    /// what became of a page
    enum Outcome { CAME_OUT, NO_PAPER, OFF, NOBODY_SAW }

    /// @param pdf  a file
    /// @param page which of its pages to print, from 0
    Outcome print(byte[] pdf, int page);
}
