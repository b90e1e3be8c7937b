package keenfork.core.trace;

/// How surely something is there, strongest first.
public enum Certainty {
    CONTAINS("contains"), MAY_CONTAIN("may-contain"), CONTACT("contact"), NOT_KNOWN("not-known");

    private final String id;

    Certainty(String id) {
        this.id = id;
    }

    /// {@return its key on the command line}
    public String id() { return id; }
}
