package keenfork.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.persistence.pack.Packs;
import keenfork.web.persistence.settings.Settings;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/// Several who save at the very same moment: one is stored, the others get what they typed back, beside what is.
class AtOnceTest extends RunningKitchen {
    private static final int MANY = 6;
    @Autowired Kitchen kitchen;
    @Autowired Settings settings;
    @Autowired Packs packs;

    private long id(String name) {
        return kitchen.menu().dishes().stream().filter(d -> d.name().equals(name)).findFirst().orElseThrow().id();
    }

    /// {@return the answers to so many who press at once; they share a session, which is there before they do}
    private List<HttpResponse<String>> atOnce(List<Callable<HttpResponse<String>>> all) throws Exception {
        get("/dishes");
        try (var pool = Executors.newFixedThreadPool(all.size())) {
            var answers = new ArrayList<HttpResponse<String>>();
            for (var answer : pool.invokeAll(all)) answers.add(answer.get());
            return answers;
        }
    }

    @Test
    void a_dish_that_many_keep_at_once_is_one_of_theirs_and_shows_the_others_both_texts() throws Exception {
        post("/dishes/new", "/dishes/new", "text", "Crowded slaw\n1 kg cabbage");
        var dish = id("Crowded slaw");
        var version = String.valueOf(kitchen.menu().dish(dish).orElseThrow().stored().version());
        var all = new ArrayList<Callable<HttpResponse<String>>>();
        for (var n = 1; n <= MANY; n++) {
            var text = "Crowded slaw\n%d kg cabbage\n1 kg fennel".formatted(n + 1);
            all.add(() -> post("/dishes", "/dishes/" + dish, "version", version, "text", text));
        }
        var answers = atOnce(all);
        assertThat(answers).extracting(HttpResponse::statusCode).containsOnly(302, 409).containsOnlyOnce(302);
        assertThat(answers).filteredOn(a -> a.statusCode() == 409).allSatisfy(a -> assertThat(a.body())
                .contains("Both texts").contains("1 kg fennel").contains("Stored meanwhile"));
    }

    @Test
    void a_name_that_many_give_at_once_is_one_dish() throws Exception {
        var all = new ArrayList<Callable<HttpResponse<String>>>();
        for (var n = 1; n <= MANY; n++) {
            var text = "Crowded dip\n%d kg peas".formatted(n);
            all.add(() -> post("/dishes", "/dishes/new", "text", text));
        }
        var answers = atOnce(all);
        assertThat(answers).extracting(HttpResponse::statusCode).containsOnly(302, 409).containsOnlyOnce(302);
        assertThat(answers).filteredOn(a -> a.statusCode() == 409)
                .allSatisfy(a -> assertThat(a.body()).contains("kg peas").contains("Another dish is called"));
        assertThat(kitchen.menu().dishes()).filteredOn(d -> d.name().equals("Crowded dip")).hasSize(1);
    }

    @Test
    void a_pack_that_many_read_at_once_is_one_reading() throws Exception {
        post("/larder", "/larder/new", "label", "Crowd piccalilli", "food", "piccalilli", "law", "uk", "declaration",
                "vinegar, mustard seed");
        var pack = kitchen.menu().packs().stream().filter(p -> p.value().label().equals("Crowd piccalilli")).findFirst()
                .orElseThrow();
        var all = new ArrayList<Callable<HttpResponse<String>>>();
        for (var n = 1; n <= MANY; n++) {
            var words = "vinegar, mustard seed, salt %d%%".formatted(n);
            all.add(() -> post("/larder", "/larder/" + pack.id(), "version", String.valueOf(pack.version()), "label",
                    "Crowd piccalilli", "food", "piccalilli", "law", "uk", "declaration", words));
        }
        var answers = atOnce(all);
        assertThat(answers).extracting(HttpResponse::statusCode).containsOnly(302, 409).containsOnlyOnce(302);
        assertThat(answers).filteredOn(a -> a.statusCode() == 409)
                .allSatisfy(a -> assertThat(a.body()).contains("Stored meanwhile").contains("mustard seed, salt"));
        // other tests buy theirs unread
        packs.standBy(pack.id());
    }

    @Test
    void lists_that_two_write_over_the_same_ones_are_not_lost() {
        assertThat(post("/dishes", "/dishes/own-lists", "lists", "No vinegar: vinegar", "seen", "").statusCode())
                .isEqualTo(302);
        var late = post("/dishes", "/dishes/own-lists", "lists", "No mint: mint", "seen", "");
        assertThat(late.statusCode()).isEqualTo(409);
        assertThat(late.body()).contains("No mint: mint").contains("No vinegar: vinegar");
        assertThat(settings.ownLists()).isEqualTo("No vinegar: vinegar");
        settings.useOwnLists("", "No vinegar: vinegar");
    }
}
