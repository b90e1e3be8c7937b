package keenfork.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import keenfork.core.kitchen.LarderPack;
import keenfork.core.people.Avoidance;
import keenfork.core.regime.RuleBook;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.persistence.dish.SetAsides;
import keenfork.web.persistence.dish.Variants;
import keenfork.web.persistence.pack.Packs;
import keenfork.web.persistence.run.Runs;
import keenfork.web.persistence.settings.OwnSwaps;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;

/// What is kept of a plan, what it is linked to, and how it is taken back.
class SwapsTest extends RunningKitchen {
    private static final Pattern PRINT = Pattern.compile("name=\"print\"\\s+value=\"([^\"]+)\"");
    @Autowired Kitchen kitchen;
    @Autowired Variants variants;
    @Autowired SetAsides asides;
    @Autowired OwnSwaps swaps;
    @Autowired Packs packs;
    @Autowired Runs runs;

    /// What other tests left on shared kit would be in the way of plans.
    @BeforeEach
    void noRun() { runs.use(kitchen.menu().run().kept().id(), List.of(), "began anew", ""); }

    private long dish(String name) {
        return kitchen.menu().dishes().stream().filter(d -> d.name().equals(name)).findFirst().orElseThrow().id();
    }

    private String text(long dish) { return kitchen.menu().dish(dish).orElseThrow().stored().value().text(); }

    private String version(long dish) {
        return String.valueOf(kitchen.menu().dish(dish).orElseThrow().stored().version());
    }

    private long write(String text) {
        assertThat(post("/dishes/new", "/dishes/new", "text", text).statusCode()).isEqualTo(302);
        return dish(text.lines().findFirst().orElseThrow());
    }

    private void rewrite(long dish, String text) {
        assertThat(post("/dishes/" + dish, "/dishes/" + dish, "version", version(dish), "text", text).statusCode())
                .isEqualTo(302);
    }

    private static String bench(long dish, String... avoid) {
        return "/swaps?dish=" + dish + String.join("",
                Arrays.stream(avoid).map(a -> "&avoid=" + URLEncoder.encode(a, StandardCharsets.UTF_8)).toList());
    }

    private HttpResponse<String> keep(long dish, String how, String... avoid) {
        var page = get(bench(dish, avoid)).body();
        var print = PRINT.matcher(page);
        var fields = new ArrayList<>(List.of("dish", String.valueOf(dish), "how", how, "version", version(dish),
                "print", print.find() ? print.group(1) : ""));
        for (var a : avoid) fields.addAll(List.of("avoid", a));
        return post(bench(dish, avoid), "/swaps/keep", fields.toArray(String[]::new));
    }

    private static String location(HttpResponse<String> answer) {
        return (answer.headers().firstValue("Location")
                .orElseThrow(() -> new AssertionError(answer.statusCode() + plain(answer.body()))))
                        .replaceFirst("^http://[^/]+", "");
    }

