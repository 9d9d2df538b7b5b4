package onebeat.formats.plan;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.holding.Partner;
import onebeat.core.plan.LadderForecast;
import onebeat.core.plan.PlanLine;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlanReasons;
import onebeat.core.plan.PlanWords;
import onebeat.core.plan.PlannedDay;
import onebeat.core.plan.PlannedDay.DayRound;
import onebeat.core.plan.PlannedRound;
import onebeat.core.plan.SolvedPlan;
import onebeat.core.program.ProgramVersion;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Writes a plan as one JSON object: `{camp, value, bound, gap, proven, by, sessions [{date, minutes, effort, load,
/// rounds [{line, name, step, partner, minutes, contact, why [..]}]}], weeks [{from, load, monotony, strain}],
/// conflicts [{rules [..], loosen [..], text}]}`. Minutes of a round are without its rest; contact is whether
/// somebody is touched otherwise than on pads; what is not known is null.
public final class PlanJson {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final double SECONDS_PER_MINUTE = 60;

    private final Camp camp;
    private final PlanProblem problem;
    private final SolvedPlan solved;
    private final Map<PlannedRound, PlanReasons> reasons;

    private PlanJson(Camp camp, PlanProblem problem, SolvedPlan solved) {
        this.camp = camp;
        this.problem = problem;
        this.solved = solved;
        reasons = PlanReasons.all(problem, solved.plan());
    }

    /// The plan of a camp.
    public static String of(Camp camp, PlanProblem problem, SolvedPlan solved) {
        return MAPPER.writeValueAsString(new PlanJson(camp, problem, solved).root());
    }

    private ObjectNode root() {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("program", ProgramVersion.program());
        root.put("camp", camp.card().name());
        root.put("value", solved.value());
        put(root, "bound", solved.bound());
        put(root, "gap", solved.gap());
        root.put("proven", solved.isProven());
        root.put("by", solved.by() == SolvedPlan.By.SOLVER ? "solver" : "filling");
        List<PlannedDay> days = PlannedDay.of(problem, solved.plan());
        ArrayNode sessions = root.putArray("sessions");
        days.forEach(day -> session(sessions.addObject(), day));
        ArrayNode weeks = root.putArray("weeks");
        PlannedDay.weeks(problem, days).forEach((from, load) -> {
            ObjectNode week = weeks.addObject();
            week.put("from", from.toString());
            week.put("load", load.load());
            put(week, "monotony", load.monotony());
            put(week, "strain", load.strain());
        });
        ArrayNode forecast = root.putArray("forecast");
        LadderForecast.of(camp, problem, solved.plan()).forEach(line -> forecast(forecast.addObject(), line));
        ArrayNode conflicts = root.putArray("conflicts");
        solved.conflicts().forEach(conflict -> {
            ObjectNode node = conflicts.addObject();
            ArrayNode rules = node.putArray("rules");
            conflict.rules().stream().sorted().forEach(rule -> rules.add(rule.name()));
            ArrayNode loosen = node.putArray("loosen");
            conflict.loosen().stream().sorted().forEach(rule -> loosen.add(rule.name()));
            node.put("text", PlanWords.of(conflict));
        });
        return root;
    }

    private void session(ObjectNode node, PlannedDay day) {
        node.put("date", day.date().toString());
        node.put("minutes", day.minutes());
        node.put("effort", day.effort());
        node.put("load", day.load());
        ArrayNode rounds = node.putArray("rounds");
        for (DayRound one : day.rounds()) {
            PlanLine line = problem.lines().get(one.round().line());
            ObjectNode round = rounds.addObject();
            round.put("line", camp.drills().get(line.drill()).map(Drill::line).orElse(""));
            round.put("name", name(line.drill()));
            round.put("step", one.rung().id());
            round.put("partner", partner(one.round().partner()));
            round.put("minutes", problem.clock().workS() / SECONDS_PER_MINUTE);
            round.put("contact", line.contact());
            round.put("head", line.head());
            round.put("holderHead", line.holderHead());
            ArrayNode why = round.putArray("why");
            PlanReasons of = reasons.get(one.round());
            if (of != null) {
                PlanWords.why(problem, of, this::name).forEach(why::add);
            }
        }
    }

    /// How a line climbs, as a band.
    private void forecast(ObjectNode node, LadderForecast line) {
        String drill = problem.lines().get(line.line()).drill();
        node.put("line", camp.drills().get(drill).map(Drill::line).orElse(""));
        node.put("name", name(drill));
        ArrayNode points = node.putArray("points");
        for (LadderForecast.Point point : line.points()) {
            ObjectNode one = points.addObject();
            one.put("date", problem.days().get(point.day()).date().toString());
            one.put("rounds", point.rounds());
            one.put("slow", point.slow().id());
            one.put("likely", point.likely().id());
            one.put("quick", point.quick().id());
        }
    }

    private String name(String drill) {
        return camp.drills().get(drill).map(Drill::name).orElse(drill);
    }

    private String partner(int number) {
        String id = problem.partners().get(number);
        return camp.partners().get(id).map(Partner::name).orElse(id);
    }

    private static void put(ObjectNode node, String key, OptionalDouble value) {
        if (value.isPresent()) {
            node.put(key, value.getAsDouble());
        } else {
            node.putNull(key);
        }
    }
}
