package onebeat.desktop.book;

import java.util.List;
import onebeat.core.camp.Proposals;
import onebeat.desktop.app.Situation;
import onebeat.desktop.book.BookAction.Do;
import onebeat.desktop.command.Command;
import onebeat.desktop.command.Group;
import onebeat.desktop.command.Scope;

/// The commands of the book.
final class BookCommands {

    private BookCommands() {}

    static final List<Command<Situation<BookState>, BookAction>> TABLE = List.of(
            of(Group.WORK, "book.take", Do.TAKE_PROPOSAL, "T").bar(),
            of(Group.WORK, "book.tonight", Do.TAKE_LINE, "R")
                    .when(BookCommands::hasChosen)
                    .bar(),
            of(Group.WORK, "book.decide", Do.DECIDE, "O")
                    .when(BookCommands::hasProposal)
                    .bar(),
            of(Group.WORK, "book.note", Do.NOTE, "N")
                    .when(BookCommands::hasChosen)
                    .bar(),
            of(Group.WORK, "book.bench", Do.TO_BENCH, "B", "Enter")
                    .when(BookCommands::hasChosen)
                    .bar(),
            of(Group.CHOOSE, "book.up", Do.LINE_UP, "Up").when(BookCommands::hasChosen),
            of(Group.CHOOSE, "book.down", Do.LINE_DOWN, "Down").when(BookCommands::hasChosen),
            of(Group.SHOW, "book.whose", Do.NEXT_BOOK, "W").bar(),
            of(Group.FILES, "book.write", Do.WRITE, "X").bar());

    private static Command<Situation<BookState>, BookAction> of(
            Group group, String id, BookAction action, String... keys) {
        return Command.of(Scope.BOOK, group, id, action, keys);
    }

    private static boolean isAthletes(Situation<BookState> here) {
        return here.state().whose().isEmpty();
    }

    private static boolean hasChosen(Situation<BookState> here) {
        return BookPicture.chosen(here).isPresent();
    }

    private static boolean hasProposal(Situation<BookState> here) {
        return !isAthletes(here)
                || BookPicture.chosen(here)
                        .flatMap(drill -> Proposals.of(here.camp(), drill))
                        .isPresent();
    }
}
