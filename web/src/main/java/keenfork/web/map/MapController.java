package keenfork.web.map;

import java.util.stream.Stream;
import keenfork.core.trace.Peel;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.guest.Events;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class MapController {
    private static final int LONGEST_NAME = 60;
    private static final int MOST_PEOPLE = 100_000;
    private static final int LONGEST_AVOIDS = 500;
    private final Kitchen kitchen;
    private final Events events;
    private final Format format;

    MapController(Kitchen kitchen, Events events, Format format) {
        this.kitchen = kitchen;
        this.events = events;
        this.format = format;
    }

    @GetMapping("/map")
    ModelAndView map(@ModelAttribute("asked") MapQuery asked) { return page(asked, "", HttpStatus.OK); }

    private ModelAndView page(MapQuery asked, String wrong, HttpStatus status) {
        var menu = kitchen.menu();
        var diners = Diners.of(asked, events.groups(), menu.ruleBook());
        var page = new ModelAndView("map/map", status);
        var map = MapView.of(menu, asked, diners, format);
        page.addObject("map", map);
        page.addObject("why", asked.dishId() == 0 || asked.groupId().isEmpty() ? null : whyView(asked, menu));
        page.addObject("isLong", MapFiles.isLong(map));
        page.addObject("asked", asked);
        page.addObject("all", menu.dishes().size());
        page.addObject("guests", events.groups());
        page.addObject("unread", diners.refused());
        page.addObject("understood", diners.understood());
        page.addObject("wrong", wrong);
        return page;
    }

    @GetMapping("/map/why")
    String why(@ModelAttribute("asked") MapQuery asked, Model model) {
        model.addAttribute("why", asked.dishId() == 0 ? null : whyView(asked, kitchen.menu()));
        return "map/map :: why";
    }

    private WhyView whyView(MapQuery asked, Menu menu) {
        var found = menu.dish(asked.dishId()).orElseThrow(() -> new NotHere("This dish is not on the menu any more."));
        var group = menu.ruleBook().group(asked.groupId()).orElseThrow(() -> new NotHere(
                "The %s rule book has no group “%s”.".formatted(menu.ruleBook().name(), asked.groupId())));
        var beside = menu.ruleBook().beside(group);
        var member = asked.memberId().isEmpty() ? null
                : Stream.concat(group.members().stream(), beside.stream()).filter(m -> m.id().equals(asked.memberId()))
                        .findFirst()
                        .orElseThrow(() -> new NotHere(
                                "The group “%s” does not list “%s”.".formatted(group.name(), asked.memberId())));
        return WhyView.of(menu, found,
                new Column(group, member, false, false, member != null && !group.members().contains(member)),
                asked.peeled(), format);
    }

    /// Keeps what was avoided as a group of people.
    @PostMapping("/map/guests")
    ModelAndView keep(@RequestParam(defaultValue = "") String name, @RequestParam(defaultValue = "") String people,
            @RequestParam(defaultValue = "") String avoid) {
        var asked = new MapQuery(Peel.COMPLETE.name(), 0L, "", "", null, 0L, avoid, "");
        var read = Diners.avoiding("", avoid, kitchen.menu().ruleBook());
        if (name.isBlank() || name.strip().length() > LONGEST_NAME)
            return page(asked, "Give these people a name of 1 to 60 letters.", HttpStatus.UNPROCESSABLE_CONTENT);
        if (!people.strip().matches("[1-9]\\d{0,5}") || Integer.parseInt(people.strip()) > MOST_PEOPLE)
            return page(asked, "Say how many they are: a whole number, not “%s”.".formatted(people),
                    HttpStatus.UNPROCESSABLE_CONTENT);
        if (!read.unread().isEmpty())
            return page(asked, "Not understood: %s. Say it in other words, such as “milk allergy” or “no nuts”."
                    .formatted(format.list(read.refused())), HttpStatus.UNPROCESSABLE_CONTENT);
        if (avoid.strip().length() > LONGEST_AVOIDS)
            return page(asked, "Say it in fewer than %d letters, or keep two groups.".formatted(LONGEST_AVOIDS),
                    HttpStatus.UNPROCESSABLE_CONTENT);
        if (read.isEveryone())
            return page(asked, "Say what they avoid, such as egg + sesame.", HttpStatus.UNPROCESSABLE_CONTENT);
        events.add(name.strip(), Integer.parseInt(people.strip()), avoid.strip());
        return new ModelAndView("redirect:/map");
    }

    @PostMapping("/map/guests/{id}/remove")
    String remove(@PathVariable long id) {
        events.remove(id);
        return "redirect:/map";
    }
}
