package keenfork.web.map;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.format.PackCsv;
import keenfork.paper.Press;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.page.NotHere;
import keenfork.web.page.PressRoom;
import keenfork.web.persistence.guest.Events;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;

/// The map taken along: as a table, a drawing, or paper.
@Controller
class MapFiles {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM yyyy, HH:mm", Locale.UK);
    private static final String CAUTION =
            "Nothing found means nothing in what was recorded. Packs, local food law and your inspector rule.";
    /// rows of the map that are set in one go
    private static final int ROWS = 160;
    private static final Pattern HEAD = Pattern.compile("<i\\s+class=\"head\">([^<]*)</i>");
    private final Kitchen kitchen;
    private final Events events;
    private final Format format;
    private final SpringTemplateEngine templates;
    private final Clock clock;
    private final PressRoom press;

    MapFiles(Kitchen kitchen, Events events, Format format, SpringTemplateEngine templates, Clock clock,
            PressRoom press) {
        this.kitchen = kitchen;
        this.events = events;
        this.format = format;
        this.templates = templates;
        this.clock = clock;
        this.press = press;
    }

    @GetMapping("/map.{kind}")
    ResponseEntity<byte[]> file(@PathVariable String kind, MapQuery asked,
            @RequestParam(defaultValue = "a4") String paper) {
        var menu = kitchen.menu();
        var view = view(menu, asked);
        var foot = foot(view, menu);
        return switch (kind) {
            case "csv" -> answer("csv", new MediaType("text", "csv", StandardCharsets.UTF_8),
                    csv(view, foot).getBytes(StandardCharsets.UTF_8));
            case "svg" -> answer("svg", MediaType.parseMediaType("image/svg+xml"),
                    MapDrawing.svg(view, title(menu.kitchenName()), foot).getBytes(StandardCharsets.UTF_8));
            case "pdf" -> answer("pdf", MediaType.APPLICATION_PDF, pdf(view, menu, foot, paper));
            default -> throw new NotHere("The map can be had as csv, svg or pdf.");
        };
    }

    private static ResponseEntity<byte[]> answer(String kind, MediaType type, byte[] body) {
        var name = ContentDisposition.attachment().filename("allergen-map." + kind).build().toString();
        return ResponseEntity.ok().contentType(type).header(HttpHeaders.CONTENT_DISPOSITION, name).body(body);
    }

    /// One row a dish, in words: no mark of it needs a key. What the table cannot hold stands in its last row.
    private static String csv(MapView view, String foot) {
        var head = Stream.of(Stream.of("Dish"),
                view.columns().stream().map(c -> c.isMember() ? c.group().name() + ": " + c.name() : c.name()),
                view.diets().stream().map(d -> d.name())).flatMap(s -> s).toList();
        var rows = new ArrayList<List<String>>();
        for (var row : view.dishRows())
            rows.add(Stream.of(Stream.of(row.name()), row.cells().stream().map(c -> words(c.label(), row.name())),
                    row.bowls().stream().map(b -> words(b.label(), row.name()))).flatMap(s -> s).toList());
        rows.add(List.of(foot));
        return PackCsv.table(head, rows);
    }

    /// "Dip: Celery in it" without the dish and the column: the cell says the rest.
    private static String words(String label, String dish) { return label.substring(dish.length() + 2); }

    /// A map that is longer than one piece is set while its reader does something else.
    @PostMapping("/map/paper")
    String paper(MapQuery asked, @RequestParam(defaultValue = "a4") String paper) {
        var menu = kitchen.menu();
        var view = view(menu, asked);
        return "redirect:" + press.begin(new PressRoom.Paper(title(menu.kitchenName()), "allergen-map.pdf",
                "/map" + asked.query(), parts(view, menu, foot(view, menu), paper)));
    }

    /// {@return whether a map on paper is set in several goes, which takes a while}
    static boolean isLong(MapView view) { return view.pieces(ROWS).size() > 1; }

    private MapView view(Menu menu, MapQuery asked) {
        return MapView.of(menu, asked, Diners.of(asked, events.groups(), menu.ruleBook()), format);
    }

    private String foot(MapView view, Menu menu) {
        return "%s rule book: %s. %s, %s. %s".formatted(menu.ruleBook().name(), menu.ruleBook().law(),
                view.peel().word(), DAY.format(LocalDateTime.now(clock)), CAUTION);
    }

    private byte[] pdf(MapView view, Menu menu, String foot, String paper) {
        return Press.pdf(parts(view, menu, foot, paper));
    }

    /// A large map is set by pieces, so that what it takes does not grow with the menu.
    private List<Supplier<String>> parts(MapView view, Menu menu, String foot, String paper) {
        var pieces = view.pieces(ROWS);
        var parts = new ArrayList<Supplier<String>>();
        for (var i = 0; i < pieces.size(); i++) {
            var context = new Context();
            context.setVariable("map", pieces.get(i));
            context.setVariable("kitchen", menu.kitchenName());
            context.setVariable("title", title(menu.kitchenName()));
            context.setVariable("head", i == 0 ? title(menu.kitchenName()) + view.forWhomShort() : "");
            context.setVariable("book", menu.ruleBook().name());
            context.setVariable("foot", i == pieces.size() - 1 ? foot : "");
            context.setVariable("key", MapKey.ENTRIES);
            context.setVariable("paper", paper.equalsIgnoreCase("letter") ? "letter landscape" : "A4 landscape");
            parts.add(() -> inlined(templates.process("map/pdf", context)));
        }
        return parts;
    }

    /// Each head stands upright.
    private static String inlined(String html) {
        return HEAD.matcher(html).replaceAll(m -> Matcher.quoteReplacement(
                ("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 16 120\" width=\"16\" height=\"120\" "
                        + "role=\"img\" alt=\"%s\"><text transform=\"translate(12 117) rotate(-90)\" "
                        + "font-family=\"Text\" font-weight=\"700\" font-size=\"12\">%s</text></svg>")
                                .formatted(m.group(1), m.group(1))));
    }

    private static String title(String kitchen) {
        return kitchen.isEmpty() ? "Allergen map" : kitchen + ": allergen map";
    }
}
