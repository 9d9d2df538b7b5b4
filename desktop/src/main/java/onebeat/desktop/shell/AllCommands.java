package onebeat.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import onebeat.desktop.bench.Bench;
import onebeat.desktop.book.Book;
import onebeat.desktop.command.Command;
import onebeat.desktop.film.Film;
import onebeat.desktop.floor.Floor;
import onebeat.desktop.rounds.Rounds;
import onebeat.desktop.weeks.Weeks;

/// Every command of the program, in the order of the work.
public final class AllCommands {

    private AllCommands() {}

    /// The tables of the program and of the stations, one after the other.
    public static List<Command<?, ?>> list() {
        List<Command<?, ?>> all = new ArrayList<>(ProgramCommands.TABLE);
        all.addAll(Film.table());
        all.addAll(Bench.table());
        all.addAll(Rounds.table());
        all.addAll(Floor.table());
        all.addAll(Book.table());
        all.addAll(Weeks.table());
        return List.copyOf(all);
    }
}
