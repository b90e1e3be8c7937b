package keenfork.core.covers;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import keenfork.core.food.Grammar;
import keenfork.core.people.Avoidances;
import keenfork.core.people.FormField;
import keenfork.core.people.SomeoneNamed;
import keenfork.core.regime.RuleBook;

/// A list of guests, taken apart into what is said of one group each.
final class GuestPieces {
    /// what stands further from a joint does not part it: a long line without groups is gone through once
    private static final int MOST_LOOKED = 160;
    /// "Adults: 30 (3 veggie, 1 coeliac)", "8 veg (2 of which vegan)": of so many, some
    private static final Pattern SOME_OF = Pattern.compile("^(?:(?<first>\\d{1,5})\\s*[x×]?\\s+)?"
            + "(?<who>[^:()\\d]{1,60}?)\\s*[:=–-]?\\s*(?<last>\\d{1,5})?\\s*\\((?<some>[^()]{1,400})\\)[.]?$");
    private static final Pattern LEAD = Pattern.compile("^(?<lead>[^:]{1,80}?)(?::|\\s[-–—])\\s+");
    private static final Pattern HEADED = Pattern.compile("^(?<head>[^:?]{1,60}):\\s*(?<rest>\\S.*)$");
    private static final String FURTHER = "(?i:" + Grammar.anyOf("guest-joint") + ")";
    private static final Pattern JOINT =
            Pattern.compile("\\s*[,+]\\s*(?:(?:" + FURTHER + "|&)\\s+)?|[.!?]\\s+(?:" + FURTHER
                    + "\\s+)?|\\s+(?:" + FURTHER + "|[&/|])\\s+|\\s+(?=\\d{1,5}\\s?[x×]?\\s)|\\s+(?<except>"
                    + Grammar.anyOf("except") + ")\\s+(?=\\p{Lu})");
    /// "2 VG"
    private static final Pattern CODE = Pattern.compile("\\d{1,3}\\s\\p{Lu}{1,3}(?:\\s|$)");
    private static final Pattern TIMES = Pattern.compile("\\d{1,5}\\s?[x×]\\s");
    /// "3V 2VG 1GF"
    private static final Pattern LETTERS = Pattern.compile("(?<![\\p{L}\\d])(\\d{1,3})(?=\\p{Lu}{1,3}(?:[\\s,]|$))");
    /// "vegan 2 gf 1"
    private static final Pattern COUNTED_BEHIND =
            Pattern.compile("(?U)\\p{L}[\\p{L} ]{0,30}?\\s\\d{1,3}(?:\\s+\\p{L}[\\p{L} ]{0,30}?\\s\\d{1,3}){1,40}");
    private static final Pattern BEHIND_COUNT = Pattern.compile("(?U)(?<=\\d)\\s+(?=\\p{L})");
    /// "Kids: nothing", "Vegan: 2"
    private static final Pattern HEAD = Pattern.compile("(?U)^\\p{L}[\\p{L}\\d'’ ]{0,30}:\\s*\\S");
    /// "Table 4: Jo, Kim (coeliac)", "Top table - Ann (veg)"
    private static final Pattern SEATED =
            Pattern.compile("^(?<where>[^:(,]{1,40}?)(?::|\\s[-–—])\\s+(?<rest>\\S.*)$");
    /// so many lines of a name and what they avoid make a list of names
    private static final int FEWEST_NAMED = 2;
    private static final Pattern NEXT = Pattern.compile("[,+]|\\s(?:and|&)\\s");

    /// What is said of one group.
    ///
    /// @param head    who they are, as it stands before a colon; empty where nothing does
    /// @param text    what is said of them
    /// @param isAlone whether the head stands over this group alone
    record Piece(String head, String text, boolean isAlone) {
        String written() { return head.isEmpty() ? text : head + ": " + text; }
    }

    private final RuleBook ruleBook;

    private GuestPieces(RuleBook ruleBook) {
        this.ruleBook = ruleBook;
    }

    /// The pieces of a list.
    ///
    /// @param all    what may be of a group
    /// @param passed who stands in the list with nothing said of them, and who signed it
    record Parted(List<Piece> all, List<String> passed) {}

