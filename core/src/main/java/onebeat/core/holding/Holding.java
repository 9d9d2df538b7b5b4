package onebeat.core.holding;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import onebeat.core.exchange.Arrival;
import onebeat.core.exchange.Build;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Constants;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Part;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Table;
import onebeat.core.exchange.Target;
import onebeat.core.exchange.Technique;
import onebeat.core.opening.Zone;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.timing.Timing;

/// Finds the pad plan of a way.
///
/// A hand is in one place at a time: it comes home from a feed, starts, moves, and has to stand still
/// before the contact. Contact after contact, every way of giving the hands their jobs is kept that could
/// still be the best, told apart by the last job of each hand; so of the plans that keep to the school's
/// hands the one found has the least movement, and where there is none it says so. A straight may be held
/// by the other hand where the school's one cannot be there.
public final class Holding {

    private static final Constants NUMBERS = Constants.of(Holding.class, "numbers.csv", "number");
    private static final double START_MS = NUMBERS.get("start_ms");
    private static final double MS_PER_CM = NUMBERS.get("ms_per_cm");
    private static final double THERE_MS = NUMBERS.get("there_ms");
    private static final double ASIDE_CM = NUMBERS.get("aside_cm");

    private record Hold(Target strike, Gear gear, String hand, String angle) {}

    private static final List<Hold> HOLDS = Table.rows(Holding.class, "holds.csv").stream()
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

    private final PlayedWay way;
    private final Build build;
    private final Holder holder;
    private final double bpm;

    private Holding(PlayedWay way, Setting setting, Holder holder, double bpm) {
        this.way = way;
        this.build = Build.of(setting.partner());
        this.holder = holder;
        this.bpm = bpm;
    }

    /// The plan with the gear at hand: of the gear that takes the hands, the one that leaves the fewest
    /// strikes without a target, then the one that fits in time, then the one that moves least.
    public static PadPlan plan(PlayedWay way, Setting setting, Holder holder, double bpm) {
        Set<Gear> worn = EnumSet.noneOf(Gear.class);
        List<Set<Gear>> choices = new ArrayList<>();
        holder.gear().stream().filter(g -> !g.takesHands()).forEach(worn::add);
        for (Gear gear : Gear.values()) {
            if (gear.takesHands() && holder.gear().contains(gear)) {
                Set<Gear> with = EnumSet.copyOf(worn.isEmpty() ? EnumSet.of(gear) : worn);
                with.add(gear);
                choices.add(with);
            }
        }
        if (choices.isEmpty()) {
            choices.add(worn);
        }
        Holding holding = new Holding(way, setting, holder, bpm);
        return choices.stream()
                .map(holding::with)
                .min(Comparator.comparingInt((PadPlan p) -> p.missing().size())
                        .thenComparingInt(p -> p.clash().isPresent() ? 1 : 0)
                        .thenComparingDouble(PadPlan::travelCm))
                .orElseThrow();
    }

    /// Where a hand is: its job's place and when it is free again.
    ///
    /// @param aside how far from the middle, toward the holder's lead side
    private record Job(int step, double heightCm, double aside, double freeMs) {

        double distanceTo(double height, double toAside) {
            double dh = height - heightCm;
            double da = toAside - aside;
            return StrictMath.sqrt(dh * dh + da * da);
        }
    }

    /// One way of giving the hands their jobs so far.
    ///
    /// @param odd targets held by another hand than the school's
    private record Course(Map<Side, Job> last, List<Pad> pads, int odd, double travelCm) {

        List<Integer> key() {
            return List.of(job(Side.LEAD).step(), job(Side.REAR).step());
        }

        Job job(Side side) {
            Job job = last.get(side);
            if (job == null) {
                throw new IllegalStateException("no hand " + side);
            }
            return job;
        }

        Course with(Side side, Job job) {
            Map<Side, Job> changed = new EnumMap<>(last);
            changed.put(side, job);
            return new Course(changed, pads, odd, travelCm);
        }
    }

