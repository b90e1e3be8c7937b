package keenfork.web.dish;

import keenfork.core.people.Avoidances;
import keenfork.core.trace.Derivation;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.page.Format;
import keenfork.web.persistence.dish.SetAsides;
import keenfork.web.persistence.dish.Variants;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.ModelAndView;

/// The dish bench as a page: the same for a dish opened, one refused, and one that waits to be kept.
@Component
class BenchPage {
    private final Kitchen kitchen;
    private final Variants variants;
    private final SetAsides asides;
    private final Format format;

    BenchPage(Kitchen kitchen, Variants variants, SetAsides asides, Format format) {
        this.kitchen = kitchen;
        this.variants = variants;
        this.asides = asides;
        this.format = format;
    }

    /// {@return what is read of a form, or null where nothing is written or it is refused}
    @Nullable
    BenchView read(long id, CheckedForm looked) {
        var text = looked.recipe().text();
        if (text.isBlank()) return null;
        var now = kitchen.menu();
        var isKept = now.dish(id).filter(d -> d.stored().value().text().equals(text)).isPresent();
        return BenchView.of(id, isKept ? now : kitchen.menuWithDish(id, now.read(text).name(), text), now, format);
    }

    /// {@return how far the recipe is that must be without something, or null where nothing must be out}
    @Nullable
    AimView aim(DishForm form, CheckedForm looked) {
        var menu = kitchen.menu();
        var avoid = Avoidances.of(form.without(), menu.ruleBook());
        var text = looked.recipe().text();
        if (avoid.all().isEmpty() || text.isBlank()) return null;
        return AimView.of(avoid, Derivation.of(menu.read(text), menu.facts()), form.variantNumber(), format);
    }

    /// {@return the bench with a recipe that is not kept yet}
    ModelAndView unkept(long id, DishForm form, String said) {
        return page(id, form, "", said, null, HttpStatus.OK);
    }

    ModelAndView opened(long id, DishForm form) {
        return page(id, form, "", "", null, HttpStatus.OK);
    }

    ModelAndView refused(long id, DishForm form, String wrong) {
        return page(id, form, wrong, "", null, HttpStatus.UNPROCESSABLE_CONTENT);
    }

    /// {@return both texts: what was typed, and what somebody else stored meanwhile, or null where the dish is gone}
    ModelAndView conflict(long id, DishForm form, String wrong, @Nullable String theirs) {
        return page(id, form, wrong, "", theirs, HttpStatus.CONFLICT);
    }

    private ModelAndView page(long id, DishForm form, String wrong, String said, @Nullable String theirs,
            HttpStatus status) {
        var page = new ModelAndView("dish/bench", status);
        var looked = CheckedForm.at(form);
        var bench = read(id, looked);
        page.addObject("id", id);
        page.addObject("path", id == 0 ? "/dishes/new" : "/dishes/" + id);
        page.addObject("keep", id == 0 ? "Put it on the menu" : "Keep this text");
        page.addObject("form", form);
        page.addObject("wrong", wrong);
        page.addObject("said", said);
        page.addObject("theirs", theirs == null ? null : TextDifference.of(theirs, form.text()));
        page.addObject("tooLong", "");
        page.addObject("aim", aim(form, looked));
        page.addObject("bench", bench);
        page.addObject("kin", KinView.of(id, kitchen.menu(), variants.all(), asides.all(), format));
        page.addObject("title", id == 0 || bench == null ? "A new dish" : bench.name());
        return page;
    }
}
