package onebeat.core.opening;

import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Table;
import onebeat.core.exchange.Technique;
import org.jspecify.annotations.Nullable;

/// What is known of the partner: the reactions, what each posture covers, and the numbers of belief and
/// memory. The shipped tables are common practice; each number can be changed by itself.
public final class PartnerModel {

    /// The tables by name.
    public enum Name {
        COVERAGE,
        REACTIONS,
        NUMBERS,
        AFTER_DEFENCE,
        EXPOSURE,
        LEFT_OPEN,
        ZONES
    }

    private static final Map<String, String> SHOWN = shown();
    private static final Film NO_FILM = new Film(Map.of(), 1);
    private static final PartnerModel USUAL = usual(readAll());

    private final Map<Name, NumberTable> tables;
    private final double[][] coverage = new double[Posture.values().length][];
    private final double[] busy = new double[Posture.values().length];
    private final double[] coming = new double[Posture.values().length];
    private final Map<String, Map<Level, double[][]>> reactions = new HashMap<>();
    private final Map<String, Double> numbers = new HashMap<>();
    private final LeftOpen leftOpen;
    private final ZoneWorth zones;

    /// What was seen, added to the tables.
    ///
    /// @param weight how many sightings a row of the tables counts for
    private record Film(Map<Stimulus, Map<Posture, Integer>> counts, double weight) {}

    private final Film film;

    /// Made when it is first asked for: it is asked for with every search.
    private volatile @Nullable PartnerModel firstSight;

    private final ReactionRows reactionRows;

    private PartnerModel(Map<Name, NumberTable> tables, ReactionRows reactionRows, Film film) {
        this.tables = tables;
        this.reactionRows = reactionRows;
        this.film = film;
        readNumbers();
        cover();
        react();
        this.leftOpen = new LeftOpen(table(Name.LEFT_OPEN));
        this.zones = new ZoneWorth(table(Name.ZONES), number("adds_up_most"));
    }

    private static PartnerModel usual(Map<Name, NumberTable> tables) {
        NumberTable reactions = Objects.requireNonNull(tables.get(Name.REACTIONS));
        return new PartnerModel(tables, ReactionRows.of(reactions.rows()), NO_FILM);
    }

    private void readNumbers() {
        for (Name name : new Name[] {Name.NUMBERS, Name.EXPOSURE}) {
            NumberTable table = table(name);
            table.rows().forEach(row -> numbers.put(row, table.value(row)));
        }
    }

    /// The shipped tables.
    public static PartnerModel usual() {
        return USUAL;
    }

    private static Map<Name, NumberTable> readAll() {
        Map<Name, NumberTable> tables = new EnumMap<>(Name.class);
        tables.put(Name.COVERAGE, NumberTable.read("coverage.csv", "posture", Set.of()));
        tables.put(Name.REACTIONS, NumberTable.read("reactions.csv", "stimulus", Set.of()));
        tables.put(Name.NUMBERS, NumberTable.read("numbers.csv", "number", Set.of("meaning")));
        tables.put(Name.AFTER_DEFENCE, NumberTable.read("after_defence.csv", "defence", Set.of()));
        tables.put(Name.EXPOSURE, NumberTable.read("exposure.csv", "number", Set.of("meaning")));
        tables.put(Name.LEFT_OPEN, NumberTable.read("left_open.csv", "after", Set.of()));
        tables.put(Name.ZONES, NumberTable.read("zones.csv", "zone", Set.of()));
        return Collections.unmodifiableMap(tables);
    }

    private static Map<String, String> shown() {
        Map<String, String> postures = new HashMap<>();
        Table.rows(PartnerModel.class, "shown.csv")
                .forEach(row -> postures.put(row.get("reaction"), row.get("posture")));
        return postures;
    }

    public NumberTable table(Name name) {
        NumberTable table = tables.get(name);
        if (table == null) {
            throw new IllegalStateException("no table " + name);
        }
        return table;
    }

    /// The same with one number changed.
    public PartnerModel with(Name name, NumberTable.Cell cell, double value) {
        Map<Name, NumberTable> changed = new EnumMap<>(tables);
        NumberTable other = table(name).with(cell, value);
        changed.put(name, other);
        boolean sameRows =
                name != Name.REACTIONS || other.rows().equals(table(name).rows());
        return new PartnerModel(
                Collections.unmodifiableMap(changed), sameRows ? reactionRows : ReactionRows.of(other.rows()), film);
    }

