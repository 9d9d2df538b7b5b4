package onebeat.core.holding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Part;
import onebeat.core.exchange.Phrases;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Table;
import onebeat.core.exchange.Target;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Line;
import onebeat.core.play.Beat;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.timing.Reaction;
import onebeat.core.timing.Rung;
import onebeat.core.timing.Timing;

/// The feeder's script of one way through a line: for each beat what they throw, show, do or hold, in
/// words that they can follow, with left and right as they stand.
///
/// @param before what the partner has to know before the first beat: how to stand, how honestly to feed
/// @param cues what the partner does, in time
/// @param faults what spoils such a drill from their side (F33)
/// @param cannot what of it this partner cannot feed
public record Script(List<String> before, List<Cue> cues, List<String> faults, List<String> cannot) {

    private static final Phrases WORDS = Phrases.of("script");

    /// The kind of a cue.
    public enum Does {
        /// The partner throws a strike.
        THROW,
        /// The partner starts a strike and takes it back, or shows a reaction.
        SHOW,
        /// The partner meets the athlete's strike.
        MEET,
        /// The partner holds a target.
        HOLD,
        /// The partner has nothing to hold: it is touched.
        TOUCH,
        /// The partner lets nothing land there.
        SPARE
    }

    /// One thing that the partner does.
    ///
    /// @param step the index of the step in its way that it belongs to
    /// @param call what the partner does, short enough to be read from two metres
    /// @param detail how, and what it is for; may be empty
    /// @param atMs when its contact is, in milliseconds from the first beat
    /// @param showMs when the partner begins to show it: a step ahead, and earlier where it would not be
    ///     seen in time
    /// @param seeMs how much time the athlete has over to see it; negative is too little. Only for fed
    ///     strikes
    public record Cue(
            int step,
            Beat beat,
            Does does,
            String call,
            String detail,
            double atMs,
            double showMs,
            Optional<Double> seeMs) {

        /// Call and detail in one.
        public String words() {
            return detail.isEmpty() ? call : call + ": " + detail;
        }
    }

    public Script {
        before = List.copyOf(before);
        cues = List.copyOf(cues);
        faults = List.copyOf(faults);
        cannot = List.copyOf(cannot);
    }

    private record Fault(Does does, Target what, String words) {}

    private static final List<Fault> FAULTS = Table.rows(Script.class, "faults.csv").stream()
            .map(row -> new Fault(
                    Does.valueOf(row.get("when").toUpperCase(Locale.ROOT)),
                    Target.parse(row.get("strike")),
                    row.get("fault")))
            .toList();

    /// Faults told on one script at most: more are not heard.
    private static final int MOST_FAULTS = 4;

    /// What a script is made for.
    ///
    /// @param line the line that the way is one way through
    /// @param plan what the partner holds on this way
    /// @param holder the partner as they stand tonight
    /// @param partner who the partner is, where one is chosen
    public record For(
            Line line, PlayedWay way, PadPlan plan, Rung rung, double bpm, Fighter holder, Optional<Partner> partner) {}

    /// The script of a way.
    public static Script of(For what) {
        return new Writing(what).script();
    }

    private record Writing(For what) {

        Script script() {
            List<Cue> cues = new ArrayList<>();
            List<String> cannot = new ArrayList<>();
            Set<String> faults = new LinkedHashSet<>();
            what.way.steps().stream()
                    .sorted(Comparator.comparing(Step::beat).thenComparingInt(Step::index))
                    .forEach(step -> cue(step).ifPresent(cue -> {
                        cues.add(cue);
                        faults.addAll(faults(step, cue.does));
                        cannot(step).ifPresent(cannot::add);
                    }));
            return new Script(before(), cues, faults.stream().limit(MOST_FAULTS).toList(), cannot(cannot));
        }

        private List<String> before() {
            List<String> before = new ArrayList<>();
            what.partner
                    .filter(p -> p.ownStance() != what.holder.stance())
                    .ifPresent(p -> before.add(
                            WORDS.say("turn." + what.holder.stance(), WORDS.say("stance." + p.ownStance()))));
            boolean feeds = what.way.strikesOf(Who.PARTNER).findAny().isPresent();
            if (feeds) {
                before.add(WORDS.say("honesty." + what.rung));
            }
            return before;
        }

        private List<String> cannot(List<String> ofSteps) {
            List<String> all = new ArrayList<>(new LinkedHashSet<>(ofSteps));
            what.partner
                    .filter(p -> what.rung.compareTo(p.upTo()) > 0)
                    .ifPresent(p ->
                            all.add(WORDS.say("cannot.step", p.name(), p.upTo().id(), what.rung.id())));
            return all;
        }

        private Optional<String> cannot(Step step) {
            Technique technique = step.placed().technique();
            if (step.who() != Who.PARTNER || !technique.isStrike()) {
                return Optional.empty();
            }
            return what.partner
                    .filter(p -> !p.feeds().contains(technique.family()))
                    .map(p -> WORDS.say(
                            "cannot.feed",
                            p.name(),
                            technique.name(),
                            step.beat().words()));
        }

