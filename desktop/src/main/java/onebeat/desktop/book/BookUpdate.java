package onebeat.desktop.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Filling;
import onebeat.core.camp.Place;
import onebeat.core.change.BookChanges;
import onebeat.core.change.TonightChanges;
import onebeat.core.holding.Partner;
import onebeat.core.rounds.Session;
import onebeat.desktop.app.Effect;
import onebeat.desktop.app.Effect.Go;
import onebeat.desktop.app.Effect.Lay;
import onebeat.desktop.app.Effect.PutLine;
import onebeat.desktop.app.Effect.Save;
import onebeat.desktop.app.Effect.Say;
import onebeat.desktop.app.Effect.Warn;
import onebeat.desktop.app.Next;
import onebeat.desktop.app.Situation;
import onebeat.desktop.app.StationName;
import onebeat.desktop.book.BookAction.Choose;
import onebeat.desktop.book.BookAction.Do;
import onebeat.desktop.book.BookAction.Noted;
import onebeat.desktop.book.BookAction.Search;
import onebeat.desktop.book.BookEffect.AskNote;
import onebeat.desktop.book.BookEffect.CloseForm;
import onebeat.desktop.book.BookEffect.WriteOut;
import onebeat.desktop.text.Texts;

/// What each action in the book leads to.
final class BookUpdate {

    private final Situation<BookState> here;
    private final BookState state;
    private final Camp camp;

    private BookUpdate(Situation<BookState> here) {
        this.here = here;
        this.state = here.state();
        this.camp = here.camp();
    }

    static Next<BookState> update(Situation<BookState> here, BookAction action) {
        return new BookUpdate(here).next(action);
    }

    private Next<BookState> next(BookAction action) {
        return switch (action) {
            case Choose choose -> Next.of(state.at(choose.place()));
            case Search search ->
                search.words().equals(state.search()) ? Next.of(state) : Next.of(state.searching(search.words()));
            case Noted noted -> noted(noted);
            case Do one -> done(one);
        };
    }

    private Next<BookState> done(Do one) {
        return switch (one) {
            case LINE_UP -> choose(-1);
            case LINE_DOWN -> choose(1);
            case TO_BENCH ->
                withChosen(drill -> Next.of(
                        state, new Lay(Optional.of(drill.id())), new Go(StationName.BENCH), new PutLine(drill.line())));
            case TAKE_LINE -> ofTheAthlete(this::takeLine);
            case TAKE_PROPOSAL -> state.whose().isEmpty() ? takeProposal() : others();
            case DECIDE -> ofTheAthlete(this::decide);
            case NEXT_BOOK -> nextBook();
            case NOTE -> withChosen(drill -> Next.of(state, new AskNote(drill)));
            case WRITE -> Next.of(state, new WriteOut());
        };
    }

    private Next<BookState> withChosen(Function<Drill, Next<BookState>> does) {
        return BookPicture.chosen(here).map(does).orElseGet(() -> Next.of(state));
    }

    /// What is decided here is the athlete's; in a partner's book there is only to read and to note.
    private Next<BookState> ofTheAthlete(Function<Drill, Next<BookState>> does) {
        return state.whose().isEmpty() ? withChosen(does) : others();
    }

    private Next<BookState> others() {
        String other = BookPicture.camp(here).card().athlete().name();
        return Next.of(
                state,
                new Warn(Texts.of("book.others", other, camp.card().athlete().name())));
    }

    private Next<BookState> choose(int step) {
        int size = BookPicture.entries(BookPicture.camp(here), state.search()).size();
        return Next.of(state.at(size == 0 ? 0 : Math.floorMod(state.row() + step, size)));
    }

    private Session tonight() {
        return TonightChanges.sessionOrNew(camp, here.today(), Texts.of("rounds.new.session"));
    }

    private Next<BookState> takeLine(Drill drill) {
        int round = camp.roundsOf(tonight().id()).size() + 1;
        return into(List.of(BookChanges.choice(camp, drill)), new Say(Texts.of("rounds.added", drill.name(), round)));
    }

    private Next<BookState> takeProposal() {
        List<Filling.Choice> choices = Filling.of(camp, here.today(), BookPicture.NEXT);
        return choices.isEmpty()
                ? Next.of(state, new Warn(Texts.of("rounds.fill.nothing")))
                : into(choices, new Say(Texts.of("rounds.filled", choices.size())));
    }

    private Next<BookState> into(List<Filling.Choice> choices, Effect said) {
        return TonightChanges.added(camp, tonight(), choices)
                .map(edit -> Next.of(state, Save.of(edit, said, new Go(StationName.ROUNDS))))
                .orElseGet(() -> Next.of(state, new Warn(Texts.of("rounds.most", Session.MOST_LAID_OUT))));
    }

    private Next<BookState> decide(Drill drill) {
        return BookChanges.decidedOtherwise(
                        camp,
                        drill,
                        here.today(),
                        (bpm, proposal) -> Texts.of(
                                "book.decided",
                                proposal.from().rung().id(),
                                bpm,
                                BookRow.head(proposal).toLowerCase(Locale.ROOT)))
                .map(after -> Next.of(
                        state,
                        Save.of(
                                Edit.change(Place.DRILLS, drill, after),
                                new Say(Texts.of("book.overruled", after.overruled())))))
                .orElseGet(() -> Next.of(state));
    }

    /// The athlete's book, then that of each partner who worked.
    private Next<BookState> nextBook() {
        List<String> all = new ArrayList<>();
        all.add("");
        camp.partners().all().stream().map(Partner::id).filter(this::worked).forEach(all::add);
        BookState next = state.of(all.get((all.indexOf(state.whose()) + 1) % all.size()));
        return all.size() == 1 ? Next.of(next, new Warn(Texts.of("book.alone"))) : Next.of(next);
    }

    private boolean worked(String partner) {
        return !camp.repetitionsOf(partner).isEmpty()
                || camp.rounds().all().stream().anyMatch(r -> r.worker().equals(partner));
    }

    private Next<BookState> noted(Noted noted) {
        return camp.drills()
                .get(noted.drillId())
                .map(drill -> Next.of(
                        state,
                        Save.of(
                                BookChanges.noted(camp, drill, here.today(), noted.text(), state.whose()),
                                new CloseForm())))
                .orElseGet(() -> Next.of(state));
    }
}
