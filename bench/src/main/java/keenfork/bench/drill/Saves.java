package keenfork.bench.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;

/// A crew that saves without a pause: dishes, packs, guests, prints. What was answered is written down, and looked for
/// afterwards.
final class Saves {
    private final List<String> dishes = new ArrayList<>();
    private final List<String> packs = new ArrayList<>();
    private final List<String> guests = new ArrayList<>();
    private int prints;
    private int unanswered;
    private int next;
    private final AtomicInteger answered = new AtomicInteger();

    /// Saves until it is told to stop.
    void go(OpenKitchen kitchen, AtomicBoolean stop) {
        var crew = kitchen.crew();
        while (!stop.get()) {
            var n = next++;
            switch (n % 4) {
                case 0 -> keep(dishes, "Dish " + n, crew.post("/dishes/new", "text", dish(n), "version", "0"));
                case 1 -> keep(packs, "Pack " + n, crew.post("/larder/new", "label", "Pack " + n, "food", "chickpeas",
                        "law", "uk", "declaration", "Ingredients: chickpeas, salt, batch " + n + "."));
                case 2 -> keep(guests, "Table " + n, crew.post("/covers/list", "list", "Table " + n + ": 2 vegan",
                        "keep", "true"));
                default -> {
                    if (crew.post("/labels/print", "dish", "all", "kind", "card", "copies", "1", "by", "the drill")
                            .isKept()) {
                        prints++;
                        answered.incrementAndGet();
                    }
                }
            }
        }
    }

    private static String dish(int n) {
        return "Dish %d\nServes %d\n200 g chickpeas\n30 g tahini\n\nBlend the chickpeas with the tahini.".formatted(n,
                n + 1);
    }

    private void keep(List<String> kept, String name, Crew.Answer answer) {
        if (answer.isKept()) {
            kept.add(name);
            answered.incrementAndGet();
        } else unanswered++;
    }

    int answered() { return dishes.size() + packs.size() + guests.size() + prints; }

    /// {@return how many were answered since the drill began, while the crew goes on saving}
    int sofar() { return answered.get(); }

    int prints() { return prints; }

    int unanswered() { return unanswered; }

    /// {@return what was answered and is not there, or is there twice, or by half}
    List<String> wrong(OpenKitchen kitchen) {
        var crew = kitchen.crew();
        var wrong = new ArrayList<String>();
        for (var page : List.of(new Kept("/dishes", dishes), new Kept("/larder", packs),
                new Kept("/covers", guests))) {
            var body = crew.get(page.path).body();
            for (var name : page.names)
                if (count(body, name) == 0) wrong.add(name + " is not in " + page.path);
        }
        for (var path : List.of("/map", "/labels", "/run", "/today", "/covers/sheet"))
            if (crew.get(path).status() != 200) wrong.add(path + " does not open");
        return wrong;
    }

    private record Kept(String path, List<String> names) {}

    private static int count(String body, String name) {
        var count = 0;
        for (var at = body.indexOf(name); at >= 0; at = body.indexOf(name, at + 1)) {
            var end = at + name.length();
            if (end >= body.length() || !Character.isDigit(body.charAt(end))) count++;
        }
        return count;
    }
}
