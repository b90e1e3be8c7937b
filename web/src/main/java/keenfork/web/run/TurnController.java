package keenfork.web.run;

import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import keenfork.core.run.Clean;
import keenfork.core.run.Kit;
import keenfork.core.run.Sequencer;
import keenfork.web.page.Cook;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.run.Runs;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.ModelAndView;

/// What the crew does to its own order. Each change says from which run it was made, is kept beside the one before, and
/// can be taken back.
@Controller
class TurnController {
    private static final int MOST_PORTIONS = 100_000;
    private final RunPage page;
    private final Runs runs;
    private final Search search;

    /// Which turn of which run is changed.
    ///
    /// @param run  the run's key, from which it is changed
    /// @param dish the dish's key
    /// @param open the dish that is looked at closely; null for none
    record AtTurn(long run, long dish, @Nullable Long open) {
        long opened() { return open == null ? 0 : open; }
    }

    TurnController(RunPage page, Runs runs, Search search) {
        this.page = page;
        this.runs = runs;
        this.search = search;
    }

    @PostMapping("/run/use")
    ModelAndView use(@RequestParam long run, HttpServletRequest request) {
        var batches = page.batches();
        return kept(0, () -> runs.use(run, batches.turns(search.found(batches.inOrder(), batches.conditions())),
                "took the best order", Cook.of(request)));
    }

    /// Clears each piece just when the next use would be reached, in the order as it stands.
    @PostMapping("/run/washes")
    ModelAndView washes(@RequestParam long run, HttpServletRequest request) {
        var batches = page.batches();
        return kept(0, () -> runs.use(run, batches.turns(Sequencer.washed(batches.inOrder(), batches.conditions())),
                "washed where it must be", Cook.of(request)));
    }

    /// Says which dishes are in the run; those that come in stand at its end.
    @PostMapping("/run/dishes")
    ModelAndView dishes(@RequestParam long run, @RequestParam(required = false) List<String> dish,
            HttpServletRequest request) {
        var batches = page.batches();
        var chosen = (dish == null ? List.<String>of() : dish).stream().filter(w -> w.matches("\\d{1,18}"))
                .map(Long::valueOf).filter(batches.byDish()::containsKey).toList();
        if (chosen.isEmpty()) throw new NotHere("A run needs a dish. Go back and choose one.");
        var turns = new ArrayList<>(batches.turns().stream().filter(t -> chosen.contains(t.dish())).toList());
        for (var id : chosen)
            if (turns.stream().noneMatch(t -> t.dish() == id))
                turns.add(new Runs.Turn(id, 0, false, Map.of(), Map.of()));
        return kept(0, () -> runs.use(run, turns, "chose the dishes", Cook.of(request)));
    }

    @PostMapping("/run/move")
    ModelAndView move(@RequestParam long run, @RequestParam long dish, @RequestParam String to,
            @RequestParam(defaultValue = "0") long open, HttpServletRequest request) {
        var turns = new ArrayList<>(page.batches().turns());
        var from = at(turns, dish);
        turns.add(place(to, from, turns.size()), turns.remove(from));
        return kept(open, () -> runs.use(run, turns, "moved %s".formatted(name(dish)), Cook.of(request)));
    }

    /// What the run would be with a batch moved, while it is dragged.
    @GetMapping("/run/score") @ResponseBody
    String score(@RequestParam long dish, @RequestParam String to) {
        var batches = page.batches();
        var turns = new ArrayList<>(batches.turns());
        var from = at(turns, dish);
        var place = place(to, from, turns.size());
        turns.add(place, turns.remove(from));
        return "Turn %d: %s".formatted(place + 1, Score.of(batches.scored(turns)).inWords());
    }

    private static int place(String to, int from, int size) {
        var place = switch (to) {
            case "earlier" -> from - 1;
            case "later" -> from + 1;
            default -> to.matches("\\d{1,4}") ? Integer.parseInt(to) : -2;
        };
        if (place == -2 || place >= size && !to.equals("later"))
            throw new NotHere("A batch moves earlier, later, or to a place in the run.");
        return Math.clamp(place, 0, size - 1);
    }

