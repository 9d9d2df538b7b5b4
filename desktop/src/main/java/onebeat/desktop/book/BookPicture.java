package onebeat.desktop.book;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import onebeat.core.book.Ledger;
import onebeat.core.book.Ledger.Day;
import onebeat.core.book.Proposal.Move;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Filling;
import onebeat.core.camp.Proposals;
import onebeat.core.camp.Turns;
import onebeat.desktop.app.Situation;

/// All that the book shows, worked out from the camp.
///
/// @param camp as the one sees it whose book this is
/// @param proposals what happened to its lines, and what comes of that
/// @param others whether it is a partner's book
/// @param entries what ran last stands first; where something is looked for, only what has it
/// @param row the chosen entry, from 0
/// @param first the earliest day that is shown
/// @param next what is proposed for the next session
/// @param solid names of the lines that may go up or are kept
/// @param fresh names of the lines that never ran
record BookPicture(
        Camp camp,
        Proposals proposals,
        boolean others,
        String search,
        LocalDate today,
        List<BookRow.Entry> entries,
        int row,
        LocalDate first,
        List<Filling.Choice> next,
        List<String> solid,
        List<String> fresh) {

    /// So many lines are proposed for the next session.
    static final int NEXT = 4;

    BookPicture {
        entries = List.copyOf(entries);
        next = List.copyOf(next);
        solid = List.copyOf(solid);
        fresh = List.copyOf(fresh);
    }

    static BookPicture of(Situation<BookState> here) {
        Camp camp = camp(here);
        BookState state = here.state();
        Proposals proposals = Proposals.of(camp);
        List<BookRow.Entry> entries = entries(camp, proposals::ledger, state.search());
        return new BookPicture(
                camp,
                proposals,
                !camp.equals(here.camp()),
                state.search(),
                here.today(),
                entries,
                Math.clamp(state.row(), 0, Math.max(0, entries.size() - 1)),
                entries.stream()
                        .flatMap(e -> e.ledger().days().stream())
                        .map(Day::date)
                        .min(Comparator.naturalOrder())
                        .orElse(here.today()),
                Filling.of(proposals, here.today(), NEXT),
                names(
                        camp,
                        d -> proposals
                                .of(d)
                                .filter(p -> p.move() == Move.UP || p.move() == Move.KEEP)
                                .isPresent()),
                names(camp, d -> proposals.ledger(d).days().isEmpty()));
    }

    /// The camp as the one sees it whose book this is; the athlete's where that one is no partner any more.
    static Camp camp(Situation<BookState> here) {
        return Turns.workedBy(here.camp(), here.state().whose()).orElse(here.camp());
    }

    /// The drill of the chosen row.
    static Optional<Drill> chosen(Situation<BookState> here) {
        List<BookRow.Entry> entries = entries(camp(here), here.state().search());
        int row = Math.clamp(here.state().row(), 0, Math.max(0, entries.size() - 1));
        return entries.stream().skip(row).findFirst().map(BookRow.Entry::drill);
    }

    static List<BookRow.Entry> entries(Camp camp, String search) {
        return entries(camp, drill -> camp.ledger(drill.id()), search);
    }

    private static List<BookRow.Entry> entries(Camp camp, Function<Drill, Ledger> ledger, String search) {
        String wanted = search.strip().toLowerCase(Locale.ROOT);
        return camp.drills().all().stream()
                .filter(d -> wanted.isEmpty() || has(camp, d, wanted))
                .map(d -> new BookRow.Entry(d, ledger.apply(d)))
                .filter(e -> !wanted.isEmpty() || !e.ledger().days().isEmpty())
                .sorted(Comparator.comparing(BookRow.Entry::last).reversed())
                .toList();
    }

    private static boolean has(Camp camp, Drill drill, String wanted) {
        return drill.name().toLowerCase(Locale.ROOT).contains(wanted)
                || drill.line().contains(wanted)
                || camp.notesOf(drill.id()).stream()
                        .anyMatch(n -> n.text().toLowerCase(Locale.ROOT).contains(wanted));
    }

    private static List<String> names(Camp camp, Predicate<Drill> so) {
        return camp.drills().all().stream().filter(so).map(Drill::name).toList();
    }

    /// The same with another row chosen: nothing else hangs on that.
    BookPicture at(int chosen) {
        int place = Math.clamp(chosen, 0, Math.max(0, entries.size() - 1));
        return new BookPicture(camp, proposals, others, search, today, entries, place, first, next, solid, fresh);
    }

    int judged() {
        return entries.stream()
                .flatMap(e -> e.ledger().days().stream())
                .mapToInt(Day::judged)
                .sum();
    }

    int minutes() {
        return entries.stream()
                        .flatMap(e -> e.ledger().days().stream())
                        .mapToInt(Day::seconds)
                        .sum()
                / 60;
    }
}
