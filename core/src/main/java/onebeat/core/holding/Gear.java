package onebeat.core.holding;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/// What a partner can hold or wear.
public enum Gear {
    MITTS,
    KICKPADS,
    SHIELD,
    BELLY,
    GUARDS;

    /// The word for it, for example `kickpads`.
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /// The gear of this word.
    public static Optional<Gear> of(String word) {
        return Arrays.stream(values()).filter(g -> g.word().equals(word)).findFirst();
    }

    /// Mitts and guards: what is assumed where nothing is said.
    public static Set<Gear> usual() {
        return Collections.unmodifiableSet(EnumSet.of(MITTS, GUARDS));
    }

    /// Everything.
    public static Set<Gear> all() {
        return Collections.unmodifiableSet(EnumSet.allOf(Gear.class));
    }

    /// Whether it takes a hand; each hand has its own for the whole line, since nobody changes in the middle of it.
    public boolean takesHands() {
        return this == MITTS || this == KICKPADS || this == SHIELD;
    }

    /// All words.
    public static String words() {
        return Arrays.stream(values()).map(Gear::word).collect(Collectors.joining(", "));
    }
}