    static Parted of(String list, RuleBook ruleBook) {
        var pieces = new GuestPieces(ruleBook);
        var all = new ArrayList<Piece>();
        var passed = new ArrayList<String>();
        var isSigned = false;
        var lines = GuestLines.of(list);
        var isOfNames = lines.stream().filter(l -> NameRow.tellsOfGuest(withoutSeat(l), ruleBook)).limit(FEWEST_NAMED)
                .count() == FEWEST_NAMED;
        for (var bare : lines) {
            if (GuestWords.isGreeting(bare, ruleBook)) {
                passed.add(bare);
                continue;
            }
            // who wrote the list eats nothing
            var unsigned = isSigned && GuestWords.isWho(bare, ruleBook) ? ""
                    : GuestWords.withoutSignature(bare, ruleBook);
            if (!unsigned.equals(bare)) passed.add(bare.substring(unsigned.length()));
            if (unsigned.isBlank()) continue;
            isSigned = GuestWords.isFarewell(bare);
            if (pieces.addRow(unsigned, isOfNames, all, passed)) continue;
            var told = GuestLine.told(unsigned, ruleBook);
            if (!told.isEmpty()) all.addAll(pieces.ofLine(LETTERS.matcher(told).replaceAll("$1 ")));
        }
        return new Parted(all, passed);
    }

    private static String withoutSeat(String line) {
        var seated = SEATED.matcher(line);
        return seated.matches() && GuestWords.tellsWhere(seated.group("where")) ? seated.group("rest") : line;
    }

    /// "Table 4: Jo, Kim (coeliac), Lee": each by themselves, and nothing is said of Jo and Lee
    private boolean addRow(String line, boolean isOfNames, List<Piece> all, List<String> passed) {
        var rest = withoutSeat(line);
        var where = line.substring(0, line.length() - rest.length()).replaceAll("[\\s:–—-]+$", "");
        var guests = isOfNames && NameRow.isBare(rest, ruleBook) ? List.of(rest) : NameRow.of(rest, ruleBook);
        for (var guest : guests)
            if (NameRow.isBare(guest, ruleBook)) passed.add(guest);
            else all.add(new Piece(where, guest, false));
        return !guests.isEmpty();
    }

    private List<Piece> ofLine(String written) {
        var line = withoutLead(written);
        var some = SOME_OF.matcher(line);
        if (some.matches() && GuestCount.isNumberInFront(some.group("some"))) {
            var total = some.group("last") == null ? some.group("first") : some.group("last");
            if (total != null) return someOf(some.group("who").strip(), Integer.parseInt(total), some.group("some"));
        }
        var headed = HEADED.matcher(line);
        if (!headed.matches()) return under("", line);
        var head = headed.group("head").strip();
        // "4 vegan, table 6: nuts": the head stands in the middle
        if (isMore(head)) return under("", line);
        var isAsked = FormField.isHeading(head) && !FormField.isOfDish(head) || isTalkAlone(head);
        return under(isAsked ? "" : head, headed.group("rest"));
    }

    /// "Yes - Ann is vegan", "Diets, as promised: my wife is coeliac"
    private String withoutLead(String line) {
        var lead = LEAD.matcher(line);
        return lead.lookingAt() && GuestWords.isLead(lead.group("lead")) && !GuestWords.tellsWhere(lead.group("lead"))
                && GuestWords.who(line.substring(lead.end()), ruleBook) > 0 ? line.substring(lead.end()) : line;
    }

    /// "2 no celery, table 6" before a colon is more than a head; "Ann, Bo and Cy" are one
    private boolean isMore(String head) {
        var parts = parts(head + ": " + head);
        return parts.size() > 1 && !GuestWords.isWho(parts.getFirst(), ruleBook);
    }

    /// "numbers for tomorrow's meeting: 12 heads", but not "Main: 5 veg" and "table 3: 2 veg"
    private static boolean isTalkAlone(String head) {
        return GuestWords.isTalk(head) && !FormField.isHeading(head) && !GuestWords.tellsWhere(head);
    }

