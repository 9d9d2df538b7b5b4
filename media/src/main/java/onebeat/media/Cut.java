package onebeat.media;

import java.util.List;

/// Moments of films that are put one after the other into one film: each at its own speed first, then slow and held
/// where it lands, with words under it.
///
/// @param title what stands on the first picture, a line each; empty for none
public record Cut(List<String> title, List<Moment> moments) {

    /// How long before a moment it begins, in seconds.
    public static final double LEAD_S = 1.2;

    /// How long after a moment it ends, in seconds.
    public static final double AFTER_S = 1.8;

    public Cut {
        title = List.copyOf(title);
        moments = List.copyOf(moments);
    }

    /// A moment of a film.
    ///
    /// @param atS where what is looked at lands, in seconds
    /// @param words what stands under it, a line each, the first one larger
    public record Moment(FilmFile film, double atS, List<String> words) {

        public Moment {
            words = List.copyOf(words);
        }
    }
}
