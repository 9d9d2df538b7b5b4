package onebeat.core.holding;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import onebeat.core.exchange.Arrival;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Path;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Table;
import onebeat.core.exchange.Target;
import onebeat.core.exchange.Technique;
import onebeat.core.opening.Zone;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;

/// How strikes can be held: with which gear, by which hand, at which angle. What hurts a sore spot of the holder is
/// not held.
public final class HoldOptions {

    private record Hold(Target strike, Gear gear, String hand, String angle) {}

    private static final List<Hold> HOLDS = Table.rows(HoldOptions.class, "holds.csv").stream()
            .map(row -> new Hold(
                    Target.parse(row.get("strike")),
                    Gear.of(row.get("gear")).orElseThrow(),
                    row.get("hand"),
                    row.get("angle")))
            .toList();

    /// The holds of each strike at each level, by its code: looked up with every line that is typed.
    private static final Map<String, Map<Level, List<Hold>>> BY_STRIKE = byStrike();

    private static Map<String, Map<Level, List<Hold>>> byStrike() {
        Map<String, Map<Level, List<Hold>>> all = new HashMap<>();
        for (Technique technique : Catalogue.standard().all()) {
            Map<Level, List<Hold>> byLevel = new EnumMap<>(Level.class);
            technique
                    .levels()
                    .keySet()
                    .forEach(level -> byLevel.put(
                            level,
                            HOLDS.stream()
                                    .filter(h -> h.strike.fits(technique, level))
                                    .toList()));
            all.put(technique.code(), byLevel);
        }
        return Collections.unmodifiableMap(all);
    }

    private static List<Hold> holds(Technique technique, Level level) {
        return BY_STRIKE.getOrDefault(technique.code(), Map.of()).getOrDefault(level, List.of());
    }

    /// A place where a target can be held.
    ///
    /// @param odd whether it is another hand than the school's
    record Option(Gear gear, Hand hand, String angle, boolean odd) {}

    private final PlayedWay way;
    private final Holder holder;

    HoldOptions(PlayedWay way, Holder holder) {
        this.way = way;
        this.holder = holder;
    }

    /// Whether something that the holder has at hand takes this strike in the place of the one at a step.
    public static boolean takes(Technique technique, Level level, Step step, PlayedWay way, Holder holder) {
        HoldOptions holds = new HoldOptions(way, holder);
        return HandGear.choices(holder.gear()).stream()
                .anyMatch(gear -> !holds.options(step, technique, level, gear).isEmpty());
    }

    /// The gear that would give a strike a target, for words.
    public static List<Gear> gearFor(Technique strike, Level level) {
        return holds(strike, level).stream().map(Hold::gear).distinct().toList();
    }

    /// How the strike of a step can be held; nothing where no hand can.
    List<Option> options(Step step, HandGear gear) {
        return options(step, step.placed().technique(), step.placed().act().level(), gear);
    }

    private List<Option> options(Step step, Technique technique, Level level, HandGear gear) {
        List<Option> options = new ArrayList<>();
        for (Hold hold : holds(technique, level)) {
            options.addAll(options(step, hold, gear));
        }
        if (!holder.sore().isEmpty()) {
            Stance stance = stance(step);
            Zone zone = zone(step, technique, level);
            options.removeIf(option -> holder.sore().stream()
                    .anyMatch(spot -> spot.feels(option.gear, zone, stance, option.hand.sides())));
        }
        return options;
    }

    /// The hands that can hold so with what is on them.
    private List<Option> options(Step step, Hold hold, HandGear gear) {
        if (!hold.gear.takesHands()) {
            return gear.worn().contains(hold.gear)
                    ? List.of(new Option(hold.gear, Hand.WORN, hold.angle, false))
                    : List.of();
        }
        Hand hand = hand(step, hold);
        if (hand == Hand.BOTH) {
            if (gear.isOnBoth(hold.gear)) {
                return List.of(new Option(hold.gear, hand, hold.angle, false));
            }
            // A shield on one arm takes the kick against the body; two pads are needed otherwise.
            return hold.gear == Gear.SHIELD
                    ? Stream.of(Side.values())
                            .filter(side -> gear.has(Gear.SHIELD, side))
                            .map(side -> new Option(hold.gear, Hand.of(side), hold.angle, false))
                            .toList()
                    : List.of();
        }
        List<Option> options = new ArrayList<>();
        for (Side side : Side.values()) {
            boolean school = Hand.of(side) == hand;
            if (gear.has(hold.gear, side) && (school || hold.hand.equals("either"))) {
                options.add(new Option(hold.gear, Hand.of(side), hold.angle, !school));
            }
        }
        return options;
    }

    private Stance stance(Step step) {
        return way.at(step.beat()).partner().stance();
    }

    /// The sore spot that a strike without a target would land on.
    Optional<SoreSpot> soreAt(Step step) {
        Zone zone = zone(step, step.placed().technique(), step.placed().act().level());
        SoreSpot struck = SoreSpot.in(zone, stance(step));
        return holder.sore().contains(struck) ? Optional.of(struck) : Optional.empty();
    }

    private Hand hand(Step step, Hold hold) {
        return switch (hold.hand.toLowerCase(Locale.ROOT)) {
            case "both" -> Hand.BOTH;
            case "worn" -> Hand.WORN;
            default -> {
                Side near = arrives(step);
                Technique strike = step.placed().technique();
                boolean crossing = holder.jab() == JabSchool.CROSSING
                        && hold.gear == Gear.MITTS
                        && strike.path() == Path.STRAIGHT
                        && strike.fixedSide().equals(Optional.of(Side.LEAD))
                        && step.placed().act().level() == Level.HEAD;
                yield Hand.of(crossing ? near.opposite() : near);
            }
        };
    }

    private Pairing pairing(Step step) {
        return Pairing.of(step.before().stance(), stance(step));
    }

    private Zone zone(Step step, Technique technique, Level level) {
        return Zone.of(technique, level, step.placed().side().orElse(Side.LEAD), pairing(step));
    }

    private Side arrives(Step step) {
        Arrival arrival = step.placed().technique().arrival();
        return arrival.at(step.placed().side().orElse(Side.LEAD), pairing(step));
    }
}
