package onebeat.desktop.rope;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Where words lie on a picture: they never cover one another and never leave it.
final class LabelPlaces {

    /// The room that words take, in pixels; `y` is its upper edge.
    record Box(double x, double y, double width, double height) {

        boolean covers(Box other) {
            return x < other.x + other.width
                    && other.x < x + width
                    && y < other.y + other.height
                    && other.y < y + height;
        }

        Box at(double otherX) {
            return new Box(otherX, y, width, height);
        }
    }

    private final double width;
    private final double height;
    private final List<Box> taken = new ArrayList<>();

    /// A picture of this size, empty.
    LabelPlaces(double width, double height) {
        this.width = width;
        this.height = height;
    }

    /// Takes a place, pushed sideways into the picture where it would leave it; empty where it is taken already, or
    /// where the picture is too small for it.
    Optional<Box> take(Box wish) {
        if (wish.width > width || wish.y < 0 || wish.y + wish.height > height) {
            return Optional.empty();
        }
        Box box = wish.at(Math.clamp(wish.x, 0, width - wish.width));
        if (taken.stream().anyMatch(box::covers)) {
            return Optional.empty();
        }
        taken.add(box);
        return Optional.of(box);
    }
}
