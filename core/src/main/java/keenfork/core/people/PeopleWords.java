package keenfork.core.people;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.diet.Diet;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substances;
import keenfork.core.food.Words;
import keenfork.core.people.Avoidance.Strictness;
import keenfork.core.people.Avoidances.Reason;
import keenfork.core.people.Avoidances.Refused;
import keenfork.core.people.Avoidances.Said;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;

/// The one reader of what people say they avoid. A word that is not exactly understood is refused, with what it could
/// mean: it is never taken for a food that no table holds, which nobody would find in any dish.
final class PeopleWords {
    private static final Avoidance VEGETARIAN =
            new Avoidance.OfDiet(Diet.named("vegetarian").orElseThrow(), Strictness.RECIPE);
    private static final String EXCEPT = AvoidWords.heads("except");
    /// "eats everything but egg": nothing was avoided before
    private static final Pattern ALL_BUT_THAT = Pattern.compile("(?iU)\\b" + AvoidWords.heads("all-but"));
    private static final Pattern CLAUSE = Pattern.compile(
            "(?iU)\\s*(?:[,;+&\\n()\\[\\]!]|/(?!f\\b)|\\.(?=\\s|$)|\\s[-–—]\\s|:\\s|\\bbut\\b|"
                    + "\\bincl(?:uding)?\\b\\.?|\\s(?=" + EXCEPT + "))\\s*");
    /// "no dairy, except butter", "vegetarian, will eat fish"
    private static final Pattern ALL_BUT =
            Pattern.compile("(?iU)^(?:%s|%s)\\s*".formatted(EXCEPT, AvoidWords.heads("eats")));
    /// "as Mum + no eggs", "like me": what that is stands elsewhere
    private static final Pattern AS_SOMEBODY = Pattern.compile("(?iU)\\b(?:%s)\\s+(?:(?:%s)\\s+)?(?:%s|%s|%s)\\b"
            .formatted(Grammar.anyOf("same-as"), Grammar.anyOf("relation-of"), Grammar.anyOf("the-same"),
                    Grammar.anyOf("relation"), Grammar.anyOf("relations")));
    private static final Pattern EATS = Pattern.compile("(?iU)^" + AvoidWords.heads("eats"));
    private static final Pattern BLANKS = Pattern.compile("(?U)[\\s&&[^\\n]]+");
    private static final Pattern ID = Pattern.compile("[\\p{L}0-9 -]+:recipe|[\\p{L}-]+");
    private static final String NONE = "none";
    private static final String TALK = "talk";
    private static final String FINE = "fine";
    private static final int MOST_PROPOSED = 3;

    private final RuleBook ruleBook;
    private final Map<Avoidance, Reason> said = new LinkedHashMap<>();
    private final List<Refused> refused = new ArrayList<>();
    private boolean tracesPass;
    private boolean eatsFish;
    /// "allergies: none; diet: none"
    private boolean isNoneSaid;

    PeopleWords(RuleBook ruleBook) {
        this.ruleBook = ruleBook;
    }

    Avoidances read(String text) {
        if (NONE.equals(AvoidWords.talk(Words.key(text)))) return Avoidances.NONE;
        // long runs of blanks would be gone through again for each of them
        var plain = ALL_BUT_THAT.matcher(FormField.answers(BLANKS.matcher(text).replaceAll(" "))).replaceAll(", no ");
        for (var clause : CLAUSE.split(plain))
            if (!clause.isBlank()) clause(clause.strip());
        if (said.isEmpty() && refused.isEmpty() && !isNoneSaid
                && text.codePoints().anyMatch(c -> c == '?' || Character.isLetterOrDigit(c)))
            refused.add(new Refused(text.strip(), List.of()));
        if (eatsFish) vegetarianButFish();
        onionAndGarlic();
        var all = new ArrayList<Said>();
        said.forEach((avoidance, kind) -> all.add(new Said(tracesPass ? recipeOnly(avoidance) : avoidance, kind)));
        return new Avoidances(all.stream().distinct().toList(), refused);
    }

