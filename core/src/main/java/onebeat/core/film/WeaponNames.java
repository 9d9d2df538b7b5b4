package onebeat.core.film;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Table;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.opening.Zone;
import onebeat.core.play.Placed;
import onebeat.core.play.Placing;
import onebeat.core.play.Setting;
import onebeat.core.play.Who;
import onebeat.core.review.Context;

/// How a coach names what shall land: by its call, by its full name, or by a word of `weapons.csv` (`liver`).
final class WeaponNames {

    private WeaponNames() {}

    /// The call of a weapon: its own, that of its word in the table for this pairing, or that of its full name.
    static String call(String words, Context context) {
        String plain = words.strip().toLowerCase(Locale.ROOT);
        for (var row : Table.rows(WeaponNames.class, "weapons.csv")) {
            if (row.get("word").equals(plain)) {
                return row.get("zone").isEmpty()
                        ? row.get("calls")
                        : atLiver(Arrays.asList(row.get("calls").split(" ")), context);
            }
        }
        if (target(plain).isPresent()) {
            return canonical(plain);
        }
        return Catalogue.standard().all().stream()
                .filter(t -> (t.isStrike() || t.isHold())
                        && (t.name().equals(plain) || t.key().equals(plain.replace(' ', '-'))))
                .map(Technique::code)
                .findFirst()
                .orElse(plain);
    }

    private static String canonical(String words) {
        return Notation.read(words) instanceof Read read ? read.canonical() : words;
    }

    /// The first of these that lands on the liver: the partner's right side, so it follows from the athlete's stance.
    private static String atLiver(List<String> calls, Context context) {
        Setting setting = context.setting();
        return calls.stream()
                .filter(call -> act(call)
                        .filter(a -> Zone.of(
                                        a.technique(),
                                        a.level(),
                                        a.technique().fixedSide().orElse(Side.LEAD),
                                        setting.pairing())
                                .isLiver(setting.partner().stance()))
                        .isPresent())
                .findFirst()
                .orElse(calls.getFirst());
    }

    /// The last strike of a call, or its hold where it has no strike.
    static Optional<Act> target(String text) {
        return act(text)
                .or(() -> Notation.read(text) instanceof Read read
                        ? Placing.ways(read.line(), Pairing.SAME).getFirst().actions().stream()
                                .filter(p ->
                                        p.who() == Who.ATHLETE && p.technique().isHold())
                                .reduce((_, later) -> later)
                                .map(Placed::act)
                        : Optional.empty());
    }

    /// The last strike of a call.
    static Optional<Act> act(String text) {
        return Notation.read(text) instanceof Read read
                ? Placing.ways(read.line(), Pairing.SAME).getFirst().actions().stream()
                        .filter(p -> p.who() == Who.ATHLETE && p.act().isStrike())
                        .reduce((_, later) -> later)
                        .map(Placed::act)
                : Optional.empty();
    }
}
