package keenfork.format;

import java.util.List;
import java.util.Locale;
import keenfork.core.food.Substance;
import keenfork.core.run.Clean;
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
}
