package keenfork.web.page;

/// Something was sent that no label and no page could print.
class Unprintable extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String kept;

    /// @param message what and where, in the cook's words
    /// @param kept    what was sent, without it
    Unprintable(String message, String kept) {
        super(message);
        this.kept = kept;
    }

    String kept() { return kept; }
}
