package onebeat.core.opening;

import java.util.List;

/// Which of two lines finds its target more open, as the trade tells it (F20 to F32, common practice). Each
/// is about the last strike of both lines.
final class Orderings {

    /// @param open the line whose last strike finds its target more open
    /// @param closed the line to which it is compared
    record Ordering(String fact, String open, String closed) {

        @Override
        public String toString() {
            return fact + ": " + open + " > " + closed;
        }
    }

    static final List<Ordering> ALL = List.of(
            new Ordering("F20 a strike to the head raises the guard and opens the body", "2 3b", "2b 3b"),
            new Ordering("F20 a strike to the head raises the guard and opens the body", "2 3b", "_ 3b"),
            new Ordering("F20 a strike to the head raises the guard and opens the legs", "2 rlow", "2b rlow"),
            new Ordering("F20 a strike to the body drops the hands and opens the head", "2b 3", "2 3"),
            new Ordering("F20 a strike to the body drops the hands and opens the head", "3b 2", "3 2"),
            new Ordering("F20 high-low-high", "2 3b 2", "2 3 2"),
            new Ordering("F20 low-low-high", "1b 2b 3", "1b 2 3"),
            new Ordering("F21 a feared power lead hook keeps the lead leg down", "1 3! rlow", "1 2! rlow"),
            new Ordering("F21 a feared power lead hook keeps the lead leg down", "1 3! rlow", "1 3' rlow"),
            new Ordering("F21 who leans back cannot lift the lead leg", "1 3 (lean) rlow", "1 3 (high) rlow"),
            new Ordering("F21 who checks after hook and low kick", "(1) catch 3! 3b rlow", "(1) catch 3! (check) rlow"),
            new Ordering("F22 a feint works after the real one", "2! _ _ ~2 3b", "_ _ _ ~2 3b"),
            new Ordering("F22 shown twice is better than once", "2 _ 2 _ _ ~2 3b", "_ _ 2 _ _ ~2 3b"),
            new Ordering("F23 jab head, jab body, then jab head, lead hook", "[1 1b]*3 1 3", "[1 1]*3 1 3"),
            new Ordering("F23 jab head, jab body, then jab head, lead hook", "[1 1b]*3 1 3", "1 3"),
            new Ordering("F23 cross-jab, then cross, lead hook", "[2 1]*3 2 3", "[2 3]*3 2 3"),
            new Ordering(
                    "F23 switch round kick, then switch hook kick",
                    "[sw-mid]*3 sw-hookkick",
                    "[sw-high]*3 sw-hookkick"),
            new Ordering("F23 lead hook, then up-jab", "[3]*3 upjab", "[1]*3 upjab"),
            new Ordering(
                    "F24 a parried cross leaves the partner open for the own cross",
                    "(2) parry _ 2",
                    "(2) slip-in _ 2"),
            new Ordering("F25 the hand that struck is away", "(1) catch+2", "2"),
            new Ordering("F27 a forward-walker cannot defend and step at once", "out (chase) 2", "out 2"),
            new Ordering("F27 leaping in on a chaser", "out out (chase) leaphook", "out out leaphook"),
            new Ordering("F28 jab head, cross body", "1 2b", "1b 2b"),
            new Ordering("F28 jab head, cross body, lead hook head", "1 2b 3", "1 2 3"),
            new Ordering(
                    "F29 front kick shown to the body, then only the knee lifted",
                    "[snap]*2 ~snap 1",
                    "[rhigh]*2 ~snap 1"),
            new Ordering("F29 front kick shown to the body, then only the knee lifted", "[snap]*2 ~snap 1", "1"),
            new Ordering("F30 hands behind the low kick raise the partner's hands", "rlow 1 2 3b", "rlow 1b 2b 3b"),
            new Ordering("F32 hands behind a kick", "1 2 3 lteep 2", "1 2 3 1 2"),
            new Ordering("F32 a kick behind hands", "1 2 3 2 rmid", "rmid lmid rmid lmid rmid"));

    private Orderings() {}
}
