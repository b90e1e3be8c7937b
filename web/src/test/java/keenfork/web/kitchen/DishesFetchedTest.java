package keenfork.web.kitchen;

import static org.assertj.core.api.Assertions.assertThat;

import keenfork.web.RunningKitchen;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/// The texts of all dishes are the most that a kitchen keeps: they are fetched when a dish changes, and for nothing
/// else.
class DishesFetchedTest extends RunningKitchen {
    @Autowired Kitchen kitchen;

    @Test
    void a_changed_pack_fetches_no_dishes_and_a_changed_dish_does() {
        var before = kitchen.menu();
        assertThat(post("/larder/new", "/larder/new", "food", "freekeh", "label", "Freekeh, fetched", "law", "uk",
                "declaration", "Wheat.").statusCode()).isEqualTo(302);
        var behindPack = kitchen.menu();
        assertThat(behindPack).isNotSameAs(before);
        assertThat(behindPack.packs()).hasSizeGreaterThan(before.packs().size());
        assertThat(behindPack.stock().dishes()).isSameAs(before.stock().dishes());
        assertThat(post("/dishes/new", "/dishes/new", "text", "Fetched anew\n1 leek").statusCode()).isEqualTo(302);
        assertThat(kitchen.menu().dishes()).extracting(Menu.Dish::name).contains("Fetched anew");
        assertThat(post("/larder/new", "/larder/new", "food", "freekeh", "label", "Freekeh, again", "law", "uk",
                "declaration", "Wheat, milk.").statusCode()).isEqualTo(302);
        assertThat(kitchen.menu().dishes()).extracting(Menu.Dish::name).contains("Fetched anew");
    }
}
