package keenfork.core.label;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Table;

/// What an additive does and what a list calls it: "raising agent: sodium bicarbonate". Regulation (EU) No 1169/2011,
/// Annex VII, part C.
///
/// @param id   its class: `raising agent`
/// @param name its own name: `sodium bicarbonate`
record AdditiveClass(String id, String name) {
    private static final Map<Food, AdditiveClass> HELD = Table.read(AdditiveClass.class, "additive-classes.txt", 4)
            .stream().collect(Collectors.toMap(r -> r.read(0, AdditiveClass::food),
                    r -> new AdditiveClass(r.cell(1), r.cell(2))));

    private static Food food(String name) {
        return Foods.shipped().find(name)
                .orElseThrow(() -> new IllegalArgumentException("no food \"%s\" in the table".formatted(name)));
    }

    static Optional<AdditiveClass> of(Food food) { return Optional.ofNullable(HELD.get(food)); }

    /// {@return as it stands in a list of a language}
    String inList(Language language) {
        return "%s%s %s".formatted(PackList.called(id, language), PackList.colon(language),
                PackList.called(name, language));
    }
}
