package keenfork.format;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import keenfork.core.food.Substance;
import keenfork.core.run.Clean;
import keenfork.core.run.Kit;
import keenfork.core.run.PrepRun;
import keenfork.core.run.Schedule;

/// What `run` says: the best order, the order the files were given in, and the day of the best one.
public record RunJson(String school, Order best, Order given, Day day) {

    /// an order and what it leaves
    public record Order(int contacts, int washes, int minutes, String worth, List<Turn> turns) {
        public static Order of(PrepRun run) {
            return new Order(run.contacts(), run.washes(), run.minutes(), run.worth(), run.turns().stream().map(Turn::of).toList());
        }
    }

    /// one batch in its turn, in minutes from the start
    public record Turn(String batch, List<Cleaned> cleans, int from, int until, List<Over> over, List<Contact> carried) {
        static Turn of(PrepRun.Turn turn) {
            return new Turn(turn.batch().dish(), turn.batch().uses().stream().filter(u -> turn.clean(u.kit()) != Clean.NONE).map(u -> new Cleaned(u.kit().id(), turn.clean(u.kit()).name().toLowerCase(Locale.ROOT))).toList(),
                    turn.from(), turn.until(), turn.batch().uses().stream().map(u -> new Over(u.kit().id(), u.holds().keySet().stream().map(Substance::id).toList(), u.unsure().stream().map(Substance::id).toList())).toList(),
                    turn.carried().stream().map(c -> new Contact(c.kit().id(), c.substance().id(), c.how(), c.estimate())).toList());
        }
    }

    /// what is done to a kit before the batch goes over it
    public record Cleaned(String kit, String clean) {}

    /// what of the batch goes over a kit
    public record Over(String kit, List<String> holds, List<String> unsure) {}

    /// what reached a batch
    public record Contact(String kit, String substance, String how, String estimate) {}

    /// the best order laid out in time
    public record Day(int cooks, int minutes, String starts, String serve, List<Placed> placed) {
        public static Day of(Schedule schedule, LocalDateTime serve) {
            var start = serve.minusMinutes(schedule.minutes());
            return new Day(schedule.cooks(), schedule.minutes(), start.toString(), serve.toString(), schedule.placed().stream().map(p -> new Placed(p.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'), p.dish(), p.text(),
                    p.kit().stream().map(Kit::id).toList(), p.cook() + 1, start.plusMinutes(p.from()).toString(), start.plusMinutes(p.hands()).toString(), start.plusMinutes(p.until()).toString())).toList());
        }
    }

    /// one task, clean, or what is laid on the day before
    public record Placed(String kind, String batch, String what, List<String> kit, int cook, String from, @JsonProperty("hands_until") String handsUntil, String until) {}
}
