package keenfork.web.page;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.FutureTask;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import keenfork.paper.Press;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/// Long papers, set one after the other while their readers do something else: each tells how far it is and can be
/// given up. The last few are kept until they are fetched; none outlives the program.
@Component
public class PressRoom {
    private static final Logger LOG = LoggerFactory.getLogger(PressRoom.class);
    private static final int KEPT = 8;
    private final ExecutorService setter = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().name("press").daemon().priority(Thread.MIN_PRIORITY).factory());
    private final Map<String, Setting> settings = new LinkedHashMap<>();

    /// A paper to be set.
    ///
    /// @param title  what it is: `Allergen map`
    /// @param file   the name it is saved under
    /// @param back   the address of the page it was asked for on
    /// @param parts  of some pages each, made one after the other
    public record Paper(String title, String file, String back, List<Supplier<String>> parts) {}

    /// How far a paper is.
    public enum State { WAITS, IS_SET, READY, GIVEN_UP, BROKE }

    /// A paper that is being set, or was.
    public static final class Setting {
        private final Paper paper;
        private final AtomicInteger set = new AtomicInteger(-1);
        private final AtomicBoolean isStopped = new AtomicBoolean();
        private final FutureTask<byte[]> task;

        Setting(Paper paper) {
            this.paper = paper;
            task = new FutureTask<>(() -> Press.pdf(paper.parts(), this::goesOn));
        }

        private boolean goesOn(int parts) {
            set.set(parts);
            return !isStopped.get();
        }

        public Paper paper() { return paper; }

        /// {@return parts that are set, of [#all()]}
        public int set() { return Math.max(0, set.get()); }

        public int all() { return paper.parts().size(); }

        public State state() {
            if (isStopped.get()) return State.GIVEN_UP;
            return switch (task.state()) {
                case RUNNING -> set.get() < 0 ? State.WAITS : State.IS_SET;
                case SUCCESS -> State.READY;
                case CANCELLED -> State.GIVEN_UP;
                case FAILED -> State.BROKE;
            };
        }

        void stop() { isStopped.set(true); }

        private void setNow() {
            if (!isStopped.get()) task.run();
            if (task.state() != FutureTask.State.FAILED || isStopped.get()) return;
            LOG.error("{} could not be set for paper", paper.title(), task.exceptionNow());
        }

        /// {@return the PDF of a paper that is ready}
        byte[] pdf() {
            try {
                return task.get();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException("asked for while it is set", e);
            } catch (ExecutionException e) {
                throw new IllegalStateException("the paper broke", e);
            }
        }
    }

    /// {@return the address of the page that tells how far the paper is}
    public String begin(Paper paper) {
        var id = UUID.randomUUID().toString();
        var setting = new Setting(paper);
        synchronized (settings) {
            settings.put(id, setting);
            var eldest = settings.entrySet().iterator();
            while (settings.size() > KEPT) {
                eldest.next().getValue().stop();
                eldest.remove();
            }
        }
        setter.execute(setting::setNow);
        return "/paper/" + id;
    }

    /// {@return a paper that was begun}
    /// @throws NotHere where it is not kept any more
    Setting find(String id) {
        synchronized (settings) {
            var found = settings.get(id);
            if (found == null)
                throw new NotHere("This paper is not kept any more. Ask for it again where you asked for it.");
            return found;
        }
    }
}
