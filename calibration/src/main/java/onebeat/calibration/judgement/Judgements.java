package onebeat.calibration.judgement;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import onebeat.calibration.judgement.Judgement.Claim;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// Reads judgements: JSON, one object a line.
///
/// | kind | keys |
/// |---|---|
/// | `finding`, `pads` | `line`; `must`, `mustnot`: codes of findings (a list in `must`: one of them); `nostop`;
/// `mended_must`, `mended_mustnot`, `text_must`, `text_mustnot`: words of the mended line or of the sentence, by code,
/// `*` any; `why_mustnot`; `facts`: what the holder shows |
/// | `order` | `quantity` (opening, effect, power, exposure, score, tempoCeiling); `better`, `worse`: a line, and a
/// step whose last counts; `least`: by more than this |
/// | `find` | `feed`; `any`: beginnings of an answer, one of them among the `first`; `never_first` |
/// | `for` | `weapon`; `any`: parts of a line, one of them among the `first` |
/// | `ladder` | `line`; `must`, `mustnot`: parts of "step: line$" |
/// | `parse` | `text` as it is said; `line` as it must be read |
///
/// `against` says who stands there, with the names of the options of `onebeat check` and `find`.
public final class Judgements {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private Judgements() {}

    /// Those that ship with the program's source.
    public static List<Judgement> shipped() {
        InputStream stream = Judgements.class.getResourceAsStream("judgements.jsonl");
        if (stream == null) {
            throw new IllegalStateException("no judgements.jsonl");
        }
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(stream, StandardCharsets.UTF_8))) {
            return read(lines.lines());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /// Those of a file.
    public static List<Judgement> of(Path file) throws IOException {
        try (Stream<String> lines = Files.lines(file)) {
            return read(lines);
        }
    }

    private static List<Judgement> read(Stream<String> lines) {
        return lines.filter(line -> !line.isBlank())
                .map(line -> judgement(MAPPER.readTree(line)))
                .toList();
    }

    private static Judgement judgement(JsonNode row) {
        String kind = row.path("kind").asString();
        return new Judgement(
                row.path("id").asString(),
                kind,
                what(row, kind),
                row.path("why").asString(),
                row.path("school").asBoolean(false),
                claim(row, kind));
    }

    private static String what(JsonNode row, String kind) {
        return switch (kind) {
            case "order" ->
                row.path("better").path("line").asString() + " over "
                        + row.path("worse").path("line").asString();
            case "find" -> row.path("feed").asString();
            case "for" -> "for " + row.path("weapon").asString();
            case "parse" -> row.path("text").asString();
            default -> row.path("line").asString();
        };
    }

    private static Claim claim(JsonNode row, String kind) {
        Against against = new Against(row.path("against"));
        return switch (kind) {
            case "finding", "pads" -> new FindingClaim(row, against);
            case "order" ->
                new OrderClaim(
                        Quantity.of(row.path("quantity").asString()),
                        side(row.path("better")),
                        side(row.path("worse")),
                        row.path("least").asDouble(0));
            case "find" ->
                new AnswersClaim(
                        row.path("feed").asString(),
                        against,
                        words(row.path("any")),
                        words(row.path("never_first")),
                        row.path("first").asInt(5));
            case "for" ->
                new WeaponClaim(
                        row.path("weapon").asString(),
                        against,
                        words(row.path("any")),
                        row.path("first").asInt(5));
            case "ladder" ->
                new LadderClaim(
                        row.path("line").asString(), against, words(row.path("must")), words(row.path("mustnot")));
            case "parse" ->
                new WordsClaim(row.path("text").asString(), row.path("line").asString(), against);
            default -> throw new IllegalArgumentException("There is no kind of judgement " + kind);
        };
    }

    private static OrderClaim.Side side(JsonNode node) {
        return new OrderClaim.Side(
                node.path("line").asString(), node.path("step").asString(""), new Against(node.path("against")));
    }

    static List<String> words(JsonNode list) {
        List<String> words = new ArrayList<>();
        list.forEach(word -> words.add(word.asString()));
        return words;
    }
}