    /// What a cook works out in place is for these people alone; the dish itself stays as it was.
    @Test
    void a_tweak_on_the_bench_is_kept_as_a_variant() {
        var id = write("Capstan dip\n200 g tahini\n1 kg white beans\nMethod:\nBlend the tahini and the beans.");
        var before = text(id);
        assertThat(get(bench(id, "sesame")).body()).contains("name=\"without\" value=\"sesame\"");
        var tweaked = before.replace("200 g tahini", "150 g sunflower seed butter").replace("the tahini", "the butter");
        var bench = post(bench(id, "sesame"), "/dishes/proposed", "id", String.valueOf(id), "version", version(id),
                "without", "sesame", "text", tweaked);
        assertThat(plain(bench.body())).contains("Without sesame: nothing of that found")
                .contains("Keep it as a variant");
        var still =
                post("/dishes/" + id, "/dishes/read", "id", String.valueOf(id), "without", "sesame", "text", before);
        assertThat(plain(still.body())).contains("Without sesame: still in “200 g tahini”")
                .doesNotContain("as a variant");
        assertThat(plain(post("/dishes/" + id, "/dishes/read", "id", String.valueOf(id), "without", "legumes", "text",
                before).body())).as("white beans are legumes, by no law").contains("still in “1 kg white beans”");
        var refused = post("/dishes/" + id, "/dishes/" + id + "/variant", "without", "sesame", "text", before);
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(plain(refused.body())).contains("Not kept").contains("200 g tahini");
        assertThat(location(post("/dishes/" + id, "/dishes/" + id + "/variant", "without", "sesame", "text", tweaked)))
                .isEqualTo("/dishes/" + dish("Capstan dip, without sesame"));
        var made = dish("Capstan dip, without sesame");
        assertThat(text(made)).contains("150 g sunflower seed butter");
        assertThat(text(id)).isEqualTo(before);
        assertThat(variants.find(made)).hasValueSatisfying(v -> assertThat(v.original()).isEqualTo(id));
        post("/dishes/" + id, "/dishes/" + id + "/variant", "without", "sesame", "variant", String.valueOf(made),
                "text",
                tweaked.replace("150 g", "140 g"));
        assertThat(text(made)).startsWith("Capstan dip, without sesame").contains("140 g sunflower");
        assertThat(post("/dishes/" + id, "/dishes/" + id + "/variant", "without", "zugwort", "text", tweaked)
                .statusCode()).isEqualTo(422);
    }

    /// 200 g of walnuts at 16.00 a kilogram are 3.20; what has no price is asked for, and said on the spot.
    @Test
    void a_price_is_said_beside_the_plan_that_wants_it() {
        var id = write("Capstan paste\n200 g walnuts\n1 kg beetroot");
        assertThat(plain(get(bench(id, "nuts")).body())).contains("not known: no price for walnut");
        var fields = new String[] {"dish", String.valueOf(id), "avoid", "nuts", "food", "walnut", "amount", "16"};
        assertThat(location(post(bench(id, "nuts"), "/swaps/price", fields))).startsWith("/swaps?dish=" + id);
        assertThat(plain(get(bench(id, "nuts")).body())).doesNotContain("no price for walnut")
                .contains("less for this batch").contains("in place of £3.20");
        fields[7] = "a lot";
        assertThat(plain(post(bench(id, "nuts"), "/swaps/price", fields).body()))
                .contains("say a price such as 8.40").contains("“a lot”");
    }

    /// Presses Undo on the page that a kept plan leads to.
    private HttpResponse<String> undo(HttpResponse<String> kept) {
        var page = get(location(kept)).body();
        var form = page.substring(page.indexOf("action=\"/swaps/undo\""));
        var fields = Pattern.compile("name=\"([a-z]+)\"\\s+value=\"([^\"]*)\"")
                .matcher(form.substring(0, form.indexOf("</form>"))).results()
                .flatMap(m -> List.of(m.group(1), m.group(2)).stream()).toArray(String[]::new);
        return post(location(kept), "/swaps/undo", fields);
    }

    private static String plain(String html) {
        return html.replaceAll("(?s)<style.*?</style>|<[^>]+>", " ").replaceAll("\\s+", " ");
    }

    private boolean holds(long dish, String word) {
        return Avoidance.parse(word, RuleBook.uk()).orElseThrow()
                .against(kitchen.menu().dish(dish).orElseThrow().derivation()) != Avoidance.Answer.NOTHING;
    }

