package keenfork.core.measure;

/// A unit as cooks write it. A weight holds grams, a volume is weighed by density, a count by the food's own weights.
public enum Unit {
    G("g", Kind.WEIGHT),
    KG("kg", Kind.WEIGHT),
    OZ("oz", Kind.WEIGHT),
    LB("lb", Kind.WEIGHT),
    ML("ml", Kind.VOLUME),
    L("l", Kind.VOLUME),
    TSP("tsp", Kind.VOLUME),
    TBSP("tbsp", Kind.VOLUME),
    CUP("cup", Kind.VOLUME),
    FL_OZ("fl-oz", Kind.VOLUME),
    PINCH("pinch", Kind.COUNT),
    BUNCH("bunch", Kind.COUNT),
    CLOVE("clove", Kind.COUNT),
    PIECE("piece", Kind.COUNT),
    HANDFUL("handful", Kind.COUNT),
    SPRIG("sprig", Kind.COUNT),
    SLICE("slice", Kind.COUNT),
    TIN("tin", Kind.COUNT),
    JAR("jar", Kind.COUNT),
    POT("pot", Kind.COUNT),
    DRIZZLE("drizzle", Kind.COUNT),
    TO_TASTE("to-taste", Kind.NONE),
    NONE("none", Kind.COUNT);

    /// how a unit is weighed
    public enum Kind { WEIGHT, VOLUME, COUNT, NONE }

    private final String id;
    private final Kind kind;

    Unit(String id, Kind kind) {
        this.id = id;
        this.kind = kind;
    }

    /// {@return its name in files and on the command line, such as `tbsp`}
    public String id() { return id; }

    public Kind kind() { return kind; }
}
