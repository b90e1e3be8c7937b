package keenfork.core.people;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.diet.Diet;
import keenfork.core.food.Family;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.LeftOut;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substances;
import keenfork.core.food.Table;
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
    private static final Map<String, List<String>> MEANT = meant();
    private static final Map<String, String> TALK = talk();
    private static final String ASK = "ask:";
    private static final String FOOD = "food:";
    private static final String FREE = "free";
    private static final int LONGEST = 5;
    private static final Avoidance VEGETARIAN =
            new Avoidance.OfDiet(Diet.named("vegetarian").orElseThrow(), Strictness.RECIPE);
    private static final String EXCEPT = heads("except");
    private static final Pattern CLAUSE = Pattern.compile(
            "(?iU)\\s*(?:[,;+&\\n()\\[\\]!]|/(?!f\\b)|\\.(?=\\s|$)|\\s[-–—]\\s|:\\s|\\bbut\\b|"
                    + "\\bincl(?:uding)?\\b\\.?|\\s(?=" + EXCEPT + "))\\s*");
    /// "no dairy, except butter", "vegetarian, will eat fish"
    private static final Pattern ALL_BUT = Pattern.compile("(?iU)^(?:%s|%s)\\s*".formatted(EXCEPT, heads("eats")));
    private static final Pattern EATS = Pattern.compile("(?iU)^" + heads("eats"));
    private static final Pattern BLANKS = Pattern.compile("(?U)[\\s&&[^\\n]]+");
    private static final Pattern ID = Pattern.compile("[\\p{L}0-9 -]+:recipe|[\\p{L}-]+");
    private static final int MOST_PROPOSED = 3;
    /// "x6", "2"
    private static final Pattern COUNT = Pattern.compile("x?\\d");

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

    private static Map<String, List<String>> meant() {
        var held = new HashMap<String, List<String>>();
        for (var row : Table.read(PeopleWords.class, "avoid-words.txt", 3)) {
            var meaning = row.cell(1).startsWith(ASK) ? List.of(row.cell(1)) : row.list(1);
            for (var words : row.list(0)) held.put(Words.key(words), meaning);
        }
        for (var word : Family.known()) held.putIfAbsent(word, List.of(FOOD + word));
        return held;
    }

    /// {@return what finds a phrase of a kind where a clause begins}
    private static String heads(String kind) {
        return Table.read(PeopleWords.class, "avoid-talk.txt", 3).stream().filter(r -> r.cell(1).equals(kind))
                .map(r -> r.cell(0)).collect(Collectors.joining("|", "(?:", ")\\b"));
    }

    private static Map<String, String> talk() {
        var held = new HashMap<String, String>();
        for (var row : Table.read(PeopleWords.class, "avoid-talk.txt", 3))
            if (!row.cell(1).equals("except") && !row.cell(1).equals("eats"))
                held.put(Words.key(row.cell(0)), row.cell(1));
        return held;
    }

    Avoidances read(String text) {
        if ("none".equals(TALK.get(Words.key(text)))) return Avoidances.NONE;
        // long runs of blanks would be gone through again for each of them
        for (var clause : CLAUSE.split(BLANKS.matcher(text).replaceAll(" ")))
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
        if ("none".equals(TALK.get(Words.key(clause)))) {
            isNoneSaid = true;
            return;
        }
        var exact = exact(clause);
        if (exact.isPresent()) {
            said.putIfAbsent(exact.get(), Reason.AVOIDED);
            return;
        }
        var allBut = ALL_BUT.matcher(clause);
        // "eats anything except meat": where nothing was avoided, nothing is let through
        var isExcept = allBut.find();
        var isLetThrough = isExcept && !said.isEmpty();
        var heard = heard(clause.substring(isExcept ? allBut.end() : 0));
        if (heard.isTrace && (heard.isFine || clause.contains("recipe"))) tracesPass = true;
        // what is let through and was not avoided yet is avoided, whatever was meant
        else if (heard.isFine && !heard.isWithout || isLetThrough && isLet(clause, heard)) {
            mayBeEaten(clause, heard);
            return;
        }
        eatsFish |= isExcept && heard.named.equals(List.of(List.of("fish")));
        for (var meaning : heard.named) add(meaning, clause, heard.kind);
        if (!heard.open.isEmpty() && !isTalkOf(heard.named, heard.open))
            food(String.join(" ", heard.open), heard.kind);
    }

    /// What the words of a clause are.
    ///
    /// @param named     what the words that are known mean
    /// @param open      words that no list here knows
    /// @param isWithout whether it tells of a food without what is named: "lactose free milk is fine"
    private record Heard(List<List<String>> named, List<String> open, Reason kind, boolean isFine, boolean isTrace,
            boolean isWithout) {}

    private static Heard heard(String clause) {
        var words = Words.of(clause.replace(":recipe", " recipe"));
        var named = new ArrayList<List<String>>();
        var open = new ArrayList<String>();
        var kind = Reason.AVOIDED;
        var isFine = false;
        var isTrace = false;
        var isWithout = false;
        for (var at = 0; at < words.size();) {
            var length = longest(words, at);
            var without = withoutIt(words, at, length);
            if (without > 0) {
                named.add(MEANT.get(key(words, at, length)));
                isWithout = true;
                at += without;
                continue;
            }
            // "pine nuts" are one food before they are nuts
            var food = foodOfMore(words, at, length);
            if (food > length) {
                open.add(clause.substring(words.get(at).start(), words.get(at + food - 1).end()));
                at += food;
                continue;
            }
            if (length > 0) {
                named.add(MEANT.get(key(words, at, length)));
                at += length;
                continue;
            }
            var phrase = talkOfMore(words, at);
            if (phrase > 0) {
                at += phrase;
                continue;
            }
            var talk = TALK.get(words.get(at).text());
            if (talk == null && !COUNT.matcher(words.get(at).text()).lookingAt())
                open.add(clause.substring(words.get(at).start(), Math.min(clause.length(), words.get(at).end())));
            else if ("allergy".equals(talk)) kind = Reason.ALLERGY;
            else if ("intolerance".equals(talk)) kind = Reason.INTOLERANCE;
            else if ("dislike".equals(talk)) kind = Reason.DISLIKE;
            isFine |= "fine".equals(talk);
            isTrace |= "trace".equals(talk);
            at++;
        }
        return new Heard(named, open, kind, isFine, isTrace, isWithout);
    }

    /// "has gluten free bread", "vegan cheese only": what is left out is what is avoided, and the food is eaten.
    ///
    /// @param known how many words from a place on are a key of the list
    /// @return how many words there are with the food that is told without it; 0 where nothing says so
    private static int withoutIt(List<Words.Word> words, int at, int known) {
        if (known == 0) return 0;
        var behind = at + known;
        var isFree = behind < words.size() && words.get(behind).text().equals(FREE)
                || words.get(behind - 1).text().equals(FREE);
        if (!isFree && !LeftOut.isSaid(key(words, at, known))) return 0;
        if (behind < words.size() && words.get(behind).text().equals(FREE)) behind++;
        for (var length = Math.min(LONGEST, words.size() - behind); length > 0; length--)
            if (Foods.shipped().find(key(words, behind, length)).isPresent()) return behind - at + length;
        return isFree ? behind - at : 0;
    }

    /// "low" salt, "fresh" coriander: what recipes say of any food, and no food itself
    private static boolean isTalkOf(List<List<String>> named, List<String> words) {
        if (named.isEmpty() || !named.stream().allMatch(m -> m.getFirst().startsWith(FOOD))) return false;
        return Foods.shipped().recipeWords().isOnlyTalk(String.join(" ", words));
    }

    /// an exact key goes first: `nuts` is the law's group, `cashew:recipe` lets traces pass
    private Optional<Avoidance> exact(String clause) {
        return ID.matcher(clause).matches() && !isInMore(clause)
                ? ofHome(clause).or(() -> Avoidance.exactly(clause, ruleBook)) : Optional.empty();
    }

    /// "orange" is a group of another law; who avoids it minds all that it is in, law or none
    private static boolean isInMore(String clause) {
        return MEANT.getOrDefault(Words.key(clause), List.of()).contains(FOOD + Words.key(clause));
    }

    /// "peanut" is the id of another law's group; here it means the group of our own
    private Optional<Avoidance> ofHome(String clause) {
        var meaning = MEANT.get(Words.key(clause));
        if (ruleBook.group(clause.toLowerCase()).isPresent() || meaning == null || meaning.size() != 1
                || meaning.getFirst().contains(":"))
            return Optional.empty();
        return Optional.of(ofSubstance(meaning.getFirst())).filter(Avoidance.OfGroup.class::isInstance);
    }

    /// {@return the words of a food's name of two words or more that starts here and is no longer key of the list; 0
    /// where none does}
    private static int foodOfMore(List<Words.Word> words, int at, int known) {
        for (var length = Math.min(LONGEST, words.size() - at); length > Math.max(1, known); length--)
            if (TALK.get(words.get(at).text()) == null && Foods.shipped().find(key(words, at, length)).isPresent())
                return length;
        return 0;
    }

    /// {@return the words of a phrase of two words or more that is only talk: "not vegan"; 0 where none starts here}
    private static int talkOfMore(List<Words.Word> words, int at) {
        for (var length = Math.min(LONGEST, words.size() - at); length > 1; length--)
            if ("talk".equals(TALK.get(key(words, at, length)))) return length;
        return 0;
    }

    private static int longest(List<Words.Word> words, int at) {
        for (var length = Math.min(LONGEST, words.size() - at); length > 0; length--)
            if (MEANT.containsKey(key(words, at, length))) return length;
        return 0;
    }

    private static String key(List<Words.Word> words, int at, int length) {
        return String.join(" ", words.subList(at, at + length).stream().map(Words.Word::text).toList());
    }

    /// "no meat, fish ok" is a pescatarian; "nuts, coconut ok" lets through what was never meant; "dairy, butter ok" is
    /// told apart by nobody here.
    private void mayBeEaten(String clause, Heard heard) {
        if (heard.named.contains(List.of("fish")) && said.containsKey(VEGETARIAN)) {
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

    /// "no shellfish, can do fish", but not "no nuts, eats vegan"
    private static boolean isEaten(String clause, Heard heard) {
        return !heard.isWithout && heard.open.isEmpty() && EATS.matcher(clause).find() && heard.named.stream()
                .flatMap(List::stream).allMatch(id -> Substances.shipped().find(id).isPresent());
    }

    /// {@return whether a clause speaks of what is avoided already, or of what nobody knows}
    private boolean isTouched(Heard heard) {
        if (heard.named.stream().flatMap(List::stream).anyMatch(this::isAvoided)) return true;
        if (heard.open.isEmpty()) return false;
        var food = Foods.shipped().find(String.join(" ", heard.open)).orElse(null);
        return food == null || food.holds().stream().anyMatch(s -> isAvoided(s.id()));
    }

    private boolean isAvoided(String id) {
        var substance = Substances.shipped().find(id).orElse(null);
        if (substance == null) return id.startsWith(ASK) || id.startsWith("diet:");
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
            if (one.startsWith(ASK))
                refused.add(new Refused(clause,
                        Arrays.stream(one.substring(ASK.length()).split("[,;]")).map(String::strip).toList()));
            else if (one.startsWith("diet:")) said.putIfAbsent(diet(one.substring("diet:".length())), kind);
            else if (one.startsWith(FOOD)) said.putIfAbsent(new Avoidance.OfFood(one.substring(FOOD.length())), kind);
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
        return Words.of(name).stream().flatMap(w -> MEANT.getOrDefault(w.text(), List.of(w.text())).stream())
                .filter(id -> tree.find(id).filter(s -> food.holds().stream().anyMatch(h -> tree.isUnder(h, s)))
                        .isPresent());
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
            for (var meant : MEANT.keySet().stream().sorted().toList())
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
