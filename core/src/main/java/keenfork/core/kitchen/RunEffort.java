package keenfork.core.kitchen;

import java.util.List;
import keenfork.core.covers.Effort;
import keenfork.core.run.Batch;
import keenfork.core.run.Figures;
import keenfork.core.run.Task;
import keenfork.core.trace.Derivation;

/// What it takes to make a dish, by its steps: the minutes of its tasks, and a wash for each use of shared kit.
///
/// @param figures the kitchen's own minutes and residues
public record RunEffort(Figures figures) implements Effort {
    @Override
    public Extra of(Derivation dish, int people) {
        return Batch.of(dish, people, List.of(), figures)
                .map(b -> new Extra(b.tasks().stream().mapToInt(Task::hands).sum(), b.uses().size()))
                .orElse(Extra.NONE);
    }
}
