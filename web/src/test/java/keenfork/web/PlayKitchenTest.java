package keenfork.web;

import static org.assertj.core.api.Assertions.assertThat;

import keenfork.core.measure.Volumes;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.persistence.guest.Events;
import keenfork.web.persistence.settings.Settings;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;

/// A new kitchen: what it says of itself, and the made-up one to play with.
@TestPropertySource(properties = {"keenfork.demo=false", "test.kitchen=play"})
class PlayKitchenTest extends RunningKitchen {
    @Autowired Kitchen kitchen;
    @Autowired Events events;
    @Autowired Settings settings;

    @AfterEach
    void emptyAgain() {
        settings.beDemo();
        post("/today", "/demo/out");
    }

    @Test
    void the_made_up_kitchen_comes_in_with_one_press_and_goes_out_with_one() {
        assertThat(get("/today").body()).contains("made-up kitchen to play with");
        assertThat(post("/today", "/demo/in").statusCode()).isEqualTo(302);
        assertThat(kitchen.menu().dishes()).hasSizeGreaterThan(10);
        assertThat(kitchen.menu().kitchenName()).isEqualTo("Ropewalk Canteen");
        assertThat(events.inForce()).isPresent();
        assertThat(get("/today").body()).contains("This kitchen is made up");
        assertThat(post("/today", "/demo/out").statusCode()).isEqualTo(302);
        assertThat(kitchen.menu().dishes()).isEmpty();
        assertThat(kitchen.menu().packs()).isEmpty();
        assertThat(events.all()).isEmpty();
        assertThat(get("/today").body()).contains("Four first steps").doesNotContain("Ropewalk");
        assertThat(get("/run").statusCode()).isEqualTo(200);
    }

    /// What a kitchen wrote itself goes by no button of the made-up one.
    @Test
    void a_kitchen_of_ones_own_is_never_emptied_or_filled() {
        post("/dishes/new", "/dishes/new", "text", "Own slaw\n1 kg cabbage");
        post("/today", "/demo/in");
        assertThat(kitchen.menu().dishes()).hasSize(1);
        post("/today", "/demo/out");
        assertThat(kitchen.menu().dishes()).hasSize(1);
        assertThat(get("/today").body()).doesNotContain("/demo/");
    }

    /// It has no dish yet, and a name and a guest of its own: those would go out with the made-up one.
    @Test
    void a_kitchen_with_anything_of_its_own_takes_no_other_in() {
        post("/kitchen", "/kitchen", "name", "Capstan Café");
        post("/covers", "/covers/list", "list", "4 vegan", "keep", "true");
        assertThat(get("/today").body()).contains("Four first steps").doesNotContain("/demo/");
        post("/today", "/demo/in");
        assertThat(kitchen.menu().dishes()).isEmpty();
        assertThat(kitchen.menu().kitchenName()).isEqualTo("Capstan Café");
        assertThat(events.groups()).hasSize(1);
    }

    /// A tablespoon is 15 ml metric, 20 ml in Australia, 14.8 ml in the United States (US customary, NIST Handbook 44;
    /// Australian metric cookery, from memory): what a recipe weighs follows what the kitchen says.
    @Test
    void a_kitchen_measures_in_its_own_spoons_and_says_since_when() {
        post("/dishes/new", "/dishes/new", "text", "Own dip\n10 tbsp tahini");
        var metric = grams();
        post("/kitchen", "/kitchen", "name", "Capstan Café", "measures", "AU", "contact", "measured");
        assertThat(settings.volumes()).isEqualTo(Volumes.AU);
        assertThat(grams() / metric).isBetween(1.32, 1.35);
        assertThat(settings.runDay().strict()).isFalse();
        var page = get("/kitchen").body();
        assertThat(page).contains("What was said before").contains("Called “Capstan Café”")
                .contains("a tablespoon is 20 ml").contains("What counts as a contact: measured")
                .containsPattern("value=\"AU\" selected");
        post("/kitchen", "/kitchen", "name", "Capstan Café", "measures", "thimbles");
        assertThat(settings.volumes()).as("nobody measures so").isEqualTo(Volumes.AU);
    }

    private double grams() {
        return kitchen.menu().dishes().getFirst().derivation().recipe().mass().likelyGrams();
    }
}