    @Test
    void a_variant_is_linked_and_asks_when_its_original_changes() {
        var id = write("Lantern dip\nServes 10\n1 kg chickpeas\n200 g tahini\n1 lemon");
        assertThat(location(keep(id, "variant", "sesame"))).contains("done=VARIANT");
        var made = dish("Lantern dip, without sesame");
        assertThat(holds(made, "sesame")).isFalse();
        assertThat(text(id)).as("the original stays").contains("200 g tahini");
        assertThat(plain(get("/dishes/" + made).body())).contains("A variant of Lantern dip , without sesame")
                .doesNotContain("changed since");
        assertThat(plain(get("/dishes/" + id).body())).contains("Its variant Lantern dip, without sesame");
        assertThat(plain(get("/today").body())).doesNotContain("Lantern dip, without sesame Its original");
        rewrite(id, "Lantern dip\nServes 10\n1 kg chickpeas\n200 g tahini\n50 g walnuts\n1 lemon");
        assertThat(plain(get("/today").body()))
                .contains("Lantern dip, without sesame Its original, Lantern dip, was changed since: does it follow?");
        assertThat(plain(get("/dishes/" + made).body())).contains("The original was changed since")
                .contains("Plan it again").contains("It stays as it is");
        assertThat(post("/dishes/" + made, "/swaps/variants/" + made + "/settle", "text", "x").statusCode())
                .isEqualTo(302);
        assertThat(plain(get("/today").body())).doesNotContain("was changed since: does it follow?");
        rewrite(id, "Lantern dip\nServes 10\n1 kg white beans\n200 g tahini\n1 lemon");
        var again = bench(id, "sesame") + "&variant=" + made;
        var print = PRINT.matcher(get(again).body());
        assertThat(print.find()).isTrue();
        var kept = post(again, "/swaps/keep", "dish", String.valueOf(id), "avoid", "sesame", "variant",
                String.valueOf(made), "how", "variant", "version", version(id), "print", print.group(1));
        assertThat(location(kept)).contains("done=CHANGE");
        assertThat(text(made)).startsWith("Lantern dip, without sesame\n").contains("1 kg white beans")
                .doesNotContain("tahini");
        assertThat(variants.find(made)).hasValueSatisfying(v -> assertThat(v.asks()).isFalse());
        assertThat(post("/dishes/" + made, "/swaps/variants/" + made + "/part", "text", "x").statusCode())
                .isEqualTo(302);
        assertThat(variants.find(made)).isEmpty();
    }

    @Test
    void a_variant_is_taken_back_off_the_menu() {
        var id = write("Rope dip\n1 kg chickpeas\n200 g tahini");
        var kept = keep(id, "variant", "sesame");
        assertThat(undo(kept).statusCode()).isEqualTo(302);
        assertThat(kitchen.menu().dishes()).noneMatch(d -> d.name().equals("Rope dip, without sesame"));
        assertThat(variants.all()).noneMatch(v -> v.original() == id);
    }

    @Test
    void a_change_is_for_everyone_and_taken_back_unless_somebody_changed_it_since() {
        var id = write("Wharf salad\n1 kg lentils\n300 g feta\n10 g salt");
        var before = text(id);
        var kept = keep(id, "change", "milk");
        assertThat(holds(id, "milk")).isFalse();
        assertThat(plain(get(location(kept)).body())).contains("is changed, for everyone who eats it");
        undo(kept);
        assertThat(text(id)).isEqualTo(before);
        var second = keep(id, "change", "milk");
        rewrite(id, text(id) + "\n1 lemon");
        var refused = undo(second);
        assertThat(refused.statusCode()).isEqualTo(409);
        assertThat(plain(refused.body())).contains("changed again since");
        assertThat(text(id)).endsWith("1 lemon");
    }

    @Test
    void plates_are_held_back_and_say_when_that_no_longer_helps() {
        var id = write("Quay salad\nServes 8\nBase:\n1 kg rice\nTopping:\n50 g puffed rice cereal");
        rewrite(id, "Quay salad\nServes 8\nBase:\n1 kg rice\nTopping:\n200 g chicken");
        var kept = keep(id, "plates", "vegetarian");
        assertThat(plain(get(location(kept)).body())).contains("some plates of “Quay salad” go out without it")
                .contains("Hold back the topping (200 g chicken).");
        assertThat(text(id)).as("the recipe stays").contains("200 g chicken");
        assertThat(plain(get("/dishes/" + id).body())).contains("Hold back the topping");
        rewrite(id, "Quay salad\nServes 8\nBase:\n1 kg rice\n50 g prawns\nTopping:\n200 g chicken");
        assertThat(plain(get("/today").body()))
                .contains("Quay salad vegetarian: This does not keep it away from them as the dish is now");
        var aside = asides.all().stream().filter(a -> a.dish() == id).findFirst().orElseThrow();
        assertThat(post(bench(id, "vegetarian"), "/swaps/asides/" + aside.id() + "/end", "dish", String.valueOf(id))
                .statusCode()).isEqualTo(302);
        assertThat(asides.all()).noneMatch(a -> a.dish() == id);
    }

