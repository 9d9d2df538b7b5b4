package onebeat.core.rounds;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Table;

/// What an evening holds beside its rounds, in order. Written as words, each with its seconds: `warm-up 360
/// round rest …`; rounds and rests without seconds are as long as the scheme says.
///
/// @param words the blocks
public record Template(String id, String name, String words) {

    private static final List<Template> ALL = Table.rows(Template.class, "templates.csv").stream()
            .map(row -> new Template(row.get("id"), row.get("name"), row.get("blocks")))
            .toList();

    /// All templates of `templates.csv`.
    public static List<Template> all() {
        return ALL;
    }

    public static Optional<Template> byId(String id) {
        return ALL.stream().filter(t -> t.id.equals(id)).findFirst();
    }

    /// How many rounds it has room for.
    public int rounds() {
        return (int) Arrays.stream(words.split(" ", -1))
                .filter(w -> w.equals(Block.Kind.ROUND.word()))
                .count();
    }

    /// Its blocks. Where there are fewer rounds than it has room for, the last ones and the rests before
    /// them are left out; where there are more, they follow its last round.
    public List<Block> blocks(Scheme scheme, int rounds) {
        List<Block> all = new ArrayList<>();
        String[] parts = words.split(" ", -1);
        int left = rounds;
        int slots = rounds();
        for (int i = 0; i < parts.length; i++) {
            Optional<Block.Kind> kind = Block.Kind.of(parts[i]);
            if (kind.isEmpty()) {
                continue;
            }
            boolean timed = i + 1 < parts.length && parts[i + 1].matches("\\d+");
            int seconds = timed
                    ? Integer.parseInt(parts[i + 1])
                    : kind.get() == Block.Kind.ROUND ? scheme.workS() : scheme.restS();
            if (kind.get() != Block.Kind.ROUND) {
                all.add(new Block(kind.get(), seconds, Exercise.of(kind.get(), seconds)));
                continue;
            }
            slots--;
            if (left > 0) {
                all.add(new Block(Block.Kind.ROUND, seconds, List.of()));
                left--;
            } else if (!all.isEmpty() && all.getLast().kind() == Block.Kind.REST) {
                all.removeLast();
            }
            while (slots == 0 && left > 0) {
                all.add(new Block(Block.Kind.REST, scheme.restS(), List.of()));
                all.add(new Block(Block.Kind.ROUND, seconds, List.of()));
                left--;
            }
        }
        return all;
    }

    /// What is left of an evening whose first rounds have run: its last rounds, and what lies between and
    /// after them.
    ///
    /// @param rounds how many it has
    /// @param left how many are left
    public static List<Block> rest(Session session, int rounds, int left) {
        List<Block> all = new ArrayList<>(session.blocks(rounds));
        int skip = rounds - left;
        while (skip > 0) {
            if (all.removeFirst().kind() == Block.Kind.ROUND) {
                skip--;
            }
        }
        while (rounds > left && !all.isEmpty() && all.getFirst().kind() == Block.Kind.REST) {
            all.removeFirst();
        }
        return all;
    }
}
