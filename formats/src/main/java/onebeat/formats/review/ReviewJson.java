package onebeat.formats.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import onebeat.core.exchange.Level;
import onebeat.core.holding.Contact;
import onebeat.core.holding.PadPlan;
import onebeat.core.notation.Misread;
import onebeat.core.play.Played;
import onebeat.core.play.Step;
import onebeat.core.review.Finding;
import onebeat.core.review.Review;
import onebeat.core.timing.Link;
import onebeat.core.timing.Timing;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Writes a review as one JSON object on one line. Numbers are not rounded; what a step does not have is left out.
public final class ReviewJson {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private ReviewJson() {}

    /// The review at the tempo of its context.
    public static String of(Review review) {
        Played played = review.played();
        ObjectNode root = MAPPER.createObjectNode();
        root.put("line", review.canonical());
        root.put("beats", played.beats());
        tightest(played).ifPresent(tight -> {
            root.put("tempoCeiling", tight.link.ceilingBpm());
            ArrayNode link = root.putArray("ceilingLink");
            List<Integer> numbers = played.numbers().of(played.ways().get(tight.way));
            link.add(numbers.get(tight.link.from()));
            link.add(numbers.get(tight.link.to()));
        });
        ArrayNode steps = root.putArray("steps");
        played.numbered().forEach(numbered -> step(steps.addObject(), review, numbered));
        ArrayNode findings = root.putArray("findings");
        review.findings().forEach(finding -> finding(findings.addObject(), finding));
        pads(root, review);
        contact(root.putObject("contact"), review);
        root.put("exposure", review.exposure());
        return MAPPER.writeValueAsString(root);
    }

    /// A line that cannot be read, as `{"error": …}`.
    public static String of(Misread misread) {
        ObjectNode root = MAPPER.createObjectNode();
        ObjectNode error = root.putObject("error");
        error.put("at", misread.at());
        error.put("got", misread.got());
        error.put("expected", misread.expected());
        ArrayNode nearest = error.putArray("nearest");
        misread.nearest().forEach(nearest::add);
        return MAPPER.writeValueAsString(root);
    }

    private record Tight(int way, Link link) {}

    private static Optional<Tight> tightest(Played played) {
        Optional<Tight> best = Optional.empty();
        for (int w = 0; w < played.ways().size(); w++) {
            Optional<Link> link = Timing.ceiling(played.ways().get(w));
            if (link.isPresent()
                    && (best.isEmpty()
                            || link.get().ceilingBpm() < best.get().link.ceilingBpm())) {
                best = Optional.of(new Tight(w, link.get()));
            }
        }
        return best;
    }

    private static void step(ObjectNode node, Review review, Played.Numbered numbered) {
        Played played = review.played();
        Step step = numbered.step();
        node.put("i", numbered.number());
        node.put("branch", step.placed().branch());
        node.put("beat", step.beat().inBeats());
        node.put("ms", Timing.atMs(step.beat(), review.context().bpm()));
        node.put("who", word(step.who()));
        node.put("name", step.placed().technique().code());
        if (step.placed().act().level() != Level.NONE) {
            node.put("level", step.placed().act().level().word());
        }
        node.put("intent", word(step.placed().act().intent()));
        node.put("feint", step.placed().act().feint());
        node.put("stance", word(step.after().stance()));
        node.put("range", step.range().word());
        step.impact().filter(_ -> !step.placed().act().feint()).ifPresent(impact -> {
            node.put("power", impact.power());
            node.put("drive", impact.drive());
        });
        review.openings().get(numbered.way()).of(step).ifPresent(o -> {
            node.put("opening", o.value());
            node.put("effect", o.effect());
        });
        review.why(numbered.way(), step).ifPresent(why -> node.put("why", why));
        review.timeToSeeMs(numbered.way(), step).ifPresent(ms -> node.put("timeToSeeMs", ms));
        Timing.oneBeat(played.ways().get(numbered.way()), step).ifPresent(beats -> node.put("oneBeat", beats));
    }

    /// The targets of all steps that have one, branch after branch.
    private static void pads(ObjectNode root, Review review) {
        ArrayNode pads = root.putArray("pads");
        List<PadPlan> plans = new ArrayList<>();
        for (int way = 0; way < review.played().ways().size(); way++) {
            plans.add(review.plan(way));
        }
        for (Played.Numbered numbered : review.played().numbered()) {
            plans.get(numbered.way()).of(numbered.step().index()).ifPresent(pad -> {
                ObjectNode node = pads.addObject();
                node.put("i", numbered.number());
                node.put("hand", pad.hand().word());
                node.put("gear", pad.gear().word());
                node.put("height", pad.heightCm());
                node.put("angle", pad.angle());
                node.put("showMs", pad.showMs());
            });
        }
    }

    /// The account of one repetition; of a line with reads, along its first way.
    private static void contact(ObjectNode node, Review review) {
        Contact contact = Contact.of(review.played().ways().getFirst(), review.plan(0));
        node.put("pads", contact.pads());
        touches(node.putObject("partner"), contact.partner());
        touches(node.putObject("athlete"), contact.athlete());
    }

    private static void touches(ObjectNode node, Map<Level, Integer> touches) {
        for (Level level : Level.values()) {
            if (touches.containsKey(level)) {
                node.put(level.word(), touches.get(level));
            }
        }
    }

    private static void finding(ObjectNode node, Finding finding) {
        node.put("code", finding.code().name());
        node.put("severity", finding.severity().word());
        List<Integer> numbers = finding.steps();
        ArrayNode steps = node.putArray("steps");
        numbers.forEach(steps::add);
        node.put("branch", finding.branch());
        node.put("text", finding.text());
        finding.mended().ifPresent(line -> node.put("mended", line));
    }

    private static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }
}
