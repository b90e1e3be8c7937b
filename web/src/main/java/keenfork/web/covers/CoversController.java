package keenfork.web.covers;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import keenfork.core.covers.GuestGroup;
import keenfork.core.covers.GuestList;
import keenfork.core.covers.Serving;
import keenfork.core.covers.SmallDish;
import keenfork.core.kitchen.RunEffort;
import keenfork.core.people.Avoidances;
import keenfork.format.GroupCsv;
import keenfork.web.kitchen.EventMenu;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.kitchen.SwapStock;
import keenfork.web.page.Cook;
import keenfork.web.page.CsvAnswer;
import keenfork.web.page.Format;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.ServedAt;
import keenfork.web.persistence.dish.TakenPlans;
import keenfork.web.persistence.guest.Events;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/// The covers: who is coming, who can eat what, and the least change that feeds everyone.
@Controller
class CoversController {
    private static final int PLANS = 3;
    private static final int USUAL_LEAST = 2;
    private static final int MOST_LEAST = 20;
    static final int LONGEST_NAME = 60;
    private static final int LONGEST_LIST = 20_000;
    static final int LONGEST_AVOIDS = 500;
    private static final int MOST_PEOPLE = 100_000;
    private final Kitchen kitchen;
    private final EventMenu covers;
    private final SwapStock swaps;
    private final Events events;
    private final PlanTaking taking;
    private final TakenPlans taken;
    private final Format format;

    CoversController(Kitchen kitchen, EventMenu covers, SwapStock swaps, Events events, PlanTaking taking,
            TakenPlans taken, Format format) {
        this.kitchen = kitchen;
        this.covers = covers;
        this.swaps = swaps;
        this.events = events;
        this.taking = taking;
        this.taken = taken;
        this.format = format;
    }

    @GetMapping("/covers")
    ModelAndView covers(@RequestParam(defaultValue = "2") String least,
            @RequestParam(defaultValue = "false") boolean serve) {
        return page(number(least), serve, CoversPage.Typed.NOTHING, HttpStatus.OK);
    }

    private static int number(String least) {
        return least.matches("\\d{1,2}") ? Math.clamp(Integer.parseInt(least), 1, MOST_LEAST) : USUAL_LEAST;
    }

    private ModelAndView page(int least, boolean serve, CoversPage.Typed typed, HttpStatus status) {
        var menu = kitchen.menu();
        var kept = covers.kept();
        var ids = kept.stream().map(Events.Guests::id).toList();
        var groups = covers.groups(menu);
        var dishes = covers.dishes(menu);
        var view = CoversView.of(dishes, ids, groups, new CoversView.Asked(least, covers.comes()), format);
        var plans = serve && !groups.isEmpty() && !dishes.isEmpty() ? plans(menu, dishes, ids, groups, least)
                : List.<CoversView.Plan>of();
        return new ModelAndView("covers/covers",
                Map.of("page", new CoversPage(view, plans, least, sum(groups), typed, kept,
                        taken.last(event()).orElse(null),
                        new CoversPage.Chosen(events.all(), events.inForce().orElse(null)), covers.all(menu))),
                status);
    }

    /// {@return what the groups and the covers come to together, where that cannot be}
    private String sum(List<GuestGroup> groups) {
        var people = groups.stream().mapToInt(GuestGroup::people).sum();
        var comes = covers.comes();
        if (comes == 0 || people <= comes) return "";
        return "The groups are %d, the covers %d. Is somebody in two groups?".formatted(people, comes);
    }

    private List<CoversView.Plan> plans(Menu menu, List<EventMenu.Served> dishes, List<Long> ids,
            List<GuestGroup> groups, int least) {
        return CoversView.Plan.of(serving(menu, dishes, groups, least).plans(PLANS), dishes, ids, groups, format);
    }

    private Serving serving(Menu menu, List<EventMenu.Served> dishes, List<GuestGroup> groups, int least) {
        return new Serving(swaps.context(menu), dishes.stream().map(EventMenu.Served::dish).toList(), groups,
                least, new RunEffort(menu.run().equipment().figures()));
    }

