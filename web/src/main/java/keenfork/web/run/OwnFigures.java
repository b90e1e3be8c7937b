package keenfork.web.run;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import keenfork.core.run.Clean;
import keenfork.core.run.Kit;
import keenfork.core.run.Pace;
import keenfork.format.KitText;
import keenfork.web.kitchen.OwnKit;
import keenfork.web.page.Format;

/// The figures a kitchen may hold of its own, as the page of its kit shows them.
///
/// @param title   what they tell
/// @param says    how they are written, and what they are for
/// @param of      what each is about
/// @param unit    of the table's figures
/// @param figures one for each kind of kit, clean or work
record OwnFigures(String title, String says, String of, String unit, List<Figure> figures) {
    /// A figure that may be the kitchen's own.
    ///
    /// @param what   its key
    /// @param own    as the kitchen wrote it; empty where the table's is in force
    /// @param table  the table's
    /// @param reader what was typed, as it is kept
    /// @throws IllegalArgumentException from the reader, where it is no such figure
    record Figure(String what, String name, String own, String table, String source, UnaryOperator<String> reader) {}

    /// {@return how many of them are the kitchen's own}
    /// {@return whose figures are in force}
    public String whose() { return ours() == 0 ? "as in the table" : ours() + " of our own"; }

    public long ours() { return figures.stream().filter(f -> !f.own.isEmpty()).count(); }

    /// {@return all of them}
    /// @param own the kitchen's, by their keys
    static List<OwnFigures> all(Map<String, String> own) {
        return List.of(
                new OwnFigures("What stays on it", "Grams left by a dip or pesto; by a dressing. Wide on purpose: they "
                        + "order the work and never drop a warning.", "Kit", "g",
                        Kit.all().stream().filter(Kit::carries)
                                .map(k -> figure(OwnKit.key(k), k.name(), own, KitText.of(k.residue()),
                                        k.residue().source(), f -> KitText.of(KitText.residue(f, ""))))
                                .toList()),
                new OwnFigures("What a clean does", "The share that stays, 0 to 1; minutes. Only a full wash ends a "
                        + "contact, and only fresh oil or water does in fryer and pasta water, whatever stands here.",
                        "Clean", "min",
                        Arrays.stream(Clean.values()).filter(c -> c != Clean.NONE)
                                .map(c -> figure(OwnKit.key(c), c.words(), own, KitText.of(c.effect()),
                                        c.effect().source(), f -> KitText.of(KitText.effect(f, ""))))
                                .toList()),
                new OwnFigures("How much it holds", "Kilograms at once. What is more goes in so many goes, and the "
                        + "clock counts each.", "Kit", "kg",
                        Kit.all().stream().filter(k -> k.room().isPresent())
                                .map(k -> figure(OwnKit.roomKey(k), k.name(), own,
                                        KitText.ofRoom(k.room().orElseThrow()), k.residue().source(),
                                        f -> KitText.ofRoom(KitText.room(f))))
                                .toList()),
                new OwnFigures("How long hands are on it", "Minutes to begin; for each kilogram. Time it one day and "
                        + "write it here: the clock is then our own.", "Work", "min",
                        Pace.all().stream().filter(p -> p.begin() > 0)
                                .map(p -> figure(OwnKit.key(p), p.act(), own, KitText.of(p), p.source(),
                                        f -> KitText.of(KitText.pace(p.act(), f, ""))))
                                .toList()));
    }

    private static Figure figure(String what, String name, Map<String, String> own, String table, String source,
            UnaryOperator<String> reader) {
        return new Figure(what, Format.upper(name), own.getOrDefault(what, ""), table, source, reader);
    }
}
