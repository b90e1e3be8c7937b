package keenfork.core.trace;

/// What the cook or a supplier must say before something stops being not known.
///
/// @param dish    the dish whose line it is: a dish that uses it need not ask again
/// @param line    the line it is about, as written
/// @param ask     the question
/// @param settles what answers it
public record Question(String dish, String line, String ask, Settles settles) {
    /// what answers a question: other words in the line, a pack that is read, or something written elsewhere in the
    /// recipe or on the menu
    public enum Settles { WORDS, PACK, RECIPE }
}
