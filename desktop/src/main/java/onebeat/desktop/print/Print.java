package onebeat.desktop.print;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.camp.Card;
import onebeat.core.camp.Tonight;
import onebeat.core.camp.Turns;
import onebeat.core.film.FightPlan;
import onebeat.core.holding.Odds;
import onebeat.core.holding.Script;
import onebeat.core.review.Review;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Session;
import onebeat.desktop.desk.Desk;
import onebeat.desktop.desk.Out;
import onebeat.desktop.desk.Texts;
import onebeat.desktop.rope.RopeView;
import onebeat.formats.PlainName;
import onebeat.formats.cards.Cards;
import onebeat.formats.cards.Drawing;
import onebeat.formats.cards.PlanCard;
import onebeat.formats.cards.Sheet;
import onebeat.formats.cards.SheetPdf;
import onebeat.formats.out.OutFiles;

/// Prints cards and sheets into a folder beside the camp file, and says where they lie.
public final class Print {

    private static final double ROPE_WIDE = 1_000;
    private static final double ROPE_HIGH = 210;

    private Print() {}

    /// The partner's and the athlete's card of a way through a line.
    public static void cards(Desk desk, Review review, int way, String name, Odds odds) {
        String athlete = desk.camp().card().athlete().name();
        String across = desk.camp().setting().partner().name();
        Cards.For what = new Cards.For(name, athlete, across, review, way, Optional.of(rope(desk, review, way)));
        Script script = review.script(way, desk.camp().partner());
        List<String> choices = Script.choices(review.read().line(), odds);
        write(
                desk,
                List.of(
                        new Page(name + " " + Texts.of("print.partner"), Cards.partner(what, script, choices)),
                        new Page(name + " " + Texts.of("print.athlete"), Cards.athlete(what))));
    }

    /// The sheet of a session.
    public static void session(Desk desk, Session session, Schedule schedule) {
        Sheet sheet = Cards.session(
                session,
                schedule,
                desk.camp().card().athlete().name(),
                desk.camp().setting().partner().name(),
                plan -> Turns.taken(desk.camp(), session)
                        ? Texts.of("rounds.worker", Turns.worker(desk.camp(), plan), Turns.holder(desk.camp(), plan))
                        : "",
                Tonight.excesses(desk.camp(), schedule, Tonight.week(desk.camp(), session.date(), desk.ladders())));
        write(desk, List.of(new Page(session.date() + " " + session.name(), sheet)));
    }

    /// The fight plan, one page for the corner.
    public static void plan(Desk desk, FightPlan plan) {
        Card card = desk.camp().card();
        Sheet sheet = PlanCard.of(
                plan,
                card.athlete().name(),
                card.opponent().name(),
                card.fightNight().toString());
        write(desk, List.of(new Page(Texts.of("print.plan", card.opponent().name()), sheet)));
    }

    private static Drawing rope(Desk desk, Review review, int way) {
        RopeView rope = new RopeView();
        rope.withoutScrub();
        rope.show(new RopeView.Picture(
                review,
                way,
                desk.camp().card().athlete().name(),
                desk.camp().setting().partner().name(),
                false));
        return Vectors.of(rope, ROPE_WIDE, ROPE_HIGH);
    }

    private record Page(String name, Sheet sheet) {}

    private static void write(Desk desk, List<Page> pages) {
        Path folder = desk.folder().resolve(Texts.of("print.folder"));
        List<String> names = new ArrayList<>();
        List<String> files = PlainName.each(pages.stream().map(Page::name).toList(), Texts.of("print.unnamed"));
        try {
            Files.createDirectories(folder);
            boolean small = false;
            for (int i = 0; i < pages.size(); i++) {
                SizedPage sized = new SizedPage(pages.get(i).sheet);
                Path file = Out.files().write(folder.resolve(files.get(i) + ".pdf"), sized, OutFiles.Taken.NUMBER);
                small |= sized.isSmall;
                names.add(String.valueOf(file.getFileName()));
            }
            String where = Texts.of("print.done", String.join(", ", names), folder);
            desk.say(small ? where + " " + Texts.of("print.small") : where);
        } catch (IOException e) {
            desk.warn(Out.failed(folder, names, e));
        }
    }

    /// A page that remembers whether it came out too small to be read.
    private static final class SizedPage implements OutFiles.Content {

        private final Sheet sheet;
        private boolean isSmall;

        SizedPage(Sheet sheet) {
            this.sheet = sheet;
        }

        @Override
        public void writeTo(OutputStream out) throws IOException {
            isSmall = !SheetPdf.write(sheet, out).isReadable();
        }
    }
}
