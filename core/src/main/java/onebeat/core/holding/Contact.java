package onebeat.core.holding;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Predicate;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Part;
import onebeat.core.exchange.Side;
import onebeat.core.holding.Touch.On;
import onebeat.core.play.Limb;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// The contact account: touches on pads and on the persons, by limb and target, of a repetition, a round, a
/// session or a week.
///
/// What is fed is counted too where a defence meets it, since the defence may fail; so are the strikes that the
/// athlete feeds where the partner works.
///
/// @param touches how many of each kind
public record Contact(Map<Touch, Integer> touches) {

    /// Nothing touched.
    public static final Contact NONE = new Contact(Map.of());

    public Contact {
        touches = Map.copyOf(touches);
    }

    /// Counts one way with its plan.
    public static Contact of(PlayedWay way, PadPlan plan) {
        Map<Touch, Integer> touches = new LinkedHashMap<>();
        for (Step step : way.steps()) {
            if (step.placed().act().isStrike()) {
                boolean pad = step.who() == Who.ATHLETE && plan.of(step.index()).isPresent();
                touches.merge(
                        new Touch(step.who(), limb(step), step.placed().act().level(), pad ? On.PAD : On.PERSON),
                        1,
                        Integer::sum);
            }
        }
        return new Contact(touches);
    }

    private static Limb limb(Step step) {
        Side side = step.placed().side().orElse(Side.LEAD);
        return step.placed().technique().part() == Part.LEG ? Limb.leg(side) : Limb.arm(side);
    }

    /// This and that together.
    public Contact plus(Contact other) {
        Map<Touch, Integer> sum = new LinkedHashMap<>(touches);
        other.touches.forEach((touch, count) -> sum.merge(touch, count, Math::addExact));
        return new Contact(sum);
    }

    /// So many times this.
    public Contact times(int repetitions) {
        Map<Touch, Integer> all = new LinkedHashMap<>();
        touches.forEach((touch, count) -> all.put(touch, Math.multiplyExact(count, repetitions)));
        return new Contact(all);
    }

    /// The same account where the other one works and the athlete holds: who touches whom changes places.
    public Contact turned() {
        Map<Touch, Integer> all = new LinkedHashMap<>();
        touches.forEach((touch, count) -> all.put(touch.turned(), count));
        return new Contact(all);
    }

    private int count(Predicate<Touch> which) {
        return touches.entrySet().stream()
                .filter(e -> which.test(e.getKey()))
                .mapToInt(Map.Entry::getValue)
                .sum();
    }

    private Map<Level, Integer> byLevel(Predicate<Touch> which) {
        Map<Level, Integer> levels = new EnumMap<>(Level.class);
        touches.forEach((touch, count) -> {
            if (which.test(touch)) {
                levels.merge(touch.level(), count, Integer::sum);
            }
        });
        return levels;
    }

    /// Strikes of the athlete that meet a pad or worn gear.
    public int pads() {
        return count(t -> t.by() == Who.ATHLETE && t.on() == On.PAD);
    }

    /// Strikes of the partner that meet a pad which the athlete holds.
    public int held() {
        return count(t -> t.by() == Who.PARTNER && t.on() == On.PAD);
    }

    /// Touches on the partner's body, by level.
    public Map<Level, Integer> partner() {
        return byLevel(t -> t.by() == Who.ATHLETE && t.on() == On.PERSON);
    }

    /// What is fed to the athlete, by level.
    public Map<Level, Integer> athlete() {
        return byLevel(t -> t.by() == Who.PARTNER && t.on() == On.PERSON);
    }

    /// Touches on the partner's body.
    public int onPartner() {
        return count(t -> t.by() == Who.ATHLETE && t.on() == On.PERSON);
    }

    /// Strikes to a head, of either, that meet no pad.
    public int onHeads() {
        return count(t -> t.level() == Level.HEAD && t.on() == On.PERSON);
    }

    /// The athlete's strikes with each limb.
    public Map<Limb, Integer> byLimb() {
        Map<Limb, Integer> limbs = new EnumMap<>(Limb.class);
        touches.forEach((touch, count) -> {
            if (touch.by() == Who.ATHLETE) {
                limbs.merge(touch.limb(), count, Integer::sum);
            }
        });
        return limbs;
    }
}
