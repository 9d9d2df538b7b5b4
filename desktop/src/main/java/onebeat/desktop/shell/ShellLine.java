package onebeat.desktop.shell;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import onebeat.core.camp.Drill;
import onebeat.core.notation.Read;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.Station;
import onebeat.desktop.app.StationName;
import onebeat.desktop.callline.CallLine;
import onebeat.desktop.callline.LineWatch;
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.welcome.WalkStep;

/// The call line of the window: what stands in it at each station, what comes of it, and what was half written when the
/// program was closed.
final class ShellLine {

    private static final String STATION = "station";
    private static final Duration DRAFT_AFTER = Duration.millis(400);

    private final CampSession app;
    private final CallLine field;
    private final Supplier<Station> here;
    private final LineWatch watch;
    private final PauseTransition draft = new PauseTransition(DRAFT_AFTER);
    private final Map<StationName, String> lines = new EnumMap<>(StationName.class);
    private String settled = "";

    /// @param here the station that is on
    ShellLine(CampSession app, CallLine field, Supplier<Station> here) {
        this.app = app;
        this.field = field;
        this.here = here;
        this.watch = new LineWatch(app::warn);
        for (StationName name : StationName.values()) {
            lines.put(name, app.draft(name.name()));
        }
        if (of(StationName.BENCH).isEmpty()) {
            lines.put(StationName.BENCH, app.drill().map(Drill::line).orElse(""));
        }
        draft.setOnFinished(_ -> keepDraft());
    }

    private String of(StationName name) {
        return lines.getOrDefault(name, "");
    }

    /// What was typed is kept a moment after the last letter.
    void typed() {
        draft.playFromStart();
    }

    private void keepDraft() {
        String place = here.get().name().name();
        if (!app.draft(place).equals(field.text()) && !isSearching()) {
            app.keepDraft(place, field.text());
        }
    }

    /// The station is left: its line stays behind.
    void leave() {
        draft.stop();
        keepDraft();
        lines.put(here.get().name(), isSearching() ? settled : field.text());
    }

    /// The line that was left at the station that is on.
    String left() {
        return of(here.get().name());
    }

    /// A line stands in the call line as the station's own.
    ///
    /// @return whether it stood there before
    boolean settle(String line) {
        settled = line;
        boolean same = field.text().equals(line);
        field.set(line);
        return same;
    }

    String settled() {
        return settled;
    }

    boolean isUnsettled() {
        return !field.text().equals(settled);
    }

    boolean isSearching() {
        return field.text().startsWith(ShellDeeds.SEARCH) && here.get().name() != StationName.FLOOR;
    }

    /// Looks at what is typed, away from the interface; only the newest line is shown.
    void look(String text, Consumer<Seen> then) {
        watch.ask(text, here.get().context(app.camp()), seen -> {
            if (seen.text().equals(field.text())) {
                show(seen);
                then.accept(seen);
            }
        });
    }

    private void show(Seen seen) {
        Station station = here.get();
        field.show(station.searches() ? LineWatch.see("", station.context(app.camp())) : seen);
        field.words(
                seen.reading() instanceof Read read && !station.searches()
                        ? app.words().of(read.line())
                        : "");
    }

    /// Where the coach was when the camp was closed; never the floor, on which nobody wants to stand unasked.
    StationName lastStation() {
        return Arrays.stream(StationName.values())
                .filter(name -> name != StationName.FLOOR && app.draft(STATION).equals("" + name.number()))
                .findFirst()
                .orElse(StationName.FILM);
    }

    void remember(StationName name) {
        app.keepDraft(STATION, "" + name.number());
    }

    /// What the walk looks at.
    WalkStep.Scene scene() {
        return new WalkStep.Scene(here.get().name(), app.camp(), field.text());
    }

    /// The line as it stands, looked at now.
    Seen now() {
        return LineWatch.see(field.text(), here.get().context(app.camp()));
    }

    void close() {
        draft.stop();
        keepDraft();
        watch.close();
    }
}
