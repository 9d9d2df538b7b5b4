package onebeat.core.review;

/// What can be found in a line.
public enum Code {
    /// One limb, two jobs, one beat (F26).
    SAME_HAND,
    /// A family, a target or a hold that the rules do not allow.
    AGAINST_RULES,
    /// A fed strike met by nothing.
    UNANSWERED,
    /// No step in the time given could reach (F8).
    OUT_OF_REACH,
    /// More strikes to a head than the coach allows.
    HEAD_LOAD,
    /// More touches on the partner than the coach allows.
    PARTNER_LOAD,
    /// The weight is on the kicking leg (F4).
    LEG_LOADED,
    /// Little drive because the strike before was the same side (F2).
    RELOAD,
    /// Power in the arm grade for another cause.
    ARM_ONLY,
    /// Fewer counts than the action takes (F5).
    COUNT_SHORT,
    /// An elbow, a knee or a hold from too far, with nothing that carries in (F8, F16).
    NO_ENTRY,
    /// The line ends in another stance than it began (F18).
    STANCE_LOST,
    /// The strike goes where the partner most likely covers (F20).
    CLOSED_TARGET,
    /// The real one was not shown before the feint (F22).
    UNEARNED_FEINT,
    /// A strike right behind a feint, with no reaction or read between (F22).
    UNREAD_PAYOFF,
    /// A block, tuck, shield or check on the side from which the strike does not come.
    WRONG_SIDE,
    /// A roll away from the punch that comes (F11).
    WRONG_ROLL,
    /// Circling toward the power side (F10).
    INTO_POWER,
    /// Only straight back after the last strike (F10).
    STRAIGHT_RETREAT,
    /// A roll where knees are thrown; schools differ.
    ROLL_UNDER_KNEES,
    /// A fed strike that cannot be seen in time.
    UNSEEN,
    /// A tempo above what the body can do.
    TOO_FAST,
    /// No hand of the holder's can be there in time.
    PAD_CLASH,
    /// None of the gear at hand takes the strike.
    PAD_MISSING,
    /// The line opens with a bare lead hook (F7).
    NAKED_HOOK,
    /// Nothing after the last strike (F10).
    NO_EXIT,
    /// A beat spent on a step that could land with the strike (F6).
    EMPTY_BEAT,
    /// A fixed count before a feint or pattern break (F23, F46).
    COUNTABLE,
    /// One level, one kind or a dead-even rhythm where more is asked (F32).
    ONE_NOTE,
    /// A written foot action on the wrong line (F12, F13).
    WRONG_FOOT,
    /// A strike begun with a feed arrives first and does not stop it (F7).
    TRADE,
    /// Two branches of a read whose cues cannot be told apart.
    SAME_CUE,
    /// A grab that nothing answers.
    GRABBED,
    /// A dip where knees are thrown; schools differ.
    DIP_UNDER_KNEES,
    /// After a hold neither hips in nor a knee in reach (F16).
    HIPS_FAR,
    /// The head goes outside before a hold (F16).
    HEAD_OUTSIDE,
    /// A pattern that nothing breaks, or always the same end from the same start (F19, F23).
    TELEGRAPH,
    /// Standing or kicking where only the one with the longer reach can hit (F9).
    AT_HIS_END
}
