package onebeat.core.play;

/// A place in a line, counted in half beats from 0 so that it is exact.
public record Beat(int halves) implements Comparable<Beat> {

    public static final Beat START = new Beat(0);

    public static Beat whole(int beats) {
        return new Beat(Math.multiplyExact(beats, 2));
    }

    public Beat plusHalves(int more) {
        return new Beat(halves + more);
    }

    /// The first whole beat after this place.
    public Beat nextWhole() {
        return new Beat((Math.floorDiv(halves, 2) + 1) * 2);
    }

    /// In beats, for example 1.5.
    public double inBeats() {
        return halves / 2.0;
    }

    /// As coaches count it, from 1: `2` or `2½`.
    public String words() {
        return (Math.floorDiv(halves, 2) + 1) + (halves % 2 == 0 ? "" : "½");
    }

    /// Beats from another place to this one; negative where it is earlier.
    public double since(Beat earlier) {
        return (halves - earlier.halves) / 2.0;
    }

    @Override
    public int compareTo(Beat other) {
        return Integer.compare(halves, other.halves);
    }
}
