package keenfork.web.run;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.run.BatchSetup;
import keenfork.core.run.Clean;
import keenfork.core.run.CrossContact;
import keenfork.core.run.Kit;
import keenfork.core.run.PrepRun;
import keenfork.core.run.Sequencer;
import keenfork.core.swap.Avoidance;
import keenfork.core.swap.Avoidances;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import keenfork.web.page.Format;
import keenfork.web.persistence.Events;

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

    /// Something that would clear it.
    ///
    /// @param path   where it is posted to
    /// @param fields what is posted
    /// @param then   what the run would be then
    record Way(String label, String path, Map<String, String> fields, String then) {}

    private record Where(Kit kit, int use) {}

    /// @param closely the one that is looked at closely; -1 for none
    static List<ContactView> of(PrepRun run, Batches batches, List<Events.Guests> groups, int closely, Format format) {
        var trips = new ArrayList<ContactView>();
        for (var i = 0; i < run.turns().size(); i++) {
            var byUse = new LinkedHashMap<Where, List<CrossContact>>();
            for (var c : run.turns().get(i).carried())
                byUse.computeIfAbsent(new Where(c.kit(), c.use()), _ -> new ArrayList<>()).add(c);
            for (var carried : byUse.values())
                trips.add(of(run, i, carried, trips.size(), trips.size() == closely, batches, groups, format));
        }
        return trips;
    }

    private static ContactView of(PrepRun run, int turn, List<CrossContact> carried, int number, boolean closely,
            Batches batches,
            List<Events.Guests> groups, Format format) {
        var first = carried.getFirst();
        var what = carried.stream().map(c -> c.substance().name()).toList();
        var out = groups.stream().filter(g -> carried.stream().anyMatch(c -> shutsOut(c, g, batches)))
                .map(g -> g.name() + " " + g.people()).toList();
        var own = String.join(" and ", first.reached().parts());
        return new ContactView(number, turn, from(run, turn, first), first.piece().id(), first.use(),
                what.getFirst() + (what.size() > 1 ? " +" + (what.size() - 1) : ""),
                "%s to %s, by the %s".formatted(Format.upper(format.list(what)), first.to().dish(),
                        first.piece().name()),
                Format.upper(String.join("; ", carried.stream().map(CrossContact::how).distinct().toList())) + ".",
                carried.stream().map(c -> c.substance().name() + ": " + c.estimate() + ".").toList(),
                out.isEmpty() ? "" : "Who goes without: " + format.list(out) + ".",
                first.reached().comesOff()
                        ? "Hold back: the %s can stay off for those who must not have it.".formatted(own)
                        : "Hold back: no, it reaches the %s.".formatted(own),
                closely ? ways(run, turn, first, batches) : List.of());
    }

    private static int from(PrepRun run, int turn, CrossContact carried) {
        for (var i = turn; i >= 0; i--) if (run.turns().get(i).batch().equals(carried.from())) return i;
        return turn;
    }

    private static List<Way> ways(PrepRun run, int turn, CrossContact carried, Batches batches) {
        var made = run.turns().get(turn).made();
        var kit = carried.kit();
        var dish = String.valueOf(batches.id(made.batch()));
        var ways = new ArrayList<Way>();
        var fresh = kit.endedBy() == Clean.FRESH;
        ways.add(new Way(
                fresh ? "Renew the %s first".formatted(carried.piece().name())
                        : "Wash the %s first".formatted(carried.piece().name()),
                "/run/clean",
                Map.of("dish", dish, "kit", kit.id(), "use", String.valueOf(carried.use()), "clean",
                        Batches.word(kit.endedBy())),
                then(run, turn, made.with(new BatchSetup.Before(kit, carried.use()), kit.endedBy()))));
        for (var other : run.conditions().equipment().of(kit))
            if (!other.equals(carried.piece()) && made.batch().mayGoOn(other))
                ways.add(new Way("Use the %s".formatted(other.name()), "/run/piece",
                        Map.of("dish", dish, "kit", kit.id(), "piece", other.id()), then(run, turn, made.on(other))));
        if (!carried.isOwn()) {
            var from = from(run, turn, carried);
            var moved = new ArrayList<>(run.order());
            moved.add(from, moved.remove(turn));
            ways.add(new Way("Make it before %s".formatted(carried.from().dish()), "/run/move",
                    Map.of("dish", dish, "to", String.valueOf(from)), then(run, moved)));
        }
        return ways;
    }

    private static String then(PrepRun run, int turn, BatchSetup made) {
        var order = new ArrayList<>(run.order());
        order.set(turn, made);
        return then(run, order);
    }

    private static String then(PrepRun run, List<BatchSetup> order) {
        return Score.of(Sequencer.score(order, run.conditions())).inWords();
    }

    /// {@return how many people go without a dish for what reaches it}
    static int shutOut(List<CrossContact> carried, Batches batches, List<Events.Guests> groups) {
        return groups.stream().filter(g -> carried.stream().anyMatch(c -> shutsOut(c, g, batches)))
                .mapToInt(Events.Guests::people).sum();
    }

    /// Whether a contact is what keeps people from a dish that they could eat otherwise.
    private static boolean shutsOut(CrossContact carried, Events.Guests group, Batches batches) {
        var dish = batches.menu().dish(batches.id(carried.to())).orElse(null);
        if (dish == null) return false;
        var facts = new ArrayList<Fact>(batches.plain().all());
        facts.addAll(carried.facts());
        var with = Derivation.of(dish.derivation().recipe(), new Facts(batches.menu().ruleBook(), facts));
        var avoid = Avoidances.of(group.avoids(), batches.menu().ruleBook()).all();
        var breaks = with.evidence().stream()
                .filter(e -> avoid.stream().anyMatch(a -> a.against(e) == Avoidance.Answer.BREAKS)).toList();
        return !breaks.isEmpty() && breaks.stream().allMatch(e -> e.certainty() == Certainty.CONTACT);
    }
}
