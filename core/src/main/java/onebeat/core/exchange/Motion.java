package onebeat.core.exchange;

/// How long an action takes at honest speed, in milliseconds.
///
/// @param contactMs from the start to the contact (or to the foot's landing)
/// @param homeMs from the contact until the limb is home and free again
public record Motion(int contactMs, int homeMs) {}
