package onebeat.formats.review;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import onebeat.core.exchange.Level;
import onebeat.core.notation.Misread;
import onebeat.core.play.Played;
import onebeat.core.play.PlayedWay;
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

    /// The review at a tempo in beats a minute.
    public static String of(Review review, double bpm) {
        Played played = review.played();
        ObjectNode root = MAPPER.createObjectNode();
        root.put("line", review.canonical());
        root.put("beats", played.beats());
        tightest(played).ifPresent(tight -> {
            root.put("tempoCeiling", tight.link.ceilingBpm());
            ArrayNode link = root.putArray("ceilingLink");
            Map<String, Integer> numbers = played.numbers();
            PlayedWay way = played.ways().get(tight.way);
            link.add(Played.numberOf(way.steps().get(tight.link.from()), numbers));
            link.add(Played.numberOf(way.steps().get(tight.link.to()), numbers));
        });
        ArrayNode steps = root.putArray("steps");
        played.numbered().forEach(numbered -> step(steps.addObject(), played, numbered, bpm));
        ArrayNode findings = root.putArray("findings");
        review.findings().forEach(finding -> finding(findings.addObject(), finding));
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

    private static void step(ObjectNode node, Played played, Played.Numbered numbered, double bpm) {
        Step step = numbered.step();
        node.put("i", numbered.number());
        node.put("branch", step.placed().branch());
        node.put("beat", step.beat().inBeats());
        node.put("ms", Timing.atMs(step.beat(), bpm));
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
        Timing.oneBeat(played.ways().get(numbered.way()), step).ifPresent(beats -> node.put("oneBeat", beats));
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
