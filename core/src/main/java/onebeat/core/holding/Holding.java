package onebeat.core.holding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import onebeat.core.exchange.Build;
import onebeat.core.exchange.Constants;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Part;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Technique;
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
    private static final double FLINCH_MS = NUMBERS.get("flinch_ms");
    private static final double ASIDE_CM = NUMBERS.get("aside_cm");

    private final PlayedWay way;
    private final Build build;
    private final HoldOptions holds;
    private final double bpm;

    private Holding(PlayedWay way, Setting setting, Holder holder, double bpm) {
        this.way = way;
        this.build = Build.of(setting.partner());
        this.holds = new HoldOptions(way, holder);
        this.bpm = bpm;
    }

    /// The plan with the gear at hand: of the ways to put it on the hands, the one that leaves the fewest
    /// strikes without a target, then the one that fits in time, then the same on both hands, then the one
    /// that moves least.
    public static PadPlan plan(PlayedWay way, Setting setting, Holder holder, double bpm) {
        Holding holding = new Holding(way, setting, holder, bpm);
        List<HandGear> choices = HandGear.choices(holder.gear());
        Optional<PadPlan> plain = holding.bestWith(choices.stream().filter(HandGear::isPlain));
        if (plain.filter(plan -> plan.missing().isEmpty() && plan.clash().isEmpty())
                .isPresent()) {
            return plain.get();
        }
        return Stream.concat(
                        plain.stream(), holding.bestWith(choices.stream().filter(gear -> !gear.isPlain())).stream())
                .min(FEWEST_LEFT)
                .orElseThrow();
    }

    /// Whether gear can be put on the hands so that there is a target for everything that is hit, in time or not. That
    /// takes much less than a plan.
    public static boolean hasTargets(PlayedWay way, Holder holder) {
        HoldOptions holds = new HoldOptions(way, holder);
        List<Step> strikes = way.steps().stream()
                .filter(s -> s.who() == Who.ATHLETE && s.placed().act().isStrike())
                .toList();
        return HandGear.choices(holder.gear()).stream()
                .anyMatch(gear -> strikes.stream()
                        .noneMatch(strike -> holds.options(strike, gear).isEmpty()));
    }

    private Optional<PadPlan> bestWith(Stream<HandGear> choices) {
        return choices.map(this::with).min(FEWEST_LEFT.thenComparingDouble(PadPlan::travelCm));
    }

    private static final Comparator<PadPlan> FEWEST_LEFT = Comparator.comparingInt(
                    (PadPlan plan) -> plan.missing().size())
            .thenComparingInt(plan -> plan.clash().isPresent() ? 1 : 0);

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

    private static final int READY = -1;

    /// The school's hands first, then the least movement.
    private static final Comparator<Course> BETTER =
            Comparator.comparingInt(Course::odd).thenComparingDouble(Course::travelCm);

    private PadPlan with(HandGear gear) {
        List<Course> courses = List.of(start());
        List<Integer> missing = new ArrayList<>();
        Map<Integer, SoreSpot> sore = new TreeMap<>();
        double before = 0;
        for (Step step : inTime()) {
            double ms = Timing.atMs(step.beat(), bpm);
            if (step.who() == Who.PARTNER) {
                courses = step.placed().act().isStrike() ? fed(courses, step, ms) : flinched(courses, step, ms);
                continue;
            }
            List<HoldOptions.Option> options = holds.options(step, gear);
            if (options.isEmpty()) {
                missing.add(step.index());
                holds.soreAt(step).ifPresent(spot -> sore.put(step.index(), spot));
                continue;
            }
            List<Course> next = new ArrayList<>();
            Optional<PadPlan.Clash> clash = Optional.empty();
            for (Course course : courses) {
                for (HoldOptions.Option option : options) {
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

    /// The partner's own strikes and the contacts of the athlete's strikes, in time; on one beat what they feed comes
    /// first.
    /// A flinch comes after what it answers.
    private List<Step> inTime() {
        return way.steps().stream()
                .filter(s -> s.placed().act().isStrike() || isFlinch(s))
                .sorted(Comparator.comparing(Step::beat)
                        .thenComparingInt(s -> s.who() == Who.ATHLETE ? 1 : isFlinch(s) ? 2 : 0)
                        .thenComparingInt(Step::index))
                .toList();
    }

    /// A reaction of the holder's that moves the hands.
    private static boolean isFlinch(Step step) {
        return step.who() == Who.PARTNER
                && !step.placed().technique().isStrike()
                && step.placed().technique().part() == Part.ARM
                && !step.placed().act().feint();
    }

    /// To show another target at the flinch takes the motion of the flinch first.
    private static List<Course> flinched(List<Course> courses, Step flinch, double ms) {
        double free = ms + FLINCH_MS;
        List<Course> moved = new ArrayList<>();
        for (Course course : courses) {
            Course now = course;
            for (Side side : Side.values()) {
                Job job = course.job(side);
                now = now.with(
                        side, new Job(flinch.index(), job.heightCm(), job.aside(), Math.max(free, job.freeMs())));
            }
            moved.add(now);
        }
        return moved;
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

    static double placeAside(Hand hand, Side side) {
        return hand == Hand.BOTH ? 0 : aside(side);
    }

    /// Whether a hand comes too late for a target, and what keeps it.
    private Optional<PadPlan.Clash> late(Course course, Step step, HoldOptions.Option option, double ms) {
        double height = build.targetHeightCm(step.placed().act().level());
        PadPlan.Clash worst = null;
        for (Side side : option.hand().sides()) {
            Job job = course.job(side);
            double distance = job.distanceTo(height, placeAside(option.hand(), side));
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

    private Course held(Course course, Step step, HoldOptions.Option option, double ms, double before) {
        double height = build.targetHeightCm(step.placed().act().level());
        Course now = course;
        double travel = 0;
        double ready = before;
        for (Side side : option.hand().sides()) {
            Job job = course.job(side);
            double aside = placeAside(option.hand(), side);
            double distance = job.distanceTo(height, aside);
            travel += distance;
            ready = Math.max(ready, job.freeMs + moveMs(distance));
            now = now.with(side, new Job(step.index(), height, aside, ms));
        }
        double latest = Math.max(0, ms - THERE_MS);
        List<Pad> pads = new ArrayList<>(course.pads);
        pads.add(new Pad(
                step.index(),
                option.gear(),
                option.hand(),
                step.placed().act().level(),
                height,
                option.angle(),
                Math.min(latest, Math.max(0, ready)),
                travel));
        return new Course(now.last, pads, course.odd + (option.odd() ? 1 : 0), course.travelCm + travel);
    }

    /// Of the courses that leave the hands alike, the one with the least movement.
    private static List<Course> best(List<Course> courses) {
        Map<List<Integer>, Course> best = new LinkedHashMap<>();
        for (Course course : courses) {
            best.merge(course.key(), course, (a, b) -> BETTER.compare(b, a) < 0 ? b : a);
        }
        return List.copyOf(best.values());
    }
}