    /// A place where a target can be held.
    ///
    /// @param odd whether it is another hand than the school's
    private record Option(Gear gear, Hand hand, String angle, boolean odd) {}

    private static final int READY = -1;

    /// The school's hands first, then the least movement.
    private static final Comparator<Course> BETTER =
            Comparator.comparingInt(Course::odd).thenComparingDouble(Course::travelCm);

    private PadPlan with(Set<Gear> gear) {
        List<Course> courses = List.of(start());
        List<Integer> missing = new ArrayList<>();
        Map<Integer, SoreSpot> sore = new TreeMap<>();
        double before = 0;
        for (Step step : inTime()) {
            double ms = Timing.atMs(step.beat(), bpm);
            if (step.who() == Who.PARTNER) {
                courses = fed(courses, step, ms);
                continue;
            }
            List<Option> options = options(step, gear);
            if (options.isEmpty()) {
                missing.add(step.index());
                soreAt(step).ifPresent(spot -> sore.put(step.index(), spot));
                continue;
            }
            List<Course> next = new ArrayList<>();
            Optional<PadPlan.Clash> clash = Optional.empty();
            for (Course course : courses) {
                for (Option option : options) {
                    Optional<PadPlan.Clash> late = late(course, step, option, ms);
                    if (late.isEmpty()) {
                        next.add(held(course, step, option, ms, before));
                    } else if (clash.isEmpty()
                            || late.get().shortMs() < clash.get().shortMs()) {
                        clash = late;
                    }
                }
            }
            if (next.isEmpty()) {
                Course best = courses.getFirst();
                return new PadPlan(best.pads, missing, sore, clash);
            }
            courses = best(next);
            before = ms;
        }
        Course best = courses.stream().min(BETTER).orElseThrow();
        return new PadPlan(best.pads, missing, sore, Optional.empty());
    }

    private Course start() {
        double height = build.targetHeightCm(Level.HEAD);
        Map<Side, Job> ready = new EnumMap<>(Side.class);
        for (Side side : Side.values()) {
            ready.put(side, new Job(READY, height, aside(side), Double.NEGATIVE_INFINITY));
        }
        return new Course(ready, List.of(), 0, 0);
    }

    /// Where a hand waits, toward the holder's lead side.
    static double aside(Side side) {
        return side == Side.LEAD ? ASIDE_CM : -ASIDE_CM;
    }

    /// His own strikes and the contacts of the athlete's strikes, in time; on one beat what he feeds comes
    /// first.
    private List<Step> inTime() {
        return way.steps().stream()
                .filter(s -> s.placed().act().isStrike())
                .sorted(Comparator.comparing(Step::beat)
                        .thenComparingInt(s -> s.who() == Who.PARTNER ? 0 : 1)
                        .thenComparingInt(Step::index))
                .toList();
    }

    private static List<Course> fed(List<Course> courses, Step feed, double ms) {
        Technique technique = feed.placed().technique();
        if (technique.part() != Part.ARM) {
            return courses;
        }
        Side side = feed.placed().side().orElse(Side.LEAD);
        double home = ms + technique.motion().homeMs();
        return courses.stream()
                .map(c -> c.with(side, new Job(feed.index(), c.job(side).heightCm(), aside(side), home)))
                .toList();
    }

    private List<Option> options(Step step, Set<Gear> gear) {
        return options(step, step.placed().technique(), step.placed().act().level(), gear);
    }

    private List<Option> options(Step step, Technique technique, Level level, Set<Gear> gear) {
        List<Option> options = new ArrayList<>();
        for (Hold hold : holds(technique, level)) {
            if (gear.contains(hold.gear)) {
                Hand hand = hand(step, hold);
                options.add(new Option(hold.gear, hand, hold.angle, false));
                if (hold.hand.equals("either")) {
                    Hand other = hand == Hand.LEAD ? Hand.REAR : Hand.LEAD;
                    options.add(new Option(hold.gear, other, hold.angle, true));
                }
            }
        }
        if (!holder.sore().isEmpty()) {
            Stance stance = stance(step);
            Zone zone = zone(step, technique, level);
            options.removeIf(option -> holder.sore().stream()
                    .anyMatch(spot -> spot.feels(option.gear, zone, stance, option.hand.sides())));
        }
        return options;
    }

