package keenfork.format;

import java.util.List;
import java.util.Locale;
import keenfork.core.food.Substance;
import keenfork.core.run.PrepRun;

/// What `run` says: the best order, and the order the files were given in.
public record RunJson(String school, Order best, Order given) {

    /// an order and what it leaves
    public record Order(int contacts, int washes, int minutes, String worth, List<Turn> turns) {
        public static Order of(PrepRun run) {
            return new Order(run.contacts(), run.washes(), run.minutes(), run.proof().inWords(), run.turns().stream().map(Turn::of).toList());
        }
    }

    /// one batch in its turn, in minutes from the start
    public record Turn(String batch, String clean, int from, int until, List<String> holds, List<Contact> carried) {
        static Turn of(PrepRun.Turn turn) {
            return new Turn(turn.batch().name(), turn.clean().name().toLowerCase(Locale.ROOT), turn.from(), turn.until(),
                    turn.batch().holds().keySet().stream().map(Substance::id).toList(),
                    turn.carried().stream().map(c -> new Contact(c.substance().id(), c.how(), c.estimate())).toList());
        }
    }

    /// what reached a batch
    public record Contact(String substance, String how, String estimate) {}
}