    /// The same with sightings added to the reactions: each row is a prior that counts for `weight`
    /// sightings, and what was seen is added to it (the mean of a Dirichlet posterior). Where the tables
    /// know no reaction, what was seen stands against staying at guard.
    public PartnerModel learned(Map<Stimulus, Map<Posture, Integer>> counts, double weight) {
        return new PartnerModel(tables, reactionRows, new Film(Map.copyOf(counts), weight));
    }

    /// The same partner who has not seen anything of the line before and expects nothing of it: what single
    /// answers are held against, since a pattern belongs to what was shown before.
    public PartnerModel atFirstSight() {
        PartnerModel known = firstSight;
        if (known == null) {
            NumberTable numbers = table(Name.NUMBERS);
            for (String pattern : List.of("pattern_once", "pattern_twice", "pattern_thrice", "pattern_often")) {
                numbers = numbers.with(new NumberTable.Cell(pattern, "value"), 0);
            }
            Map<Name, NumberTable> changed = new EnumMap<>(tables);
            changed.put(Name.NUMBERS, numbers);
            known = new PartnerModel(Collections.unmodifiableMap(changed), reactionRows, film);
            firstSight = known;
        }
        return known;
    }

    /// Of the reactions to an action the one that opens a zone most: likely, and less covered than the guard. Empty
    /// where none opens it.
    public Optional<Posture> opener(Stimulus stimulus, Zone zone) {
        return openers(stimulus, zone).stream().findFirst();
    }

    /// The reactions to an action that open a zone, the one that opens it most first.
    public List<Posture> openers(Stimulus stimulus, Zone zone) {
        return Catalogue.standard()
                .byCode(stimulus.code())
                .flatMap(t -> reaction(t, stimulus.level(), stimulus.arrives()))
                .map(odds -> Arrays.stream(Posture.values())
                        .filter(p -> p != Posture.GUARD && odds[index(p)] * open(p, zone) > 0)
                        .sorted(Comparator.comparingDouble(p -> -odds[index(p)] * open(p, zone)))
                        .toList())
                .orElse(List.of());
    }

    /// Whether a zone is less covered in a posture than at guard.
    public boolean opens(Posture posture, Zone zone) {
        return open(posture, zone) > 0;
    }

    private double open(Posture posture, Zone zone) {
        return coverage(index(Posture.GUARD), zone) - coverage(index(posture), zone);
    }

    /// The odds of a posture after an action; empty where the partner does not react.
    public Optional<Double> chance(Stimulus stimulus, Posture posture) {
        return Catalogue.standard()
                .byCode(stimulus.code())
                .flatMap(t -> reaction(t, stimulus.level(), stimulus.arrives()))
                .map(odds -> odds[index(posture)]);
    }

    /// Rows of one side are told for the partner's lead side and hold mirrored for the rear one.
    private void cover() {
        NumberTable table = table(Name.COVERAGE);
        for (String row : table.rows()) {
            for (Side side : Side.values()) {
                int posture = index(Posture.of(row, side));
                double[] zones = new double[Zone.values().length];
                for (Zone zone : Zone.values()) {
                    Zone told = Posture.isSided(row) && side == Side.REAR ? zone.mirrored() : zone;
                    zones[index(zone)] =
                            clamp(table.at(new NumberTable.Cell(row, told.name().toLowerCase(Locale.ROOT))));
                }
                coverage[posture] = zones;
                busy[posture] = clamp(table.at(new NumberTable.Cell(row, "busy")));
                coming[posture] = clamp(table.at(new NumberTable.Cell(row, "coming")));
            }
        }
    }

    static double clamp(double share) {
        return Math.clamp(share, 0.0, 1.0);
    }

    /// How far a posture covers a zone, 0 to 1.
    double coverage(int posture, Zone zone) {
        return coverage[posture][index(zone)];
    }

    double coverage(int posture, int zone) {
        return coverage[posture][zone];
    }

    /// How little the partner can answer from a posture, 0 to 1.
    double busy(int posture) {
        return busy[posture];
    }

