package onebeat.cli;

import java.util.Map;
import onebeat.core.notation.Misread;
import onebeat.formats.review.ReviewJson;
import picocli.CommandLine.Model.CommandSpec;
import tools.jackson.databind.json.JsonMapper;

/// Tells what is wrong with a line. A batch keeps one answer a line, in order, so there it stands among the answers;
/// alone it goes where errors go, and as JSON to the answers as well.
final class LineErrors {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private final CommandSpec spec;
    private final boolean json;
    private final boolean isBatch;

    /// @param given the word that was given for the line
    LineErrors(CommandSpec spec, boolean json, String given) {
        this.spec = spec;
        this.json = json;
        this.isBatch = given.equals(StandardLines.STANDARD_INPUT);
    }

    /// The line cannot be read.
    void tell(Misread misread) {
        tell(misread.sentence(), ReviewJson.of(misread));
    }

    /// Something else is wrong with it.
    void tell(String sentence) {
        tell(sentence, MAPPER.writeValueAsString(Map.of("error", sentence)));
    }

    private void tell(String sentence, String asJson) {
        if (!isBatch) {
            spec.commandLine().getErr().println(sentence);
        }
        if (isBatch || json) {
            spec.commandLine().getOut().println(json ? asJson : sentence);
        }
    }
}
