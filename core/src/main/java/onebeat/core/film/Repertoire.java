package onebeat.core.film;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.exchange.Table;
import onebeat.core.notation.Act;
import onebeat.core.notation.Half;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;

/// What an athlete has to answer with.
public record Repertoire(List<Weapon> weapons) {

    public Repertoire {
        weapons = List.copyOf(weapons);
    }

    /// The usual one, of `repertoire.csv`.
    public static Repertoire usual() {
        return of(Table.rows(Repertoire.class, "repertoire.csv").stream()
                .map(row -> row.get("action"))
                .toList());
    }

    /// These actions, each fully mastered. Words that are no action are left out.
    public static Repertoire of(List<String> actions) {
        List<Weapon> weapons = new ArrayList<>();
        for (String action : actions) {
            act(action).ifPresent(act -> weapons.add(new Weapon(act, 1)));
        }
        return new Repertoire(weapons);
    }

    /// These actions, each fully mastered, apart by spaces.
    public static Repertoire of(String actions) {
        return of(Arrays.asList(actions.split(" ")));
    }

    private static Optional<Act> act(String words) {
        return Notation.read(words) instanceof Read read
                        && read.line().items().size() == 1
                        && read.line().items().getFirst() instanceof Half half
                        && half.units().size() == 1
                        && half.units().getFirst().calls().size() == 1
                        && half.units().getFirst().calls().getFirst() instanceof Act act
                ? Optional.of(act)
                : Optional.empty();
    }

    /// The same with how surely some of it is done, by the words of the action.
    public Repertoire with(Map<String, Double> mastery) {
        return new Repertoire(weapons.stream()
                .map(w -> new Weapon(w.act(), mastery.getOrDefault(Notation.print(w.act()), w.mastery())))
                .toList());
    }

    /// How surely each action is done, by its words.
    Map<String, Double> mastery() {
        Map<String, Double> mastery = new LinkedHashMap<>();
        weapons.forEach(w -> mastery.put(Notation.print(w.act()), w.mastery()));
        return mastery;
    }
}
