package onebeat.formats.cards;

import java.util.List;
import java.util.Optional;

/// One page in words.
///
/// @param under what stands below the title
/// @param line a call line, set large; may be empty
/// @param drawing for example the rope
/// @param before what has to be known first
/// @param rows what is done, in order
/// @param columns in how many columns the rows may stand
/// @param after what is told last
/// @param cautions what stands at the foot
public record Sheet(
        String title,
        String under,
        String line,
        Optional<Drawing> drawing,
        List<String> before,
        List<Row> rows,
        int columns,
        List<String> after,
        String cautions) {

    public Sheet {
        before = List.copyOf(before);
        rows = List.copyOf(rows);
        after = List.copyOf(after);
    }

    /// Whose row it is.
    public enum Whose {
        ATHLETE,
        PARTNER,
        BOTH
    }

    /// One row.
    ///
    /// @param mark what stands before it, for example a beat
    /// @param call the words that have to be read from afar
    /// @param detail how, in small; may be empty
    /// @param set how the words are set
    public record Row(String mark, String call, String detail, Whose whose, Set set) {

        /// A row that is called out.
        public Row(String mark, String call, String detail, Whose whose) {
            this(mark, call, detail, whose, Set.CALLED);
        }
    }

    /// How the words of a row are set: called out in capitals, as a call line, or told as a sentence.
    public enum Set {
        CALLED,
        LINE,
        TOLD
    }
}
