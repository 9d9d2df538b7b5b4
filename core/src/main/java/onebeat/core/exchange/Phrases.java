package onebeat.core.exchange;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;

/// The phrases of one room of the program's vocabulary, with places `{0}`, `{1}` … for values; two single quotes stand
/// for one. Taken apart once, since a review says many of them with every key that is typed.
public final class Phrases {

    private final String name;
    private final Map<String, List<Part>> phrases;

    /// A piece of a phrase: words, or the place of a value.
    private sealed interface Part {
        record Words(String words) implements Part {}

        record Value(int index) implements Part {}
    }

    private Phrases(String name, Map<String, List<Part>> phrases) {
        this.name = name;
        this.phrases = Collections.unmodifiableMap(phrases);
    }

    private static final ResourceBundle VOCABULARY =
            ResourceBundle.getBundle("onebeat.core.vocabulary", Locale.ROOT, Phrases.class.getClassLoader());

    /// The phrases whose keys begin with the name of this room; they are asked for without it.
    public static Phrases of(String room) {
        Map<String, List<Part>> phrases = new HashMap<>();
        String prefix = room + ".";
        for (String key : VOCABULARY.keySet()) {
            if (key.startsWith(prefix)) {
                phrases.put(key.substring(prefix.length()), parts(VOCABULARY.getString(key)));
            }
        }
        return new Phrases(room, phrases);
    }

    private static List<Part> parts(String text) {
        List<Part> parts = new ArrayList<>();
        String rest = text.replace("''", "'");
        int open = rest.indexOf('{');
        while (open >= 0) {
            int close = rest.indexOf('}', open);
            parts.add(new Part.Words(rest.substring(0, open)));
            parts.add(new Part.Value(Integer.parseInt(rest.substring(open + 1, close))));
            rest = rest.substring(close + 1);
            open = rest.indexOf('{');
        }
        parts.add(new Part.Words(rest));
        return List.copyOf(parts);
    }

    /// Whether there is a phrase of this key.
    public boolean has(String key) {
        return phrases.containsKey(key);
    }

    /// The phrase of this key with the values in their places.
    ///
    /// @throws IllegalStateException if there is none or it has more places than values: a fault of the build
    public String say(String key, Object... values) {
        List<Part> parts = phrases.get(key);
        if (parts == null) {
            throw new IllegalStateException(name + " has no phrase " + key);
        }
        StringBuilder said = new StringBuilder();
        for (Part part : parts) {
            switch (part) {
                case Part.Words(String words) -> said.append(words);
                case Part.Value(int index) when index < values.length -> said.append(values[index]);
                case Part.Value(int index) -> throw new IllegalStateException(key + " has no value " + index);
            }
        }
        return said.toString();
    }
}
