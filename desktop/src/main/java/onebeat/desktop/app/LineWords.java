package onebeat.desktop.app;

import onebeat.core.camp.Camp;
import onebeat.core.notation.Line;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.desktop.settings.Settings;

/// Says lines of a camp the way the coach wants them said.
public record LineWords(Settings settings, Camp camp) {

    /// A line in words.
    public String of(Line line) {
        return settings.wording(camp.setting()).of(line);
    }

    /// A line in words; one that cannot be read stays as it is written.
    public String of(String line) {
        return Notation.read(line, camp.vocabulary()) instanceof Read read ? of(read.line()) : line;
    }

    /// A line in words where the coach wants words first; else nothing.
    public String first(String line) {
        return settings.wordsFirst() ? of(line) : "";
    }
}
