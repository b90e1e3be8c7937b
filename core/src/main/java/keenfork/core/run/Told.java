package keenfork.core.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import keenfork.core.food.Words;

/// What the crew says of its day that no recipe knows: who is not there, which piece is taken, what goes first for a
/// reason of its own.
///
/// @param away   when a cook is not there, by the cook's place from 0
/// @param taken  when a piece is taken by other work, by its key
/// @param orders dishes that go before others
public record Told(Map<Integer, List<Span>> away, Map<String, List<Span>> taken, List<Order> orders) {
    public static final Told NOTHING = new Told(Map.of(), Map.of(), List.of());
    /// further from the door than any day is long
    public static final int ALWAYS = -100_000;

    /// Some time of the day, in minutes counted from when all must be ready: they are negative before it.
    public record Span(int from, int until) {
        public Span {
            if (until <= from)
                throw new IllegalArgumentException("a time ends after it begins: %d, %d".formatted(from,
                        until));
        }
    }

    /// One dish before another.
    public record Order(String first, String then) {}

    public Told {
        away = Map.copyOf(away);
        taken = Map.copyOf(taken);
        orders = List.copyOf(orders);
    }

    List<Span> away(int cook) { return away.getOrDefault(cook, List.of()); }

    List<Span> taken(Piece piece) { return taken.getOrDefault(piece.id(), List.of()); }

    /// {@return the dishes that go before one}
    List<String> before(String dish) {
        var found = new ArrayList<String>();
        for (var order : orders) if (Words.key(order.then).equals(Words.key(dish))) found.add(order.first);
        return found;
    }
}
