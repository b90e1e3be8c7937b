package keenfork.web.label;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Collectors;
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
    private final Composing composing;
    private @Nullable Menu of;
    private final Map<String, Object> kept = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Object> eldest) { return size() > MOST; }
    };

    Preview(Composing composing) {
        this.composing = composing;
    }

    /// @throws NotHere when nothing is asked for that could be printed
    byte[] pdf(Menu menu, LabelRequest asked) {
        return kept(menu, "pdf " + composing.today() + asked.query(), byte[].class, () -> {
            var wanted = composing.wanted(menu, asked);
            if (wanted.isEmpty()) throw new NotHere("There is nothing to print yet.");
            return composing.set(wanted.stream().map(LabelToPrint::face).toList(), asked.kindOf(), asked.on());
        });
    }

    /// @param page from 1
    String svg(Menu menu, LabelRequest asked, int page) {
        return kept(menu, "svg %d %s%s".formatted(page, composing.today(), asked.query()), String.class, () -> {
            var pdf = pdf(menu, asked);
            if (page < 1 || page > LabelPdf.pages(pdf))
                throw new NotHere("There is no page %d; there are %d.".formatted(page, LabelPdf.pages(pdf)));
            return LabelDrawing.svg(pdf, page - 1, asked.kindOf().words(), says(menu, asked, page));
        });
    }

    /// {@return what the labels on a page say; all of them for a whole menu, whose lines are set as they come}
    private String says(Menu menu, LabelRequest asked, int page) {
        var each = asked.kindOf() == Kind.MENU ? Integer.MAX_VALUE : asked.on().of(asked.kindOf()).each();
        return composing.wanted(menu, asked).stream().skip(asked.kindOf() == Kind.MENU ? 0 : (page - 1L) * each)
                .limit(each).map(w -> w.face().text()).collect(Collectors.joining(" "));
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
