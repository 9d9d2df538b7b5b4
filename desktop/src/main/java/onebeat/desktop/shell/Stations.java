package onebeat.desktop.shell;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Function;
import onebeat.desktop.app.Station;
import onebeat.desktop.app.StationName;

/// The stations of a window. Each is made when it is first entered, so that the window is there sooner.
final class Stations implements AutoCloseable {

    private final Function<StationName, Station> made;
    private final Consumer<Station> prepared;
    private final Map<StationName, Station> entered = new EnumMap<>(StationName.class);

    /// @param prepared what is done once to each before it is shown
    Stations(Function<StationName, Station> made, Consumer<Station> prepared) {
        this.made = made;
        this.prepared = prepared;
    }

    Station get(StationName name) {
        return entered.computeIfAbsent(name, wanted -> {
            Station station = made.apply(wanted);
            station.view().setFocusTraversable(true);
            station.view().setMinSize(0, 0);
            prepared.accept(station);
            return station;
        });
    }

    /// Closes what runs beside those that were entered.
    @Override
    public void close() {
        entered.values().forEach(Station::close);
    }
}
