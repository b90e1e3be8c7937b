package keenfork.core.run;

import keenfork.core.food.Table;

/// What is done to a piece of kit between two batches, of rising strength. Only a full wash ends a contact for the strict school.
public enum Clean {
    NONE("not washed"), WIPE("wiped"), RINSE("rinsed"), WASH("washed");

    private final String words;
    private final double leavesAtMost;
    private final int minutes;

    Clean(String words) {
        this.words = words;
        var row = Table.read(Clean.class, "kit.txt", 6).stream().filter(r -> r.cell(0).equals("clean") && r.cell(1).equalsIgnoreCase(name())).findFirst()
                .orElseThrow(() -> new IllegalStateException("kit.txt: no clean \"%s\"".formatted(name())));
        this.leavesAtMost = row.read(3, Double::parseDouble);
        this.minutes = row.read(4, Integer::parseInt);
    }

    /// {@return how it is said behind a comma: "on the blender, wiped"}
    public String words() { return words; }

    /// {@return the largest share of the residue that stays, 0 to 1}
    public double leavesAtMost() { return leavesAtMost; }

    public int minutes() { return minutes; }
}
