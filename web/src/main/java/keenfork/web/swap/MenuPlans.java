package keenfork.web.swap;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.search.GivenUp;
import keenfork.core.people.Avoidance;
import keenfork.core.swap.Context;
import keenfork.web.kitchen.Menu;
import keenfork.web.kitchen.SwapStock;
import keenfork.web.page.Format;

/// The best plan of each dish on the menu, a row each.
///
/// @param rows     the dishes that hold something that must be out
/// @param asTheyAre how many dishes hold nothing of it that was recorded
record MenuPlans(List<PlannedDish> rows, int asTheyAre) {
    /// One dish.
    ///
    /// @param state    `plan`, `ask` or `blocked`
    /// @param words    the plan, or what blocks it
    /// @param bringsIn what it brings in, or an empty string
    record PlannedDish(String dish, String link, String state, String words, String facts, String bringsIn) {
        public boolean isPlanned() { return state.equals("plan"); }

        /// {@return why there is no plan, in a word}
        public String why() { return isUnknown() ? "not all is known" : "no plan"; }

        public String symbol() { return isUnknown() ? "m-unknown" : "m-in"; }

        private boolean isUnknown() { return state.equals("ask"); }
    }

    static MenuPlans of(Menu menu, SwapQuery asked, List<Avoidance> avoid, Context context, Format format) {
        // each plan is a pure function of what is kept: they are made side by side
        var asking = Thread.currentThread();
        var planned = menu.dishes().parallelStream().map(d -> {
            if (asking.isInterrupted()) throw new GivenUp();
            return SwapStock.plan(context, d, avoid);
        }).toList();
        var rows = new ArrayList<PlannedDish>();
        for (var i = 0; i < planned.size(); i++) {
            var plans = planned.get(i);
            var dish = menu.dishes().get(i);
            if (!plans.needed()) continue;
            if (plans.best().isEmpty()) {
                var blocked = plans.blocked().getFirst();
                rows.add(new PlannedDish(dish.name(), asked.linkTo(dish.id()), "blocked",
                        blocked.line() + ": " + blocked.avoid(), blocked.nearest(), ""));
            } else {
                var best = plans.best().getFirst();
                rows.add(new PlannedDish(dish.name(), asked.linkTo(dish.id()), best.unknown() > 0 ? "ask" : "plan",
                        PlansView.title(best), PlansView.facts(best, menu.ruleBook().money(), format),
                        format.list(PlansView.names(best.bringsIn()))));
            }
        }
        return new MenuPlans(rows, planned.size() - rows.size());
    }
}
