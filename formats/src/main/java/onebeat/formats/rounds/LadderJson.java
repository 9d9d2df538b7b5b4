package onebeat.formats.rounds;

import onebeat.core.ladder.Ladder;
import onebeat.core.ladder.Stage;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Writes a ladder as one JSON object: `{steps [{step, line, tempo, difficulty}]}`.
public final class LadderJson {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private LadderJson() {}

    public static String of(Ladder ladder) {
        ObjectNode root = MAPPER.createObjectNode();
        ArrayNode list = root.putArray("steps");
        for (Stage stage : ladder.stages()) {
            ObjectNode node = list.addObject();
            node.put("step", stage.rung().id());
            node.put("line", stage.line());
            node.put("tempo", stage.bpm());
            node.put("difficulty", stage.difficulty());
        }
        return MAPPER.writeValueAsString(root);
    }
}
