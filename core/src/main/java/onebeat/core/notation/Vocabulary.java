package onebeat.core.notation;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Stance;

/// The names that a call line may use: the catalogue and the coach's own lines.
public final class Vocabulary {

    private static final Vocabulary STANDARD =
            new Vocabulary(Catalogue.standard(), Map.of(), Optional.empty(), Optional.empty());

    private final Catalogue catalogue;
    private final Map<String, Line> own;
    private final Optional<Stance> athlete;
    private final Optional<Stance> partner;

    /// @param own is not copied: while own lines are being read, each finds those that were read before it
    private Vocabulary(Catalogue catalogue, Map<String, Line> own, Optional<Stance> athlete, Optional<Stance> partner) {
        this.catalogue = catalogue;
        this.own = own;
        this.athlete = athlete;
        this.partner = partner;
    }

    /// This vocabulary for two stances: then `left hook` means something.
    public Vocabulary spokenBy(Stance athleteStance, Stance partnerStance) {
        return new Vocabulary(catalogue, own, Optional.of(athleteStance), Optional.of(partnerStance));
    }

    /// The athlete's stance, where it is known.
    Optional<Stance> athlete() {
        return athlete;
    }

    /// The partner's stance, where it is known.
    Optional<Stance> partner() {
        return partner;
    }

    /// The catalogue alone.
    public static Vocabulary standard() {
        return STANDARD;
    }

    /// This vocabulary with the coach's own lines, which may use one another in any order. Lines that cannot be read
    /// with it (a name that is gone, two that call each other) are left out; using them is then a misread.
    public Vocabulary with(Collection<OwnLine> lines) {
        Map<String, Line> known = new LinkedHashMap<>(own);
        List<OwnLine> waiting = new ArrayList<>(lines);
        Vocabulary soFar = new Vocabulary(catalogue, known, athlete, partner);
        boolean progress = true;
        while (progress && !waiting.isEmpty()) {
            progress = waiting.removeIf(
                    line -> Notation.read(line.text(), soFar) instanceof Read read && add(known, line.name(), read));
        }
        return new Vocabulary(catalogue, Map.copyOf(known), athlete, partner);
    }

    private static boolean add(Map<String, Line> known, String name, Read read) {
        known.put(name, read.line());
        return true;
    }

    public Catalogue catalogue() {
        return catalogue;
    }

    /// The own line of this name.
    public Optional<Line> own(String name) {
        return Optional.ofNullable(own.get(name));
    }

    public Collection<String> ownNames() {
        return own.keySet();
    }
}
