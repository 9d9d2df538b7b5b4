package onebeat.core.book;

/// How a repetition was.
public enum Judgement {
    CLEAN,
    LATE,
    /// The wrong answer to the cue.
    WRONG,
    /// Stopped half way. Never stop in the middle: finish and fix it in the next one.
    STOPPED
}
