package onebeat.formats.plan;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import onebeat.core.camp.Camp;
import onebeat.core.plan.CampPlan;
import onebeat.core.plan.DoneDay;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlanValue;
import onebeat.core.plan.PlannedDay;
import onebeat.core.plan.SolvedPlan;
import onebeat.formats.out.OutFiles;
import onebeat.formats.out.OutFiles.Taken;
import org.apache.commons.csv.CSVFormat;

/// Writes a camp's weeks into a folder: `weeks.ics`, `weeks.json` and `load.csv`, one row a training day with
/// minutes, effort (0 to 10) and load (effort times minutes).
public final class PlanOut {

    private static final List<String> COLUMNS = List.of("date", "what", "rounds", "minutes", "effort", "load");

    private PlanOut() {}

    /// Writes all three.
    ///
    /// @param written the names of the files are added to it as they are written
    /// @throws IOException if one cannot be written
    public static void write(
            Camp camp, PlanProblem problem, CampPlan plan, Path folder, OutFiles out, Taken taken, List<String> written)
            throws IOException {
        Files.createDirectories(folder);
        SolvedPlan told = new SolvedPlan(
                plan,
                PlanValue.of(problem, plan).sum(),
                OptionalDouble.empty(),
                false,
                SolvedPlan.By.FILLING,
                List.of());
        text(folder.resolve("weeks.ics"), PlanCalendarFile.text(camp, problem, plan), out, taken, written);
        text(folder.resolve("weeks.json"), PlanJson.of(camp, problem, told), out, taken, written);
        text(folder.resolve("load.csv"), load(camp, problem, plan), out, taken, written);
    }

    private static void text(Path file, String text, OutFiles out, Taken taken, List<String> written)
            throws IOException {
        written.add(String.valueOf(out.writeText(file, text, taken).getFileName()));
    }

    /// The load of each training day, as CSV.
    public static String load(Camp camp, PlanProblem problem, CampPlan plan) throws IOException {
        StringBuilder csv = new StringBuilder();
        CSVFormat.RFC4180.printRecord(csv, COLUMNS.toArray());
        for (DoneDay day : DoneDay.of(camp)) {
            CSVFormat.RFC4180.printRecord(
                    csv,
                    day.date(),
                    "done",
                    day.rounds(),
                    day.minutes(),
                    day.effort().isPresent() ? day.effort().getAsInt() : "",
                    day.load().isPresent() ? Math.round(day.load().getAsDouble()) : "");
        }
        for (PlannedDay day : PlannedDay.of(problem, plan)) {
            CSVFormat.RFC4180.printRecord(
                    csv,
                    day.date(),
                    "planned",
                    day.rounds().size(),
                    day.minutes(),
                    String.format(Locale.ROOT, "%.1f", day.effort()),
                    Math.round(day.load()));
        }
        return csv.toString();
    }
}
