package onebeat.formats.film;

import onebeat.core.film.Answer;
import onebeat.core.film.Found;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Writes what the finder found as one JSON object: `{looked, skipped, answers [{line, score, power,
/// opening, exposure, oneBeat, taught, reasons}]}`. Without a feed there is no `oneBeat`, and only lines for a
/// weapon have `reasons`.
public final class FoundJson {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private FoundJson() {}

    public static String of(Found found) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("looked", found.looked());
        root.put("skipped", found.skipped());
        ArrayNode answers = root.putArray("answers");
        for (Answer answer : found.answers()) {
            ObjectNode node = answers.addObject();
            node.put("line", answer.line());
            node.put("score", answer.value().score());
            node.put("power", answer.value().power());
            node.put("effect", answer.value().effect());
            node.put("opening", answer.value().opening());
            node.put("exposure", answer.value().exposure());
            answer.value().oneBeat().ifPresent(beats -> node.put("oneBeat", beats));
            if (answer.taught()) {
                node.put("taught", true);
            }
            if (!answer.reasons().isEmpty()) {
                ArrayNode reasons = node.putArray("reasons");
                answer.reasons().forEach(reasons::add);
            }
        }
        return MAPPER.writeValueAsString(root);
    }
}
