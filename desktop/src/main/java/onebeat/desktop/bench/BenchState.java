package onebeat.desktop.bench;

import java.util.Objects;
import java.util.Optional;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.exchange.Fighter;
import onebeat.core.holding.Odds;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.review.Review;
import onebeat.core.review.StrikeChange;
import onebeat.desktop.callline.LineWatch;
import onebeat.desktop.rope.RopeMark;

/// What lies on the bench.
///
/// @param seen the line as it was typed last, with what came of it
/// @param review the last line that could be read
/// @param drill the id of the drill that lies there; empty for a new line
/// @param way which way through the line is looked at, from 0
/// @param bpm beats a minute
/// @param mirrored whether both stand in their other stance
/// @param mark where on the rope one looks
record BenchState(
        LineWatch.Seen seen,
        Optional<Review> review,
        Optional<String> drill,
        int way,
        int bpm,
        boolean mirrored,
        RopeMark mark) {

    private static final int FIRST_BPM = 60;

    static BenchState first(LineWatch.Seen nothing) {
        return new BenchState(nothing, Optional.empty(), Optional.empty(), 0, FIRST_BPM, false, RopeMark.START);
    }

    /// Another line was typed; one that cannot be read leaves the last review standing. On a shorter one the mark goes
    /// back to its end.
    BenchState seeing(LineWatch.Seen now) {
        boolean taken = now.review().isPresent() || now.text().isBlank();
        RopeMark onIt = now.review().map(r -> mark.moved(0, r.played().beats())).orElse(mark);
        return new BenchState(now, taken ? now.review() : review, drill, taken ? 0 : way, bpm, mirrored, onIt);
    }

    BenchState laid(Optional<String> id) {
        return new BenchState(seen, review, id, way, bpm, mirrored, mark);
    }

    BenchState at(int tempo) {
        return new BenchState(seen, review, drill, way, tempo, mirrored, mark);
    }

    BenchState onWay(int other) {
        return new BenchState(seen, review, drill, other, bpm, mirrored, mark);
    }

    BenchState turned() {
        return new BenchState(seen, review, drill, way, bpm, !mirrored, mark);
    }

    BenchState looking(RopeMark there) {
        return new BenchState(seen, review, drill, way, bpm, mirrored, there);
    }

    /// Whether nothing but the mark is elsewhere. What did not change is the same object, so this is quick.
    boolean isSameButMark(BenchState other) {
        return Objects.equals(seen, other.seen)
                && Objects.equals(review, other.review)
                && drill.equals(other.drill)
                && way == other.way
                && bpm == other.bpm
                && mirrored == other.mirrored;
    }

    /// What is done at the mark, on the way that is looked at.
    Optional<Step> step() {
        return played().flatMap(mark::step);
    }

    /// The line with what is done at the mark changed; empty where it cannot be.
    Optional<String> changed(StrikeChange change, Vocabulary vocabulary) {
        return review.flatMap(r -> step().flatMap(s -> change.of(r.read(), s, vocabulary)));
    }

    /// The drill that lies there, where it is still in the camp.
    Optional<Drill> drill(Camp camp) {
        return drill.flatMap(camp.drills()::get);
    }

    /// Whether what is typed is no longer the drill's line.
    boolean isChanged(Drill laid) {
        return review.filter(r -> !r.canonical().equals(laid.line())).isPresent();
    }

    Odds odds(Camp camp) {
        return drill(camp).map(Drill::odds).orElse(Odds.even());
    }

    int ways() {
        return review.map(r -> r.played().ways().size()).orElse(1);
    }

    /// The way that is looked at, of those there are.
    int shownWay() {
        return Math.min(way, ways() - 1);
    }

    Optional<PlayedWay> played() {
        return review.map(r -> r.played().ways().get(shownWay()));
    }

    /// The two as they stand here.
    Setting setting(Camp camp) {
        Setting now = camp.setting();
        return mirrored ? new Setting(turned(now.athlete()), turned(now.partner())) : now;
    }

    private static Fighter turned(Fighter fighter) {
        return new Fighter(fighter.name(), fighter.stance().changed(), fighter.heightCm(), fighter.spanCm());
    }
}
