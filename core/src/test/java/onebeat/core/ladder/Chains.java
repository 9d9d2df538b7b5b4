package onebeat.core.ladder;

import java.util.List;

/// Chains that coaches drill, all common practice, with the number of the fact that tells them.
final class Chains {

    /// Hands, kicks and feet: within kickboxing rules.
    static final List<String> ALL = List.of(
            "1 2 3 rlow", // F1
            "1 6 3 rmid",
            "3 rlow 1 2",
            "2 3 rmid 3",
            "1 2 3 reload 3 2", // F2
            "1 3", // F3
            "1 2 3", // F8
            "1 2 upjab",
            "in+1 1b 2 3 circle-rear", // F9
            "(2) roll-lead 3", // F11
            "across rlow circle-rear", // F13
            "3 3b rlow", // F21
            "3! ~3 (high) 3b", // F22
            "1 1b 1 1b 1 3", // F23
            "[1 2]*2..4 2 3",
            "sw-mid sw-mid sw-hookkick",
            "(2) parry 2b", // F24
            "(1) catch+1", // F25, F26
            "(1) parry 1",
            "(1b) parry 2",
            "(2b) parry 3",
            "(3) block 3",
            "(overhand) shield 2",
            "(3b) tuck 6",
            "(4b) tuck 4b",
            "(3b 4b) tuck tuck 5 3 2",
            "(2) slip-in 5 2 3",
            "(1 1) catch slip-out 2 3",
            "(2) lparry+2",
            "(2) lparry 3b",
            "(1) slip-out 3",
            "(1 2) catch slip-in 5 2 3",
            "1 2b 3", // F28
            "[snap]*2..3 ~snap 1 2", // F29
            "rlow 1 2", // F30
            "upjab 2"); // F31

    /// With elbows, knees and ties.
    static final List<String> CLINCH = List.of(
            "[2 3b 3 2 5 6 elbow relbow switch]*2", // F18
            "(1) shield elbow relbow knee", // F25
            "overhand tie knee knee"); // F16

    private Chains() {}
}
