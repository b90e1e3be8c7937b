package keenfork.web.persistence;

/// Thrown when somebody else stored a newer version meanwhile, or the name is taken; the message says which, for the
/// cook.
public class Conflict extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public Conflict(String message) {
        super(message);
    }
}
