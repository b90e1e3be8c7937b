package keenfork.web.run;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import keenfork.core.run.Clean;
import keenfork.core.run.Kit;
import keenfork.core.run.School;
import keenfork.core.run.Sequencer;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.Events;
import keenfork.web.persistence.Runs;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
class RunController {
    private static final String YOURS = "redirect:/run?show=yours";
    private final Kitchen kitchen;
    private final Runs runs;
    private final Events events;
    private final Format format;

    /// a dish that may go over shared kit
    record Pick(long id, String name, boolean chosen) {}

    RunController(Kitchen kitchen, Runs runs, Events events, Format format) {
        this.kitchen = kitchen;
        this.runs = runs;
        this.events = events;
        this.format = format;
    }

    @GetMapping("/run") String run(@RequestParam MultiValueMap<String, String> asked, Model model) {
        var menu = kitchen.menu();
        var batches = Batches.of(menu);
        var all = batches.all();
        var yours = batches.yours();
        var named = asked.getOrDefault("dish", List.of());
        var showBest = !"yours".equals(asked.getFirst("show"));
        var inYours = yours.turns().stream().map(t -> batches.ids().getOrDefault(t.batch().dish(), 0L)).toList();
        var chosen = named.isEmpty() ? (showBest ? all : inYours) : all.stream().filter(id -> named.contains(String.valueOf(id))).toList();
        var best = Sequencer.order(batches.of(chosen), School.STRICT);
        var given = named.isEmpty() ? yours : Batches.unwashed(batches.of(chosen));
        model.addAttribute("left", menu.dishes().stream().filter(d -> all.contains(d.id()) && !inYours.contains(d.id())).map(Menu.Dish::name).toList());
        model.addAttribute("unsaid", batches.unsaid());
        model.addAttribute("picks", menu.dishes().stream().filter(d -> all.contains(d.id())).map(d -> new Pick(d.id(), d.name(), chosen.contains(d.id()))).toList());
        model.addAttribute("best", best);
        model.addAttribute("yours", given);
        model.addAttribute("showBest", showBest);
        model.addAttribute("chosen", chosen);
        model.addAttribute("view", showBest ? RunView.of(best, best.worth(), menu, events.groups(), format) : RunView.of(given, "", menu, events.groups(), format));
        return "run/run";
    }

    @PostMapping("/run/use") String use(@RequestParam MultiValueMap<String, String> asked) {
        var batches = Batches.of(kitchen.menu());
        var order = batches.of(ids(asked.getOrDefault("dish", List.of())));
        runs.use(batches.turns("best".equals(asked.getFirst("order")) ? Sequencer.order(order, School.STRICT) : Batches.unwashed(order)));
        return YOURS;
    }

    @PostMapping("/run/move") String move(@RequestParam int turn, @RequestParam String to) {
        var turns = turns();
        var other = switch (to) {
            case "earlier" -> turn - 1;
            case "later" -> turn + 1;
            default -> throw new NotHere("A batch moves earlier or later.");
        };
        if (turn >= 0 && turn < turns.size() && other >= 0 && other < turns.size()) Collections.swap(turns, turn, other);
        runs.use(turns);
        return YOURS;
    }

    /// Says what is done to a kit before a batch goes over it.
    @PostMapping("/run/clean") String clean(@RequestParam int turn, @RequestParam String kit, @RequestParam String clean) {
        var turns = turns();
        var of = Kit.named(kit).orElseThrow(() -> new NotHere("This kitchen has no such kit."));
        if (turn < 0 || turn >= turns.size()) throw new NotHere("This batch is not in your order any more.");
        var cleans = new HashMap<>(turns.get(turn).cleans());
        if (clean.equals("none")) cleans.remove(of.id());
        else cleans.put(of.id(), named(clean).name());
        turns.set(turn, new Runs.Turn(turns.get(turn).dish(), cleans));
        runs.use(turns);
        return YOURS;
    }

    private static Clean named(String clean) {
        for (var c : Clean.values()) if (c.name().equals(clean.toUpperCase(Locale.ROOT))) return c;
        throw new NotHere("A kit is wiped, rinsed, washed, or its oil or water is renewed.");
    }

    private List<Runs.Turn> turns() {
        var menu = kitchen.menu();
        var batches = Batches.of(menu);
        return new ArrayList<>(batches.turns(batches.yours()));
    }

    private static List<Long> ids(List<String> words) {
        return words.stream().filter(w -> w.matches("\\d{1,18}")).map(Long::valueOf).distinct().toList();
    }
}
