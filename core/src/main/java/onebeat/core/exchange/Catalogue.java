package onebeat.core.exchange;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;

/// All techniques that a call line can name, read from `techniques.csv`.
public final class Catalogue {

    private static final Catalogue STANDARD = read();

    private final Map<String, Technique> byCode;
    private final Map<String, Technique> byName;
    private final Map<String, Map<Side, Technique>> onSide = new HashMap<>();

    private Catalogue(Map<String, Technique> byCode) {
        this.byCode = Collections.unmodifiableMap(byCode);
        Map<String, Technique> names = new LinkedHashMap<>();
        byCode.values().forEach(t -> names.put(t.name(), t));
        this.byName = Collections.unmodifiableMap(names);
        for (Technique sided : byCode.values()) {
            if (sided.isDefence()) {
                sided.fixedSide()
                        .ifPresent(side -> unsided(sided)
                                .ifPresent(open -> onSide.computeIfAbsent(open.code(), _ -> new EnumMap<>(Side.class))
                                        .put(side, sided)));
            }
        }
    }

    /// The catalogue that ships with the program.
    public static Catalogue standard() {
        return STANDARD;
    }

    public Collection<Technique> all() {
        return byCode.values();
    }

    /// The technique of this canonical name.
    public Optional<Technique> byCode(String code) {
        return Optional.ofNullable(byCode.get(code));
    }

    /// The technique of this full name, for example `lead hook`.
    public Optional<Technique> byName(String name) {
        return Optional.ofNullable(byName.get(name));
    }

    /// The technique of this canonical name, which the caller knows to be in the table.
    ///
    /// @throws IllegalArgumentException if it is not
    public Technique get(String code) {
        return byCode(code).orElseThrow(() -> new IllegalArgumentException("no technique " + code));
    }

    /// The technique that this one becomes at a level, or empty where the level is not allowed. `rmid` at the head is
    /// `rhigh`.
    public Optional<Technique> atLevel(Technique technique, Level level) {
        return Optional.ofNullable(technique.levels().get(level)).flatMap(this::byCode);
    }

    /// The same technique from the other side, as it goes at a level; empty where there is none.
    public Optional<Technique> twin(Technique technique, Level level) {
        return technique
                .traits()
                .twin()
                .flatMap(this::byCode)
                .flatMap(t -> atLevel(t, level).or(() -> t.levels().isEmpty() ? Optional.of(t) : Optional.empty()));
    }

    /// The technique that leaves the side open and is otherwise this one: `block` for `lblock`.
    public Optional<Technique> unsided(Technique technique) {
        Optional<Motion> other = technique.traits().twin().flatMap(this::byCode).map(Technique::motion);
        return all().stream()
                .filter(t -> t.kind() == technique.kind()
                        && t.family() == technique.family()
                        && t.fixedSide().isEmpty()
                        && t.side() != SideRule.BOTH
                        && t.traits().fate() == technique.traits().fate()
                        && t.traits().move() == technique.traits().move()
                        && (t.motion().equals(technique.motion()) || other.equals(Optional.of(t.motion()))))
                .findFirst();
    }

    /// The technique that this one is on a side: `lblock` for a `block` on the lead side. Itself where there is no
    /// other.
    public Technique onSide(Technique technique, Side side) {
        return onSide.getOrDefault(technique.code(), Map.of()).getOrDefault(side, technique);
    }

    private static Catalogue read() {
        Map<String, Technique> rows = new LinkedHashMap<>();
        for (CSVRecord row : Table.rows(Catalogue.class, "techniques.csv")) {
            Technique technique = technique(row);
            if (rows.put(technique.code(), technique) != null) {
                throw new IllegalStateException("two rows for " + technique.code());
            }
        }
        return new Catalogue(rows);
    }

    private static Technique technique(CSVRecord row) {
        String code = row.get("code");
        return new Technique(
                code,
                row.get("key"),
                row.get("name"),
                one(Kind.class, row.get("kind")),
                one(Family.class, row.get("family")),
                one(Path.class, row.get("path")),
                one(SideRule.class, row.get("side")),
                one(Part.class, row.get("part")),
                levels(code, row.get("levels")),
                ranges(row.get("ranges")),
                one(StanceEffect.class, row.get("stance")),
                Integer.parseInt(row.get("counts")),
                new Motion(Integer.parseInt(row.get("contact_ms")), Integer.parseInt(row.get("home_ms"))),
                new Ends(number(row, "turn"), number(row, "weight"), number(row, "height")),
                row.get("wind").isEmpty() ? Optional.empty() : Optional.of(number(row, "wind")),
                new DriveShares(
                        number(row, "drive_turn"),
                        number(row, "drive_weight"),
                        number(row, "drive_height"),
                        number(row, "arm_share")),
                one(Arrival.class, row.get("comes")),
                words(row.get("meets")).stream().map(Target::parse).toList(),
                gap(row.get("gap")),
                traits(row),
                row.get("provenance"));
    }

    private static Traits traits(CSVRecord row) {
        return new Traits(
                share(row, "worth"),
                words(row.get("stops")).stream().map(Traits.Stop::parse).toList(),
                words(row.get("evades")).stream().map(Target::parse).toList(),
                row.get("fate").isEmpty() ? Fate.LANDED : one(Fate.class, row.get("fate")),
                row.get("move").isEmpty() ? Move.NONE : one(Move.class, row.get("move")),
                row.get("exit").equals("yes"),
                row.get("feints").equals("yes"),
                row.get("twin").isEmpty() ? Optional.empty() : Optional.of(row.get("twin")),
                share(row, "around"),
                row.get("loads").equals("yes"));
    }

    private static double share(CSVRecord row, String column) {
        return row.get(column).isEmpty() ? 0 : number(row, column);
    }

    private static Map<Level, String> levels(String code, String text) {
        Map<Level, String> levels = new LinkedHashMap<>();
        for (String word : words(text)) {
            int equals = word.indexOf('=');
            String level = equals < 0 ? word : word.substring(0, equals);
            levels.put(one(Level.class, level), equals < 0 ? code : word.substring(equals + 1));
        }
        return Collections.unmodifiableMap(levels);
    }

    private static Set<Band> ranges(String text) {
        List<Band> bands = words(text).stream().map(w -> one(Band.class, w)).toList();
        return bands.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(bands));
    }

    private static GapChange gap(String text) {
        return switch (text) {
            case "clinch" -> new GapChange.IntoClinch();
            case "" -> new GapChange.By(0);
            default -> new GapChange.By(Double.parseDouble(text));
        };
    }

    private static List<String> words(String text) {
        return text.isBlank()
                ? List.of()
                : new ArrayList<>(Arrays.asList(text.trim().split(" +")));
    }

    private static double number(CSVRecord row, String column) {
        return Double.parseDouble(row.get(column));
    }

    private static <E extends Enum<E>> E one(Class<E> type, String word) {
        return Enum.valueOf(type, word.toUpperCase(Locale.ROOT));
    }
}
