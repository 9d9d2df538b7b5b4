package onebeat.core.camp;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.core.notation.Notation;
import onebeat.core.notation.OwnLine;
import onebeat.core.notation.Read;
import onebeat.core.notation.Vocabulary;
import onebeat.core.timing.Rung;

/// What another camp has that this one may take: its lines and its film. Each tells what is alike here already.
///
/// @param here the camp that takes
/// @param other the camp that gives; it stays as it is
/// @param filmHere where a film file of the other camp lies as seen from this one
public record CampOffer(Camp here, Camp other, UnaryOperator<String> filmHere, List<Line> lines, List<Film> films) {

    public CampOffer {
        lines = List.copyOf(lines);
        films = List.copyOf(films);
    }

    /// A line of the other camp.
    ///
    /// @param alike the name of the line here that is the same, if there is one
    /// @param readable whether it can be read here, with the words of the coach's own that come along
    public record Line(Drill drill, Optional<String> alike, boolean readable) {

        /// Whether it would bring something new.
        public boolean isNew() {
            return alike.isEmpty() && readable;
        }
    }

    /// A reel of the other camp.
    ///
    /// @param fresh exchanges on it that are not here
    /// @param known exchanges on it that are here already, on a reel of its name
    public record Film(Reel reel, int fresh, int known) {

        public boolean isNew() {
            return fresh > 0;
        }
    }

    /// What one camp offers another.
    public static CampOffer of(Camp here, Camp other, UnaryOperator<String> filmHere) {
        Map<String, String> names = new HashMap<>();
        here.drills()
                .all()
                .forEach(drill -> names.putIfAbsent(canonical(drill.line(), here.vocabulary()), drill.name()));
        Vocabulary both = Vocabulary.standard().with(together(here, other));
        List<Line> lines = new ArrayList<>();
        for (Drill drill : other.drills().all()) {
            boolean readable = Notation.read(drill.line(), both) instanceof Read;
            String line = canonical(drill.line(), readable ? both : other.vocabulary());
            lines.add(new Line(drill, Optional.ofNullable(names.get(line)), readable));
        }
        List<Film> films = new ArrayList<>();
        for (Reel reel : other.reels().all()) {
            Arrivals arrivals = arrivals(here, other, filmHere, List.of(reel));
            films.add(new Film(reel, arrivals.fresh(), arrivals.known()));
        }
        return new CampOffer(here, other, filmHere, lines, films);
    }

    /// The change that takes some of it, as one step; empty where nothing new would come.
    ///
    /// @param lines ids of lines of the other camp
    /// @param reels ids of its reels
    /// @param today when the lines come here
    public Optional<Edit> taken(Collection<String> lines, Collection<String> reels, LocalDate today) {
        List<Edit> edits = new ArrayList<>();
        Set<String> words = new TreeSet<>();
        int number = Integer.parseInt(here.drills().nextId("d").substring(1));
        for (Line line : this.lines) {
            if (lines.contains(line.drill.id()) && line.readable) {
                edits.add(Edit.add(Place.DRILLS, copied(line.drill, "d" + number++, today)));
                addOwnWords(line.drill.line(), words);
            }
        }
        for (String word : words) {
            edits.add(0, Edit.add(Place.OWN_LINES, other.ownLines().get(word).orElseThrow()));
        }
        List<Reel> chosen =
                other.reels().all().stream().filter(r -> reels.contains(r.id())).toList();
        edits.addAll(arrivals(here, other, filmHere, chosen).edits());
        return edits.isEmpty() ? Optional.empty() : Optional.of(new Edit.Together(edits));
    }

    /// The athlete's place on the ladder comes along where it is the same athlete; another one begins at the
    /// whole line.
    private Drill copied(Drill drill, String id, LocalDate today) {
        boolean same =
                here.card().athlete().name().equals(other.card().athlete().name());
        Drill copy = new Drill(id, drill.name(), drill.line(), drill.bpm(), today, "", drill.odds());
        return same ? copy.at(drill.rung(), drill.bpm()) : copy.at(Rung.WHOLE, drill.bpm());
    }

    /// Adds the words of the other coach's own that a line needs and that are not known here.
    private void addOwnWords(String line, Set<String> words) {
        for (OwnLine own : other.ownLines().all()) {
            boolean isNeeded = here.ownLines().get(own.name()).isEmpty() && line.contains(own.name());
            if (isNeeded && words.add(own.name())) {
                addOwnWords(own.text(), words);
            }
        }
    }

    /// The own words of both, those of this camp first.
    private static List<OwnLine> together(Camp here, Camp other) {
        List<OwnLine> all = new ArrayList<>(here.ownLines().all());
        other.ownLines().all().stream()
                .filter(own -> here.ownLines().get(own.name()).isEmpty())
                .forEach(all::add);
        return all;
    }

    private static String canonical(String line, Vocabulary vocabulary) {
        return Notation.read(line, vocabulary) instanceof Read read ? Notation.print(read.line()) : line;
    }

    /// Reels come by their names, and film of the other camp's opponent keeps whose it is.
    private static Arrivals arrivals(Camp here, Camp other, UnaryOperator<String> filmHere, List<Reel> reels) {
        List<Exchange> exchanges = new ArrayList<>();
        List<Reel> told = new ArrayList<>();
        for (Reel reel : reels) {
            String subject = reel.subject().isEmpty() ? other.card().opponent().name() : reel.subject();
            told.add(new Reel(
                    reel.name(),
                    reel.name(),
                    reel.seconds(),
                    reel.roundSeconds(),
                    subject,
                    reel.isDrawn() ? "" : filmHere.apply(reel.file()),
                    reel.roundStarts()));
            other.exchangesOn(reel.id()).forEach(one -> exchanges.add(one.moved(one.id(), reel.name())));
        }
        return Arrivals.of(here, exchanges, told);
    }
}
