package keenfork.core.diet;

import java.util.List;

/// What can be said of a diet and a dish.
///
/// @param diet    the diet
/// @param answer  suits, does not suit, or cannot say
/// @param because why it does not suit, or what is not known; empty where it suits
/// @param asks    the questions whose answers would settle a *cannot say*; else empty
public record Verdict(Diet diet, Answer answer, List<Reason> because, List<String> asks) {
    /// Why a diet does not suit, or cannot be judged.
    ///
    /// @param line  the line or step it is about, as written; empty where it is about none
    /// @param words all of it, from that line down to what it holds
    public record Reason(String line, String words) {}

    /// the three answers
    public enum Answer {
        SUITS("suits", "suits"), DOES_NOT_SUIT("does-not-suit", "does not suit"),
        CANNOT_SAY("cannot-say", "cannot say");

        private final String id;
        private final String words;

        Answer(String id, String words) {
            this.id = id;
            this.words = words;
        }

        /// {@return its key on the command line}
        public String id() { return id; }

        public String words() { return words; }
    }

    /// {@return the reasons in words}
    public List<String> reasons() { return because.stream().map(Reason::words).toList(); }

    public Verdict {
        because = List.copyOf(because);
        asks = List.copyOf(asks);
    }
}
