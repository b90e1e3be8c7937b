package keenfork.web.page;

/// Something was sent that no label and no page could print.
class Unprintable extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /// @param message what and where, in the cook's words
    Unprintable(String message) {
        super(message);
    }
}
