package keenfork.web.run;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.kitchen.ShutOut;
import keenfork.core.people.Avoidances;
import keenfork.core.run.Clean;
import keenfork.core.run.CrossContact;
import keenfork.core.run.Kit;
import keenfork.core.run.PrepRun;
import keenfork.core.run.Remedy;
import keenfork.web.page.Format;
import keenfork.web.persistence.guest.Events;

/// Something that still travels, in words: to one use of a batch by one piece.
///
/// @param number    its place among those of the run, from 0
/// @param turn      the batch it reaches, by its turn
/// @param from      the batch it comes from, by its turn; the nearest one where there are several
/// @param piece     the piece that brings it, by its id
/// @param use       which of the batch's uses of that kind it reaches
/// @param words     what travels, in few words
/// @param title     what travels where
/// @param how       after what, by what
/// @param estimates how much of each against which reference dose
/// @param people    who goes without; empty for nobody
/// @param back      whether what it reaches can be held back
/// @param ways      what would clear it, each with what the whole run would be then; told of the one that is looked at
///                  closely
record ContactView(int number, int turn, int from, String piece, int use, String words, String title, String how,
        List<String> estimates, String people, String back, List<Way> ways) {

    /// {@return the first of the estimates, and that there are more}
    public String estimate() {
        return estimates.size() > 1 ? estimates.getFirst() + " …" : String.join("", estimates);
    }

    /// Something that would clear it.
    ///
    /// @param path   where it is posted to
    /// @param fields what is posted
    /// @param then   what the run would be then
    record Way(String label, String path, Map<String, String> fields, String then) {}

    private record Where(Kit kit, int use) {}

    /// the run, and for whom it is looked at
    private record Looked(PrepRun run, Batches batches, List<Events.Guests> groups, Format format) {}

    /// @param closely the one that is looked at closely; -1 for none
    static List<ContactView> of(PrepRun run, Batches batches, List<Events.Guests> groups, int closely, Format format) {
        var trips = new ArrayList<ContactView>();
        var looked = new Looked(run, batches, groups, format);
        for (var i = 0; i < run.turns().size(); i++) {
            var byUse = new LinkedHashMap<Where, List<CrossContact>>();
            for (var c : run.turns().get(i).carried())
                byUse.computeIfAbsent(new Where(c.kit(), c.use()), _ -> new ArrayList<>()).add(c);
            for (var carried : byUse.values())
                trips.add(of(looked, i, carried, trips.size(), trips.size() == closely));
        }
        return trips;
    }

    private static ContactView of(Looked looked, int turn, List<CrossContact> carried, int number, boolean closely) {
        var run = looked.run;
        var format = looked.format;
        var first = carried.getFirst();
        var what = carried.stream().map(c -> c.substance().name()).toList();
        var out = shutOut(carried, looked.batches, looked.groups).stream().map(g -> g.name() + " " + g.people())
                .toList();
        var own = String.join(" and ", first.reached().parts());
        return new ContactView(number, turn, Remedy.comesFrom(run, turn, first), first.piece().id(), first.use(),
                what.getFirst() + (what.size() > 1 ? " +" + (what.size() - 1) : ""),
                "%s to %s, by the %s".formatted(Format.upper(format.list(what)), first.to().dish(),
                        first.piece().name()),
                Format.upper(String.join("; ", carried.stream().map(CrossContact::how).distinct().toList())) + ".",
                carried.stream().map(c -> c.substance().name() + ": " + c.estimate() + ".").toList(),
                out.isEmpty() ? "" : "Who goes without: " + format.list(out) + ".",
                first.reached().comesOff()
                        ? "Hold back: the %s can stay off for those who must not have it.".formatted(own)
                        : "Hold back: no, it reaches the %s.".formatted(own),
                closely ? ways(run, turn, first, looked.batches) : List.of());
    }

    private static List<Way> ways(PrepRun run, int turn, CrossContact carried, Batches batches) {
        var kit = carried.kit();
        var dish = String.valueOf(batches.id(run.turns().get(turn).batch()));
        return Remedy.of(run, turn, carried).stream().map(r -> {
            var then = Score.of(r.then()).inWords();
            return switch (r.way()) {
                case Remedy.Way.CleanFirst(var piece, var use, var clean) -> new Way(
                        (clean == Clean.FRESH ? "Renew the %s first" : "Wash the %s first").formatted(piece.name()),
                        "/run/clean", Map.of("dish", dish, "kit", kit.id(), "use", String.valueOf(use), "clean",
                                Batches.word(clean)),
                        then);
                case Remedy.Way.OtherPiece(var piece) -> new Way("Use the %s".formatted(piece.name()), "/run/piece",
                        Map.of("dish", dish, "kit", kit.id(), "piece", piece.id()), then);
                case Remedy.Way.MakeBefore(var to, var other) -> new Way("Make it before %s".formatted(other),
                        "/run/move", Map.of("dish", dish, "to", String.valueOf(to)), then);
            };
        }).toList();
    }

    /// {@return the groups who go without a dish for what reaches it}
    static List<Events.Guests> shutOut(List<CrossContact> carried, Batches batches, List<Events.Guests> groups) {
        if (carried.isEmpty()) return List.of();
        return batches.menu().dish(batches.id(carried.getFirst().to())).map(dish -> {
            var without = ShutOut.from(carried, dish.derivation(), batches.plain());
            return groups.stream().filter(g -> without.keepsOut(Avoidances.of(g.avoids(), batches.menu().ruleBook())))
                    .toList();
        }).orElse(List.of());
    }
}
