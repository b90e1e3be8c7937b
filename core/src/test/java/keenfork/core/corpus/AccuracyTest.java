package keenfork.core.corpus;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// What the readers make of the project's own corpora, held to the goals of `quality.md`: on the texts that were there
/// to work with, and on those kept aside.
class AccuracyTest {
    @ParameterizedTest @EnumSource(names = {"TO_WORK_WITH", "KEPT_ASIDE"})
    void packs_miss_nothing_and_cry_no_wolf(Corpus.Share share) {
        var score = CorpusOfPacks.measure(share);
        assertThat(score.misses).as(score.faults.toString()).isZero();
        assertThat(score.falseAlarmShare()).as(score.faults.toString()).isLessThanOrEqualTo(1);
    }

    @ParameterizedTest @EnumSource
    void hurried_recipes_miss_nothing_and_cry_no_wolf(Corpus.Share share) {
        var score = CorpusOfRecipes.measure(share);
        assertThat(score.misses).as(score.faults.toString()).isZero();
        assertThat(score.falseAlarmShare()).as(score.faults.toString()).isLessThanOrEqualTo(2);
        assertThat(score.linesShare()).as(score.faults.toString()).isGreaterThanOrEqualTo(98);
        assertThat(score.mostQuestions).as("questions that no pack settles, of one recipe: %s", score.faults)
                .isLessThanOrEqualTo(1);
        assertThat(score.silentProducts).as("bought things that ask nothing: %s", score.faults).isZero();
    }

    @ParameterizedTest @EnumSource(names = {"TO_WORK_WITH", "KEPT_ASIDE"})
    void peoples_words_are_understood_or_refused(Corpus.Share share) {
        var score = CorpusOfPeople.measure(share);
        assertThat(score.takenForNothing).as(score.faults.toString()).isZero();
        assertThat(score.understoodShare()).as(score.faults.toString()).isGreaterThanOrEqualTo(95);
    }
}
