package onebeat.core.notation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Table;
import onebeat.core.exchange.Technique;

/// Words for techniques as people say them, where they mean one thing: `jab`, `left hook`, `low kick`, `teep`. What
/// gyms say otherwise is no mistake, but it cannot be guessed; then the nearest words are offered. From `spoken.csv`
/// and the names of the catalogue.
final class SpokenWords {

    private static final int MOST_WORDS = 5;
    private static final Map<String, String> CODES = codes();

    private SpokenWords() {}

    /// Words that were found in a text.
    ///
    /// @param code the technique's shorthand, with a letter for the level where one was said
    /// @param end where they end
    record Found(String code, int end) {}

    private static Map<String, String> codes() {
        Map<String, String> codes = new HashMap<>();
        for (Technique technique : Catalogue.standard().all()) {
            codes.put(technique.name(), technique.code());
            codes.put(technique.code(), technique.code());
        }
        Table.rows(SpokenWords.class, "spoken.csv").forEach(row -> codes.put(row.get("said"), row.get("code")));
        return Collections.unmodifiableMap(codes);
    }

    /// The longest words at a place of a text that mean a technique.
    ///
    /// @param stance of whoever does it; without one, left and right mean nothing
    static Optional<Found> at(String text, int start, Optional<Stance> stance) {
        List<String> words = new ArrayList<>();
        List<Integer> ends = new ArrayList<>();
        int at = start;
        while (words.size() < MOST_WORDS && at < text.length() && isLetter(text.charAt(at))) {
            int end = at;
            while (end < text.length() && (isLetter(text.charAt(end)) || text.charAt(end) == '-')) {
                end++;
            }
            words.add(text.substring(at, end).toLowerCase(Locale.ROOT));
            ends.add(end);
            at = end;
            while (at < text.length() && text.charAt(at) == ' ') {
                at++;
            }
        }
        for (int n = words.size(); n > 0; n--) {
            Optional<String> code = code(words.subList(0, n), stance);
            if (code.isPresent()) {
                return Optional.of(new Found(code.get(), ends.get(n - 1)));
            }
        }
        return Optional.empty();
    }

    /// The name of several words that stands at a place, unless each of its words is a shorthand of its own there:
    /// `switch low kick` is one technique, `elbow tuck` are two.
    ///
    /// @param inBrackets whether it is the partner's part, where reactions have their shorthand too
    static Optional<Found> nameAt(String text, int start, boolean inBrackets, Optional<Stance> stance) {
        return at(text, start, stance)
                .filter(found -> text.substring(start, found.end()).indexOf(' ') > 0)
                .filter(found -> !Arrays.stream(
                                text.substring(start, found.end()).split(" +"))
                        .allMatch(word -> isShorthand(word, inBrackets)));
    }

    private static boolean isShorthand(String word, boolean reactionsToo) {
        return Catalogue.standard()
                .byCode(word)
                .filter(t -> reactionsToo || !t.isReaction())
                .isPresent();
    }

    private static Optional<String> code(List<String> words, Optional<Stance> stance) {
        String said = String.join(" ", words);
        Optional<String> known =
                Optional.ofNullable(CODES.get(said)).or(() -> Optional.ofNullable(CODES.get(said.replace('-', ' '))));
        if (known.isPresent() || stance.isEmpty()) {
            return known;
        }
        boolean leftLeads = stance.get() == Stance.ORTHODOX;
        String turned = said.replaceAll("\\bleft\\b", leftLeads ? LEAD : REAR)
                .replaceAll("\\bright\\b", leftLeads ? REAR : LEAD);
        return Optional.ofNullable(CODES.get(turned));
    }

    private static final String LEAD = "lead";
    private static final String REAR = "rear";

    private static boolean isLetter(char c) {
        return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z');
    }
}