    /// "3 GF (1 also DF)" are two of the one and one of both; "Adults: 30 (1 coeliac)" is one of them
    private List<Piece> someOf(String who, int total, String some) {
        if (Avoidances.of(who, ruleBook).all().isEmpty()) return under(who, some);
        var all = new ArrayList<Piece>();
        var left = total;
        for (var part : parts(some)) {
            var count = GuestCount.ahead(part);
            if (count == null) return under("", total + " " + who + " (" + some + ")");
            left -= count.people();
            all.add(new Piece("", count.people() + " " + who + ", " + count.words(), true));
        }
        if (left > 0) all.addFirst(new Piece("", left + " " + who, true));
        return all;
    }

    private List<Piece> under(String head, String text) {
        var parts = parts(text);
        var all = new ArrayList<Piece>();
        for (var part : parts) {
            var headed = HEADED.matcher(part);
            if (headed.matches() && (head.isEmpty() || !all.isEmpty()))
                all.add(new Piece(headed.group("head").strip(), headed.group("rest"), true));
            else all.add(new Piece(head, part, parts.size() == 1));
        }
        return all;
    }

    private List<String> parts(String text) {
        if (COUNTED_BEHIND.matcher(text).matches() && BEHIND_COUNT.splitAsStream(text).allMatch(this::isToldBehind))
            return List.of(BEHIND_COUNT.split(text));
        var parts = new ArrayList<String>();
        var joint = JOINT.matcher(text);
        var from = 0;
        var depth = 0;
        for (var at = 0; at < text.length(); at++) {
            if (text.charAt(at) == '(') depth++;
            if (text.charAt(at) == ')') depth--;
            if (depth > 0 || at == from || !joint.region(at, text.length()).lookingAt() || joint.end() == text.length()
                    || !opensGroup(text.substring(Math.max(from, at - MOST_LOOKED), at), joint,
                            ahead(text, joint.end())))
                continue;
            parts.add(text.substring(from, at).strip());
            from = joint.end();
            at = from - 1;
        }
        parts.add(text.substring(from).strip());
        return parts;
    }

    private static String ahead(String text, int from) {
        return text.substring(from, Math.min(text.length(), from + MOST_LOOKED));
    }

    private boolean isToldBehind(String part) {
        var count = GuestCount.behind(part);
        return count != null && GuestWords.isTold(count.words(), ruleBook);
    }

    /// "2 vegan 1 gf"
    private boolean isToldAhead(String part) {
        var count = GuestCount.inFront(part);
        return count != null && (CODE.matcher(part).lookingAt() || GuestWords.isTold(count.words(), ruleBook));
    }

    /// "milk, eggs" is one group: another one opens with how many, where or who they are, or has its count behind, too
    private boolean opensGroup(String before, Matcher parting, String text) {
        var joint = parting.group().strip();
        if (joint.startsWith(".") && GuestWords.endsWithTitle(before)) return false;
        // "everyone is fine except Ann who is vegan", but no "nuts but Brazils are fine"
        if (parting.group("except") != null) return GuestWords.who(text, ruleBook) > 0;
        // "Ann, Bo and Cy are vegan"
        var all = before + parting.group() + text;
        if (SomeoneNamed.named(all).length() > before.length() && GuestWords.who(all, ruleBook) > before.length())
            return false;
        if (joint.isEmpty()) return isToldAhead(before) && isToldAhead(text) || TIMES.matcher(text).lookingAt();
        if (GuestCount.isNumberInFront(text)) return true;
        // ". They could do with 4 vegetarian plates"
        if (".!?,".contains(joint.substring(0, 1)) && GuestCount.isNumberAhead(text)) return true;
        // "Ann & Bo (vegan)"
        if (!joint.startsWith(",") && GuestWords.isWho(before, ruleBook)) return false;
        return GuestWords.OTHERS.matcher(text).lookingAt() || HEAD.matcher(text).lookingAt()
                || GuestWords.opensWithName(text, ruleBook) || isAlsoCounted(before, joint, text);
    }

    /// "veg 12, vegan 4", "8 veggies and a vegan"
    private static boolean isAlsoCounted(String before, String joint, String text) {
        if (GuestCount.behind(before) != null) return GuestCount.behind(NEXT.split(text)[0]) != null;
        return !joint.equals(",") && GuestCount.ahead(before) != null && GuestCount.inFront(text) != null;
    }
}
