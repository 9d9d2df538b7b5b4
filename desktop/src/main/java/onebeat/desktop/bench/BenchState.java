package onebeat.desktop.bench;

import java.util.Optional;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.exchange.Fighter;
import onebeat.core.holding.Odds;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.review.Review;
import onebeat.desktop.callline.LineWatch;

/// What lies on the bench.
///
/// @param seen the line as it was typed last, with what came of it
/// @param review the last line that could be read
/// @param drill the id of the drill that lies there; empty for a new line
/// @param way which way through the line is looked at, from 0
/// @param bpm beats a minute
/// @param mirrored whether both stand in their other stance
record BenchState(
        LineWatch.Seen seen, Optional<Review> review, Optional<String> drill, int way, int bpm, boolean mirrored) {

    private static final int FIRST_BPM = 60;

    static BenchState first(LineWatch.Seen nothing) {
        return new BenchState(nothing, Optional.empty(), Optional.empty(), 0, FIRST_BPM, false);
    }

    /// Another line was typed; one that cannot be read leaves the last review standing.
    BenchState seeing(LineWatch.Seen now) {
        boolean taken = now.review().isPresent() || now.text().isBlank();
        return new BenchState(now, taken ? now.review() : review, drill, taken ? 0 : way, bpm, mirrored);
    }

    BenchState laid(Optional<String> id) {
        return new BenchState(seen, review, id, way, bpm, mirrored);
    }

    BenchState at(int tempo) {
        return new BenchState(seen, review, drill, way, tempo, mirrored);
    }

    BenchState onWay(int other) {
        return new BenchState(seen, review, drill, other, bpm, mirrored);
    }

    BenchState turned() {
        return new BenchState(seen, review, drill, way, bpm, !mirrored);
    }

    /// The drill that lies there, where it is still in the camp.
    Optional<Drill> drill(Camp camp) {
        return drill.flatMap(camp.drills()::get);
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
