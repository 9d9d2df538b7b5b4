package onebeat.formats.film;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongPredicate;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.core.notation.Vocabulary;
import onebeat.core.program.ProgramVersion;
import onebeat.formats.film.FilmCsv.Film;
import onebeat.formats.film.FilmCsv.Rejected;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Film as one JSON object, `{exchanges [{…}]}`, each exchange with the columns of [FilmCsv] as its keys.
public final class FilmJson {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private FilmJson() {}

    /// Writes exchanges.
    ///
    /// @param reels what is known of their reels
    public static String write(Collection<Exchange> exchanges, ReelTable reels) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("program", ProgramVersion.program());
        ArrayNode list = root.putArray("exchanges");
        for (Exchange exchange : exchanges) {
            ObjectNode node = list.addObject();
            List<String> cells = FilmCsv.cells(exchange, reels);
            for (int i = 0; i < cells.size(); i++) {
                node.put(FilmCsv.COLUMNS.get(i), cells.get(i));
            }
            node.put("time_s", exchange.timeS());
            node.put("round", exchange.round());
            for (String number : List.of("film_s", "round_s", "contact_s")) {
                if (!node.path(number).asString().isEmpty()) {
                    node.put(number, Double.parseDouble(node.path(number).asString()));
                }
            }
        }
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    }

    /// Reads exchanges; those that cannot be read are told by their number in the list, from 1.
    ///
    /// @param goesOn told the number of exchanges read so far; where it answers no, reading ends there
    /// @return empty where the text is no such object
    public static Optional<Film> read(String text, Vocabulary vocabulary, LongPredicate goesOn) {
        JsonNode list;
        try {
            list = MAPPER.readTree(text).path("exchanges");
        } catch (JacksonException _) {
            return Optional.empty();
        }
        if (!list.isArray()) {
            return Optional.empty();
        }
        List<Exchange> exchanges = new ArrayList<>();
        List<Rejected> rejected = new ArrayList<>();
        Map<String, Reel> reels = new LinkedHashMap<>();
        long number = 0;
        for (JsonNode node : list) {
            number++;
            try {
                FilmRow cells = new FilmRow(column -> cell(node, column), vocabulary);
                Exchange read = cells.exchange("x" + (exchanges.size() + 1));
                if (!reels.containsKey(read.reelId())) {
                    cells.reel().ifPresent(reel -> reels.put(reel.id(), reel));
                }
                exchanges.add(read);
            } catch (FilmRow.Rejection rejection) {
                rejected.add(rejection.at(number));
            }
            if (!goesOn.test(number)) {
                break;
            }
        }
        return Optional.of(new Film(exchanges, rejected, List.copyOf(reels.values())));
    }

    private static Optional<String> cell(JsonNode node, String column) {
        JsonNode cell = node.path(column);
        return cell.isValueNode() ? Optional.of(cell.asString()) : Optional.empty();
    }
}
