package onebeat.desktop.settings;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Fighter;
import onebeat.core.wording.Scheme;
import onebeat.core.wording.Wording;
import onebeat.desktop.command.OwnKeys;

/// What holds for all camps.
///
/// @param scheme how strikes are called in words
/// @param ownWords the coach's own words for techniques, by their shorthand
/// @param textPercent the size of letters, 100 to 200, in steps of 25
/// @param wordsFirst whether lines stand in words with the shorthand small, or the other way
/// @param still whether nothing moves by itself: drawings change at once instead of easing over
/// @param ownKeys the coach's keys, clicker and pedal
public record Settings(
        Scheme scheme,
        Map<String, String> ownWords,
        int textPercent,
        boolean wordsFirst,
        boolean still,
        OwnKeys ownKeys) {

    public static final int LEAST_TEXT = 100;
    public static final int MOST_TEXT = 200;
    public static final int TEXT_STEP = 25;

    public static final Settings USUAL =
            new Settings(Scheme.LEFT_RIGHT, Map.of(), LEAST_TEXT, true, false, OwnKeys.NONE);

    public Settings {
        ownWords = Map.copyOf(ownWords);
        textPercent = Math.clamp(textPercent, LEAST_TEXT, MOST_TEXT);
    }

    public Settings with(Scheme changed) {
        return new Settings(changed, ownWords, textPercent, wordsFirst, still, ownKeys);
    }

    public Settings withWords(Map<String, String> changed) {
        return new Settings(scheme, changed, textPercent, wordsFirst, still, ownKeys);
    }

    public Settings withText(int percent) {
        return new Settings(scheme, ownWords, percent, wordsFirst, still, ownKeys);
    }

    public Settings withWordsFirst(boolean words) {
        return new Settings(scheme, ownWords, textPercent, words, still, ownKeys);
    }

    public Settings withStill(boolean nothingMoves) {
        return new Settings(scheme, ownWords, textPercent, wordsFirst, nothingMoves, ownKeys);
    }

    public Settings with(OwnKeys keys) {
        return new Settings(scheme, ownWords, textPercent, wordsFirst, still, keys);
    }

    private static final String SCHEME = "scheme";
    private static final String OWN = "own-words";
    private static final String TEXT = "text";
    private static final String WORDS = "words-first";
    private static final String STILL = "still";
    private static final String KEYS = "keys";

    /// The own words as one line, for example `rlow=chop; 3=hook`.
    public String words() {
        return new TreeMap<>(ownWords)
                .entrySet().stream().map(e -> e.getKey() + "=" + e.getValue()).collect(Collectors.joining("; "));
    }

    /// The own words of one line; what names no technique is left out.
    public static Map<String, String> words(String line) {
        Map<String, String> words = new TreeMap<>();
        for (String one : line.split(";", -1)) {
            int at = one.indexOf('=');
            if (at > 0 && !one.substring(at + 1).isBlank()) {
                String code = one.substring(0, at).strip();
                Catalogue.standard()
                        .byCode(code)
                        .ifPresent(_ -> words.put(code, one.substring(at + 1).strip()));
            }
        }
        return words;
    }

    /// Says lines for two fighters, the way the coach wants them said. The other is called by the first name.
    public Wording wording(Fighter athlete, Fighter other) {
        String called = other.name().split(" ", -1)[0];
        return new Wording(scheme, athlete.stance(), other.stance(), called, ownWords);
    }

    /// As they are kept.
    Map<String, String> written() {
        Map<String, String> all = new TreeMap<>();
        all.put(SCHEME, scheme.key());
        all.put(OWN, words());
        all.put(TEXT, "" + textPercent);
        all.put(WORDS, "" + wordsFirst);
        all.put(STILL, "" + still);
        all.put(KEYS, ownKeys.written());
        return all;
    }

    /// As they were kept; what is missing or cannot be read is as usual.
    static Settings of(Map<String, String> written) {
        String text = written.getOrDefault(TEXT, "");
        List<String> keys =
                Arrays.stream(written.getOrDefault(KEYS, "").split(";", -1)).toList();
        Scheme named = Arrays.stream(Scheme.values())
                .filter(one -> one.key().equals(written.get(SCHEME)))
                .findFirst()
                .orElse(USUAL.scheme);
        return new Settings(
                named,
                words(written.getOrDefault(OWN, "")),
                text.matches("\\d{2,3}") ? Integer.parseInt(text) : USUAL.textPercent,
                !written.getOrDefault(WORDS, "true").equals("false"),
                written.getOrDefault(STILL, "false").equals("true"),
                OwnKeys.of(keys));
    }
}
