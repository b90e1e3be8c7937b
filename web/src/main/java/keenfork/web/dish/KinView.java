package keenfork.web.dish;

import java.util.List;
import java.util.Optional;
import keenfork.core.people.Avoidances;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.AsideView;
import keenfork.web.page.Format;
import keenfork.web.persistence.dish.SetAsides;
import keenfork.web.persistence.dish.Variants;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.UriComponentsBuilder;

/// What a dish is to others: a variant of one, the original of some, and plates of it that go out without something.
///
/// @param original the dish it is a variant of, or null
/// @param variants its variants
/// @param plates   plates of it that go out without something
record KinView(@Nullable Original original, List<Link> variants, List<AsideView> plates) {
    /// A dish with its address.
    ///
    /// @param asks whether the original was changed since
    record Link(String name, String link, boolean asks) {}

    /// The dish that this one was made from.
    ///
    /// @param what    what the variant is, such as `vegan, without nuts`
    /// @param asks    whether it was changed since
    /// @param changes the address of what was changed
    /// @param again   the address where it is planned anew
    record Original(long variant, String name, String link, String what, boolean asks, String changes, String again) {}

    public boolean isAlone() { return original == null && variants.isEmpty() && plates.isEmpty(); }

    static KinView of(long id, Menu menu, List<Variants.Variant> variants, List<SetAsides.Aside> asides,
            Format format) {
        var original = variants.stream().filter(v -> v.dish() == id).findFirst()
                .flatMap(v -> menu.dish(v.original()).map(d -> original(v, d, menu)));
        var made = variants.stream().filter(v -> v.original() == id).flatMap(v -> link(v, menu).stream()).toList();
        var plates = menu.dish(id).map(
                d -> asides.stream().filter(a -> a.dish() == id).map(a -> AsideView.of(a, menu, d, format)).toList())
                .orElse(List.of());
        return new KinView(original.orElse(null), made, plates);
    }

    private static Optional<Link> link(Variants.Variant v, Menu menu) {
        return menu.dish(v.dish()).map(d -> new Link(d.name(), "/dishes/" + d.id(), v.asks()));
    }

    private static Original original(Variants.Variant v, Menu.Dish dish, Menu menu) {
        var changes = "/dishes/%d/versions?from=%d&to=%d".formatted(dish.id(), v.number(), v.newest());
        var again = UriComponentsBuilder.fromPath("/swaps").queryParam("dish", dish.id()).queryParam("avoid", "{w}")
                .queryParam("variant", v.dish()).encode().buildAndExpand(v.avoids()).toUriString();
        return new Original(v.dish(), dish.name(), "/dishes/" + dish.id(),
                Avoidances.of(v.avoids(), menu.ruleBook()).inWords(), v.asks(), changes, again);
    }
}
