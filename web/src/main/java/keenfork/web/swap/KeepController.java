package keenfork.web.swap;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import keenfork.core.food.Foods;
import keenfork.format.TypedPrice;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Accepting;
import keenfork.web.kitchen.SwapStock;
import keenfork.web.page.AsideView;
import keenfork.web.page.Cook;
import keenfork.web.page.Format;
import keenfork.web.page.SplitView;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.dish.SetAsides;
import keenfork.web.persistence.dish.Variants;
import keenfork.web.persistence.pack.Provisions;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.util.UriComponentsBuilder;

/// Keeps a plan as the cook says, and takes it back.
@Controller
class KeepController {
    private final Kitchen kitchen;
    private final SwapStock swaps;
    private final SwapPage page;
    private final Accepting accepting;
    private final Variants variants;
    private final SetAsides asides;
    private final Provisions provisions;
    private final Format format;

    KeepController(Kitchen kitchen, SwapStock swaps, SwapPage page, Accepting accepting, Variants variants,
            SetAsides asides, Provisions provisions, Format format) {
        this.kitchen = kitchen;
        this.swaps = swaps;
        this.page = page;
        this.accepting = accepting;
        this.variants = variants;
        this.asides = asides;
        this.provisions = provisions;
        this.format = format;
    }

    /// Keeps a plan, or portions taken off, as the cook says.
    ///
    /// @param how   `variant`, `change`, `plates`, `hold-back` or `split`
    /// @param print the plan as it was seen: another one is never kept in its place
    @PostMapping("/swaps/keep")
    ModelAndView keep(HttpServletRequest request, @RequestParam String how,
            @RequestParam(defaultValue = "") String print, @RequestParam(defaultValue = "0") long version) {
        var asked = SwapQuery.of(request);
        var menu = kitchen.menu();
        var dish = SwapPage.dish(menu, asked.dish());
        var groups = swaps.groups();
        var avoid = asked.avoidances(groups, menu.ruleBook());
        if (avoid.all().isEmpty() || !avoid.unread().isEmpty())
            return page.refused(asked, "Say first what must be out, in words that are understood. Nothing was kept.");
        var offer = new Accepting.Offer(menu, dish, avoid, asked.avoided(groups), page.people(asked), Cook.of(request));
        try {
            return back(asked, switch (how) {
                case "split" -> split(offer);
                case "hold-back" -> holdBack(offer);
                default -> plan(offer, asked, how, print, version);
            });
        } catch (Conflict e) {
            return page.refused(asked, String.valueOf(e.getMessage()));
        }
    }

    private Accepting.Kept split(Accepting.Offer offer) {
        if (SplitView.of(offer.dish().derivation(), offer.avoid().all(), offer.people(), format) == null)
            throw new Conflict("The dish was changed: no portion of it can be taken off any more. Nothing was kept.");
        return accepting.asSplit(offer);
    }

    private Accepting.Kept holdBack(Accepting.Offer offer) {
        if (AsideView.holdBack(offer.dish().derivation(), offer.avoid().all(), format).isEmpty())
            throw new Conflict("The dish was changed: holding a part back does not help any more. Nothing was kept.");
        return accepting.heldBack(offer);
    }

    private Accepting.Kept plan(Accepting.Offer offer, SwapQuery asked, String how, String print, long version) {
        var plans = SwapStock.plan(swaps.context(offer.menu()).withRoles(asked.roles()), offer.dish(),
                offer.avoid().all());
        var plan = Accepting.known(plans.best(), print).orElseThrow(() -> new Conflict(
                "A pack, a swap or the dish was changed meanwhile, and so was this plan. Look at the plans again; "
                        + "nothing was kept."));
        return switch (how) {
            case "variant" -> asked.variant() == 0 ? accepting.asVariant(offer, plan)
                    : accepting.anew(offer, plan, asked.variant());
            case "change" -> accepting.asChange(offer, plan, version);
            case "plates" -> accepting.forSomePlates(offer, plan);
            default -> throw new Conflict("Nobody said how to keep it. Nothing was kept.");
        };
    }

    private static ModelAndView back(SwapQuery asked, Accepting.Kept kept) {
        var uri = UriComponentsBuilder.fromUriString(asked.link(1)).queryParam("done", kept.how().name())
                .queryParam("of", kept.dish()).queryParam("was", kept.number());
        kept.asides().forEach(a -> uri.queryParam("aside", a));
        return new ModelAndView("redirect:" + uri.build(true).toUriString() + lines(kept.lines()));
    }

    private static String lines(List<String> lines) {
        return lines.isEmpty() ? "" : "&line="
                + String.join("&line=", lines.stream().map(l -> URLEncoder.encode(l, StandardCharsets.UTF_8)).toList());
    }

    /// Writes down what is paid for a food of a plan, and shows the plan with it.
    ///
    /// @param amount such as `8.40`
    /// @param per    the weight it is paid for; empty for a kilogram
    @PostMapping("/swaps/price")
    ModelAndView price(HttpServletRequest request, @RequestParam(defaultValue = "") String food,
            @RequestParam(defaultValue = "") String amount, @RequestParam(defaultValue = "") String per,
            @RequestParam(defaultValue = "1") int plan) {
        var asked = SwapQuery.of(request);
        var known = Foods.shipped().find(food);
        var price = TypedPrice.read(amount, per);
        if (known.isEmpty() || price.isEmpty())
            return page.refused(asked, "%s: say a price such as 8.40, for a weight such as 1 kg or 400 g, not “%s” for "
                    .formatted(food, amount) + "“%s”. Nothing was written down.".formatted(per));
        provisions.price(known.get().name(), price.get(), Cook.of(request));
        return new ModelAndView("redirect:" + asked.link(plan));
    }

    @PostMapping("/swaps/undo")
    ModelAndView undo(HttpServletRequest request, @RequestParam Accepting.How how, @RequestParam long of,
            @RequestParam(defaultValue = "0") int was) {
        var asked = SwapQuery.of(request);
        var lines = request.getParameterValues("line") == null ? List.<String>of()
                : List.of(request.getParameterValues("line"));
        try {
            accepting.takeBack(new Accepting.Kept(how, of, was, SwapQuery.numbers(request, "aside"), lines),
                    Cook.of(request));
            return new ModelAndView("redirect:" + asked.link(1));
        } catch (Conflict e) {
            return page.refused(asked, String.valueOf(e.getMessage()));
        }
    }

    /// Ends what was set aside for a dish.
    @PostMapping("/swaps/asides/{id}/end")
    String end(@PathVariable long id, HttpServletRequest request) {
        asides.remove(id);
        return "redirect:" + SwapQuery.of(request).link(1);
    }

    /// The variant stays as it is, though its original was changed.
    @PostMapping("/swaps/variants/{dish}/settle")
    String settle(@PathVariable long dish) {
        variants.settle(dish);
        return "redirect:/dishes/" + dish;
    }

    /// The variant is a dish of its own from now on.
    @PostMapping("/swaps/variants/{dish}/part")
    String part(@PathVariable long dish) {
        variants.unlink(dish);
        return "redirect:/dishes/" + dish;
    }
}
