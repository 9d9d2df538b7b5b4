package onebeat.desktop.app;

import onebeat.core.camp.Camp;
import onebeat.core.notation.Line;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.wording.Wording;
import onebeat.desktop.settings.Settings;

/// Says lines of a camp the way the coach wants them said.
///
/// @param onFilm whether the other is the opponent on film, and not who is there tonight
public record LineWords(Settings settings, Camp camp, boolean onFilm) {

    /// A line in words.
    public String of(Line line) {
        return wording().of(line);
    }

    private Wording wording() {
        return settings.wording(camp.card().athlete(), onFilm ? camp.card().opponent() : camp.across());
    }

    /// A line in words; one that cannot be read stays as it is written.
    public String of(String line) {
        return Notation.read(line, camp.vocabulary()) instanceof Read read ? of(read.line()) : line;
    }

    /// A line the way it comes first: in words, or as it is written.
    public String preferred(String line) {
        return settings.wordsFirst() ? of(line) : line;
    }

    /// A line in words where the coach wants words first; else nothing.
    public String first(String line) {
        return settings.wordsFirst() ? of(line) : "";
    }
}