    /// Reads a list of guests from a mail or a table, and shows each group as understood before it is kept.
    @PostMapping("/covers/list")
    ModelAndView list(@RequestParam(defaultValue = "") String list,
            @RequestParam(defaultValue = "false") boolean keep) {
        var text = list.strip();
        if (text.length() > LONGEST_LIST)
            return page(USUAL_LEAST, false, new CoversPage.Typed(text.substring(0, LONGEST_LIST), null,
                    "That is longer than %,d letters: paste it in pieces.".formatted(LONGEST_LIST)),
                    HttpStatus.UNPROCESSABLE_CONTENT);
        var read = understood(text);
        if (!read.wrong().isEmpty() || !keep)
            return page(USUAL_LEAST, false, read, read.wrong().isEmpty() ? HttpStatus.OK
                    : HttpStatus.UNPROCESSABLE_CONTENT);
        for (var entry : java.util.Objects.requireNonNull(read.list()).entries())
            events.add(entry.group().name(), entry.group().people(), entry.words());
        return new ModelAndView("redirect:/covers");
    }

    /// The list as it reads while it is typed.
    @PostMapping("/covers/read")
    ModelAndView read(@RequestParam(defaultValue = "") String list) {
        var text = list.strip();
        var read = text.isEmpty() ? CoversPage.Typed.NOTHING
                : understood(text.substring(0, Math.min(text.length(), LONGEST_LIST)));
        return new ModelAndView("covers/covers :: read", "typed", read);
    }

    private CoversPage.Typed understood(String text) {
        var book = kitchen.menu().ruleBook();
        if (text.isEmpty())
            return new CoversPage.Typed(text, null, "Paste or type who is coming, such as: 4 vegan, 2 coeliac.");
        if (text.lines().findFirst().orElse("").toLowerCase(java.util.Locale.ROOT)
                .matches("\\W*name\\s*[,;\\t]\\s*count.*")) {
            try {
                return typed(text, GuestList.of(GroupCsv.read(text, book)));
            } catch (GroupCsv.Unreadable e) {
                return new CoversPage.Typed(text, null, "This table cannot be read: " + e.getMessage() + ".");
            }
        }
        return typed(text, GroupCsv.guests(text, book).orElseGet(() -> GuestList.read(text, book)));
    }

    private CoversPage.Typed typed(String text, GuestList list) {
        // kept are their words: read again they must mean what is shown here
        var unclear = list.entries().stream().filter(e -> list.unclear().contains(e) || !means(e)).toList();
        if (list.entries().isEmpty()) return new CoversPage.Typed(text, list, "Nobody in it avoids anything.");
        if (!list.isWhole())
            return new CoversPage.Typed(text, list,
                    "More than %d groups: paste them in pieces.".formatted(GuestList.MOST));
        return unclear.isEmpty() ? new CoversPage.Typed(text, list, "")
                : new CoversPage.Typed(text, list,
                        ("Not understood: %s. Say it in other words, such as “milk allergy” or “no "
                                + "nuts”.")
                                        .formatted(format.list(unclear.stream().map(GuestList.Entry::text).toList())));
    }

    private boolean means(GuestList.Entry entry) {
        return Avoidances.of(entry.words(), kitchen.menu().ruleBook()).all().equals(entry.group().avoid());
    }

    @PostMapping("/covers/groups/{id}")
    ModelAndView change(@PathVariable long id, @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String people, @RequestParam(defaultValue = "") String avoids) {
        var read = Avoidances.of(avoids.replace('\n', ' '), kitchen.menu().ruleBook());
        var wrong = wrong(name.strip(), people.strip(), avoids.strip(), read);
        if (!wrong.isEmpty())
            return page(USUAL_LEAST, false, new CoversPage.Typed("", null, wrong), HttpStatus.UNPROCESSABLE_CONTENT);
        events.change(id, name.strip(), Integer.parseInt(people.strip()), avoids.strip());
        return new ModelAndView("redirect:/covers");
    }

    private static String wrong(String name, String people, String avoids, Avoidances read) {
        if (name.isEmpty() || name.length() > LONGEST_NAME) return "Give these people a name of 1 to 60 letters.";
        if (!people.matches("[1-9]\\d{0,5}") || Integer.parseInt(people) > MOST_PEOPLE)
            return "Say how many they are: a whole number, not “%s”.".formatted(people);
        if (avoids.isEmpty() || avoids.length() > LONGEST_AVOIDS || !read.refused().isEmpty()
                || read.all().isEmpty())
            return "Not understood: “%s”. Say it in other words, such as “milk allergy” or “no nuts”."
                    .formatted(avoids);
        return "";
    }

