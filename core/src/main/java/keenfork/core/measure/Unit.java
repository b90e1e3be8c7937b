package keenfork.core.measure;

import java.util.List;

/// A unit as cooks write it. A weight holds grams, a volume is weighed by density, a count by the food's own weights.
public enum Unit {
    G("g", Kind.WEIGHT, "g", "gram", "grams", "gr", "gramme", "grammes"),
    KG("kg", Kind.WEIGHT, "kg", "kilo", "kilos", "kilogram", "kilograms"),
    OZ("oz", Kind.WEIGHT, "oz", "ounce", "ounces"),
    LB("lb", Kind.WEIGHT, "lb", "lbs", "pound", "pounds"),
    ML("ml", Kind.VOLUME, "ml", "millilitre", "millilitres", "milliliter", "milliliters", "cc"),
    L("l", Kind.VOLUME, "l", "litre", "litres", "liter", "liters", "ltr"),
    TSP("tsp", Kind.VOLUME, "tsp", "tsps", "teaspoon", "teaspoons", "teaspoonful", "teaspoonfuls"),
    TBSP("tbsp", Kind.VOLUME, "tbsp", "tbsps", "tbs", "tb", "tbl", "tblsp", "tablespoon", "tablespoons", "spoon", "spoons", "spoonful", "spoonfuls", "tablespoonful", "tablespoonfuls", "tblspn", "tblspns"),
    CUP("cup", Kind.VOLUME, "cup", "cups", "cupful", "cupfuls"),
    FL_OZ("fl-oz", Kind.VOLUME, "floz", "fl-oz"),
    PINCH("pinch", Kind.COUNT, "pinch", "pinches", "shake", "shakes", "smidgen", "smidge"),
    BUNCH("bunch", Kind.COUNT, "bunch", "bunches"),
    CLOVE("clove", Kind.COUNT, "clove", "cloves"),
    PIECE("piece", Kind.COUNT, "piece", "pieces", "head", "heads", "bulb", "bulbs", "fillet", "fillets", "stick", "sticks", "stalk", "stalks",
            "rib", "ribs", "ear", "ears", "leaf", "leaves", "sheet", "sheets", "knob", "knobs", "ball", "balls", "cube", "cubes", "loaf", "loaves", "bag", "bags", "block", "blocks", "thumb", "thumbs", "log", "logs", "cob", "cobs", "wedge", "wedges", "spear", "spears", "pod", "pods", "strip", "strips", "scoop", "scoops", "sleeve", "sleeves", "pouch", "pouches", "strand", "strands", "tablet", "tablets"),
    HANDFUL("handful", Kind.COUNT, "handful", "handfuls", "fistful", "fistfuls"),
    SPRIG("sprig", Kind.COUNT, "sprig", "sprigs"),
    SLICE("slice", Kind.COUNT, "slice", "slices", "rasher", "rashers"),
    TIN("tin", Kind.COUNT, "tin", "tins", "can", "cans"),
    JAR("jar", Kind.COUNT, "jar", "jars", "bottle", "bottles"),
    POT("pot", Kind.COUNT, "pot", "pots", "tub", "tubs", "carton", "cartons", "packet", "packets", "pkt", "pkts", "pk", "pks", "pkg", "pkgs", "pack", "packs", "punnet", "punnets", "sachet", "sachets", "box", "boxes", "tray", "trays", "glass", "glasses", "tube", "tubes"),
    DRIZZLE("drizzle", Kind.COUNT, "drizzle", "drizzles", "glug", "glugs", "splash", "splashes", "dash", "dashes", "squeeze", "dollop", "dollops", "swirl", "lug", "slug", "slosh", "squirt", "trickle", "slick"),
    TO_TASTE("to-taste", Kind.NONE),
    NONE("none", Kind.COUNT);

    /// how a unit is weighed
    public enum Kind { WEIGHT, VOLUME, COUNT, NONE }

    private final String id;
    private final Kind kind;
    private final List<String> words;

    Unit(String id, Kind kind, String... words) {
        this.id = id;
        this.kind = kind;
        this.words = List.of(words);
    }

    /// {@return its name in files and on the command line, such as `tbsp`}
    public String id() { return id; }

    public Kind kind() { return kind; }

    /// {@return every spelling of it, in lower case}
    public List<String> words() { return words; }
}
