package onebeat.desktop.weeks;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import onebeat.core.holding.Partner;
import onebeat.core.plan.LadderForecast;
import onebeat.core.plan.Pin;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlanReasons;
import onebeat.core.plan.PlanRules;
import onebeat.core.plan.PlanWords;
import onebeat.core.plan.PlannedDay;
import onebeat.core.plan.PlannedDay.DayRound;
import onebeat.core.plan.TrainingDay;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// The chosen day: its time, who is there, its rounds, and why the chosen line stands where it does.
final class DayPaper extends VBox {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);

    DayPaper() {
        super(4);
    }

    void show(WeeksPicture picture) {
        List<Node> nodes = new ArrayList<>();
        nodes.add(Nodes.label(words(picture.date()), "heading"));
        nodes.add(Nodes.flow(Nodes.text(time(picture), "soft")));
        Optional<PlannedDay> day = picture.day();
        day.ifPresent(one -> nodes.add(Nodes.flow(Nodes.text(
                Texts.of(
                        "weeks.day.load",
                        one.minutes(),
                        String.format(Locale.ROOT, "%.1f", one.effort()),
                        Math.round(one.load())),
                "soft"))));
        Optional.ofNullable(picture.weeks().get(monday(picture.date())))
                .filter(week -> week.monotony().isPresent() && week.strain().isPresent())
                .ifPresent(week -> nodes.add(Nodes.flow(Nodes.text(
                        Texts.of(
                                "weeks.week",
                                Math.round(week.load()),
                                String.format(
                                        Locale.ROOT, "%.1f", week.monotony().getAsDouble()),
                                Math.round(week.strain().getAsDouble())),
                        "soft"))));
        for (DayRound round : day.map(PlannedDay::rounds).orElse(List.of())) {
            boolean chosen = round.round().line() == picture.state().line();
            nodes.add(Nodes.flow(
                    Nodes.text(picture.name(round.round().line()) + "  ", chosen ? "strong" : "text"),
                    Nodes.text(
                            Texts.of(
                                    "weeks.day.round",
                                    round.rung().id(),
                                    picture.partner(round.round().partner())),
                            "soft")));
        }
        nodes.addAll(chosen(picture, day));
        getChildren().setAll(nodes);
    }

    static String words(LocalDate date) {
        return DAY.format(date);
    }

    private static LocalDate monday(LocalDate day) {
        return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    private static String time(WeeksPicture picture) {
        PlanProblem problem = picture.problem();
        TrainingDay day = problem.days().get(picture.state().day());
        PlanRules.Time time = problem.rules().on(day.date());
        if (time.minutes() == 0) {
            return Texts.of("weeks.day.notime");
        }
        String who = day.partners().stream()
                .flatMap(id -> picture.camp().partners().get(id).stream())
                .map(Partner::name)
                .sorted()
                .collect(Collectors.joining(", "));
        return Texts.of(
                        "weeks.day.time",
                        time.start().toString(),
                        time.minutes(),
                        problem.room(picture.state().day()))
                + (who.isEmpty() ? "" : " \u00b7 " + who);
    }

    /// What there is to say of the chosen line on this day.
    private static List<Node> chosen(WeeksPicture picture, Optional<PlannedDay> day) {
        if (picture.problem().lines().isEmpty()) {
            return List.of();
        }
        int line = picture.state().line();
        List<Node> nodes = new ArrayList<>();
        Label head = Nodes.label(picture.name(line), "heading");
        VBox.setMargin(head, new Insets(12, 0, 0, 0));
        nodes.add(head);
        LocalDate date = picture.date();
        String drill = picture.problem().lines().get(line).drill();
        PlanRules rules = picture.problem().rules();
        rules.pin(date, drill)
                .map(Pin::wanted)
                .ifPresent(wanted -> nodes.add(
                        Nodes.flow(Nodes.text(Texts.of(wanted ? "weeks.pinned" : "weeks.forbidden"), "strong"))));
        if (rules.mustBeReady().contains(drill)) {
            nodes.add(Nodes.flow(Nodes.text(Texts.of("weeks.mustbeready"), "strong")));
        }
        forecast(picture, line).ifPresent(words -> nodes.add(Nodes.flow(Nodes.text(words, "small"))));
        Optional<DayRound> round = day.flatMap(one ->
                one.rounds().stream().filter(r -> r.round().line() == line).findFirst());
        if (round.isEmpty()) {
            nodes.add(Nodes.flow(Nodes.text(Texts.of("weeks.day.not"), "soft")));
            return nodes;
        }
        nodes.add(Nodes.flow(Nodes.text(Texts.of("weeks.why"), "soft")));
        PlanReasons reasons = PlanReasons.of(
                picture.problem(), picture.state().plan(), round.get().round());
        PlanWords.why(
                        picture.problem(),
                        reasons,
                        id -> picture.camp().drills().get(id).map(d -> d.name()).orElse(id))
                .forEach(why -> nodes.add(Nodes.flow(Nodes.text(why, "small"))));
        return nodes;
    }

    /// Which step it likely is at by then, between a slow and a quick pace.
    private static Optional<String> forecast(WeeksPicture picture, int line) {
        LadderForecast forecast = picture.forecasts().get(line);
        return forecast.points().stream()
                .filter(point -> point.day() <= picture.state().day())
                .reduce((_, later) -> later)
                .map(point -> point.quick() == point.slow()
                        ? Texts.of("weeks.step", point.likely().id())
                        : Texts.of(
                                "weeks.step.band",
                                point.likely().id(),
                                point.slow().id(),
                                point.quick().id()));
    }
}
