package keenfork.web.swap;

import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import keenfork.core.people.Avoidances;
import keenfork.core.regime.RuleBook;
import keenfork.core.swap.Role;
import keenfork.web.persistence.guest.Events;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.UriComponentsBuilder;

/// What is asked of the swap bench.
///
/// @param dish    the dish's key; 0 while none is chosen, [#EVERY_DISH] for the whole menu
/// @param guests  the groups of guests that must be served, by their keys
/// @param words   what must be out besides, in words of the command line
/// @param recipe  those of them for which a trace does not count
/// @param plan    the plan that is looked at, from 1
/// @param compare the plans held side by side
/// @param roles   what lines do in the dish, by the line as written, where the cook knows better
/// @param variant the variant that is planned anew, or 0
record SwapQuery(long dish, Set<Long> guests, Set<String> words, Set<String> recipe, int plan, Set<Integer> compare,
        Map<String, Role> roles, long variant) {
    static final long EVERY_DISH = -1;
    private static final int MOST_WORDS = 30;
    private static final int MOST_COMPARED = 3;
    private static final int MOST_PLANS = 99;

    SwapQuery {
        guests = Set.copyOf(guests);
        words = new LinkedHashSet<>(words);
        recipe = Set.copyOf(recipe);
        compare = new TreeSet<>(compare);
        roles = new TreeMap<>(roles);
    }

    static SwapQuery of(HttpServletRequest request) {
        var words = new LinkedHashSet<>(words(request, "avoid"));
        words.addAll(words(request, "more"));
        var ticked = words(request, "recipe");
        // "milk:recipe" typed is milk, ticked as recipe only
        var recipe = new TreeSet<String>();
        var bare = new LinkedHashSet<String>();
        for (var word : words.stream().limit(MOST_WORDS).toList()) {
            var plain = word.replaceFirst(":recipe$", "").strip();
            if (plain.isEmpty()) continue;
            bare.add(plain);
            if (!plain.equals(word) || ticked.contains(plain)) recipe.add(plain);
        }
        return new SwapQuery(number(request.getParameter("dish")), Set.copyOf(numbers(request, "for")), bare, recipe,
                (int) Math.clamp(number(request.getParameter("plan")), 1, MOST_PLANS),
                numbers(request, "compare").stream().map(n -> (int) Math.clamp(n, 0, MOST_PLANS)).distinct()
                        .limit(MOST_COMPARED).collect(Collectors.toSet()),
                roles(request), number(request.getParameter("variant")));
    }

    /// "body=200 g feta": a line does what the cook says
    private static Map<String, Role> roles(HttpServletRequest request) {
        var roles = new TreeMap<String, Role>();
        var values = request.getParameterValues("as");
        for (var value : values == null ? new String[0] : values) {
            var bar = value.indexOf('=');
            var role = Arrays.stream(Role.values()).filter(r -> bar > 0 && r.id().equals(value.substring(0, bar)))
                    .findFirst();
            if (role.isPresent() && roles.size() < MOST_WORDS) roles.put(value.substring(bar + 1), role.get());
        }
        return roles;
    }

    /// {@return what a choice of a role for a line is asked for by; an empty string where the line is read so anyway}
    /// {@return what the button says that keeps a plan as a variant}
    public String keepName() { return variant() == 0 ? "Keep as a variant" : "Write over the variant"; }

    public String asked(Role role, Role now, String line) {
        return role == now && !roles.containsKey(line) ? "" : role.id() + "=" + line;
    }

    /// {@return the corrected roles as they are asked for again}
    public List<String> rolesAsked() {
        return roles.entrySet().stream().map(r -> r.getValue().id() + "=" + r.getKey()).toList();
    }

    private static List<String> words(HttpServletRequest request, String name) {
        var values = request.getParameterValues(name);
        return values == null ? List.of() : Arrays.stream(values).flatMap(v -> Arrays.stream(v.split(",")))
                .map(v -> v.strip().toLowerCase()).filter(v -> !v.isEmpty()).toList();
    }

    static List<Long> numbers(HttpServletRequest request, String name) {
        return words(request, name).stream().map(SwapQuery::number).distinct().toList();
    }

    static long number(@Nullable String text) {
        return text != null && text.matches("-?\\d{1,15}") ? Long.parseLong(text) : 0;
    }

    /// {@return all that must be out, in words of the command line: what is kept beside a variant or a portion}
    String avoided(List<Events.Guests> groups) {
        var all = new ArrayList<String>();
        for (var group : chosen(groups)) all.add(group.avoids());
        for (var word : words) all.add(recipe.contains(word) ? word + ":recipe" : word);
        return String.join(", ", all);
    }

    Avoidances avoidances(List<Events.Guests> groups, RuleBook book) { return Avoidances.of(avoided(groups), book); }

    List<Events.Guests> chosen(List<Events.Guests> groups) {
        return groups.stream().filter(g -> guests.contains(g.id())).toList();
    }

    public boolean isEveryDish() { return dish == EVERY_DISH; }

    /// {@return the address of the same question, with another plan looked at}
    public String link(int other) { return address(dish, other, Set.of()); }

    /// {@return the address of the same question for another dish}
    String linkTo(long other) { return address(other, 1, Set.of()); }

    private String address(long of, int other, Set<Integer> compared) {
        var uri = UriComponentsBuilder.fromPath("/swaps").queryParam("dish", of);
        new TreeSet<>(guests).forEach(g -> uri.queryParam("for", g));
        words.forEach(w -> uri.queryParam("avoid", "{w}"));
        recipe.stream().sorted().forEach(w -> uri.queryParam("recipe", "{w}"));
        // a role belongs to the lines of one dish
        var as = of == dish ? rolesAsked() : List.<String>of();
        as.forEach(r -> uri.queryParam("as", "{r}"));
        if (other > 1) uri.queryParam("plan", other);
        compared.forEach(c -> uri.queryParam("compare", c));
        if (variant != 0) uri.queryParam("variant", variant);
        var values = new ArrayList<Object>(words);
        values.addAll(recipe.stream().sorted().toList());
        values.addAll(as);
        return uri.encode().buildAndExpand(values.toArray()).toUriString();
    }
}
