package onebeat.desktop.rope;

import java.util.List;
import java.util.Locale;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Ranges;
import onebeat.core.play.Moment;
import onebeat.core.play.Setting;
import onebeat.core.play.Who;
import onebeat.desktop.rope.Lettering.Wish;
import onebeat.desktop.rope.RopeView.Picture;
import onebeat.desktop.text.Texts;

/// The words around the rope: who is who, the beats, the bands, and which way is which.
record RopeNames(Lettering letters, RopeScale scale, Picture picture, Forks forks) {

    void draw() {
        names();
        scale.stretch()
                .all()
                .forEach(b -> letters.write(Wish.centred(
                        "" + (b + 1), scale.x(b), scale.height() - 5 * scale.letters(), "text", "grade-soft")));
        if (forks.lanes() == 1) {
            bands();
        } else {
            ways();
        }
    }

    private void names() {
        Moment start = scale.stretch().moments(forks.ways().getFirst()).getFirst();
        double lane = forks.lane(0, scale.stretch().from() - 1);
        for (Who who : Who.values()) {
            letters.write(Wish.from(
                    picture.name(who).toUpperCase(Locale.ROOT),
                    2,
                    scale.strand(who, start.gapCm(), lane) + 6 * scale.letters(),
                    "text",
                    "narrow",
                    who == Who.ATHLETE ? "of-athlete" : "of-partner"));
        }
    }

    /// Each way has its number at its end, the one that is looked at strong.
    private void ways() {
        for (int way = 0; way < forks.lanes(); way++) {
            int number = forks.numbers().get(way);
            letters.write(Wish.centred(
                    "" + (number + 1),
                    scale.width() - scale.right() / 2,
                    scale.middle(forks.lane(way, scale.stretch().to())) + 6 * scale.letters(),
                    "text",
                    number == picture.way() ? "way-chosen" : "grade-soft"));
        }
    }

    private void bands() {
        if (!scale.isTall()) {
            return;
        }
        Setting setting = picture.review().context().setting();
        Ranges own = setting.ranges(Who.ATHLETE);
        double room = RopeStrands.widest(forks.ways().getFirst()) + RopeView.BAND_ROOM_CM;
        for (Band band : Band.values()) {
            double edge = own.farCm(band);
            if (edge <= room) {
                edge(Texts.of("band." + band.word()) + " " + Math.round(edge), edge, "band-name");
            }
        }
        double theirs = setting.ranges(Who.PARTNER).farCm(Band.LONG);
        if (Math.abs(theirs - own.farCm(Band.LONG)) > 1 && theirs <= room) {
            edge(Texts.of("rope.reach", picture.partner(), Math.round(theirs)), theirs, "reach-name");
        }
    }

    /// A name stands at its edge above the middle, or below it where another one stands there already.
    private void edge(String words, double cm, String style) {
        double x = RopeStrands.right(scale) + 4;
        double lower = 4 * scale.letters();
        letters.write(List.of(
                Wish.from(words, x, scale.middle(0) - scale.half(cm) + lower, "text", style),
                Wish.from(words, x, scale.middle(0) + scale.half(cm) + lower, "text", style)));
    }
}
