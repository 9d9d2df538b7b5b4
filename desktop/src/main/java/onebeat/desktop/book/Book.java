package onebeat.desktop.book;

import java.util.List;
import javafx.scene.layout.Region;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.Effect;
import onebeat.desktop.app.FilesOut;
import onebeat.desktop.app.Navigator;
import onebeat.desktop.app.Situation;
import onebeat.desktop.app.Station;
import onebeat.desktop.app.StationLoop;
import onebeat.desktop.app.StationName;
import onebeat.desktop.book.BookAction.Noted;
import onebeat.desktop.book.BookAction.Search;
import onebeat.desktop.book.BookEffect.AskNote;
import onebeat.desktop.book.BookEffect.CloseForm;
import onebeat.desktop.book.BookEffect.WriteOut;
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.Command;
import onebeat.desktop.text.Texts;
import onebeat.formats.book.BookOut;
import onebeat.formats.out.OutFiles;
import org.jspecify.annotations.Nullable;

/// The book: one strand for each drill across the days, and what is proposed next.
public final class Book implements Station {

    private final CampSession app;
    private final Navigator navigator;
    private final StationLoop<BookState, BookAction> loop;
    private final BookView view;
    private final List<BoundCommand> commands;
    private @Nullable Shown shown;

    /// What the last picture was worked out from, but for the chosen row.
    private record Shown(Camp camp, String whose, String search, BookPicture picture) {}

    public Book(CampSession app, Navigator navigator) {
        this.app = app;
        this.navigator = navigator;
        this.loop = new StationLoop<>(
                StationName.BOOK, app, navigator, BookState.FIRST, BookUpdate::update, this::render, this::perform);
        this.view = new BookView(loop::dispatch);
        this.commands = BoundCommand.all(BookCommands.TABLE, loop::situation, loop::dispatch);
    }

    /// All commands of this station.
    public static List<? extends Command<?, ?>> table() {
        return BookCommands.TABLE;
    }

    @Override
    public StationName name() {
        return StationName.BOOK;
    }

    @Override
    public Region view() {
        return view;
    }

    @Override
    public List<BoundCommand> commands() {
        return commands;
    }

    @Override
    public boolean searches() {
        return true;
    }

    @Override
    public void lineSeen(Seen seen) {
        loop.dispatch(new Search(seen.text()));
    }

    @Override
    public void open() {
        loop.render();
    }

    @Override
    public void entered(Seen seen) {
        // What is looked for stays.
    }

    private void render(Situation<BookState> here) {
        BookState state = here.state();
        Shown before = shown;
        BookPicture picture = before != null
                        && before.camp.equals(here.camp())
                        && before.whose.equals(state.whose())
                        && before.search.equals(state.search())
                ? before.picture.at(state.row())
                : BookPicture.of(here);
        shown = new Shown(here.camp(), state.whose(), state.search(), picture);
        view.render(picture);
    }

    private void perform(Effect.OfStation effect) {
        switch ((BookEffect) effect) {
            case AskNote ask -> askNote(ask.drill());
            case CloseForm() -> navigator.closeForm();
            case WriteOut() -> writeOut();
        }
    }

    private void askNote(Drill drill) {
        NoteForm form = new NoteForm(
                drill,
                BookPicture.camp(loop.situation()).notesOf(drill.id()),
                text -> loop.dispatch(new Noted(drill.id(), text)));
        navigator.open(form);
        form.begin();
    }

    /// Writes the books beside the camp file, as CSV and as JSON.
    private void writeOut() {
        Camp camp = app.camp();
        FilesOut.beside(app, app.folder().resolve(Texts.of("book.out.folder")), (folder, written) -> {
            BookOut.write(camp, folder, FilesOut.files(), OutFiles.Taken.NUMBER, written);
            return Texts.of("book.out", folder, String.join(", ", written));
        });
    }
}
