package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Side;
import onebeat.core.play.Step;

/// ARM_ONLY: power in the arm grade though the strike before is not to blame: a roll, a slip or a pull has turned the
/// body the other way, or there is too little room. Jabs carry their power in the arm anyway and are never found.
final class ArmOnly implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        List<RuleHit> found = new ArrayList<>();
        SameSide.armOnly(input).stream()
                .filter(s -> SameSide.before(input, s).isEmpty())
                .forEach(s -> found.add(turned(input, s)));
        input.strikes().stream()
                .filter(s -> s.impact().orElseThrow().room() < ReviewNumbers.ROOM_WHOLE)
                .forEach(s -> found.add(tooNear(input, s)));
        return found;
    }

    private static RuleHit turned(RuleInput input, Step strike) {
        double drive = strike.impact().orElseThrow().drive();
        String text = Reasons.of("ARM_ONLY", Reasons.beat(strike), Reasons.name(strike), Reasons.percent(drive));
        return new RuleHit(Code.ARM_ONLY, List.of(strike), text, () -> mends(input, strike))
                .noteIf(SameSide.isNear(strike));
    }

    /// Too near is judged like too far: within what bodies differ by it is a note.
    private static RuleHit tooNear(RuleInput input, Step strike) {
        double room = strike.impact().orElseThrow().room();
        String text = Reasons.of("ARM_ONLY.near", Reasons.beat(strike), Reasons.name(strike), Reasons.percent(room));
        return new RuleHit(Code.ARM_ONLY, List.of(strike), text, () -> roomier(input, strike))
                .noteIf(room >= ReviewNumbers.ROOM_NEAR);
    }

    private static List<String> mends(RuleInput input, Step strike) {
        List<String> mends = new ArrayList<>();
        // The head went to the wrong side for this strike: first the other one.
        input.own().stream()
                .filter(s ->
                        s.index() < strike.index() && s.placed().technique().isDefence())
                .reduce((_, later) -> later)
                .flatMap(turned -> Catalogue.standard()
                        .twin(turned.placed().technique(), Level.NONE)
                        .map(other -> input.editor().replace(turned, other.code())))
                .ifPresent(mends::add);
        LineEditor.otherSide(strike.placed().act())
                .ifPresent(words -> mends.add(input.editor().replace(strike, words)));
        mends.add(input.editor().before(strike, "reload"));
        return mends;
    }

    /// Room is made by a step out, or a shorter weapon of the same side is taken.
    private static List<String> roomier(RuleInput input, Step strike) {
        boolean lead = strike.placed().side().filter(side -> side == Side.LEAD).isPresent();
        return List.of(
                input.editor().before(strike, "out"),
                input.editor().replace(strike, lead ? "lknee" : "knee"),
                input.editor().replace(strike, lead ? "5" : "6"));
    }
}
