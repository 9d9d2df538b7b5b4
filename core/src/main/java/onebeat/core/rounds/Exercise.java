package onebeat.core.rounds;

import java.util.List;
import onebeat.core.exchange.Table;

/// Something that is done between the rounds.
///
/// @param seconds how long, as it stands in the table; in a block of another length it takes its share
/// @param easier how it is done by one who cannot do it so yet, or must spare something
/// @param harder how it is done by one for whom it is too little
public record Exercise(Block.Kind kind, String name, int seconds, String easier, String harder) {

    private static final List<Exercise> ALL = Table.rows(Exercise.class, "exercises.csv").stream()
            .map(row -> new Exercise(
                    Block.Kind.of(row.get("block")).orElseThrow(),
                    row.get("name"),
                    Integer.parseInt(row.get("seconds")),
                    row.get("easier"),
                    row.get("harder")))
            .toList();

    /// The exercises of a kind of block, in order, fitted to its length.
    static List<Exercise> of(Block.Kind kind, int seconds) {
        List<Exercise> usual = ALL.stream().filter(e -> e.kind == kind).toList();
        int whole = usual.stream().mapToInt(Exercise::seconds).sum();
        return usual.stream()
                .map(e -> new Exercise(kind, e.name, e.seconds * seconds / Math.max(1, whole), e.easier, e.harder))
                .toList();
    }
}