        private Optional<Cue> cue(Step step) {
            return step.who() == Who.PARTNER ? Optional.of(theirs(step)) : held(step);
        }

        private Cue theirs(Step step) {
            Technique technique = step.placed().technique();
            double at = Timing.atMs(step.beat(), what.bpm);
            if (technique.isReaction()) {
                return cue(
                        step, Does.SHOW, WORDS.say("react." + technique.code(), leadFoot()), "", at, Optional.empty());
            }
            if (technique.isStrike()) {
                boolean feint = step.placed().act().feint();
                Optional<Double> see = Reaction.timeToSeeMs(what.line, what.way, step, what.rung, what.bpm);
                double show = at - technique.motion().contactMs() - what.rung.showMs() + Math.min(0, see.orElse(0.0));
                return cue(
                        step,
                        feint ? Does.SHOW : Does.THROW,
                        WORDS.say(feint ? "feint" : "throw", sided(step)),
                        WORDS.say("at." + step.placed().act().level()),
                        show,
                        see);
            }
            return cue(step, Does.MEET, sided(step), "", at, Optional.empty());
        }

        private Optional<Cue> held(Step step) {
            if (!step.placed().act().isStrike()) {
                return Optional.empty();
            }
            String name = step.placed().technique().name();
            double at = Timing.atMs(step.beat(), what.bpm);
            Optional<Pad> pad = what.plan.of(step.index());
            if (pad.isPresent()) {
                String call = WORDS.say(
                        "hold." + pad.get().hand(),
                        hand(pad.get().hand()),
                        WORDS.say("gear." + pad.get().gear()),
                        WORDS.say("height." + pad.get().level()));
                String detail = WORDS.say("hold.detail", pad.get().angle(), name);
                return Optional.of(cue(step, Does.HOLD, call, detail, pad.get().showMs(), Optional.empty()));
            }
            SoreSpot sore = what.plan.sore().get(step.index());
            if (sore != null) {
                String why = WORDS.say("spare.detail", WORDS.say("sore." + sore));
                return Optional.of(cue(step, Does.SPARE, WORDS.say("spare", name), why, at, Optional.empty()));
            }
            return Optional.of(
                    cue(step, Does.TOUCH, WORDS.say("touch", name), WORDS.say("touch.detail"), at, Optional.empty()));
        }

        private Cue cue(Step step, Does does, String call, String detail, double showMs, Optional<Double> see) {
            return new Cue(
                    step.index(), step.beat(), does, call, detail, Timing.atMs(step.beat(), what.bpm), showMs, see);
        }

        private Stance stance(Step step) {
            return what.way.at(step.beat()).partner().stance();
        }

        /// A technique with the hand or leg that the partner uses for it, for example `jab with the right hand`.
        private String sided(Step step) {
            Technique technique = step.placed().technique();
            boolean limb = technique.part() == Part.ARM || technique.part() == Part.LEG;
            if (!limb || step.placed().side().isEmpty()) {
                return technique.name();
            }
            boolean left = SoreSpot.isLeft(stance(step), step.placed().side().get());
            return WORDS.say((left ? "left." : "right.") + technique.part(), technique.name());
        }

        private String leadFoot() {
            return WORDS.say(SoreSpot.isLeft(what.holder.stance(), Side.LEAD) ? "left" : "right");
        }

        private String hand(Hand hand) {
            return switch (hand) {
                case BOTH, WORN -> "";
                case LEAD, REAR -> {
                    Side side = hand == Hand.LEAD ? Side.LEAD : Side.REAR;
                    yield WORDS.say(SoreSpot.isLeft(what.holder.stance(), side) ? "left" : "right");
                }
            };
        }
    }

    private static List<String> faults(Step step, Does does) {
        return FAULTS.stream()
                .filter(fault -> fault.does == does)
                .filter(fault -> fault.what.fits(
                        step.placed().technique(), step.placed().act().level()))
                .map(Fault::words)
                .toList();
    }

    /// The cues to choose from at each read, with how often each is to come, for example
    /// `Choose: jab 3 of 6 · cross 2 of 6 · nothing 1 of 6`.
    public static List<String> choices(Line line, Odds odds) {
        return Choices.reads(line).stream()
                .map(read -> {
                    List<Integer> weights = odds.weights(read.number(), read.options());
                    int sum = weights.stream().mapToInt(w -> w).sum();
                    List<String> words = new ArrayList<>();
                    for (int i = 0; i < read.options(); i++) {
                        words.add(WORDS.say("choice", spoken(read.words(i)), weights.get(i), sum));
                    }
                    return WORDS.say("choose", String.join(" · ", words));
                })
                .toList();
    }

    private static String spoken(String cue) {
        return cue.equals("(none)") ? WORDS.say("nothing") : cue;
    }
}
