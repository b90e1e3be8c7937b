package keenfork.web.larder;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import keenfork.core.pack.Declaration;
import keenfork.web.kitchen.Effect;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.EffectView;
import keenfork.web.page.Format;

/// An older and a newer declaration of one pack: what each says, what came and went between them, and what that changes
/// for which dishes.
///
/// @param came   what the newer one says and the older did not, such as `may: sesame`
/// @param went   what it no longer says
record ComparedView(DeclarationView before, DeclarationView after, List<String> came, List<String> went,
        List<EffectView> effects) {
    static ComparedView of(Declaration before, Declaration after, Menu was, Menu is, Format format) {
        var book = was.ruleBook();
        var one = DeclarationView.of(before, book, format);
        var other = DeclarationView.of(after, book, format);
        return new ComparedView(one, other, without(said(other), said(one)), without(said(one), said(other)),
                Effect.between(was, is).stream().map(e -> EffectView.of(e, format)).toList());
    }

    /// {@return whether both say the same about every group}
    public boolean isAlike() { return came.isEmpty() && went.isEmpty(); }

    private static Set<String> said(DeclarationView view) {
        var said = new LinkedHashSet<String>();
        view.in().forEach(f -> said.add(f.name() + ": " + f.words()));
        view.may().forEach(f -> said.add(f.name() + ": " + f.words()));
        view.questions().forEach(q -> said.add("to ask: " + q));
        return said;
    }

    private static List<String> without(Set<String> said, Set<String> other) {
        return said.stream().filter(s -> !other.contains(s)).toList();
    }

    static boolean isWorthShowing(String before, String after) {
        return !before.isBlank() && !before.strip().equals(after.strip());
    }
}
