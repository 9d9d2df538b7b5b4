package onebeat.desktop.rope;

import java.util.Optional;
import onebeat.core.exchange.Intent;
import onebeat.core.opening.Opening;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Code;
import onebeat.core.review.Review;
import onebeat.desktop.text.Texts;

/// How hard each strike of a way is, in a word.
record StepGrades(Review review, int way) {

    /// A strike's grade in a word, and how open its target is.
    ///
    /// @param style the style class that its letters have
    /// @param open from 0 to 1 in words; may be empty
    record Graded(String words, String style, String open) {}

    /// Empty for what is no strike of the athlete's.
    Optional<Graded> of(Step step) {
        if (step.who() != Who.ATHLETE || !step.placed().technique().isStrike()) {
            return Optional.empty();
        }
        return word(step).map(word -> new Graded(Texts.of("grade." + word.key), word.style, open(step)));
    }

    private String open(Step step) {
        return review.openings()
                .get(way)
                .of(step)
                .map(Opening::value)
                .map(Texts::share)
                .orElse("");
    }

    private enum Word {
        ONE_BEAT("onebeat", "grade-knot"),
        FEINT("feint", "grade-soft"),
        LIGHT("light", "grade-soft"),
        RELOAD("reload", "grade-arm"),
        FULL("full", "grade-full"),
        PART("part", "grade-part"),
        ARM("arm", "grade-arm");

        private final String key;
        private final String style;

        Word(String key, String style) {
            this.key = key;
            this.style = style;
        }
    }

    private Optional<Word> word(Step step) {
        if (RopeStrokes.isOneBeat(review.played().ways().get(way), step)) {
            return Optional.of(Word.ONE_BEAT);
        }
        if (step.placed().act().feint()) {
            return Optional.of(Word.FEINT);
        }
        if (step.placed().act().intent() == Intent.LIGHT) {
            return Optional.of(Word.LIGHT);
        }
        boolean doubled = review.findings(Code.RELOAD).stream()
                .anyMatch(f -> f.spans().getFirst().equals(step.placed().span()));
        if (doubled) {
            return Optional.of(Word.RELOAD);
        }
        return step.impact().map(impact -> switch (impact.grade()) {
            case FULL -> Word.FULL;
            case PART -> Word.PART;
            case ARM -> Word.ARM;
        });
    }
}