    @Test
    void a_part_can_be_held_back_whatever_the_plans_say() {
        var id = write("Pier salad\nServes 8\nBase:\n1 kg rice\nTopping:\n200 g pistachios\n20 g mint");
        assertThat(plain(get(bench(id, "nuts")).body()))
                .contains("Hold back the topping (200 g pistachios and 20 g mint).");
        var kept = keep(id, "hold-back", "nuts");
        assertThat(asides.all()).anyMatch(a -> a.dish() == id && a.kind() == SetAsides.Portions.HOLD_BACK);
        undo(kept);
        assertThat(asides.all()).noneMatch(a -> a.dish() == id);
        assertThat(keep(dish("Freekeh, apricot and pistachio salad"), "hold-back", "sesame").statusCode())
                .as("it is in the dip itself").isEqualTo(409);
    }

    @Test
    void portions_for_the_groups_that_must_be_served_are_taken_off() {
        var id = write(
                "Mast salad\nServes 10\nBase:\n1 kg millet\nDressing:\n200 g tahini\nMethod:\nSimmer the millet.\n"
                        + "Pour the dressing over.");
        var group =
                Pattern.compile("name=\"for\"\\s+value=\"(\\d+)\"[^>]*><span>Sesame<").matcher(get("/swaps").body());
        assertThat(group.find()).isTrue();
        assertThat(plain(get("/swaps?dish=" + id + "&for=" + group.group(1)).body()))
                .contains("Take off 1 portion, 100 g");
        var kept = post("/swaps?dish=" + id + "&for=" + group.group(1), "/swaps/keep", "dish", String.valueOf(id),
                "for", group.group(1), "how", "split");
        assertThat(plain(get(location(kept)).body())).contains("Without sesame, for 1 person".toLowerCase())
                .contains("Take 1 portion, 100 g off before step 2");
        undo(kept);
        assertThat(asides.all()).noneMatch(a -> a.dish() == id);
    }

    @Test
    void another_pack_is_linked_and_unlinked_again() {
        packs.add(new keenfork.core.kitchen.LarderPack("pomegranate molasses", "Usual molasses", "", "uk",
                "pomegranate. May contain mustard.", java.time.LocalDate.now()), "");
        packs.add(new keenfork.core.kitchen.LarderPack("pomegranate molasses", "Other molasses", "", "uk",
                "pomegranate", java.time.LocalDate.now(), true, null), "");
        var id = write("Molasses dip\n1 kg beetroot\n40 g pomegranate molasses");
        var kept = keep(id, "change", "mustard");
        assertThat(packs.links()).anyMatch(l -> l.dish() == id && l.line().equals("40 g pomegranate molasses"));
        assertThat(holds(id, "mustard")).isFalse();
        undo(kept);
        assertThat(packs.links()).noneMatch(l -> l.dish() == id);
        assertThat(holds(id, "mustard")).isTrue();
    }

    @Test
    void a_plan_that_is_not_the_one_that_was_seen_is_not_kept() {
        var id = write("Cleat dip\n1 kg chickpeas\n200 g tahini");
        var answer = post(bench(id, "sesame"), "/swaps/keep", "dish", String.valueOf(id), "avoid", "sesame", "how",
                "change", "version", version(id), "print", "ffff");
        assertThat(answer.statusCode()).isEqualTo(409);
        assertThat(plain(answer.body())).contains("nothing was kept").contains("Cleat dip");
        var print = PRINT.matcher(get(bench(id, "sesame")).body());
        assertThat(print.find()).isTrue();
        var stale = version(id);
        rewrite(id, text(id) + "\n2 lemons");
        var late = post(bench(id, "sesame"), "/swaps/keep", "dish", String.valueOf(id), "avoid", "sesame", "how",
                "change", "version", stale, "print", print.group(1));
        assertThat(late.statusCode()).isEqualTo(409);
        assertThat(text(id)).contains("200 g tahini");
    }

