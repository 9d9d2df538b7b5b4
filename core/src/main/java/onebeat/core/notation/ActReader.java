package onebeat.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Intent;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Cursor.Stopped;

/// Reads one action: a feint or not, the technique by code, number, name or as people say it, its level and how
/// hard it is.
final class ActReader {

    private final Cursor text;
    private final Vocabulary vocabulary;
    private boolean inBrackets;

    ActReader(Cursor text, Vocabulary vocabulary) {
        this.text = text;
        this.vocabulary = vocabulary;
    }

    /// Whose actions are read from here on: the partner's stand in brackets.
    void readsPartner(boolean partner) {
        inBrackets = partner;
    }

    Act act() {
        int start = text.at();
        boolean feint = text.peek() == '~';
        if (feint) {
            text.pass();
        }
        Said said = said();
        Technique technique = said.technique();
        Level level = technique.usualLevel();
        if (said.level() != Level.NONE) {
            level = said.level();
        } else if (text.peek() == '.') {
            level = dotLevel();
        }
        if (technique.isStrike()) {
            Level asked = level;
            technique =
                    vocabulary.catalogue().atLevel(technique, asked).orElseThrow(() -> levelNotAllowed(start, asked));
        } else if (level != Level.NONE) {
            throw text.stop(start, text.at(), text.since(start), "no level: only strikes have one", List.of());
        }
        Intent intent = intent();
        if (feint) {
            checkFeint(start, technique, intent);
        }
        return new Act(feint, technique, level, intent, text.span(start));
    }

    private Stopped levelNotAllowed(int start, Level asked) {
        return text.stop(
                start,
                text.at(),
                text.since(start),
                "another level: this strike does not go to the " + asked.word(),
                List.of());
    }

    private void checkFeint(int start, Technique technique, Intent intent) {
        if (!technique.traits().feintable()) {
            throw text.stop(text.span(start), "a strike, in, switch or tie behind ~");
        }
        if (intent == Intent.FULL) {
            throw text.stop(text.span(start), "a feint without !");
        }
    }

    /// A technique, and the level that a number's own letter gave (`3b`), if it had one.
    private record Said(Technique technique, Level level) {

        static Said of(Technique technique) {
            return new Said(technique, Level.NONE);
        }

        static Said lettered(Technique number, String word) {
            return new Said(number, word.endsWith("h") ? Level.HEAD : Level.BODY);
        }
    }

    private Said said() {
        int start = text.at();
        if (text.peek() == '"') {
            String name = text.quoted();
            return vocabulary.catalogue().byName(name).map(Said::of).orElseThrow(() -> unknown(start, name));
        }
        Optional<SpokenWords.Found> name = SpokenWords.nameAt(text.text(), start, inBrackets, stance());
        if (name.isPresent()) {
            return spoken(name.get());
        }
        String word = text.word();
        Optional<Technique> exact = vocabulary.catalogue().byCode(word);
        if (exact.isPresent()) {
            return Said.of(exact.get());
        }
        if (word.endsWith("h") || word.endsWith("b")) {
            Optional<Technique> number = vocabulary
                    .catalogue()
                    .byCode(word.substring(0, word.length() - 1))
                    .filter(Technique::isNumbered);
            if (number.isPresent()) {
                return Said.lettered(number.get(), word);
            }
        }
        return SpokenWords.at(text.text(), start, stance()).map(this::spoken).orElseThrow(() -> unknown(start, word));
    }

    /// Of whoever does what is read now.
    private Optional<Stance> stance() {
        return inBrackets ? vocabulary.partner() : vocabulary.athlete();
    }

    /// A technique as people say it.
    private Said spoken(SpokenWords.Found found) {
        text.moveTo(found.end());
        String code = found.code();
        Optional<Technique> whole = vocabulary.catalogue().byCode(code);
        if (whole.isPresent()) {
            return Said.of(whole.get());
        }
        return Said.lettered(vocabulary.catalogue().get(code.substring(0, code.length() - 1)), code);
    }

    private Stopped unknown(int start, String word) {
        List<String> known = new ArrayList<>();
        vocabulary.catalogue().all().forEach(t -> known.add(t.code()));
        vocabulary.catalogue().all().forEach(t -> known.add('"' + t.name() + '"'));
        vocabulary.ownNames().forEach(name -> known.add('"' + name + '"'));
        String written = text.since(start);
        if (word.contains("-") && splits(word)) {
            return text.stop(start, text.at(), word, "a space between actions", List.of(word.replace('-', ' ')));
        }
        String got = word.isEmpty() ? text.here(text.at()) : word;
        return text.stop(
                start,
                Math.max(text.at(), start + (text.atEnd() ? 0 : 1)),
                got,
                "an action",
                Nearest.to(written, known));
    }

    private boolean splits(String word) {
        for (String part : word.split("-", -1)) {
            if (vocabulary.catalogue().byCode(part).isEmpty()) {
                return false;
            }
        }
        return true;
    }

    private Level dotLevel() {
        int start = text.pass();
        String word = text.word();
        List<String> levels = new ArrayList<>();
        for (Level level : Level.values()) {
            if (level != Level.NONE) {
                if (level.word().equals(word)) {
                    return level;
                }
                levels.add("." + level.word());
            }
        }
        throw text.stop(
                start, text.at(), "." + word, "a level: " + String.join(" ", levels), Nearest.to("." + word, levels));
    }

    private Intent intent() {
        Intent intent = switch (text.peek()) {
            case '!' -> Intent.FULL;
            case '\'' -> Intent.LIGHT;
            default -> Intent.NORMAL;
        };
        if (intent != Intent.NORMAL) {
            text.pass();
        }
        return intent;
    }
}