    /// Says what is done to a piece before a batch goes over it.
    @PostMapping("/run/clean")
    ModelAndView clean(AtTurn at, @RequestParam String kit, @RequestParam(defaultValue = "0") int use,
            @RequestParam String clean, HttpServletRequest request) {
        var batches = page.batches();
        var of = Kit.named(kit).orElseThrow(() -> new NotHere("This kitchen has no such kit."));
        var batch = batches.byDish().get(at.dish);
        var to = named(clean);
        if (batch == null || use < 0 || use >= batch.uses(of).size())
            throw new NotHere("This batch does not go over the %s.".formatted(of.name()));
        return change(at, batches, turn -> {
            var cleans = new HashMap<>(turn.cleans());
            if (to == Clean.NONE) cleans.remove(new Runs.Use(of.id(), use));
            else cleans.put(new Runs.Use(of.id(), use), to.name());
            return new Runs.Turn(at.dish, turn.portions(), turn.locked(), cleans, turn.pieces(), turn.way());
        }, "%s %s before %s".formatted(of.name(), to.words(), batch.dish()), request);
    }

    private static Clean named(String clean) {
        for (var c : Clean.values()) if (c.name().equals(clean.toUpperCase(Locale.ROOT))) return c;
        throw new NotHere("A kit is wiped, rinsed, washed, or its oil or water is renewed.");
    }

    @PostMapping("/run/piece")
    ModelAndView piece(AtTurn at, @RequestParam String kit, @RequestParam String piece, HttpServletRequest request) {
        var batches = page.batches();
        var taken = batches.conditions().equipment().named(piece).filter(p -> p.kit().id().equals(kit))
                .orElseThrow(() -> new NotHere("This piece is not in the kitchen any more. Choose another one."));
        return change(at, batches, turn -> {
            var pieces = new HashMap<>(turn.pieces());
            pieces.put(kit, taken.id());
            return new Runs.Turn(at.dish, turn.portions(), turn.locked(), turn.cleans(), pieces, turn.way());
        }, "%s for %s".formatted(taken.name(), name(at.dish)), request);
    }

    @PostMapping("/run/portions")
    ModelAndView portions(AtTurn at, @RequestParam String portions, HttpServletRequest request) {
        var people = portions.strip().matches("\\d{1,6}") ? Integer.parseInt(portions.strip()) : 0;
        if (people < 1 || people > MOST_PORTIONS)
            return again(HttpStatus.UNPROCESSABLE_CONTENT, at.opened(),
                    "Portions are a whole number from 1 to %,d, not “%s”. Nothing was changed.".formatted(MOST_PORTIONS,
                            portions.strip()));
        return change(at, page.batches(),
                turn -> new Runs.Turn(at.dish, people, turn.locked(), turn.cleans(), turn.pieces(), turn.way()),
                "%s for %d".formatted(name(at.dish), people), request);
    }

    @PostMapping("/run/lock")
    ModelAndView lock(AtTurn at, @RequestParam boolean locked, HttpServletRequest request) {
        return change(at, page.batches(),
                turn -> new Runs.Turn(at.dish, turn.portions(), locked, turn.cleans(), turn.pieces(), turn.way()),
                "%s %s".formatted(locked ? "locked" : "unlocked", name(at.dish)), request);
    }

    @PostMapping("/run/undo")
    ModelAndView undo(@RequestParam long run) {
        return kept(0, () -> runs.takeBack(run));
    }

    /// What somebody else changed meanwhile is shown instead, with the reason.
    private ModelAndView kept(long open, Runnable change) {
        try {
            change.run();
            return new ModelAndView("redirect:/run?show=yours" + (open == 0 ? "" : "&open=" + open));
        } catch (Conflict e) {
            return again(HttpStatus.CONFLICT, 0, String.valueOf(e.getMessage()));
        }
    }

    private ModelAndView again(HttpStatus status, long open, String words) {
        var model = new ExtendedModelMap();
        var view = new ModelAndView(page.fill(model, new RunPage.Asked("yours", open, -1, false), words), status);
        view.addAllObjects(model);
        return view;
    }

    private ModelAndView change(AtTurn at, Batches batches, UnaryOperator<Runs.Turn> change, String how,
            HttpServletRequest request) {
        var turns = new ArrayList<>(batches.turns());
        var place = at(turns, at.dish);
        turns.set(place, change.apply(turns.get(place)));
        return kept(at.opened(), () -> runs.use(at.run, turns, how, Cook.of(request)));
    }

    private static int at(List<Runs.Turn> turns, long dish) {
        for (var i = 0; i < turns.size(); i++) if (turns.get(i).dish() == dish) return i;
        throw new NotHere("This batch is not in your order any more.");
    }

    private String name(long dish) { return page.batches().menu().dish(dish).map(d -> d.name()).orElse("a dish"); }
}
