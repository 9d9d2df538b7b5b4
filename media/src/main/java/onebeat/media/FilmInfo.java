package onebeat.media;

import java.util.Optional;

/// What a film file holds.
///
/// @param width of a frame as it is stored, in pixels, before it is turned upright
/// @param height of a frame as it is stored, in pixels, before it is turned upright
/// @param rotation by how much a frame is turned clockwise to stand upright: 0, 90, 180 or 270 degrees
/// @param frames how many frames there are, from 1
/// @param seconds how long it runs
/// @param fps how many frames a second it has in the mean; 0 where it has only one
/// @param sound what its sound is; empty where it has none
/// @param codec of its picture, by FFmpeg's name
public record FilmInfo(
        int width,
        int height,
        int rotation,
        int frames,
        double seconds,
        double fps,
        Optional<SoundInfo> sound,
        String codec) {

    /// The sound of a film.
    ///
    /// @param rate in samples a second
    /// @param channels how many
    public record SoundInfo(int rate, int channels) {}

    /// Whether it stands upright only when it is turned by a quarter.
    boolean isOnItsSide() {
        return rotation == 90 || rotation == 270;
    }

    /// How wide the upright picture is, in pixels.
    public int uprightWidth() {
        return isOnItsSide() ? height : width;
    }

    /// How tall the upright picture is, in pixels.
    public int uprightHeight() {
        return isOnItsSide() ? width : height;
    }
}
