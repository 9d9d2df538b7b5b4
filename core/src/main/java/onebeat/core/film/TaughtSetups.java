package onebeat.core.film;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Table;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Placed;
import onebeat.core.play.Placing;
import onebeat.core.play.Who;
import onebeat.core.review.Context;

/// The set-ups that coaches teach for each weapon (`setups.csv`).
///
/// @param weapon the canonical name of what shall land
/// @param before what comes before it, as a call line
/// @param why the trade's reason
record TaughtSetups(String weapon, String before, String why) {

    private static final List<TaughtSetups> ALL = Table.rows(TaughtSetups.class, "setups.csv").stream()
            .map(row -> new TaughtSetups(row.get("weapon"), row.get("before"), row.get("why")))
            .toList();

    /// Those for a weapon that are made of what the athlete has. Steps and what the partner does are there for
    /// everybody.
    ///
    /// @param call the weapon's call, with its level
    static List<TaughtSetups> of(String call, Context context, Repertoire has) {
        Set<String> own = has.weapons().stream()
                .map(weapon -> weapon.act().technique().code())
                .collect(Collectors.toSet());
        return ALL.stream()
                .filter(one -> one.weapon.equals(call))
                .filter(one ->
                        Notation.read(one.before.endsWith("+") ? one.before + call : one.before) instanceof Read read
                                && Placing.ways(read.line(), context.setting().pairing()).getFirst().actions().stream()
                                        .allMatch(placed -> isThere(placed, own, call)))
                .toList();
    }

    private static boolean isThere(Placed placed, Set<String> own, String call) {
        Kind kind = placed.technique().kind();
        return placed.who() == Who.PARTNER
                || kind == Kind.FEET
                || kind == Kind.RHYTHM
                || kind == Kind.CLINCH
                || own.contains(placed.technique().code())
                || Notation.print(placed.act()).equals(call);
    }

    /// The whole line.
    ///
    /// @param call the weapon's call
    String line(String call, String exit) {
        return (before.endsWith("+") ? before + call : before + " " + call) + (exit.isEmpty() ? "" : " " + exit);
    }
}
