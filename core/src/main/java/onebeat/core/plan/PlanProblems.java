package onebeat.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Filling;
import onebeat.core.camp.Proposals;
import onebeat.core.exchange.Level;
import onebeat.core.holding.Contact;
import onebeat.core.holding.Holding;
import onebeat.core.holding.Partner;
import onebeat.core.ladder.Prerequisites;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Play;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.rounds.Scheme;
import onebeat.core.rounds.Session;
import onebeat.core.timing.Rung;

/// Sees a camp as a question for a plan.
public final class PlanProblems {

    private static final int SECONDS_PER_MINUTE = 60;
    private static final int PERCENT = 100;

    /// Beats between two repetitions of a round, as a new round has them.
    private static final int USUAL_GAP = 4;

    /// Longer than this no camp is planned, in days.
    public static final int MOST_DAYS = 112;

    private final Camp camp;
    private final PlanRules rules;
    private final LocalDate from;
    private final Map<String, Integer> fightPlan;
    private final List<Drill> drills = new ArrayList<>();
    private final List<Read> reads = new ArrayList<>();
    private final List<Partner> partners;

    private PlanProblems(Camp camp, PlanRules rules, LocalDate from, Map<String, Integer> fightPlan) {
        this.camp = camp;
        this.rules = rules;
        this.from = from;
        this.fightPlan = fightPlan;
        partners = List.copyOf(camp.partners().all());
        for (Drill drill : camp.drills().all()) {
            if (Notation.read(drill.line(), camp.vocabulary()) instanceof Read read) {
                drills.add(drill);
                reads.add(read);
            }
        }
    }

    /// The question of a camp's days from one on.
    ///
    /// @param fightPlan for each drill that trains one the number of its plan, as [FightPlanPlaces] tells
    public static PlanProblem of(Camp camp, PlanRules rules, LocalDate from, Map<String, Integer> fightPlan) {
        PlanProblems made = new PlanProblems(camp, rules, from, fightPlan);
        List<TrainingDay> days = made.days();
        List<String> holders = made.partners.stream().map(Partner::id).toList();
        return new PlanProblem(
                camp.card().fightNight(),
                days,
                days.stream().map(made::room).toList(),
                new PlanProblem.RoundClock(made.scheme().workS(), made.scheme().restS()),
                made.lines(),
                holders,
                rules,
                HeldElsewhere.counted(camp, days, holders),
                CampPlan.EMPTY,
                Set.of());
    }

    private List<TrainingDay> days() {
        Set<String> all = partners.stream().map(Partner::id).collect(Collectors.toSet());
        List<TrainingDay> days = new ArrayList<>();
        LocalDate last = camp.card().fightNight();
        for (LocalDate day = from; day.isBefore(last) && days.size() < MOST_DAYS; day = day.plusDays(1)) {
            PlanRules.Time time = rules.on(day);
            days.add(new TrainingDay(day, time.minutes(), time.partners().orElse(all)));
        }
        return days;
    }

    /// How many rounds with their rests fit into a day's minutes.
    private int room(TrainingDay day) {
        Scheme scheme = scheme();
        int seconds = day.minutes() * SECONDS_PER_MINUTE * rules.value(HardRule.TIME) / PERCENT + scheme.restS();
        return Math.clamp(seconds / (scheme.workS() + scheme.restS()), 0, Session.MOST_LAID_OUT);
    }

    private Scheme scheme() {
        return camp.sessions().all().stream()
                .reduce((_, later) -> later)
                .map(Session::scheme)
                .orElseGet(Scheme::usual);
    }

    private List<PlanLine> lines() {
        LadderPace pace = LadderPace.of(camp);
        List<PlanLine> lines = new ArrayList<>();
        for (int i = 0; i < drills.size(); i++) {
            lines.add(line(i, pace));
        }
        return lines;
    }

    private PlanLine line(int number, LadderPace pace) {
        Drill drill = drills.get(number);
        Rung at = Proposals.of(camp, drill).map(next -> next.rung()).orElse(drill.rung());
        List<Integer> ends = pace.ends(at);
        boolean begun = camp.runsOf("").stream().anyMatch(run -> run.drillId().equals(drill.id()));
        Contact round = contact(number);
        boolean touches = round.onPartner() > 0
                || round.athlete().values().stream().mapToInt(Integer::intValue).sum() > 0;
        return new PlanLine(
                drill.id(),
                fightPlan.getOrDefault(drill.id(), 0),
                at,
                ends,
                begun,
                after(number),
                until(number, at, ends),
                round.athlete().getOrDefault(Level.HEAD, 0),
                round.partner().getOrDefault(Level.HEAD, 0),
                touches);
    }

    /// Lines that stand in this one and were never done, or stand below `tempo`.
    private Set<Integer> after(int number) {
        Set<Integer> before = new HashSet<>();
        for (int other = 0; other < reads.size(); other++) {
            if (other != number
                    && Prerequisites.isBefore(
                            reads.get(other).line(), reads.get(number).line())) {
                before.add(other);
            }
        }
        return before;
    }

    private Map<Integer, Integer> until(int number, Rung at, List<Integer> ends) {
        Map<Integer, Integer> until = new HashMap<>();
        for (int p = 0; p < partners.size(); p++) {
            Partner partner = partners.get(p);
            int climbs = List.of(Rung.values()).indexOf(partner.upTo())
                    - List.of(Rung.values()).indexOf(at);
            if (climbs >= 0 && holds(reads.get(number), partner)) {
                until.put(p, climbs < ends.size() ? ends.get(climbs) : Integer.MAX_VALUE);
            }
        }
        return until;
    }

    private boolean holds(Read read, Partner partner) {
        Camp with = new Edit.OfCard(camp.card(), camp.card().withPartner(partner.id())).applyTo(camp);
        return Filling.feeds(with, read) && Filling.holds(with, read);
    }

    /// What touches whom in a round of a line.
    private Contact contact(int number) {
        Setting setting = camp.setting();
        PlayedWay way = Play.of(reads.get(number).line(), setting).ways().getFirst();
        int bpm = drills.get(number).bpm();
        Contact once = Contact.of(way, Holding.plan(way, setting, camp.holder(), bpm));
        double beats = way.way().beats() + USUAL_GAP;
        int repetitions = (int) Math.max(1, Math.floor(scheme().workS() * (bpm / (double) SECONDS_PER_MINUTE) / beats));
        return once.times(repetitions);
    }

    /// The plan that there was, in the days and lines of another question; what it has no place for is left out.
    public static CampPlan moved(CampPlan plan, PlanProblem from, PlanProblem to) {
        List<PlannedRound> rounds = new ArrayList<>();
        for (PlannedRound round : plan.rounds()) {
            int day = to.day(from.days().get(round.day()).date());
            int line = to.line(from.lines().get(round.line()).drill());
            int partner = to.partners().indexOf(from.partners().get(round.partner()));
            if (day >= 0 && line >= 0 && partner >= 0) {
                rounds.add(new PlannedRound(day, line, partner));
            }
        }
        return new CampPlan(rounds);
    }
}
