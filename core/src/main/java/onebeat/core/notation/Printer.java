package onebeat.core.notation;

import java.util.stream.Collectors;

/// Prints a line in canonical form: canonical names, single spaces, the order inside `+` and sets kept as written.
final class Printer {

    private Printer() {}

    static String print(Line line) {
        return line.items().stream().map(Printer::item).collect(Collectors.joining(" "));
    }

    private static String item(Item item) {
        return switch (item) {
            case Pause _ -> "_";
            case RangeMark mark -> "@" + mark.band().word();
            case Repeat set -> "[" + print(set.line()) + "]*" + times(set);
            case Reads reads ->
                reads.branches().stream()
                        .map(b -> partner(b.cue()) + ": " + print(b.answer()))
                        .collect(Collectors.joining(" | ", "{ ", " }"));
            case Choice choice ->
                choice.options().stream().map(Printer::print).collect(Collectors.joining(" | ", "< ", " >"));
            case Half half -> half.units().stream().map(Printer::unit).collect(Collectors.joining("/"));
            case Named named -> '"' + named.name() + '"';
        };
    }

    private static String times(Repeat set) {
        return set.least() == set.most() ? "" + set.least() : set.least() + ".." + set.most();
    }

    private static String unit(Unit unit) {
        return unit.calls().stream()
                .map(call -> switch (call) {
                    case Act act -> act(act);
                    case Partner partner -> partner(partner);
                })
                .collect(Collectors.joining("+"));
    }

    private static String partner(Partner partner) {
        return partner.items().stream()
                .map(item -> switch (item) {
                    case Act act -> act(act);
                    case Pause _ -> "_";
                })
                .collect(Collectors.joining(" ", "(", ")"));
    }

    static String act(Act act) {
        return (act.feint() ? "~" : "")
                + act.technique().code()
                + level(act)
                + act.intent().mark();
    }

    private static String level(Act act) {
        if (act.level() == act.technique().usualLevel()) {
            return "";
        }
        return act.technique().isNumbered() && act.level().word().startsWith("b")
                ? "b"
                : "." + act.level().word();
    }
}