    private void clause(String clause) {
        if (isNone(clause)) {
            isNoneSaid = true;
            return;
        }
        // "nuts like my mum" is more than nuts; the rest of the clause counts all the same
        var asSomebody = AS_SOMEBODY.matcher(clause);
        if (asSomebody.find()) refused.add(new Refused(asSomebody.group(), List.of("say what they avoid")));
        var rest = asSomebody.replaceAll(" ").strip();
        if (!rest.isEmpty()) avoided(rest);
    }

    private void avoided(String clause) {
        var exact = exact(clause);
        if (exact.isPresent()) {
            said.putIfAbsent(exact.get(), Reason.AVOIDED);
            return;
        }
        var allBut = ALL_BUT.matcher(clause);
        // "eats anything except meat": where nothing was avoided, nothing is let through
        var isExcept = allBut.find();
        var isLetThrough = isExcept && !said.isEmpty();
        var heard = Heard.of(clause.substring(isExcept ? allBut.end() : 0));
        if (heard.isTrace() && (heard.isFine() || clause.contains("recipe"))) tracesPass = true;
        // what is let through and was not avoided yet is avoided, whatever was meant
        else if (heard.isFine() && !heard.isWithout() || isLetThrough && isLet(clause, heard)) {
            mayBeEaten(clause, heard);
            return;
        }
        if (heard.isWanted() && heard.kind() != Reason.ALLERGY && !heard.isOfDiets())
            refused.add(new Refused(clause, List.of("it counts as avoided: leave out what is only liked")));
        eatsFish |= isExcept && heard.named().equals(List.of(List.of("fish")));
        for (var meaning : heard.named()) add(meaning, clause, heard.kind());
        if (!heard.open().isEmpty() && !heard.isOpenTalk(clause))
            food(String.join(" ", heard.open()), heard.kind());
    }

    /// "everyone eats everything", "all are fine": words of talk stand before it, or nothing else is said
    private static boolean isNone(String clause) {
        var words = List.of(Words.key(clause).split(" "));
        var kinds = words.stream().map(AvoidWords::talk).toList();
        for (var from = 0; from < words.size(); from++) {
            if (NONE.equals(AvoidWords.talk(String.join(" ", words.subList(from, words.size()))))) return true;
            if (!TALK.equals(kinds.get(from))) break;
        }
        return clause.indexOf('?') < 0 && kinds.contains(FINE)
                && kinds.stream().allMatch(k -> TALK.equals(k) || FINE.equals(k));
    }

    /// an exact key goes first: `nuts` is the law's group, `cashew:recipe` lets traces pass
    private Optional<Avoidance> exact(String clause) {
        return ID.matcher(clause).matches() && !isInMore(clause)
                ? ofHome(clause).or(() -> Avoidance.exactly(clause, ruleBook)) : Optional.empty();
    }

    /// "orange" is a group of another law; who avoids it minds all that it is in, law or none
    private static boolean isInMore(String clause) {
        return AvoidWords.meant(Words.key(clause)).contains(AvoidWords.FOOD + Words.key(clause));
    }

    /// "peanut" is the id of another law's group; here it means the group of our own
    private Optional<Avoidance> ofHome(String clause) {
        var meaning = AvoidWords.meant(Words.key(clause));
        if (ruleBook.group(clause.toLowerCase()).isPresent() || meaning.size() != 1
                || meaning.getFirst().contains(":"))
            return Optional.empty();
        return Optional.of(ofSubstance(meaning.getFirst())).filter(Avoidance.OfGroup.class::isInstance);
    }

    /// "no meat, fish ok" is a pescatarian; "nuts, coconut ok" lets through what was never meant; "dairy, butter ok" is
    /// told apart by nobody here.
    private void mayBeEaten(String clause, Heard heard) {
        if (heard.named().contains(List.of("fish")) && said.containsKey(VEGETARIAN)) {
            said.remove(VEGETARIAN);
            add(List.of("diet:pescatarian"), clause, Reason.AVOIDED);
        } else if (isTouched(heard))
            refused.add(new Refused(clause, List.of("it counts all the same: say it without what is fine")));
    }

