package keenfork.core.run;

import java.util.Set;

/// What is done of a run on its day. These are facts: a batch that is being made on a piece whose wash nobody has done
/// is reached by what was on it.
///
/// @param marks what was marked
public record Done(Set<Mark> marks) {
    public static final Done NOTHING = new Done(Set.of());

    /// Something that was done.
    public sealed interface Mark {
        /// @param dish the dish
        /// @param task its place in the batch, from 0
        /// @param text what it says: a step that was written anew is another one
        record OfTask(String dish, int task, String text) implements Mark {}

        /// @param dish the dish it stands before
        /// @param kit  the kind of kit
        /// @param use  which of the dish's uses of it, from 0
        record OfClean(String dish, Kit kit, int use) implements Mark {}
    }

    public Done {
        marks = Set.copyOf(marks);
    }

    /// {@return the mark of something placed}
    public static Mark mark(Schedule.Placed p) {
        return p.kind() == Schedule.Slot.CLEAN ? new Mark.OfClean(p.dish(), p.on().getFirst().kit(), p.use())
                : new Mark.OfTask(p.dish(), p.task(), p.text());
    }

    public boolean isDone(Schedule.Placed p) { return marks.contains(mark(p)); }

    /// {@return how a batch was made in truth: without the cleans that were passed over}
    public BatchSetup inTruth(BatchSetup planned) {
        var made = planned;
        for (var before : planned.cleans().keySet())
            if (isPassedOver(planned.batch(), before)) made = made.with(before, Clean.NONE);
        return made;
    }

    /// {@return whether something went over a kit that was to be cleaned before, and was not}
    public boolean isPassedOver(Batch batch, BatchSetup.Before before) {
        if (marks.isEmpty() || marks.contains(new Mark.OfClean(batch.dish(), before.kit(), before.use()))) return false;
        var uses = batch.uses(before.kit());
        return before.use() < uses.size() && uses.get(before.use()).moments().keySet().stream()
                .anyMatch(t -> marks.contains(new Mark.OfTask(batch.dish(), t, batch.tasks().get(t).text())));
    }
}
