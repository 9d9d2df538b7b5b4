package onebeat.desktop.rope;

import java.util.List;
import java.util.Optional;
import onebeat.desktop.nodes.LetterMeasure;
import onebeat.desktop.nodes.ShapePool;
import onebeat.desktop.rope.LabelPlaces.Box;

/// Writes words on the rope where there is room for them.
final class Lettering {

    /// What of a letter's size stands above and below the line it is written on; the rest is empty.
    private static final double ABOVE = 0.76;

    private static final double BELOW = 0.24;

    /// Kept free between two words side by side, in pixels.
    private static final double APART = 3;

    private final ShapePool marks;
    private final LetterMeasure measure;
    private final LabelPlaces places;

    Lettering(ShapePool marks, LetterMeasure measure, double width, double height) {
        this.marks = marks;
        this.measure = measure;
        this.places = new LabelPlaces(width, height);
    }

    /// Words that could be written.
    ///
    /// @param x the middle of the words, or where they begin
    /// @param y the line they stand on
    record Wish(String words, double x, double y, boolean centred, List<String> styles) {

        static Wish centred(String words, double x, double y, String... styles) {
            return new Wish(words, x, y, true, List.of(styles));
        }

        static Wish from(String words, double x, double y, String... styles) {
            return new Wish(words, x, y, false, List.of(styles));
        }
    }

    /// Writes the first of these for which there is room.
    ///
    /// @return where it stands; empty where there is room for none
    Optional<Box> write(List<Wish> wishes) {
        for (Wish wish : wishes) {
            Optional<Box> box = write(wish);
            if (box.isPresent()) {
                return box;
            }
        }
        return Optional.empty();
    }

    /// Writes this where there is room for it.
    Optional<Box> write(Wish wish) {
        String[] styles = wish.styles.toArray(String[]::new);
        double width = measure.width(wish.words, styles);
        double size = measure.size(styles);
        double x = wish.centred ? wish.x - width / 2 : wish.x;
        return places.take(new Box(x - APART / 2, wish.y - ABOVE * size, width + APART, (ABOVE + BELOW) * size))
                .map(box -> {
                    marks.text(wish.words, box.x() + APART / 2, wish.y, styles);
                    return box;
                });
    }
}