    /// "eats fish but no meat": what came first was let through, too
    private void vegetarianButFish() {
        if (said.remove(VEGETARIAN) == null) return;
        said.remove(ofSubstance("fish"));
        said.putIfAbsent(diet("pescatarian"), Reason.AVOIDED);
    }

    private boolean isLet(String clause, Heard heard) { return isTouched(heard) || isEaten(clause, heard); }

    /// "no shellfish, can do fish", "nuts, ok with pumpkin seeds", but not "no nuts, eats vegan"
    private static boolean isEaten(String clause, Heard heard) {
        return !heard.isWithout() && EATS.matcher(clause).find()
                && (heard.open().isEmpty() || Foods.shipped().find(String.join(" ", heard.open())).isPresent())
                && heard.named().stream().flatMap(List::stream).allMatch(
                        id -> id.startsWith(AvoidWords.FOOD) || Substances.shipped().find(id).isPresent());
    }

    /// {@return whether a clause speaks of what is avoided already, or of what nobody knows}
    private boolean isTouched(Heard heard) {
        if (heard.named().stream().flatMap(List::stream).anyMatch(this::isAvoided)) return true;
        if (heard.open().isEmpty()) return false;
        var food = Foods.shipped().find(String.join(" ", heard.open())).orElse(null);
        return food == null || food.holds().stream().anyMatch(s -> isAvoided(s.id()));
    }

    private boolean isAvoided(String id) {
        var substance = Substances.shipped().find(id).orElse(null);
        if (substance == null) return id.startsWith(AvoidWords.ASK) || id.startsWith("diet:");
        var tree = Substances.shipped();
        return said.keySet().stream().anyMatch(a -> switch (a) {
            case Avoidance.OfGroup(_, var group, _) ->
                    group.members().stream().anyMatch(m -> tree.isUnder(substance, m) || tree.isUnder(m, substance));
            case Avoidance.OfSubstance(var avoided, _) -> tree.isUnder(substance, avoided);
            case Avoidance.OfDiet(var diet, _) -> diet.forbidden().stream().anyMatch(f -> tree.isUnder(substance, f));
            case Avoidance.OfFood _ -> false;
        });
    }

    private void add(List<String> meaning, String clause, Reason kind) {
        for (var one : meaning) {
            if (one.startsWith(AvoidWords.ASK))
                refused.add(new Refused(clause,
                        Arrays.stream(one.substring(AvoidWords.ASK.length()).split("[,;]")).map(String::strip)
                                .toList()));
            else if (one.startsWith("diet:")) said.putIfAbsent(diet(one.substring("diet:".length())), kind);
            else if (one.startsWith(AvoidWords.FOOD))
                said.putIfAbsent(new Avoidance.OfFood(one.substring(AvoidWords.FOOD.length())), kind);
            else said.putIfAbsent(ofSubstance(one), kind);
        }
    }

    private static Avoidance diet(String id) {
        var diet = Diet.named(id)
                .orElseThrow(() -> new IllegalStateException("avoid-words.txt: no diet \"%s\"".formatted(id)));
        return new Avoidance.OfDiet(diet, diet.cautious() ? Strictness.TRACE : Strictness.RECIPE);
    }

    /// The group of the rule book in force that is just that substance or its branch; else the substance, in whatever
    /// law.
    private Avoidance ofSubstance(String id) {
        var substance = Substances.shipped().get(id);
        for (var group : ruleBook.groups())
            if (isAllOf(group, id)) return new Avoidance.OfGroup(ruleBook, group, Strictness.TRACE);
        return new Avoidance.OfSubstance(substance, Strictness.TRACE);
    }