    @ParameterizedTest @ValueSource(strings = {"", "zugwort", "<script>alert(1)</script>", "😀", "sesame, zugwort"})
    void words_that_name_nothing_are_said_and_nothing_is_kept(String avoid) {
        var id = dish("White bean, lemon and thyme dip");
        var answer = post("/swaps", "/swaps/keep", "dish", String.valueOf(id), "avoid", avoid, "how", "variant");
        assertThat(answer.statusCode()).isEqualTo(409);
        assertThat(answer.body()).contains("Nothing was kept").doesNotContain("<script>alert")
                .doesNotContain("Exception");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/swaps?dish=abc&avoid=milk", "/swaps?dish=99999999999999999999&avoid=milk",
            "/swaps?dish=1&avoid=milk&plan=-5&compare=x&compare=99&for=zz", "/swaps?done=NOTHING&of=x",
            "/swaps?done=CHANGE&of=999999&was=1"})
    void an_address_somebody_typed_is_no_error(String path) { assertThat(get(path).statusCode()).isIn(200, 404); }

    @Test
    void every_dish_has_its_best_plan_and_up_to_three_stand_side_by_side() {
        var every = plain(get("/swaps?dish=-1&avoid=sesame&avoid=milk").body());
        assertThat(every).contains("For a dish that is without sesame, milk")
                .contains("White bean, lemon and thyme dip").contains("ready in");
        var id = dish("Smoked trout and barley salad");
        var compared = plain(get(bench(id, "milk", "fish") + "&compare=1&compare=2&compare=3&compare=4").body());
        assertThat(compared).contains("Side by side Plan 1 Plan 2 Plan 3 Lines").doesNotContain("Plan 3 Plan 4 Lines");
        assertThat(get(bench(id, "milk") + "&compare=1").body()).doesNotContain("Side by side");
    }

    /// A dressing that a salad uses is changed inside: its variant is made first, and the salad's variant uses it.
    @Test
    void a_dish_used_as_a_part_becomes_a_variant_of_its_own() {
        write("Bowline dressing\n300 g tahini\n100 ml lemon juice\nMethod:\nStir the tahini with the lemon juice.");
        var salad = write("Bowline salad\n1 kg kale\n200 g @Bowline dressing\nMethod:\nToss the kale in the dressing.");
        assertThat(plain(get(bench(salad, "sesame")).body())).contains("changed inside");
        assertThat(keep(salad, "variant", "sesame").statusCode()).isEqualTo(302);
        var inner = text(dish("Bowline dressing without sesame"));
        assertThat(inner).startsWith("Bowline dressing without sesame\n").doesNotContain("tahini");
        var made = dish("Bowline salad, without sesame");
        assertThat(text(made)).contains("200 g @Bowline dressing without sesame");
        var sesame = Avoidance.parse("sesame", RuleBook.uk()).orElseThrow();
        assertThat(sesame.against(kitchen.menu().dish(made).orElseThrow().derivation()))
                .isEqualTo(Avoidance.Answer.NOTHING);
    }

    @Test
    void a_trace_is_all_right_where_the_cook_says_so() {
        packs.add(new keenfork.core.kitchen.LarderPack("sumac", "Sumac", "", "uk", "sumac. May contain celery.",
                java.time.LocalDate.now()), "");
        var id = write("Sumac salad\n1 kg lentils\n20 g sumac");
        assertThat(plain(get(bench(id, "celery")).body())).doesNotContain("Nothing to change");
        assertThat(plain(get(bench(id, "celery") + "&recipe=celery").body())).contains("Nothing to change");
        assertThat(plain(get(bench(id, "celery:recipe")).body())).contains("Nothing to change");
    }

    @Test
    void a_swap_of_the_kitchens_own_is_used_turned_off_and_taken_out() {
        var id = write("Bollard salad\n1 kg lentils\n200 g ricotta");
        assertThat(post("/swaps/table", "/swaps/table", "replaces", "ricotta", "role", "body", "goesIn",
                "butter bean 0.9", "preparation", "Crush with oil", "lead", "5-8", "closeness", "0.97").statusCode())
                        .isEqualTo(302);
        var own = swaps.all().stream().filter(o -> o.replaces().equals("ricotta")).findFirst().orElseThrow();
        assertThat(plain(get(bench(id, "milk")).body())).contains("Crush with oil");
        assertThat(plain(get("/swaps/table?q=ricotta").body())).contains("this kitchen");
        assertThat(post("/swaps/table", "/swaps/table/own-" + own.id() + "/off", "q", "ricotta").statusCode())
                .isEqualTo(302);
        assertThat(plain(get(bench(id, "milk")).body())).doesNotContain("Crush with oil");
        post("/swaps/table", "/swaps/table/own-" + own.id() + "/on");
        assertThat(plain(get(bench(id, "milk")).body())).contains("Crush with oil");
        post("/swaps/table", "/swaps/table/" + own.id() + "/remove");
        assertThat(swaps.all()).doesNotContain(own);
        var shipped = plain(get(bench(id, "milk")).body());
        post("/swaps/table", "/swaps/table/fresh-cheese-tofu/off");
        assertThat(plain(get(bench(id, "milk")).body())).isNotEqualTo(shipped);
        assertThat(plain(get("/swaps/table").body())).containsPattern("\\d turned off");
        post("/swaps/table", "/swaps/table/fresh-cheese-tofu/on");
    }

    @Test
    void the_kitchen_would_rather_do_some_things_its_own_way() {
        var id = write("Hawser soup\n1 kg potatoes\n300 g soured cream");
        assertThat(plain(get(bench(id, "milk")).body())).doesNotContain("our way")
                .containsPattern("(?s)coconut yoghurt 1 line.{0,400}white beans 1 line");
        assertThat(post("/swaps/table", "/swaps/table/soured-cream-white-bean/like", "q", "soured").statusCode())
                .isEqualTo(302);
        assertThat(plain(get("/swaps/table?q=soured").body())).contains("Our way", "Prefer no more");
        assertThat(plain(get(bench(id, "milk")).body()))
                .containsPattern("(?s)white beans 1 line.{0,80}our way.{0,400}coconut yoghurt 1 line");
        post("/swaps/table", "/swaps/table/soured-cream-white-bean/unlike");
        assertThat(plain(get(bench(id, "milk")).body())).doesNotContain("our way");
        assertThat(post("/swaps/table", "/swaps/table/no-such-swap/like").statusCode()).isEqualTo(302);
        assertThat(plain(get("/swaps/table").body())).doesNotContain("Prefer no more");
    }

    @Test
    void the_kitchen_says_which_creams_it_would_rather_take() {
        var id = write("Bollard soup\n1 kg potatoes\n300 g soured cream");
        assertThat(post("/swaps/table", "/swaps/table/creams", "school", "bean").statusCode()).isEqualTo(302);
        assertThat(get("/swaps/table").body()).containsPattern("value=\"bean\" selected");
        assertThat(get("/swaps/table?q=soured").body()).contains("/swaps?dish=" + id + "&amp;avoid=soured+cream");
        assertThat(get("/swaps?dish=" + id + "&avoid=soured+cream").body()).contains("Plans, best first");
        var beans = plain(get(bench(id, "milk")).body());
        post("/swaps/table", "/swaps/table/creams", "school", "tofu");
        assertThat(plain(get(bench(id, "milk")).body())).isNotEqualTo(beans);
        post("/swaps/table", "/swaps/table/creams", "school", "");
        assertThat(get("/swaps/table").body()).doesNotContainPattern("value=\"(?:nut|bean|tofu)\" selected");
    }

    @ParameterizedTest @ValueSource(strings = {"zugwort 1", "caper", "caper -1", "", "caper 1,,,caper much"})
    void an_own_swap_that_cannot_be_read_keeps_what_was_typed(String goesIn) {
        var answer = post("/swaps/table", "/swaps/table", "replaces", "feta", "role", "body", "goesIn", goesIn,
                "preparation", "<b>Crush</b>", "lead", "5", "closeness", "0.5");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("Not kept yet").contains("value=\"feta\"").contains("&lt;b&gt;Crush")
                .doesNotContain("Exception");
        assertThat(swaps.all()).noneMatch(o -> o.preparation().contains("<b>"));
    }
}
