package onebeat.desktop.weeks;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import onebeat.core.plan.DoneDay;
import onebeat.core.plan.TrainingLoad;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// What was really done: the last evenings, and the weeks that are over.
final class DonePaper extends VBox {

    private static final int LAST_DAYS = 4;
    private static final int LAST_WEEKS = 4;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

    DonePaper() {
        super(3);
    }

    void show(WeeksPicture picture) {
        List<DoneDay> done = picture.done();
        List<Node> nodes = new ArrayList<>();
        if (!done.isEmpty()) {
            nodes.add(Nodes.label(Texts.of("weeks.done"), "heading"));
            done.subList(Math.max(0, done.size() - LAST_DAYS), done.size())
                    .forEach(day -> nodes.add(Nodes.flow(Nodes.text(day(day), "small"))));
            List<Map.Entry<LocalDate, TrainingLoad>> weeks =
                    List.copyOf(DoneDay.weeks(done, picture.today()).entrySet());
            weeks.subList(Math.max(0, weeks.size() - LAST_WEEKS), weeks.size())
                    .forEach(week -> nodes.add(Nodes.flow(Nodes.text(week(week.getKey(), week.getValue()), "soft"))));
        }
        getChildren().setAll(nodes);
    }

    private static String day(DoneDay day) {
        String date = DAY.format(day.date());
        return day.load().isPresent()
                ? Texts.of(
                        "weeks.done.day",
                        date,
                        day.rounds(),
                        day.minutes(),
                        day.effort().getAsInt(),
                        Math.round(day.load().getAsDouble()))
                : Texts.of("weeks.done.noeffort", date, day.rounds(), day.minutes());
    }

    private static String week(LocalDate monday, TrainingLoad load) {
        String date = DAY.format(monday);
        return load.monotony().isPresent() && load.strain().isPresent()
                ? Texts.of(
                        "weeks.done.week",
                        date,
                        Math.round(load.load()),
                        String.format(Locale.ROOT, "%.1f", load.monotony().getAsDouble()),
                        Math.round(load.strain().getAsDouble()))
                : Texts.of("weeks.done.load", date, Math.round(load.load()));
    }
}