    /// How far the partner is coming on in a posture, 0 to 1.
    double coming(int posture) {
        return coming[posture];
    }

    /// A number of `numbers.csv` or `exposure.csv`.
    double number(String name) {
        Double value = numbers.get(name);
        if (value == null) {
            throw new IllegalStateException("no number " + name);
        }
        return value;
    }

    /// How the partner reacts to an action, as odds over postures; empty where they do not.
    ///
    /// @param arrives the side of the partner on which it comes
    Optional<double[]> reaction(Technique technique, Level level, Side arrives) {
        return Optional.ofNullable(reactions.get(technique.code()))
                .flatMap(byLevel -> Optional.ofNullable(byLevel.get(level)))
                .map(bySide -> bySide[arrives == Side.LEAD ? 0 : 1]);
    }

    private void react() {
        NumberTable table = table(Name.REACTIONS);
        Map<String, double[][]> odds = new HashMap<>();
        reactionRows.byTechnique().forEach((code, rows) -> {
            Map<Level, double[][]> byLevel = new EnumMap<>(Level.class);
            rows.forEach((level, name) -> {
                double[][] bySide = odds.computeIfAbsent(name, row -> odds(table.row(row)));
                // Each action its own: what is seen of one is not seen of another that has the same row.
                byLevel.put(level, new double[][] {bySide[0].clone(), bySide[1].clone()});
            });
            reactions.put(code, byLevel);
        });
        film.counts.forEach(this::learn);
    }

    private static double[][] odds(Map<String, Double> row) {
        return new double[][] {odds(row, Side.LEAD), odds(row, Side.REAR)};
    }

    private void learn(Stimulus stimulus, Map<Posture, Integer> seen) {
        double[][] bySide = reactions
                .computeIfAbsent(stimulus.code(), _ -> new EnumMap<>(Level.class))
                .computeIfAbsent(stimulus.level(), _ -> new double[][] {atGuard(), atGuard()});
        double[] odds = bySide[stimulus.arrives() == Side.LEAD ? 0 : 1];
        int all = seen.values().stream().mapToInt(n -> n).sum();
        for (Posture posture : Posture.values()) {
            int i = index(posture);
            odds[i] = (film.weight * odds[i] + seen.getOrDefault(posture, 0)) / (film.weight + all);
        }
    }

    private static double[] atGuard() {
        double[] odds = new double[Posture.values().length];
        odds[index(Posture.GUARD)] = 1;
        return odds;
    }

    private static double[] odds(Map<String, Double> row, Side arrives) {
        double[] odds = new double[Posture.values().length];
        row.forEach((word, share) -> odds[index(Posture.of(word, arrives))] += Math.max(0, share));
        double sum = Arrays.stream(odds).sum();
        for (int i = 0; i < odds.length; i++) {
            odds[i] = sum > 0 ? odds[i] / sum : 0;
        }
        return odds;
    }

    private static final String PARRY = "parry";
    private static final String PARRY_LOW = "parry_low";

    /// The posture that the partner takes where the line tells them what to do.
    ///
    /// @param met at what level the strike comes that it meets; empty where it meets none
    public Optional<Posture> shown(Technique technique, Side side, Optional<Level> met) {
        boolean low = met.filter(level -> level == Level.BODY).isPresent();
        return Optional.ofNullable(SHOWN.get(technique.code()))
                .map(word -> Posture.of(low && word.equals(PARRY) ? PARRY_LOW : word, side));
    }

    /// Milliseconds by which the partner's next hand is late after this defence (F24).
    public double delayMs(Technique defence) {
        return table(Name.AFTER_DEFENCE).at(new NumberTable.Cell(defence.code(), "delay_ms"));
    }

    /// What a strike leaves open on the body of the one who threw it.
    LeftOpen leftOpen() {
        return leftOpen;
    }

    /// What it is worth to land in a zone.
    public ZoneWorth zones() {
        return zones;
    }

    @SuppressWarnings("EnumOrdinal") // the place in the arrays that this class lays out itself
    static int index(Posture posture) {
        return posture.ordinal();
    }

    @SuppressWarnings("EnumOrdinal") // the place in the arrays that this class lays out itself
    static int index(Zone zone) {
        return zone.ordinal();
    }
}
