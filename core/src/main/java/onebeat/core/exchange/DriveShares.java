package onebeat.core.exchange;

/// What makes a strike hard: how much of its drive comes from turn, weight and height (together 1), and how much of
/// its power the arm or leg has alone, between 0 and 1.
public record DriveShares(double turn, double weight, double height, double limbAlone) {}
