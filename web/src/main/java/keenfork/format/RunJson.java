package keenfork.format;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import keenfork.core.food.Substance;
import keenfork.core.run.Ask;
import keenfork.core.run.Batch;
import keenfork.core.run.Clean;
import keenfork.core.run.CrossContact;
import keenfork.core.run.Kit;
import keenfork.core.run.Piece;
import keenfork.core.run.PrepRun;
import keenfork.core.run.Schedule;
import keenfork.core.run.Stock;

/// What `run` says: the best order, the order the files were given in, and the day of the best one.
public record RunJson(String school, Order best, Order given, Day day) {

    /// an order and what it leaves
    public record Order(int contacts, int washes, int washing, int minutes, String worth, List<Turn> turns) {
        /// @param worth what the order is worth; empty for one that was given
        public static Order of(PrepRun run, String worth) {
            return new Order(run.contacts(), run.washes(), run.washing(), run.minutes(), worth,
                    run.turns().stream().map(Turn::of).toList());
        }
    }

    /// one batch in its turn
    public record Turn(String batch, int portions, List<Cleaned> cleans, List<Over> over, List<Contact> carried,
            List<Asked> asks) {
        static Turn of(PrepRun.Turn turn) {
            var made = turn.made();
            var uses = made.batch().uses();
            return new Turn(made.batch().dish(), made.batch().portions(),
                    uses.stream().filter(u -> clean(turn, u) != Clean.NONE)
                            .map(u -> new Cleaned(u.kit().id(), made.piece(u.kit()).name(), number(made.batch(), u),
                                    word(clean(turn, u))))
                            .toList(),
                    uses.stream()
                            .map(u -> new Over(u.kit().id(), made.piece(u.kit()).name(), u.parts(),
                                    ids(u.holds().keySet().stream().toList()), ids(u.unsure().stream().toList())))
                            .toList(),
                    turn.carried().stream().map(Contact::of).toList(),
                    turn.batch().asks().stream().map(Asked::of).toList());
        }

        private static Clean clean(PrepRun.Turn turn, Batch.Use use) {
            return turn.made().clean(use.kit(), number(turn.batch(), use));
        }

        private static int number(Batch batch, Batch.Use use) { return batch.uses(use.kit()).indexOf(use); }

        private static List<String> ids(List<Substance> substances) {
            return substances.stream().map(Substance::id).toList();
        }
    }

    private static String word(Enum<?> value) { return value.name().toLowerCase(Locale.ROOT).replace('_', '-'); }

    /// what is done to a piece before one of the batch's uses of its kind, counted from 0
    public record Cleaned(String kit, String piece, int use, String clean) {}

    /// what of the batch goes over a piece
    public record Over(String kit, String piece, List<String> parts, List<String> holds, List<String> unsure) {}

    /// what is not known of how a batch is made
    ///
    /// @param step the step that is not understood; empty where no method is written
    public record Asked(String step, String ask) {
        static Asked of(Ask ask) { return new Asked(ask.step(), ask.inWords()); }
    }

    /// what reached a batch
    public record Contact(String kit, String piece, String substance, List<String> parts, String how, String estimate) {
        static Contact of(CrossContact c) {
            return new Contact(c.kit().id(), c.piece().name(), c.substance().id(), c.reached().parts(), c.how(),
                    c.estimate());
        }
    }

    /// the best order laid out in time
    ///
    /// @param late    minutes by which it starts before the kitchen opens
    /// @param blocks  what it hangs on; empty where it fits
    /// @param remarks what the order does not do justice to
    /// @param choices which kit is taken where a step allows either; not there where none does
    /// @param stocks  what is made of dishes that go into others, and what is left
    public record Day(int cooks, int minutes, String starts, String serve, int late, List<String> blocks,
            List<String> remarks, @JsonInclude(JsonInclude.Include.NON_EMPTY) List<String> choices, List<Made> stocks,
            List<Placed> placed) {
        public static Day of(PrepRun run, LocalDateTime serve) {
            var schedule = run.schedule();
            var start = serve.minusMinutes(schedule.minutes());
            return new Day(schedule.cooks(), schedule.minutes(), start.toString(), serve.toString(), schedule.late(),
                    schedule.late() == 0 ? List.of() : schedule.blocks(), schedule.remarks(), run.choices(),
                    run.stocks().stream().map(Made::of).toList(),
                    schedule.placed().stream().map(p -> new Placed(word(p.kind()), p.dish(), p.text(),
                            p.on().stream().map(Piece::kit).map(Kit::id).toList(),
                            p.on().stream().map(Piece::name).toList(), p.cook() + 1, run.goes(p),
                            Turn.ids(List.copyOf(p.held())), start.plusMinutes(p.from()).toString(),
                            start.plusMinutes(p.hands()).toString(), start.plusMinutes(p.until()).toString()))
                            .toList());
        }
    }

    /// how much is made of a dish that goes into others, g
    public record Made(String batch, int portions, @JsonProperty("made_g") long made, @JsonProperty("used_g") long used,
            @JsonProperty("left_g") long left, String what) {
        static Made of(Stock s) {
            return new Made(s.dish(), s.portions(), Math.round(s.made()), Math.round(s.used()), Math.round(s.left()),
                    s.inWords());
        }
    }

    /// one task, clean, or what is laid on the day before
    ///
    /// @param held what the cook's hands, spoon and cloth are changed for before it: ids of substances
    public record Placed(String kind, String batch, String what, List<String> kit, List<String> pieces, int cook,
            int goes, List<String> held, String from, @JsonProperty("hands_until") String handsUntil, String until) {}
}
