package keenfork.web.persistence.label;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

class CounterTest {
    private final Counter counter = new Counter();

    @AfterEach
    void noTransaction() {
        if (TransactionSynchronizationManager.isSynchronizationActive())
            TransactionSynchronizationManager.clearSynchronization();
    }

    @Test
    void a_change_counts_once_others_can_see_it() {
        TransactionSynchronizationManager.initSynchronization();
        counter.changed();
        assertThat(counter.get()).as("not committed").isZero();
        TransactionSynchronizationManager.getSynchronizations().forEach(TransactionSynchronization::afterCommit);
        assertThat(counter.get()).isEqualTo(1);
    }

    @Test
    void a_change_that_is_rolled_back_never_counts() {
        TransactionSynchronizationManager.initSynchronization();
        counter.changed();
        TransactionSynchronizationManager.getSynchronizations()
                .forEach(s -> s.afterCompletion(TransactionSynchronization.STATUS_ROLLED_BACK));
        assertThat(counter.get()).isZero();
    }

    @Test
    void outside_a_transaction_it_counts_at_once() {
        counter.changed();
        assertThat(counter.get()).isEqualTo(1);
    }
}
