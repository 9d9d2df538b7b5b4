package onebeat.formats.film;

import java.util.List;
import onebeat.core.film.FollowUps.After;
import onebeat.core.film.FollowUps.FollowUp;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Writes habits as one JSON object: `{exchanges, rejected [{line, column, reason}], habits [{stimulus,
/// response, n, of, share, low, high}]}`.
public final class HabitsJson {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private HabitsJson() {}

    public static String of(FilmCsv.Film film, List<After> habits) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("exchanges", film.exchanges().size());
        ArrayNode rejected = root.putArray("rejected");
        for (FilmCsv.Rejected row : film.rejected()) {
            ObjectNode node = rejected.addObject();
            node.put("line", row.line());
            node.put("column", row.column());
            node.put("reason", row.reason());
        }
        ArrayNode list = root.putArray("habits");
        for (After after : habits) {
            for (FollowUp next : after.responses()) {
                ObjectNode node = list.addObject();
                node.put("stimulus", after.stimulus());
                node.put("response", next.response());
                node.put("n", next.share().n());
                node.put("of", next.share().of());
                node.put("share", next.share().share());
                node.put("low", next.share().low());
                node.put("high", next.share().high());
            }
        }
        return MAPPER.writeValueAsString(root);
    }
}
