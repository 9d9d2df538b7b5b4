package onebeat.core.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import onebeat.core.holding.Contact;

/// How many touches the coach allows. The limits are the coach's own; the program knows none.
///
/// @param most the limits that are set
public record Limits(Map<Limit, Integer> most) {

    /// What is counted.
    public enum Of {
        /// Strikes to a head, of either, that meet no pad.
        HEAD,
        /// Touches on the partner's body.
        PARTNER;

        int in(Contact contact) {
            return this == HEAD ? contact.onHeads() : contact.onPartner();
        }

        /// The finding that an excess is.
        public Code code() {
            return this == HEAD ? Code.HEAD_LOAD : Code.PARTNER_LOAD;
        }
    }

    /// In what it is counted.
    public enum In {
        REPETITION,
        ROUND,
        SESSION,
        WEEK
    }

    /// One limit, written `head/round`.
    public record Limit(Of of, In in) {

        /// The words for it.
        public String word() {
            return (of + "/" + in).toLowerCase(Locale.ROOT);
        }

        /// The limit of these words.
        static Optional<Limit> of(String word) {
            for (Of of : Of.values()) {
                for (In in : In.values()) {
                    Limit limit = new Limit(of, in);
                    if (limit.word().equals(word)) {
                        return Optional.of(limit);
                    }
                }
            }
            return Optional.empty();
        }
    }

    /// A limit that is passed.
    ///
    /// @param touches how many there are
    /// @param most how many the coach allows
    public record Excess(Limit limit, int touches, int most) {}

    public Limits {
        most = Map.copyOf(most);
    }

    /// No limit set.
    public static Limits none() {
        return new Limits(Map.of());
    }

    /// These limits and one more.
    public Limits with(Of of, In in, int allowed) {
        Map<Limit, Integer> more = new LinkedHashMap<>(most);
        more.put(new Limit(of, in), allowed);
        return new Limits(more);
    }

    /// How many are allowed there, where a limit is set.
    public OptionalInt most(Of of, In in) {
        Integer allowed = most.get(new Limit(of, in));
        return allowed == null ? OptionalInt.empty() : OptionalInt.of(allowed);
    }

    /// What an account has too much of.
    public List<Excess> passedBy(Contact contact, In in) {
        List<Excess> all = new ArrayList<>();
        for (Of of : Of.values()) {
            int touches = of.in(contact);
            most(of, in).stream()
                    .filter(allowed -> touches > allowed)
                    .forEach(allowed -> all.add(new Excess(new Limit(of, in), touches, allowed)));
        }
        return all;
    }

    /// The limits in words, for example `head/round=30 partner/week=0`.
    public List<String> words() {
        return most.entrySet().stream()
                .sorted(Comparator.comparing(
                                (Map.Entry<Limit, Integer> e) -> e.getKey().of())
                        .thenComparing(e -> e.getKey().in()))
                .map(e -> e.getKey().word() + "=" + e.getValue())
                .toList();
    }
}
