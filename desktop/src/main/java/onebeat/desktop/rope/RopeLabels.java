package onebeat.desktop.rope;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import onebeat.core.notation.Notation;
import onebeat.core.play.Beat;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Finding;
import onebeat.desktop.nodes.ShapePool;
import onebeat.desktop.rope.Lettering.Wish;
import onebeat.desktop.rope.RopeView.Picture;

/// The words on the rope: calls at their beats, grades with openings under them, and a line under what a finding
/// speaks of.
record RopeLabels(ShapePool marks, Lettering letters, RopeScale scale, Picture picture, Forks forks) {

    /// A call between two beats stands so much later than its cue, in beats.
    private static final double CUE_LATER = 0.97;

    private static final double ROW = 16;
    private static final double GRADE_BELOW = 15;
    private static final double OPENING_BELOW = 13;

    /// All that is done on one beat of one way.
    private record Group(int way, Beat beat, List<Step> steps) {}

    void draw() {
        List<Group> groups = new ArrayList<>();
        for (int way = 0; way < forks.lanes(); way++) {
            int one = way;
            scale.stretch().steps(forks.ways().get(way)).stream()
                    .filter(step -> forks.isFirst(one, step))
                    .collect(Collectors.groupingBy(Step::beat, TreeMap::new, Collectors.toList()))
                    .forEach((beat, steps) -> groups.add(new Group(one, beat, steps)));
        }
        // The way that is looked at comes first: what finds no room is another's.
        groups.sort(Comparator.comparing((Group g) -> forks.numbers().get(g.way) != picture.way()));
        groups.forEach(this::partner);
        groups.forEach(this::athlete);
        groups.forEach(this::graded);
    }

    private boolean isSingle() {
        return forks.lanes() == 1;
    }

    private double gap(Group group) {
        return forks.ways().get(group.way).at(group.beat).gapCm();
    }

    private void partner(Group group) {
        String words = words(group.steps, Who.PARTNER);
        if (words.isEmpty()) {
            return;
        }
        double at = group.beat.inBeats() + (!isSingle() && isCue(group.steps) ? CUE_LATER : 0);
        double above = scale.strand(Who.PARTNER, gap(group), forks.lane(group.way, at))
                - scale.threadGap()
                - 6 * scale.letters();
        double y = isSingle() ? scale.top() - 12 * scale.letters() : above;
        call("(" + words + ")", scale.x(at), y, ROW, "of-partner");
    }

    private void athlete(Group group) {
        String words = words(group.steps, Who.ATHLETE);
        if (!words.isEmpty()) {
            call(words, scale.x(group.beat.inBeats()), athletesRow(group), isSingle() ? -ROW : ROW, "text")
                    .ifPresent(box -> underline(group, box));
        }
    }

    private double athletesRow(Group group) {
        return isSingle()
                ? scale.bottom() + 24 * scale.letters()
                : scale.strand(Who.ATHLETE, gap(group), forks.lane(group.way, group.beat.inBeats()))
                        + scale.threadGap()
                        + 16 * scale.letters();
    }

    /// A cue that takes no time stands where its way has parted from the others, not on the beat that all
    /// share.
    private static boolean isCue(List<Step> steps) {
        return steps.stream()
                .allMatch(s -> s.who() == Who.PARTNER && s.placed().technique().isReaction());
    }

    /// The sizes that a call can be set in, the largest first.
    private static final List<String> SIZES = List.of("mono-strong", "mono-tight", "mono-tiny");

    /// A call at its beat: smaller, in the row beside, or cut short where there is no other way.
    private Optional<LabelPlaces.Box> call(String words, double x, double y, double otherRow, String style) {
        double other = y + otherRow * scale.letters();
        List<Wish> wishes = new ArrayList<>();
        for (String size : SIZES) {
            wishes.add(Wish.centred(words, x, y, style, size));
            wishes.add(Wish.centred(words, x, other, style, size));
        }
        for (int left = words.length() - 2; left > 0; left--) {
            String cut = words.substring(0, left) + "…";
            wishes.add(Wish.centred(cut, x, y, style, SIZES.getLast()));
            wishes.add(Wish.centred(cut, x, other, style, SIZES.getLast()));
        }
        return letters.write(wishes);
    }

    /// A finding is marked under the call that it speaks of, in the colour of its weight.
    private void underline(Group group, LabelPlaces.Box box) {
        group.steps.stream()
                .flatMap(step -> StepAreas.found(picture, step).stream())
                .map(Finding::severity)
                .min(Comparator.naturalOrder())
                .ifPresent(severity -> {
                    double y = box.y() + box.height() + 1;
                    marks.line(box.x() + 2, y, box.x() + box.width() - 2, y, "found-" + severity.word());
                });
    }

    private void graded(Group group) {
        StepGrades grades = new StepGrades(picture.review(), forks.numbers().get(group.way));
        group.steps.reversed().stream()
                .flatMap(step -> grades.of(step).stream())
                .findFirst()
                .ifPresent(grade -> graded(grade, group));
    }

    private void graded(StepGrades.Graded graded, Group group) {
        double x = scale.x(group.beat.inBeats());
        double y = athletesRow(group) + (isSingle() ? GRADE_BELOW : OPENING_BELOW) * scale.letters();
        if (graded.open().isEmpty() || !scale.isTall()) {
            letters.write(Wish.centred(graded.words(), x, y, "text", graded.style()));
            return;
        }
        String both = graded.words() + " · " + graded.open();
        if (letters.write(Wish.centred(both, x, y, "text", graded.style())).isEmpty()) {
            letters.write(Wish.centred(graded.words(), x, y, "text", graded.style()));
            double below = y + OPENING_BELOW * scale.letters();
            letters.write(Wish.centred(graded.open(), x, below, "text", "grade-soft"));
        }
    }

    private static String words(List<Step> steps, Who who) {
        return steps.stream()
                .filter(s -> s.who() == who)
                .map(s -> Notation.print(s.placed().act()))
                .collect(Collectors.joining("+"));
    }
}
