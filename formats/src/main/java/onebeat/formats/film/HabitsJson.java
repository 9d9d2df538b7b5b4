package onebeat.formats.film;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import onebeat.core.film.FollowUps.After;
import onebeat.core.film.FollowUps.FollowUp;
import onebeat.core.film.Habit;
import onebeat.core.film.Runs;
import onebeat.core.film.Share;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Writes habits as one JSON object: `{exchanges, rejected [{line, column, reason}], habits [{stimulus,
/// response, n, of, share, low, high, contexts {…}, change {early, late, p}}], runs [{stimuli, response, n, of, share,
/// low, high}]}`; contexts, change and runs where they are asked for and the counts allow them.
public final class HabitsJson {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    /// What is told beyond the counts.
    public interface HabitDetail {

        /// The habit looked at closely, where there are sightings.
        Optional<Habit> habit(String stimulus, String response);

        /// The context to split by; empty for none.
        String by();

        /// The runs asked for.
        List<Runs> runs();
    }

    private HabitsJson() {}

    public static String of(FilmCsv.Film film, List<After> habits, HabitDetail detail) {
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
                share(node, next.share());
                detail.habit(after.stimulus(), next.response())
                        .ifPresent(habit -> writeDetail(node, habit, detail.by()));
            }
        }
        if (!detail.runs().isEmpty()) {
            ArrayNode runs = root.putArray("runs");
            for (Runs run : detail.runs()) {
                ObjectNode node = runs.addObject();
                ArrayNode stimuli = node.putArray("stimuli");
                run.stimuli().forEach(stimuli::add);
                node.put("response", run.response());
                share(node, run.share());
            }
        }
        return MAPPER.writeValueAsString(root);
    }

    private static void share(ObjectNode node, Share share) {
        node.put("n", share.n());
        node.put("of", share.of());
        node.put("share", share.share());
        node.put("low", share.low());
        node.put("high", share.high());
    }

    private static void writeDetail(ObjectNode node, Habit habit, String by) {
        if (!by.isEmpty()) {
            ObjectNode contexts = node.putObject("contexts");
            habit.contexts().forEach((name, share) -> {
                if (name.startsWith(by + " ")) {
                    share(contexts.putObject(name.substring(by.length() + 1).toLowerCase(Locale.ROOT)), share);
                }
            });
        }
        habit.change().ifPresent(change -> {
            ObjectNode told = node.putObject("change");
            share(told.putObject("early"), change.here());
            share(told.putObject("late"), change.there());
            told.put("p", change.p());
        });
    }
}
