package onebeat.core.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import onebeat.core.holding.Holding;
import onebeat.core.holding.PadPlan;
import onebeat.core.holding.Partner;
import onebeat.core.holding.Script;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.notation.Span;
import onebeat.core.opening.Openings;
import onebeat.core.opening.Why;
import onebeat.core.play.Names;
import onebeat.core.play.Play;
import onebeat.core.play.Played;
import onebeat.core.play.Played.Numbers;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.timing.Reaction;

/// What came of reviewing a line.
///
/// @param read the line that was reviewed
/// @param context what it was reviewed against
/// @param canonical the line in canonical form
/// @param played the line as played
/// @param openings what each way of the line opens, in the order of the ways
/// @param findings all findings, the severest first, then in the order of the steps
/// @param score what the line is worth, for ranking lines of one kind: what its strikes open times their
///     power, less
///     what it exposes, less a little for each beat
public record Review(
        Read read,
        Context context,
        String canonical,
        Played played,
        List<Openings> openings,
        List<Finding> findings,
        double score) {

    private static final List<Rule> RULES = List.of(
            new SameHand(),
            new AgainstRules(),
            new Unanswered(),
            new OutOfReach(),
            new LegLoaded(),
            new Reload(),
            new ArmOnly(),
            new CountShort(),
            new NoEntry(),
            new StanceLost(),
            new ClosedTarget(),
            new UnearnedFeint(),
            new UnreadPayoff(),
            new NakedHook(),
            new WrongSide(),
            new WrongRoll(),
            new IntoPower(),
            new StraightRetreat(),
            new RollUnderKnees(),
            new Unseen(),
            new TooFast(),
            new PadClash(),
            new PadMissing(),
            new HeadLoad(),
            new PartnerLoad(),
            new NoExit(),
            new EmptyBeat(),
            new Countable(),
            new OneNote(),
            new WrongFoot(),
            new Trade(),
            new SameCue(),
            new Grabbed(),
            new DipUnderKnees(),
            new HipsFar(),
            new HeadOutside(),
            new Telegraph(),
            new AtHisEnd());

    /// Mends are tried for so many findings, the severest first: a line with more has to be written anew
    /// anyway.
    private static final int MOST_MENDED = 24;

    /// With so many steps in all its ways a line is long to review, and mends are tried for few findings only.
    private static final int MANY_STEPS = 1_000;

    private static final int FEW_MENDED = 6;

    public Review {
        openings = List.copyOf(openings);
        findings = List.copyOf(findings);
    }

    /// Whether there is a `stop` among the findings.
    public boolean hasStop() {
        return findings.stream().anyMatch(f -> f.severity() == Severity.STOP);
    }

    /// The findings of one code.
    public List<Finding> findings(Code code) {
        return findings.stream().filter(f -> f.code() == code).toList();
    }

    /// What the line exposes: of its ways, the most.
    public double exposure() {
        return openings.stream().mapToDouble(Openings::exposure).max().orElse(0);
    }

    /// What the holder shows on a way.
    public PadPlan plan(int way) {
        return Holding.plan(played.ways().get(way), context.setting(), context.holder(), context.bpm());
    }

    /// The feeder's script of a way, for this partner; without one for whoever stands across.
    public Script script(int way, Optional<Partner> partner) {
        return Script.of(new Script.For(
                read.line(),
                played.ways().get(way),
                plan(way),
                context.rung(),
                context.bpm(),
                context.setting().partner(),
                partner));
    }

    /// Why a strike of a way is there, in a sentence; empty where nothing before it opened the place.
    public Optional<String> why(int way, Step step) {
        return openings.get(way)
                .of(step)
                .flatMap(o -> Why.sentence(played.ways().get(way), o, Reasons.zone(o.zone())))
                .map(words -> Names.in(words, context.setting()));
    }

    /// Milliseconds left over to see a fed strike of a way; negative: so much earlier it has to be shown.
    public Optional<Double> timeToSeeMs(int way, Step feed) {
        return Reaction.timeToSeeMs(read.line(), played.ways().get(way), feed, context.rung(), context.bpm());
    }

    /// Reviews a line and tries mends.
    public static Review of(Read read, Context context) {
        return new Reviewing(context, read).review(Depth.MENDS);
    }

    /// Reviews a line without trying mends and without the reasons of its openings: what an offered mend is
    /// held against, and enough for counting and ranking.
    public static Review withoutMends(Read read, Context context) {
        return new Reviewing(context, read).review(Depth.FINDINGS);
    }

    /// Reviews a line with the reasons of its openings and without trying mends.
    public static Review withReasons(Read read, Context context) {
        return new Reviewing(context, read).review(Depth.REASONS);
    }

    /// Rules whose findings stay however a line goes on.
    private static final List<Rule> LASTING =
            List.of(new SameHand(), new AgainstRules(), new Unanswered(), new OutOfReach());

    /// Whether a way has a `stop` that stays however the line goes on: a hand with two jobs, what the rules
    /// forbid, a feed that nothing meets, a target out of reach.
    public static boolean hasLastingStop(Read read, PlayedWay way, Context context) {
        RuleInput input = RuleInput.bare(read, context, way);
        return LASTING.stream()
                .flatMap(rule -> rule.check(input).stream())
                .anyMatch(s -> severity(s, context).equals(Optional.of(Severity.STOP)));
    }

    /// How severe a hit is here; empty where it is not told under these rules.
    private static Optional<Severity> severity(RuleHit hit, Context context) {
        Optional<Severity> usual = context.severities().of(hit.code(), context.rules());
        return usual.isPresent() ? hit.instead().or(() -> usual) : usual;
    }

    /// How much is asked for.
    private enum Depth {
        FINDINGS,
        REASONS,
        MENDS
    }

    private record Reviewing(Context context, Read read) {

        Review review(Depth depth) {
            Played played = Play.of(read.line(), context.setting());
            Numbers numbers = played.numbers();
            List<Found> found = new ArrayList<>();
            Set<String> seen = new HashSet<>();
            List<Openings> openings = new ArrayList<>();
            for (PlayedWay way : played.ways()) {
                openings.add(openings(way, depth));
                look(new RuleInput(read, context, way, openings.getLast()), numbers, seen, found);
            }
            for (PlayedWay way : played.shortest()) {
                look(new RuleInput(read, context, way, openings(way, depth)), numbers, seen, found);
            }
            found.sort((a, b) -> {
                int bySeverity = a.finding.severity().compareTo(b.finding.severity());
                return bySeverity != 0
                        ? bySeverity
                        : Integer.compare(
                                a.finding.steps().getFirst(), b.finding.steps().getFirst());
            });
            List<Finding> bare = found.stream().map(Found::finding).toList();
            List<Finding> findings = depth == Depth.MENDS ? mended(played, found, bare) : bare;
            return new Review(
                    read, context, Notation.print(read.line()), played, openings, findings, Score.of(played, openings));
        }

        private List<Finding> mended(Played played, List<Found> found, List<Finding> bare) {
            List<Finding> mended = new ArrayList<>(bare);
            int steps = played.ways().stream().mapToInt(w -> w.steps().size()).sum();
            int most = steps > MANY_STEPS ? FEW_MENDED : MOST_MENDED;
            // Several findings try the same change.
            Map<String, List<Finding>> tried = new HashMap<>();
            SensibleMend sensible = SensibleMend.of(read.line(), context);
            for (int i = 0; i < Math.min(most, found.size()); i++) {
                mended.set(i, mended(found.get(i), bare, sensible, tried));
            }
            return mended;
        }

        private Openings openings(PlayedWay way, Depth depth) {
            return depth != Depth.FINDINGS
                    ? Openings.of(way, context.setting(), context.partner(), context.seenBefore())
                    : Openings.withoutCredits(way, context.setting(), context.partner(), context.seenBefore());
        }

        private void look(RuleInput input, Numbers numbers, Set<String> seen, List<Found> found) {
            List<Integer> ofWay = numbers.of(input.way());
            for (Rule rule : RULES) {
                for (RuleHit hit : rule.check(input)) {
                    Optional<Severity> severity = severity(hit, context);
                    if (severity.isEmpty()) {
                        continue;
                    }
                    Found one = found(hit, severity.get(), ofWay);
                    if (seen.add(hit.code() + " " + one.finding.steps())) {
                        found.add(one);
                    }
                }
            }
        }

        private record Found(Finding finding, RuleHit hit) {}

        private Found found(RuleHit hit, Severity severity, List<Integer> numbers) {
            List<Integer> steps = new ArrayList<>();
            List<Span> spans = new ArrayList<>();
            for (Step step : hit.steps()) {
                steps.add(numbers.get(step.index()));
                spans.add(step.placed().span());
            }
            return new Found(
                    new Finding(
                            hit.code(),
                            severity,
                            steps,
                            hit.steps().getFirst().placed().branch(),
                            Names.in(hit.text(), context.setting()),
                            spans,
                            Optional.empty()),
                    hit);
        }

        /// The finding with the candidate that changes least and holds: it can be read, has this finding less often,
        /// and no other one more often that is more than a note (J11).
        private Finding mended(
                Found found, List<Finding> before, SensibleMend sensible, Map<String, List<Finding>> tried) {
            Finding finding = found.finding;
            String original = Notation.print(read.line());
            Optional<String> mend = found.hit.mends().get().stream()
                    .map(text -> Notation.read(text, context.vocabulary()))
                    .filter(Read.class::isInstance)
                    .map(Read.class::cast)
                    .map(candidate -> MendCandidate.of(original, candidate))
                    .filter(candidate -> !candidate.repeats()
                            && !candidate.read().canonical().equals(original)
                            && sensible.allows(candidate.read().line(), context, finding.code()))
                    .sorted(Comparator.comparingInt(MendCandidate::changes))
                    .filter(candidate -> holds(finding.code(), before, findings(candidate.read(), tried)))
                    .findFirst()
                    .map(candidate -> candidate.read().canonical());
            return new Finding(
                    finding.code(),
                    finding.severity(),
                    finding.steps(),
                    finding.branch(),
                    finding.text(),
                    finding.spans(),
                    mend);
        }

        private List<Finding> findings(Read candidate, Map<String, List<Finding>> tried) {
            return tried.computeIfAbsent(
                    candidate.canonical(),
                    _ -> new Reviewing(context, candidate)
                            .review(Depth.FINDINGS)
                            .findings());
        }

        private static boolean holds(Code code, List<Finding> before, List<Finding> after) {
            Map<Code, Long> had = counts(before);
            Map<Code, Long> has = counts(after);
            Map<Code, Long> weighed = counts(
                    after.stream().filter(f -> f.severity() != Severity.NOTE).toList());
            Map<Code, Long> hadWeighed = counts(
                    before.stream().filter(f -> f.severity() != Severity.NOTE).toList());
            boolean nothingNew =
                    weighed.entrySet().stream().allMatch(e -> e.getValue() <= hadWeighed.getOrDefault(e.getKey(), 0L));
            long left = has.getOrDefault(code, 0L);
            return nothingNew && left < had.getOrDefault(code, 0L) && (code != Code.AGAINST_RULES || left == 0);
        }

        private static Map<Code, Long> counts(List<Finding> findings) {
            Map<Code, Long> counts = new EnumMap<>(Code.class);
            findings.forEach(f -> counts.merge(f.code(), 1L, Long::sum));
            return counts;
        }
    }
}