    /// {@return whether a group is just that substance and all that stands under it: gluten is, the eight nuts of a law
    /// are not all nuts}
    private static boolean isAllOf(Group group, String id) {
        var tree = Substances.shipped();
        var substance = tree.get(id);
        if (!group.members().stream().allMatch(m -> tree.isUnder(m, substance))) return false;
        return tree.all().stream().filter(s -> tree.isUnder(s, substance) && !s.equals(substance))
                .allMatch(group::names);
    }

    /// What no list of words knows is a food of the table, a substance, or refused.
    private void food(String words, Reason kind) {
        var exact = Avoidance.exactly(words, ruleBook);
        if (exact.isPresent()) said.putIfAbsent(exact.get(), kind);
        else if (!foods(words, kind)) refused.add(new Refused(words, proposals(words)));
    }

    private boolean foods(String words, Reason kind) {
        var reading = Foods.shipped().recipeWords().read(words);
        if (reading.matches().isEmpty() || !reading.unread().isEmpty()) return false;
        for (var match : reading.matches()) {
            var found = Avoidance.named(match);
            if (found.isEmpty()) return false;
            said.putIfAbsent(found.get(), kind);
            if (match.meaning() instanceof Meaning.OfFood(var food))
                namedIn(match.text(), food).filter(id -> kind == Reason.ALLERGY || isOnly(food, match.text(), id))
                        .forEach(id -> said.putIfAbsent(ofSubstance(id), kind));
        }
        return true;
    }

    /// An allergy to celery salt is one to celery: what the name of a food says that it holds.
    private static Stream<String> namedIn(String name, Food food) {
        var tree = Substances.shipped();
        return Words.of(name).stream().flatMap(w -> meantOr(w.text()).stream())
                .filter(id -> tree.find(id).filter(s -> food.holds().stream().anyMatch(h -> tree.isUnder(h, s)))
                        .isPresent());
    }

    private static List<String> meantOr(String word) {
        var meant = AvoidWords.meant(word);
        return meant.isEmpty() ? List.of(word) : meant;
    }

    /// {@return whether a plain food is called after what it is of: who avoids wheat flour or celery seed avoids wheat
    /// and celery; soya sauce and blue cheese are avoided alone}
    private static boolean isOnly(Food food, String name, String id) {
        return !food.isCompound() && Words.of(name).stream().anyMatch(w -> id.startsWith(w.text()));
    }

    private static List<String> proposals(String words) {
        var found = new ArrayList<String>();
        for (var word : words.split(" ")) {
            var key = Words.key(word);
            for (var meant : AvoidWords.known())
                if (meant.length() > 2 && Foods.isSlip(key, meant)) found.add(meant);
            found.addAll(Foods.shipped().near(word));
        }
        return found.stream().distinct().limit(MOST_PROPOSED).toList();
    }

    /// Who avoids both is fed by one rule, which knows leeks and chives, too.
    private void onionAndGarlic() {
        var onion = new Avoidance.OfSubstance(Substances.shipped().get("onion"), Strictness.TRACE);
        var garlic = new Avoidance.OfSubstance(Substances.shipped().get("garlic"), Strictness.TRACE);
        if (!said.containsKey(onion) || !said.containsKey(garlic)) return;
        var kind = said.get(onion);
        said.remove(onion);
        said.remove(garlic);
        said.putIfAbsent(diet("no-onion-garlic"), kind);
    }

    private static Avoidance recipeOnly(Avoidance avoidance) {
        return switch (avoidance) {
            case Avoidance.OfGroup(var book, var group, _) -> new Avoidance.OfGroup(book, group, Strictness.RECIPE);
            case Avoidance.OfSubstance(var substance, _) -> new Avoidance.OfSubstance(substance, Strictness.RECIPE);
            case Avoidance.OfDiet(var diet, _) -> new Avoidance.OfDiet(diet, Strictness.RECIPE);
            case Avoidance.OfFood food -> food;
        };
    }
}
