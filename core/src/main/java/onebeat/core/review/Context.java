package onebeat.core.review;

import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Setting;

/// What a line is reviewed against: who stands there, the names in use and the coach's severities.
public record Context(Setting setting, Vocabulary vocabulary, Severities severities) {

    /// Two of usual build in orthodox stance, the catalogue and the default severities.
    public static Context usual() {
        return of(Setting.usual());
    }

    /// The catalogue and the default severities for these two.
    public static Context of(Setting setting) {
        return new Context(setting, Vocabulary.standard(), Severities.usual());
    }
}
