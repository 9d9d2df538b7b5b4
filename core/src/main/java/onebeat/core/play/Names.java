package onebeat.core.play;

/// Puts the two by name into a sentence: `[athlete]`, `[partner]`, and `[Athlete]`, `[Partner]` where the sentence
/// begins. Nobody's gender is guessed.
public final class Names {

    private Names() {}

    /// The sentence with the names of these two.
    public static String in(String sentence, Setting setting) {
        String named = sentence;
        for (Who who : Who.values()) {
            String place = who == Who.ATHLETE ? "athlete" : "partner";
            String name = of(setting, who);
            named = named.replace("[" + place + "]", name).replace("[" + capital(place) + "]", capital(name));
        }
        return named;
    }

    /// What one of the two is called in a sentence: by name, or `the athlete`, `the partner` where nothing is said.
    public static String of(Setting setting, Who who) {
        String name = setting.fighter(who).name();
        boolean unsaid = name.isBlank() || name.equals("athlete") || name.equals("partner");
        return unsaid ? (who == Who.ATHLETE ? "the athlete" : "the partner") : name;
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