    private Stance stance(Step step) {
        return way.at(step.beat()).partner().stance();
    }

    /// The sore spot that a strike without a target would land on.
    private Optional<SoreSpot> soreAt(Step step) {
        Zone zone = zone(step, step.placed().technique(), step.placed().act().level());
        SoreSpot struck = SoreSpot.in(zone, stance(step));
        return holder.sore().contains(struck) ? Optional.of(struck) : Optional.empty();
    }

    /// Whether something that the holder has at hand takes this strike in the place of the one at a step.
    public static boolean takes(
            Technique technique, Level level, Step step, PlayedWay way, Setting setting, Holder holder) {
        return !new Holding(way, setting, holder, 0)
                .options(step, technique, level, holder.gear())
                .isEmpty();
    }

    private Hand hand(Step step, Hold hold) {
        return switch (hold.hand.toLowerCase(Locale.ROOT)) {
            case "both" -> Hand.BOTH;
            case "worn" -> Hand.WORN;
            default -> {
                Side near = arrives(step);
                boolean crossing = holder.jab() == JabSchool.CROSSING
                        && hold.gear == Gear.MITTS
                        && step.placed().technique().code().equals("1")
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

    static double placeAside(Hand hand, Side side) {
        return hand == Hand.BOTH ? 0 : aside(side);
    }

    /// Whether a hand comes too late for a target, and what keeps it.
    private Optional<PadPlan.Clash> late(Course course, Step step, Option option, double ms) {
        double height = build.targetHeightCm(step.placed().act().level());
        PadPlan.Clash worst = null;
        for (Side side : option.hand.sides()) {
            Job job = course.job(side);
            double distance = job.distanceTo(height, placeAside(option.hand, side));
            double there = job.freeMs + moveMs(distance);
            double shortMs = there - (ms - THERE_MS);
            if (job.step != READY && shortMs > 0 && (worst == null || shortMs > worst.shortMs())) {
                worst = new PadPlan.Clash(step.index(), job.step, shortMs);
            }
        }
        return Optional.ofNullable(worst);
    }

    /// How long a hand takes for this way.
    static double moveMs(double distanceCm) {
        return distanceCm == 0 ? 0 : START_MS + MS_PER_CM * distanceCm;
    }

    private Course held(Course course, Step step, Option option, double ms, double before) {
        double height = build.targetHeightCm(step.placed().act().level());
        Course now = course;
        double travel = 0;
        double ready = before;
        for (Side side : option.hand.sides()) {
            Job job = course.job(side);
            double aside = placeAside(option.hand, side);
            double distance = job.distanceTo(height, aside);
            travel += distance;
            ready = Math.max(ready, job.freeMs + moveMs(distance));
            now = now.with(side, new Job(step.index(), height, aside, ms));
        }
        double latest = Math.max(0, ms - THERE_MS);
        List<Pad> pads = new ArrayList<>(course.pads);
        pads.add(new Pad(
                step.index(),
                option.gear,
                option.hand,
                step.placed().act().level(),
                height,
                option.angle,
                Math.min(latest, Math.max(0, ready)),
                travel));
        return new Course(now.last, pads, course.odd + (option.odd ? 1 : 0), course.travelCm + travel);
    }

    /// Of the courses that leave the hands alike, the one with the least movement.
    private static List<Course> best(List<Course> courses) {
        Map<List<Integer>, Course> best = new LinkedHashMap<>();
        for (Course course : courses) {
            best.merge(course.key(), course, (a, b) -> BETTER.compare(b, a) < 0 ? b : a);
        }
        return List.copyOf(best.values());
    }

    /// The gear that would give a strike a target, for words.
    public static List<Gear> gearFor(Technique strike, Level level) {
        return holds(strike, level).stream().map(Hold::gear).distinct().toList();
    }
}
