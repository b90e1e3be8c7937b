package keenfork.web.map;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import keenfork.core.trace.Peel;
import keenfork.web.page.NotHere;
import org.jspecify.annotations.Nullable;

/// What is asked of the map: how far dishes are peeled, which is open, which groups are opened into members, for whom,
/// and which dishes are found.
///
/// @param peel   how far, by name; complete where empty
/// @param dish   the open dish, or 0
/// @param group  the group whose thread is shown, or an empty string
/// @param member the member of that group, or an empty string
/// @param open   groups opened into their members
/// @param guests the group of people it is shown for, or 0
/// @param avoid  what is avoided, as typed
/// @param q      words to find dishes by
record MapQuery(@Nullable String peel, @Nullable Long dish, @Nullable String group, @Nullable String member,
        @Nullable List<String> open, @Nullable Long guests, @Nullable String avoid, @Nullable String q) {

    Peel peeled() {
        if (peel == null || peel.isEmpty()) return Peel.COMPLETE;
        return Arrays.stream(Peel.values()).filter(p -> p.name().equalsIgnoreCase(peel)).findFirst()
                .orElseThrow(() -> new NotHere("Dishes are not peeled like that."));
    }

    long dishId() { return dish == null ? 0 : dish; }

    public String groupId() { return group == null ? "" : group; }

    public String memberId() { return member == null ? "" : member; }

    public List<String> opened() { return open == null ? List.of() : open; }

    public long guestsId() { return guests == null ? 0 : guests; }

    String words() { return q == null ? "" : q.strip().toLowerCase(Locale.ROOT); }

    public String avoided() {
        return avoid == null ? "" : avoid.strip();
    }

    /// {@return the address of the map with other peeling; what is open and found stays}
    public String with(Peel other) { return "/map" + query(other, dishId(), opened(), guestsId(), avoided()); }

    /// {@return the address with a dish opened, or with none}
    public String withDish(long other) { return "/map" + query(peeled(), other, opened(), guestsId(), avoided()); }

    /// {@return where pressing a dish leads: it opens, or it closes where it is open}
    public String pressed(long other) { return withDish(other == dishId() ? 0 : other); }

    /// {@return the address with one group's members shown or hidden}
    public String toggled(String groupId) {
        var other = new ArrayList<>(opened());
        if (!other.remove(groupId)) other.add(groupId);
        return "/map" + query(peeled(), dishId(), other, guestsId(), avoided());
    }

    /// {@return the address for other people; 0 for everyone}
    public String forGuests(long other) { return "/map" + query(peeled(), dishId(), opened(), other, ""); }

    /// {@return the start of the address of a mark: what is open and found stays, the dish and its group follow}
    public String mark() {
        var query = query(peeled(), 0, opened(), guestsId(), avoided());
        return "/map" + (query.isEmpty() ? "?" : query + "&");
    }

    /// {@return the question part of an address that says the same as this one, the thread left out}
    public String query() { return query(peeled(), dishId(), opened(), guestsId(), avoided()); }

    /// {@return the question part of the address of the map on another paper}
    public String paper(String name) {
        var query = query();
        return (query.isEmpty() ? "?" : query + "&") + "paper=" + name;
    }

    private String query(Peel peel, long dish, List<String> open, long guests, String avoid) {
        var parts = new ArrayList<String>();
        if (peel != Peel.COMPLETE) parts.add("peel=" + peel.name());
        if (dish != 0) parts.add("dish=" + dish);
        for (var o : open) parts.add("open=" + encoded(o));
        if (guests != 0) parts.add("guests=" + guests);
        if (!avoid.isEmpty()) parts.add("avoid=" + encoded(avoid));
        if (!words().isEmpty()) parts.add("q=" + encoded(words()));
        return parts.isEmpty() ? "" : "?" + String.join("&", parts);
    }

    private static String encoded(String text) { return URLEncoder.encode(text, StandardCharsets.UTF_8); }
}
