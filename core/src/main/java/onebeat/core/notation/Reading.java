package onebeat.core.notation;

/// What came of reading a call line.
public sealed interface Reading permits Read, Misread {}
