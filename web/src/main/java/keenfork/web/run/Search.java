package keenfork.web.run;

import java.time.Duration;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import keenfork.core.run.Batch;
import keenfork.core.run.Conditions;
import keenfork.core.run.PrepRun;
import keenfork.core.run.Sequencer;
import keenfork.core.search.Watch;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/// Looks for the best order, one search at a time: a page waits a moment for it, shows how far it is, and may stop it.
/// What was found is kept until something it rests on changes.
@Component
class Search {
    private static final Duration A_MOMENT = Duration.ofMillis(2500);
    private @Nullable Looking looking;

    /// How far a search is.
    ///
    /// @param run     what was found, or null while it goes on
    /// @param tried   ways tried so far
    /// @param washing minutes of washing of the best so far
    record Answer(@Nullable PrepRun run, long tried, long washing) {}

    /// one search
    private static final class Looking implements Watch {
        private final List<Batch> batches;
        private final Conditions conditions;
        private final AtomicLong tried = new AtomicLong();
        private final AtomicLong washing = new AtomicLong();
        private final AtomicBoolean stopped = new AtomicBoolean();
        private final FutureTask<PrepRun> task;

        Looking(List<Batch> batches, Conditions conditions) {
            this.batches = batches;
            this.conditions = conditions;
            task = new FutureTask<>(() -> Sequencer.order(batches, conditions.with(this)));
        }

        @Override
        public boolean goesOn(long nodes, long best) {
            tried.set(nodes);
            washing.set(best);
            return !stopped.get();
        }

        boolean isFor(List<Batch> other, Conditions under) { return batches.equals(other) && conditions.equals(under); }

        Answer answer(Duration within) {
            try {
                return new Answer(task.get(within.toMillis(), TimeUnit.MILLISECONDS), tried.get(), washing.get());
            } catch (TimeoutException e) {
                return new Answer(null, tried.get(), washing.get());
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return new Answer(null, tried.get(), washing.get());
            } catch (ExecutionException e) {
                throw new IllegalStateException("the search for an order broke", e);
            }
        }
    }

    /// {@return the best order, or how far the search for it is}
    Answer best(List<Batch> batches, Conditions conditions) { return looking(batches, conditions).answer(A_MOMENT); }

    /// {@return the best order, however long it takes}
    PrepRun found(List<Batch> batches, Conditions conditions) {
        var answer = looking(batches, conditions).answer(Duration.ofMinutes(1));
        if (answer.run() == null)
            throw new IllegalStateException("the search for an order took longer than its budget allows");
        return answer.run();
    }

    private synchronized Looking looking(List<Batch> batches, Conditions conditions) {
        var now = looking;
        if (now != null && now.isFor(batches, conditions)) return now;
        if (now != null) now.stopped.set(true);
        now = new Looking(batches, conditions);
        looking = now;
        Thread.ofPlatform().name("order").daemon().start(now.task);
        return now;
    }

    /// Ends the search that goes on: the best so far is kept.
    synchronized void stop() {
        if (looking != null) looking.stopped.set(true);
    }
}
