package keenfork.core.label;

/// What the day on packed food means. Regulation (EU) No 1169/2011, Article 24: food that is highly perishable, so that
/// it is soon a danger to health, has a use-by date; all other a date of minimum durability.
public enum DateMark {
    USE_BY("keep"), BEST_BEFORE("best");

    private final String phrase;

    DateMark(String phrase) {
        this.phrase = phrase;
    }

    /// {@return its phrase among the words of a language}
    String phrase() { return phrase; }
}
