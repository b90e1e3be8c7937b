package keenfork.web.persistence.label;

import java.util.concurrent.atomic.AtomicLong;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/// Counts changes once they can be seen by others: counted before its commit, a change could be looked for, not found,
/// and never looked for again.
final class Counter {
    private final AtomicLong count = new AtomicLong();

    long get() { return count.get(); }

    /// Counts when the transaction under way is committed; at once where there is none.
    void changed() {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            count.incrementAndGet();
            return;
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() { count.incrementAndGet(); }
        });
    }
}
