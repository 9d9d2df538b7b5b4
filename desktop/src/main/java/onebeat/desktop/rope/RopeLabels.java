package onebeat.desktop.rope;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import onebeat.core.exchange.Intent;
import onebeat.core.notation.Notation;
import onebeat.core.opening.Opening;
import onebeat.core.play.Beat;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Code;
import onebeat.desktop.nodes.ShapePool;
import onebeat.desktop.rope.RopeView.Picture;
import onebeat.desktop.text.Texts;

/// The words on the rope: calls at their beats, grades with openings under them, beat numbers.
record RopeLabels(ShapePool marks, RopeScale scale, Picture picture) {

    /// How wide a character of the small text is, in pixels.
    private static final double SMALL_CHARACTER = 6.2;

    /// So wide a beat holds grade and opening in one row.
    private static final double ONE_ROW = 74;

    void draw() {
        Forks forks = picture.forks();
        for (int way = 0; way < forks.lanes(); way++) {
            ofWay(forks, way);
        }
        for (int b = 0; b < picture.review().played().beats(); b++) {
            centred("" + (b + 1), scale.x(b), scale.height() - 4, SMALL_CHARACTER, "text", "grade-soft");
        }
    }

    private void ofWay(Forks forks, int way) {
        PlayedWay played = forks.ways().get(way);
        Map<Beat, List<Step>> byBeat = played.steps().stream()
                .filter(step -> forks.isFirst(way, step))
                .collect(Collectors.groupingBy(Step::beat, TreeMap::new, Collectors.toList()));
        boolean low = false;
        for (Map.Entry<Beat, List<Step>> entry : byBeat.entrySet()) {
            String athlete = words(entry.getValue(), Who.ATHLETE);
            low = isTall() && forks.lanes() == 1 && athlete.length() * 8.4 > room() && !low;
            beat(forks, way, entry.getKey(), entry.getValue(), low);
        }
    }

    private double room() {
        return scale.x(1) - scale.x(0) - 6;
    }

    private boolean isTall() {
        return scale.height() >= RopeScale.NAMES_FROM;
    }

    private void beat(Forks forks, int way, Beat beat, List<Step> steps, boolean low) {
        double x = scale.x(beat.inBeats());
        String partner = words(steps, Who.PARTNER);
        String athlete = words(steps, Who.ATHLETE);
        double gap = forks.ways().get(way).at(beat).gapCm();
        double lane = forks.lane(way, beat.inBeats());
        boolean single = forks.lanes() == 1;
        if (!partner.isEmpty() && !single && isCue(steps)) {
            cue(forks, way, beat, "(" + partner + ")");
        } else if (!partner.isEmpty()) {
            double y = single ? RopeScale.TOP - 12 : scale.strand(Who.PARTNER, gap, lane) - scale.threadGap() - 6;
            label("(" + partner + ")", x, y, room(), "of-partner");
        }
        double y = single
                ? scale.height() - RopeScale.BOTTOM + 22
                : scale.strand(Who.ATHLETE, gap, lane) + scale.threadGap() + 18;
        if (!athlete.isEmpty()) {
            label(athlete, x, low ? y - 16 : y, isTall() && single ? Math.max(room() * 1.6, 60) : room(), "text");
        }
        grade(forks, way, steps).ifPresent(grade -> graded(grade, x, single ? y + 15 : y + 12));
    }

    /// A cue that takes no time stands where its way has parted from the others, not on the beat that all
    /// share.
    private static boolean isCue(List<Step> steps) {
        return steps.stream()
                .allMatch(s -> s.who() == Who.PARTNER && s.placed().technique().isReaction());
    }

    private void cue(Forks forks, int way, Beat beat, String words) {
        double at = beat.inBeats() + CUE_LATER;
        double gap = forks.ways().get(way).at(beat).gapCm();
        double y = scale.strand(Who.PARTNER, gap, forks.lane(way, at)) - scale.threadGap() - 6;
        label(words, scale.x(at), y, room(), "of-partner");
    }

    private static final double CUE_LATER = 0.97;

    private void graded(Graded graded, double x, double y) {
        if (graded.open.isEmpty() || !isTall()) {
            centred(graded.words, x, y, SMALL_CHARACTER, "text", graded.style);
        } else if (room() >= ONE_ROW) {
            centred(graded.words + " · " + graded.open, x, y, SMALL_CHARACTER, "text", graded.style);
        } else {
            centred(graded.words, x, y, SMALL_CHARACTER, "text", graded.style);
            if (scale.lanes() == 1) {
                centred(graded.open, x, y + 13, SMALL_CHARACTER, "text", "grade-soft");
            }
        }
    }

    private static String words(List<Step> steps, Who who) {
        return steps.stream()
                .filter(s -> s.who() == who)
                .map(s -> Notation.print(s.placed().act()))
                .collect(Collectors.joining("+"));
    }

    /// A strike's grade in a word, and how open its target is.
    private record Graded(String words, String style, String open) {}

    private Optional<Graded> grade(Forks forks, int way, List<Step> steps) {
        PlayedWay played = forks.ways().get(way);
        return steps.stream()
                .filter(s -> s.who() == Who.ATHLETE && s.placed().technique().isStrike())
                .reduce((_, last) -> last)
                .flatMap(step -> word(played, step)
                        .map(word -> new Graded(
                                Texts.of("grade." + word.key),
                                word.style,
                                open(forks.numbers().get(way), step))));
    }

    private String open(int way, Step step) {
        return picture.review()
                .openings()
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

    private Optional<Word> word(PlayedWay way, Step step) {
        if (RopeStrokes.isOneBeat(way, step)) {
            return Optional.of(Word.ONE_BEAT);
        }
        if (step.placed().act().feint()) {
            return Optional.of(Word.FEINT);
        }
        if (step.placed().act().intent() == Intent.LIGHT) {
            return Optional.of(Word.LIGHT);
        }
        boolean doubled = picture.review().findings(Code.RELOAD).stream()
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

    /// Sizes a call can be set in, with the width of one character in pixels.
    private enum Setting {
        USUAL("mono-strong", 8.4),
        TIGHT("mono-tight", 6.9),
        TINY("mono-tiny", 5.7);

        private final String style;
        private final double character;

        Setting(String style, double character) {
            this.style = style;
            this.character = character;
        }

        static Setting thatFits(String words, double room) {
            for (Setting setting : values()) {
                if (words.length() * setting.character <= room) {
                    return setting;
                }
            }
            return TINY;
        }
    }

    /// A call at its beat, set smaller where the beat is narrow.
    private void label(String words, double x, double y, double room, String style) {
        Setting setting = Setting.thatFits(words, room);
        centred(words, x, y, setting.character, style, setting.style);
    }

    private void centred(String words, double x, double y, double character, String... styles) {
        marks.text(words, x - words.length() * character / 2, y, styles);
    }
}