    @PostMapping("/covers/groups/{id}/remove")
    String remove(@PathVariable long id) {
        events.remove(id);
        return "redirect:/covers";
    }

    /// @param station where it stands, such as `buffet`
    /// @param turn    its turn in serving order, from 1; anything else is none
    @PostMapping("/covers/course")
    String course(@RequestParam long dish, @RequestParam(defaultValue = "") String course,
            @RequestParam(defaultValue = "") String station, @RequestParam(defaultValue = "") String turn) {
        covers.place(kitchen.menu(), dish, new ServedAt(cut(course), cut(station),
                turn.strip().matches("\\d{1,3}") ? Integer.parseInt(turn.strip()) : 0));
        return "redirect:/covers";
    }

    private static String cut(String typed) {
        var name = typed.strip();
        return name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
    }

    /// Does what a plan says.
    ///
    /// @param print the plan as it was seen: another one is never taken in its place
    /// @param only  the places of the changes that are taken, from 0; empty for all of them
    @PostMapping("/covers/plan")
    ModelAndView take(@RequestParam(defaultValue = "") String least, @RequestParam(defaultValue = "") String print,
            @RequestParam(defaultValue = "") List<Integer> only, HttpServletRequest request) {
        var menu = kitchen.menu();
        var groups = covers.groups(menu);
        var plan = serving(menu, covers.dishes(menu), groups, number(least)).plans(PLANS).stream()
                .filter(p -> PlanTaking.print(p).equals(print)).findFirst();
        try {
            taking.take(menu, plan.orElseThrow(() -> new Conflict(
                    "A dish, a pack or a group was changed meanwhile, and so was this plan. Look at the plans again; "
                            + "nothing was done.")),
                    new PlanTaking.Guests(event(), groups, covers.kept()), only, Cook.of(request));
            return new ModelAndView("redirect:/covers?least=" + number(least));
        } catch (Conflict e) {
            return refused(number(least), e);
        }
    }

    /// Puts a small dish of its own on the menu; it is taken back like a plan.
    @PostMapping("/covers/small")
    ModelAndView small(@RequestParam(defaultValue = "") String name, @RequestParam(defaultValue = "") String course,
            @RequestParam(defaultValue = "") String people, HttpServletRequest request) {
        var text = people.matches("[1-9]\\d{0,4}") ? SmallDish.text(name, Integer.parseInt(people))
                : Optional.<String>empty();
        var menu = kitchen.menu();
        if (text.isEmpty() || menu.dishes().stream().anyMatch(d -> d.name().equalsIgnoreCase(name)))
            return refused(USUAL_LEAST, new Conflict("“%s” is on the menu by now, or is none of the small dishes."
                    .formatted(name)));
        taking.add(menu, event(), new PlanTaking.Added(name, text.get(), new ServedAt(cut(course), "", 0)),
                Cook.of(request));
        return new ModelAndView("redirect:/covers");
    }

    /// Takes back what the plan that was taken last has done.
    @PostMapping("/covers/plan/{id}/back")
    ModelAndView back(@PathVariable long id, HttpServletRequest request) {
        try {
            taking.back(taken.last(event()).filter(p -> p.id() == id)
                    .orElseThrow(() -> new Conflict("This plan was taken back already.")), Cook.of(request));
            return new ModelAndView("redirect:/covers");
        } catch (Conflict e) {
            return refused(USUAL_LEAST, e);
        }
    }

    private ModelAndView refused(int least, Conflict e) {
        return page(least, false, new CoversPage.Typed("", null, String.valueOf(e.getMessage())), HttpStatus.CONFLICT);
    }

    /// {@return the event in force, 0 for the counter of every day}
    private long event() { return events.inForce().map(Events.Event::id).orElse(0L); }

    /// What is printed for the pass and for front of house.
    @GetMapping("/covers/sheet")
    ModelAndView sheet() {
        var menu = kitchen.menu();
        var groups = covers.groups(menu);
        return new ModelAndView("covers/sheet", "sheet", ServiceSheet.of(covers.dishes(menu), groups,
                covers.rest(groups), menu.ruleBook(), events.inForce().map(Events.Event::details), format));
    }

    @GetMapping("/covers.csv")
    ResponseEntity<byte[]> csv() {
        var csv = GroupCsv.write(covers.kept().stream()
                .map(g -> new GroupCsv.Cells(g.name(), g.people(), g.avoids())).toList());
        return CsvAnswer.of("covers.csv", csv);
    }
}
