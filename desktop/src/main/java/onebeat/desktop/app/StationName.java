package onebeat.desktop.app;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import onebeat.desktop.command.Scope;

/// The five stations, in the order of the work, and the camp's weeks, which the cord above them unrolls into.
public enum StationName {
    FILM(1, Scope.FILM),
    BENCH(2, Scope.BENCH),
    ROUNDS(3, Scope.ROUNDS),
    FLOOR(4, Scope.FLOOR),
    BOOK(5, Scope.BOOK),
    WEEKS(6, Scope.WEEKS);

    private final int number;
    private final Scope scope;

    StationName(int number, Scope scope) {
        this.number = number;
        this.scope = scope;
    }

    /// Its place on the path, from 1, and the digit that leads there.
    public int number() {
        return number;
    }

    /// Where its commands are given.
    public Scope scope() {
        return scope;
    }

    /// The stations of the path from film to book.
    public static List<StationName> path() {
        return List.of(FILM, BENCH, ROUNDS, FLOOR, BOOK);
    }

    /// The station at this place.
    public static Optional<StationName> at(int number) {
        return Arrays.stream(values()).filter(n -> n.number == number).findFirst();
    }

    /// The key under which its words stand in the texts.
    public String key() {
        return "station." + name().toLowerCase(Locale.ROOT);
    }
}
