package keenfork.web.run;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.run.Batch;
import keenfork.core.run.Clean;
import keenfork.core.run.PrepRun;
import keenfork.core.run.School;
import keenfork.core.run.Sequencer;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.Runs;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
class RunController {
    private final Kitchen kitchen;
    private final Runs runs;
    private final Format format;

    /// a dish that may go through the blender
    record Pick(long id, String name, boolean chosen) {}

    /// the batches of the menu, by dish
    private record Batches(Map<Long, Batch> byDish, Map<String, Long> ids) {
        static Batches of(Menu menu) {
            var plain = new Facts(menu.ruleBook(), menu.facts().all().stream().filter(f -> !(f instanceof Fact.Contact)).toList());
            var byDish = new HashMap<Long, Batch>();
            var ids = new HashMap<String, Long>();
            for (var dish : menu.dishes())
                Batch.blended(Derivation.of(dish.derivation().recipe(), plain)).ifPresent(b -> {
                    byDish.put(dish.id(), b);
                    ids.put(b.dish(), dish.id());
                });
            return new Batches(byDish, ids);
        }

        List<Batch> of(List<Long> dishes) {
            return dishes.stream().filter(byDish::containsKey).map(byDish::get).toList();
        }

        List<Runs.Turn> turns(PrepRun run) {
            return run.turns().stream().map(t -> new Runs.Turn(ids.getOrDefault(t.batch().dish(), 0L), t.clean().name())).toList();
        }
    }

    RunController(Kitchen kitchen, Runs runs, Format format) {
        this.kitchen = kitchen;
        this.runs = runs;
        this.format = format;
    }

    @GetMapping("/run") String run(@RequestParam MultiValueMap<String, String> asked, Model model) {
        var menu = kitchen.menu();
        var batches = Batches.of(menu);
        var all = menu.dishes().stream().map(Menu.Dish::id).filter(batches.byDish()::containsKey).toList();
        var yours = yours(menu, batches, all);
        var named = asked.getOrDefault("dish", List.of());
        var showBest = !"yours".equals(asked.getFirst("show"));
        var inYours = yours.turns().stream().map(t -> batches.ids().getOrDefault(t.batch().dish(), 0L)).toList();
        var chosen = named.isEmpty() ? (showBest ? all : inYours) : all.stream().filter(id -> named.contains(String.valueOf(id))).toList();
        var best = Sequencer.order(batches.of(chosen), School.STRICT, chosen.size());
        var given = named.isEmpty() ? yours : Sequencer.score(batches.of(chosen), Collections.nCopies(chosen.size(), Clean.NONE), School.STRICT);
        model.addAttribute("left", menu.dishes().stream().filter(d -> all.contains(d.id()) && !inYours.contains(d.id())).map(Menu.Dish::name).toList());
        model.addAttribute("picks", menu.dishes().stream().filter(d -> all.contains(d.id())).map(d -> new Pick(d.id(), d.name(), chosen.contains(d.id()))).toList());
        model.addAttribute("best", best);
        model.addAttribute("yours", given);
        model.addAttribute("showBest", showBest);
        model.addAttribute("chosen", chosen);
        model.addAttribute("inForce", !menu.run().turns().isEmpty());
        model.addAttribute("view", RunView.of(showBest ? best : given, menu.ruleBook(), format));
        return "run/run";
    }

    /// The run in force, or the menu's own order unwashed where none is.
    private static PrepRun yours(Menu menu, Batches batches, List<Long> all) {
        if (!menu.run().turns().isEmpty()) return menu.run();
        return Sequencer.score(batches.of(all), Collections.nCopies(all.size(), Clean.NONE), School.STRICT);
    }

    @PostMapping("/run/use") String use(@RequestParam MultiValueMap<String, String> asked) {
        var batches = Batches.of(kitchen.menu());
        var chosen = ids(asked.getOrDefault("dish", List.of()));
        var order = batches.of(chosen);
        var run = "best".equals(asked.getFirst("order")) ? Sequencer.order(order, School.STRICT, order.size())
                : Sequencer.score(order, Collections.nCopies(order.size(), Clean.NONE), School.STRICT);
        runs.use(batches.turns(run));
        return "redirect:/run?show=yours";
    }

    @PostMapping("/run/move") String move(@RequestParam int turn, @RequestParam String to) {
        var menu = kitchen.menu();
        var batches = Batches.of(menu);
        var turns = new ArrayList<>(batches.turns(yours(menu, batches, menu.dishes().stream().map(Menu.Dish::id).filter(batches.byDish()::containsKey).toList())));
        if (turn >= 0 && turn < turns.size()) changed(turns, turn, to);
        runs.use(turns);
        return "redirect:/run?show=yours";
    }

    private static void changed(List<Runs.Turn> turns, int turn, String to) {
        var other = to.equals("earlier") ? turn - 1 : turn + 1;
        switch (to) {
            case "wash" -> turns.set(turn, new Runs.Turn(turns.get(turn).dish(), Clean.WASH.name()));
            case "no-wash" -> turns.set(turn, new Runs.Turn(turns.get(turn).dish(), Clean.NONE.name()));
            case "earlier", "later" -> {
                if (other >= 0 && other < turns.size()) Collections.swap(turns, turn, other);
            }
            default -> throw new NotHere("A batch moves earlier or later, or gets a wash.");
        }
    }

    private static List<Long> ids(List<String> words) {
        return words.stream().filter(w -> w.matches("\\d{1,18}")).map(Long::valueOf).distinct().toList();
    }
}
