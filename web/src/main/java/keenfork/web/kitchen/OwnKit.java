package keenfork.web.kitchen;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import keenfork.core.food.Substances;
import keenfork.core.regime.RuleBook;
import keenfork.core.run.Clean;
import keenfork.core.run.Effect;
import keenfork.core.run.Equipment;
import keenfork.core.run.Figures;
import keenfork.core.run.Kit;
import keenfork.core.run.Pace;
import keenfork.core.run.Piece;
import keenfork.core.run.Residue;
import keenfork.format.KitText;
import keenfork.web.persistence.run.KitList;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// Reads the kitchen's kit from what it wrote down.
public final class OwnKit {
    private static final String OWN = "the kitchen's own";

    private static final Logger LOG = LoggerFactory.getLogger(OwnKit.class);

    private OwnKit() {}

    /// {@return the key under which a kind's residue is kept}
    public static String key(Kit kit) { return "residue:" + kit.id(); }

    /// {@return the key under which a clean's figures are kept}
    public static String key(Clean clean) { return "clean:" + clean.name().toLowerCase(Locale.ROOT); }

    /// {@return the key under which is kept how much a kind of kit holds}
    public static String roomKey(Kit kit) { return "room:" + kit.id(); }

    /// {@return the key under which is kept how long hands are on a work}
    public static String key(Pace pace) { return "pace:" + pace.act(); }

    static Equipment of(List<KitList.Piece> pieces, Map<String, String> figures, RuleBook ruleBook) {
        Map<Kit, Residue> residues = new HashMap<>();
        for (var kit : Kit.all())
            if (figures.containsKey(key(kit)))
                residues.put(kit, KitText.residue(figures.getOrDefault(key(kit), ""), OWN));
        Map<Clean, Effect> effects = new HashMap<>();
        for (var clean : Clean.values())
            if (figures.containsKey(key(clean)))
                effects.put(clean, KitText.effect(figures.getOrDefault(key(clean), ""), OWN));
        Map<Kit, Double> rooms = new HashMap<>();
        for (var kit : Kit.all())
            if (figures.containsKey(roomKey(kit)))
                rooms.put(kit, KitText.room(figures.getOrDefault(roomKey(kit), "")));
        Map<String, Pace> paces = new HashMap<>();
        for (var pace : Pace.all())
            if (figures.containsKey(key(pace)))
                paces.put(pace.act(), KitText.pace(pace.act(), figures.getOrDefault(key(pace), ""), OWN));
        return new Equipment(pieces.stream().map(p -> piece(p, ruleBook)).toList(),
                new Figures(residues, effects, rooms, paces));
    }

    /// What a piece is kept from was written under the rule book of its day; a word that no rule book knows any more
    /// keeps everything from it.
    private static Piece piece(KitList.Piece piece, RuleBook ruleBook) {
        for (var book : Stream.concat(Stream.of(ruleBook), RuleBook.all().stream()).toList()) {
            try {
                return KitText.piece(String.valueOf(piece.id()), piece.kit(), piece.name(), piece.keptFrom(), book);
            } catch (IllegalArgumentException e) {
                LOG.info("{}: {}", piece.name(), e.getMessage());
            }
        }
        return new Piece(String.valueOf(piece.id()), Kit.named(piece.kit()).orElseThrow(), piece.name(),
                Set.of(Substances.shipped().anything()));
    }
}
