package keenfork.web.page;

/// Thrown for an address that leads to nothing any more; its message tells the cook what is missing.
public class NotHere extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NotHere(String message) {
        super(message);
    }
}
