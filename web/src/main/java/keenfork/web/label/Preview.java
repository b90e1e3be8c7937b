package keenfork.web.label;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import keenfork.core.kitchen.Hold;
import keenfork.core.label.Kind;
import keenfork.paper.LabelPdf;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.NotHere;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/// What will print, as a file and as drawings of its pages. The last ones are kept until a fact or the day changes, as
/// a station is looked at more often than it changes.
@Component
class Preview {
    private static final int MOST = 40;
    /// what a label that waits says itself
    private static final Predicate<Hold> ON_ITSELF = Hold.NotKnown.class::isInstance;
    private final Composing composing;
    private @Nullable Menu of;
    private final Map<String, Object> kept = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Object> eldest) { return size() > MOST; }
    };

    Preview(Composing composing) {
        this.composing = composing;
    }

    /// {@return labels as a file: what may not go out packed has the reason in its place}
    /// @throws NotHere when nothing is asked for that could be printed
    byte[] pdf(Menu menu, LabelRequest asked) { return set(menu, asked, "pdf ", _ -> true); }

    /// {@return the same to look at, where what is not known is seen on the label itself; a day that it cannot say is
    /// not}
    byte[] looked(Menu menu, LabelRequest asked) {
        return set(menu, asked, "look ", ON_ITSELF.negate());
    }

    private byte[] set(Menu menu, LabelRequest asked, String as, Predicate<Hold> isTold) {
        return kept(menu, as + Held.isAnswered(asked) + composing.today() + asked.query(), byte[].class, () -> {
            var wanted = composing.wanted(menu, asked);
            if (wanted.isEmpty()) throw new NotHere("There is nothing to print yet.");
            var held = wanted.stream().map(w -> held(menu, w, asked, isTold)).toList();
            return composing.set(wanted.stream().map(LabelToPrint::face).toList(), held, asked.kindOf(), asked.on());
        });
    }

    private String held(Menu menu, LabelToPrint label, LabelRequest asked, Predicate<Hold> isTold) {
        return Held.holds(menu, label, asked, composing.today()).stream().filter(isTold).findFirst()
                .map(h -> Held.onPaper(h, label.name())).orElse("");
    }

    private String says(Menu menu, LabelToPrint label, LabelRequest asked) {
        var held = held(menu, label, asked, ON_ITSELF.negate());
        return held.isEmpty() ? label.face().text() : held;
    }

    /// @param page from 1
    String svg(Menu menu, LabelRequest asked, int page) {
        return kept(menu, "svg %d %s%s".formatted(page, composing.today(), asked.query()), String.class, () -> {
            var pdf = looked(menu, asked);
            if (page < 1 || page > LabelPdf.pages(pdf))
                throw new NotHere("There is no page %d; there are %d.".formatted(page, LabelPdf.pages(pdf)));
            return LabelDrawing.svg(pdf, page - 1, asked.kindOf().words(), says(menu, asked, page));
        });
    }

    /// {@return what the labels on a page say; all of them for a whole menu, whose lines are set as they come}
    private String says(Menu menu, LabelRequest asked, int page) {
        var each = asked.kindOf() == Kind.MENU ? Integer.MAX_VALUE : asked.on().of(asked.kindOf()).each();
        return composing.wanted(menu, asked).stream().skip(asked.kindOf() == Kind.MENU ? 0 : (page - 1L) * each)
                .limit(each).map(w -> says(menu, w, asked)).collect(Collectors.joining(" "));
    }

    private <T> T kept(Menu menu, String key, Class<T> type, Supplier<T> making) {
        synchronized (kept) {
            if (menu != of) kept.clear();
            of = menu;
            if (kept.get(key) instanceof Object found) return type.cast(found);
        }
        var made = making.get();
        synchronized (kept) {
            if (menu == of) kept.put(key, made);
        }
        return made;
    }
}
