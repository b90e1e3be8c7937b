package keenfork.core.run;

import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import keenfork.core.food.Grammar;
import keenfork.core.food.Words;

/// Reads what the crew says of its day, a line for each: "Cook 2 until 15:00", "Oven shelf 1 taken 13:00 to 14:00",
/// "Nut dip before Slaw".
public final class ToldText {
    private static final String TIME = "(\\d{1,2}[:.]\\d{2})";
    private static final Pattern COOK = Pattern.compile("(?i)cook\\s+(\\d{1,2})\\s+(?<rest>.+)");
    private static final Pattern TAKEN =
            Pattern.compile("(?i)(?<piece>.+?)\\s+(?:is\\s+)?(?:" + Grammar.anyOf("away") + ")\\s+(?<rest>.+)");
    private static final Pattern BEFORE =
            Pattern.compile(
                    "(?i)(?<first>.+?)\\s+(?:(?:" + Grammar.anyOf("goes-before") + ")\\s+)?before\\s+(?<then>.+)");
    private static final Pattern FROM_TO =
            Pattern.compile("(?i)(?:from\\s+)?" + TIME + "\\s*(?:-|–|" + Grammar.anyOf("until-time") + ")\\s*"
                    + TIME);
    private static final Pattern UNTIL = Pattern.compile("(?i)(?:" + Grammar.anyOf("until-time") + ")\\s+"
            + TIME);
    private static final Pattern FROM = Pattern.compile("(?i)(?:" + Grammar.anyOf("from-time") + ")\\s+" + TIME);

    private final Equipment equipment;
    private final int cooks;
    private final LocalTime serve;
    private final List<String> dishes;
    private final Map<Integer, List<Told.Span>> away = new HashMap<>();
    private final Map<String, List<Told.Span>> taken = new HashMap<>();
    private final List<Told.Order> orders = new ArrayList<>();

    private ToldText(Equipment equipment, int cooks, LocalTime serve, List<String> dishes) {
        this.equipment = equipment;
        this.cooks = cooks;
        this.serve = serve;
        this.dishes = dishes;
    }

    /// {@return what is told}
    /// @param text   a line for each; empty lines and those that begin with `#` say nothing
    /// @param serve  when all must be ready, which times are counted from
    /// @param dishes the dishes of the run
    /// @throws IllegalArgumentException where a line is not understood, or names what is not there
    public static Told read(String text, Equipment equipment, int cooks, LocalTime serve, List<String> dishes) {
        var reader = new ToldText(equipment, cooks, serve, dishes);
        var number = 0;
        for (var line : text.lines().toList()) {
            number++;
            var said = line.strip().replaceFirst("\\.$", "");
            if (said.isEmpty() || said.startsWith("#")) continue;
            try {
                reader.line(said);
            } catch (IllegalArgumentException e) {
                throw new IllegalArgumentException("Line %d, “%s”: %s".formatted(number, said, e.getMessage()), e);
            }
        }
        return new Told(reader.away, reader.taken, reader.orders);
    }

    private void line(String said) {
        var cook = COOK.matcher(said);
        var before = BEFORE.matcher(said);
        var piece = TAKEN.matcher(said);
        if (cook.matches()) hours(Integer.parseInt(cook.group(1)), cook.group("rest").strip());
        else if (before.matches()) orders.add(new Told.Order(dish(before.group("first")), dish(before.group("then"))));
        else if (piece.matches())
            taken.computeIfAbsent(piece(piece.group("piece")).id(), _ -> new ArrayList<>())
                    .add(span(piece.group("rest").strip()));
        else throw new IllegalArgumentException(
                "write it as “Cook 2 until 15:00”, “Oven shelf 1 taken 13:00 to 14:00” or “Nut dip before Slaw”.");
    }

    /// A cook who is there from 10:00 to 15:00 is away before and after.
    private void hours(int cook, String rest) {
        if (cook < 1 || cook > cooks) throw new IllegalArgumentException("there are cooks 1 to %d.".formatted(cooks));
        var gone = away.computeIfAbsent(cook - 1, _ -> new ArrayList<>());
        var both = FROM_TO.matcher(rest.replaceFirst("(?i)^(?:away|off|gone|on a break)\\s+", ""));
        var isAway = rest.matches("(?i)(?:away|off|gone|on a break)\\b.*");
        if (isAway) gone.add(span(rest.replaceFirst("(?i)^(?:away|off|gone|on a break)\\s+", "")));
        else if (both.matches()) {
            var span = span(both);
            gone.add(new Told.Span(Told.ALWAYS, span.from()));
            if (span.until() < 0) gone.add(new Told.Span(span.until(), 0));
        } else if (UNTIL.matcher(rest).matches()) gone.add(new Told.Span(minute(match(UNTIL, rest).group(1)), 0));
        else if (FROM.matcher(rest).matches()) gone.add(new Told.Span(Told.ALWAYS, minute(match(FROM, rest).group(1))));
        else throw new IllegalArgumentException("say from or until when: “Cook %d until 15:00”.".formatted(cook));
    }

    private Told.Span span(String rest) {
        var both = FROM_TO.matcher(rest);
        if (both.matches()) return span(both);
        if (UNTIL.matcher(rest).matches()) return new Told.Span(Told.ALWAYS, minute(match(UNTIL, rest).group(1)));
        if (FROM.matcher(rest).matches()) return new Told.Span(minute(match(FROM, rest).group(1)), 0);
        throw new IllegalArgumentException("say from when to when: “13:00 to 14:00”.");
    }

    private Told.Span span(Matcher both) {
        var from = minute(both.group(1));
        var until = minute(both.group(2));
        if (until <= from)
            throw new IllegalArgumentException("%s is not after %s.".formatted(both.group(2),
                    both.group(1)));
        return new Told.Span(from, until);
    }

    private static Matcher match(Pattern pattern, String text) {
        var matcher = pattern.matcher(text);
        if (!matcher.matches()) throw new IllegalArgumentException("say from or until when.");
        return matcher;
    }

    private int minute(String text) {
        try {
            var plain = text.replace('.', ':');
            var time = LocalTime.parse(plain.length() == 4 ? "0" + plain : plain);
            var minute = (time.toSecondOfDay() - serve.toSecondOfDay()) / 60;
            if (minute >= 0)
                throw new IllegalArgumentException(
                        "all must be ready by %s, and %s is not before that.".formatted(serve, text));
            return minute;
        } catch (DateTimeParseException e) {
            throw new IllegalArgumentException("a time is written as 15:00, not “%s”.".formatted(text), e);
        }
    }

    private Piece piece(String name) {
        return equipment.pieces().stream().filter(p -> p.name().equalsIgnoreCase(name.strip()) || p.id()
                .equalsIgnoreCase(name.strip())).findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "there is no “%s” in our kit. There are %s.".formatted(name.strip(),
                                String.join(", ", equipment.pieces().stream().map(Piece::name).limit(40).toList()))));
    }

    private String dish(String name) {
        var key = Words.key(name);
        return dishes.stream().filter(d -> Words.key(d).equals(key)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "no dish of this run is called “%s”.".formatted(name.strip())));
    }
}
