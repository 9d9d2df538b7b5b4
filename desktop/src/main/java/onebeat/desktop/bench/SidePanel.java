package onebeat.desktop.bench;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.scene.layout.StackPane;
import onebeat.core.film.FollowUps.After;
import onebeat.core.film.Repertoire;
import onebeat.core.film.Replies;
import onebeat.core.holding.Odds;
import onebeat.core.holding.Partner;
import onebeat.core.ladder.Ladder;
import onebeat.core.notation.Read;
import onebeat.core.review.Comparison;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.core.review.Variants;
import onebeat.desktop.bench.BenchAction.LookAt;
import onebeat.desktop.bench.BenchEffect.SidePage;
import onebeat.desktop.callline.LineWatch;
import onebeat.desktop.callline.LineWatch.Seen;

/// What lies beside the rope: the corner, or one of the pages that a key turns to. Pages that review many
/// lines are worked out beside the interface thread.
final class SidePanel extends StackPane implements AutoCloseable {

    /// The line on the bench as the pages see it.
    ///
    /// @param review the last line that could be read
    /// @param typed the line as it stands in the call line now
    /// @param partner who is at the door
    /// @param odds how often each cue of the reads comes
    /// @param repertoire what the athlete has, worked out where it is asked for
    /// @param habits the opponent's, likewise
    record Line(
            Optional<Review> review,
            int way,
            String typed,
            Context context,
            Optional<Partner> partner,
            Odds odds,
            Supplier<Repertoire> repertoire,
            Supplier<List<After>> habits) {}

    private final Corner corner;
    private final VariantsDrawer variants;
    private final CompareView compare = new CompareView();
    private final HolderPage holder = new HolderPage();
    private final FinderPage answers;
    private final FinderPage weapon;
    private final LadderPage ladder;
    private final LineWatch work;
    private Page page;
    private String aside = "";

    /// @param failed told in a sentence where something that was asked for has no answer
    /// @param words a line in words; nothing where the shorthand comes first
    SidePanel(Consumer<BenchAction> dispatch, Consumer<String> failed, UnaryOperator<String> words) {
        corner = new Corner(finding -> dispatch.accept(new LookAt(finding)));
        page = corner;
        variants = new VariantsDrawer(words);
        answers = new FinderPage(false, words);
        weapon = new FinderPage(true, words);
        ladder = new LadderPage(words);
        work = new LineWatch(failed);
        getChildren().setAll(corner);
        for (Page one : new Page[] {corner, variants, compare, holder, answers, weapon, ladder}) {
            one.view().setMinSize(0, 0);
        }
    }

    /// What the corner says of a line.
    void show(Seen seen) {
        corner.show(seen);
    }

    /// Why the strike at the mark is there.
    void show(Optional<AtMark> mark) {
        corner.show(mark);
    }

    /// Goes to a place along the line.
    void at(double beat) {
        if (page.equals(holder)) {
            holder.at(beat);
        }
    }

    /// The line that a function key takes.
    Optional<String> line(int functionKey) {
        return page.line(functionKey);
    }

    /// Whether the corner lies there, so that a line taken is a mend.
    boolean isCorner() {
        return page.equals(corner);
    }

    /// Turns to a page, or back to the corner where it lies there already.
    void turnTo(SidePage wanted, Line line) {
        // The line is set aside, to be compared with what is typed from now on.
        aside = wanted == SidePage.COMPARE ? line.typed : aside;
        turnTo(
                switch (wanted) {
                    case VARIANTS -> variants;
                    case HOLDER -> holder;
                    case COMPARE -> compare;
                    case ANSWERS -> answers;
                    case WEAPON -> weapon;
                    case LADDER -> ladder;
                },
                line);
    }

    private void turnTo(Page wanted, Line line) {
        answers.stop();
        weapon.stop();
        page = page.equals(wanted) ? corner : wanted;
        getChildren().setAll(page.view());
        show(line);
    }

    /// Shows the line on the page that lies there.
    void show(Line line) {
        if (page.equals(variants)) {
            line.review.ifPresent(r -> work.work(() -> Variants.of(r.read(), r.context()), variants::show));
        } else if (page.equals(holder)) {
            line.review.ifPresent(r -> holder.show(r, line.way, line.partner, line.odds));
        } else if (page.equals(answers)) {
            line.review.ifPresent(r -> answers.show(r, line.repertoire.get()));
        } else if (page.equals(weapon)) {
            line.review.ifPresent(r -> weapon.show(r, line.repertoire.get()));
        } else if (page.equals(ladder)) {
            line.review.ifPresent(r -> {
                Ladder.With with = new Ladder.With(new Replies(r.context(), line.repertoire.get()), line.habits.get());
                work.work(
                        () -> Ladder.of(r.read(), with),
                        grown -> ladder.show(
                                grown, r.read().line(), r.context().setting().pairing()));
            });
        } else if (page.equals(compare)) {
            compare(line);
        }
    }

    private void compare(Line line) {
        compare.show(aside, line.typed, Optional.empty());
        if (line.review.isPresent() && LineWatch.see(aside, line.context).reading() instanceof Read first) {
            Read second = line.review.get().read();
            work.work(
                    () -> Comparison.of(first, second, line.context),
                    made -> compare.show(aside, second.canonical(), Optional.of(made)));
        }
    }

    @Override
    public void close() {
        work.close();
        answers.close();
        weapon.close();
    }
}
