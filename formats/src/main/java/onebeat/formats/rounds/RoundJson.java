package onebeat.formats.rounds;

import onebeat.core.rounds.Event;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Schedule.Stretch;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Writes a round as one JSON object, `{repetitions, events [{ms, kind, who, text, beat}]}`, with
/// milliseconds from the opening bell.
public final class RoundJson {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private RoundJson() {}

    /// A round of a schedule.
    ///
    /// @param round from 0
    public static String of(Schedule schedule, int round) {
        Stretch stretch = schedule.rounds().get(round);
        ObjectNode root = MAPPER.createObjectNode();
        root.put("repetitions", stretch.repetitions());
        ArrayNode list = root.putArray("events");
        for (Event event : schedule.events()) {
            if (event.round() == round) {
                ObjectNode node = list.addObject();
                node.put("ms", event.ms() - stretch.startMs());
                node.put("kind", event.kind().word());
                node.put("who", who(event));
                node.put("text", event.text());
                node.put("beat", event.beat());
            }
        }
        return MAPPER.writeValueAsString(root);
    }

    private static String who(Event event) {
        return switch (event.kind()) {
            case CUE -> "partner";
            case CALL, CLICK -> "athlete";
            case BELL, BURST, LAST_MINUTE, LAST_TEN, END -> "both";
        };
    }
}
