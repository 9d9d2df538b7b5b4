package onebeat.desktop.print;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.layout.Pane;
import onebeat.core.camp.Card;
import onebeat.core.camp.Tonight;
import onebeat.core.camp.Turns;
import onebeat.core.film.FightPlan;
import onebeat.core.holding.Odds;
import onebeat.core.holding.Script;
import onebeat.core.plan.CampPlan;
import onebeat.core.plan.PlanProblem;
import onebeat.core.play.PlayedWay;
import onebeat.core.review.Review;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Session;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.FilesOut;
import onebeat.desktop.command.Command;
import onebeat.desktop.command.KeyPress;
import onebeat.desktop.command.OwnKeys;
import onebeat.desktop.figures.FigureView;
import onebeat.desktop.rope.RopeView;
import onebeat.desktop.text.Texts;
import onebeat.formats.PlainName;
import onebeat.formats.cards.Cards;
import onebeat.formats.cards.Drawing;
import onebeat.formats.cards.DrawingSvg;
import onebeat.formats.cards.PlanCard;
import onebeat.formats.cards.Sheet;
import onebeat.formats.cards.SheetHtml;
import onebeat.formats.cards.SheetMarkdown;
import onebeat.formats.cards.SheetPdf;
import onebeat.formats.cards.WeeksCard;
import onebeat.formats.out.OutFiles;

/// Prints cards and sheets into a folder beside the camp file, and says where they lie.
public final class Print {

    private static final double ROPE_WIDE = 1_000;
    private static final double ROPE_HIGH = 210;
    private static final double FIGURES_HIGH = 120;
    private static final int MOST_FIGURES = 8;

    private Print() {}

    /// The partner's and the athlete's card of a way through a line.
    public static void cards(CampSession app, Review review, int way, String name, Odds odds) {
        String athlete = app.camp().card().athlete().name();
        String across = app.camp().across().name();
        Cards.For what = new Cards.For(
                name,
                athlete,
                across,
                review,
                way,
                Optional.of(picture(app, review, way)),
                app.words().of(review.read().line()));
        Script script = review.script(way, app.camp().partner());
        List<String> choices = Script.choices(review.read().line(), odds);
        write(
                app,
                List.of(
                        new Page(
                                name + " " + Texts.of("print.partner"),
                                Cards.partner(what, script, choices),
                                Set.of(Kind.PDF, Kind.SVG)),
                        new Page(name + " " + Texts.of("print.athlete"), Cards.athlete(what))));
    }

    /// The sheet of a session.
    public static void session(CampSession app, Session session, Schedule schedule) {
        Sheet sheet = Cards.session(
                session,
                schedule,
                app.camp().card().athlete().name(),
                app.camp().across().name(),
                plan -> Turns.taken(app.camp(), session)
                        ? Texts.of("rounds.worker", Turns.worker(app.camp(), plan), Turns.holder(app.camp(), plan))
                        : "",
                app.words()::of,
                Tonight.excesses(app.camp(), schedule, app.schedules().week(app.camp(), session.date())));
        String name = session.date() + " " + session.name();
        write(app, List.of(new Page(name, sheet, Set.of(Kind.PDF, Kind.HTML, Kind.MARKDOWN))));
    }

    /// The fight plan, one page for the corner.
    public static void plan(CampSession app, FightPlan plan) {
        Card card = app.camp().card();
        Sheet sheet = new PlanCard(card.athlete().name(), card.opponent().name(), app.wordsOnFilm()::of)
                .page(plan, card.fightNight().toString());
        write(app, List.of(new Page(Texts.of("print.plan", card.opponent().name()), sheet)));
    }

    /// The week of a day on one page, and the whole camp on another.
    public static void weeks(CampSession app, PlanProblem problem, CampPlan plan, LocalDate day) {
        WeeksCard card = new WeeksCard(app.camp(), problem, plan);
        write(
                app,
                List.of(
                        new Page(Texts.of("print.week", day), card.week(day)),
                        new Page(Texts.of("print.weeks"), card.camp())));
    }

