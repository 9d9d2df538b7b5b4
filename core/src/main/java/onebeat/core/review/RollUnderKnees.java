package onebeat.core.review;

import java.util.List;
import java.util.Optional;
import onebeat.core.play.Step;

/// ROLL_UNDER_KNEES: a roll where knees are thrown. Boxing rolls under hooks; where knees and kicks come
/// many never do, others only straight down and as an exit (common practice; schools differ). A note where
/// the rules have no knees.
final class RollUnderKnees implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        boolean knees = scene.context().rules().hasKnees();
        return scene.own().stream()
                .filter(WrongRoll::isRoll)
                .map(s -> suspicion(scene, s, knees))
                .toList();
    }

    private static Suspicion suspicion(Scene scene, Step roll, boolean knees) {
        String text = Reasons.of(knees ? "ROLL_UNDER_KNEES" : "ROLL_UNDER_KNEES.none", Reasons.beat(roll));
        return new Suspicion(
                Code.ROLL_UNDER_KNEES,
                knees ? Optional.empty() : Optional.of(Severity.NOTE),
                List.of(roll),
                text,
                () -> knees ? mends(scene, roll) : List.of());
    }

    private static List<String> mends(Scene scene, Step roll) {
        Surgery surgery = scene.surgery();
        String exit = scene.pairingAt(roll).wayOut();
        return roll.placed().meets().isPresent()
                ? List.of(surgery.replace(roll, "block"), surgery.replace(roll, "parry"), surgery.replace(roll, "off"))
                : List.of(surgery.replace(roll, exit), surgery.replace(roll, "off"));
    }
}