    /// The keys that are on, on one page.
    public static void keys(CampSession app, List<Command<?, ?>> commands, OwnKeys own) {
        List<Sheet.Row> rows = commands.stream()
                .map(c -> new Sheet.Row(
                        own.shown(c).map(KeyPress::words).orElse(""), c.name(), "", Sheet.Whose.BOTH, Sheet.Set.TOLD))
                .toList();
        Sheet sheet = new Sheet(
                Texts.of("help.title"),
                Texts.of("help.line.under"),
                Texts.of("help.example.three"),
                Optional.empty(),
                List.of(),
                rows,
                2,
                List.of(),
                "");
        write(app, List.of(new Page(Texts.of("help.title"), sheet)));
    }

    /// The rope, and under it both fighters on each beat as far as there is room for them.
    private static Drawing picture(CampSession app, Review review, int way) {
        PlayedWay played = review.played().ways().get(way);
        int shown = Math.clamp(review.played().beats(), 1, MOST_FIGURES);
        RopeView rope = rope(app, review, way);
        rope.resizeRelocate(0, 0, ROPE_WIDE, ROPE_HIGH);
        Pane picture = new Pane(rope);
        for (int beat = 0; beat < shown; beat++) {
            FigureView figures = new FigureView();
            figures.show(played, app.camp().setting(), beat);
            figures.resizeRelocate(beat * ROPE_WIDE / shown, ROPE_HIGH, ROPE_WIDE / shown, FIGURES_HIGH);
            picture.getChildren().add(figures);
        }
        // What is drawn on paper has its places already.
        picture.getChildren().forEach(child -> child.setManaged(false));
        return Vectors.of(picture, ROPE_WIDE, ROPE_HIGH + FIGURES_HIGH);
    }

    private static RopeView rope(CampSession app, Review review, int way) {
        RopeView rope = new RopeView();
        rope.withoutScrub();
        rope.show(new RopeView.Picture(
                review,
                way,
                app.camp().card().athlete().name(),
                app.camp().across().name(),
                false));
        return rope;
    }

    /// What a page is written as.
    private enum Kind {
        PDF(".pdf"),
        HTML(".html"),
        MARKDOWN(".md"),
        /// Its drawing alone.
        SVG(".svg");

        private final String ending;

        Kind(String ending) {
            this.ending = ending;
        }
    }

    private record Page(String name, Sheet sheet, Set<Kind> kinds) {

        Page(String name, Sheet sheet) {
            this(name, sheet, Set.of(Kind.PDF));
        }
    }

    private static void write(CampSession app, List<Page> pages) {
        FilesOut.beside(
                app, app.folder().resolve(Texts.of("print.folder")), (folder, names) -> written(pages, folder, names));
    }

    private static String written(List<Page> pages, Path folder, List<String> names) throws IOException {
        List<String> files = PlainName.each(pages.stream().map(Page::name).toList(), Texts.of("print.unnamed"));
        boolean small = false;
        for (int i = 0; i < pages.size(); i++) {
            Page page = pages.get(i);
            for (Kind kind : Kind.values()) {
                if (page.kinds.contains(kind)) {
                    SizedPage sized = new SizedPage(page, kind);
                    Path file = folder.resolve(files.get(i) + kind.ending);
                    Path done = FilesOut.files().write(file, sized, OutFiles.Taken.NUMBER);
                    small |= sized.isSmall;
                    names.add(String.valueOf(done.getFileName()));
                }
            }
        }
        String where = Texts.of("print.done", String.join(", ", names), folder);
        return small ? where + " " + Texts.of("print.small") : where;
    }

    /// A page that remembers whether it came out too small to be read.
    private static final class SizedPage implements OutFiles.Content {

        private final Page page;
        private final Kind kind;
        private boolean isSmall;

        SizedPage(Page page, Kind kind) {
            this.page = page;
            this.kind = kind;
        }

        @Override
        public void writeTo(OutputStream out) throws IOException {
            switch (kind) {
                case PDF -> isSmall = !SheetPdf.write(page.sheet, out).isReadable();
                case HTML -> out.write(SheetHtml.of(page.sheet).getBytes(StandardCharsets.UTF_8));
                case MARKDOWN -> out.write(SheetMarkdown.of(page.sheet).getBytes(StandardCharsets.UTF_8));
                case SVG -> out.write(rope(page.sheet).getBytes(StandardCharsets.UTF_8));
            }
        }

        private static String rope(Sheet sheet) {
            return sheet.drawing()
                    .map(drawing -> DrawingSvg.of(drawing, sheet.title() + ": " + sheet.line()))
                    .orElse("");
        }
    }
}
