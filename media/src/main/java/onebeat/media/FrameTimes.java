package onebeat.media;

import java.util.Arrays;

/// When each frame of a film is shown. Frames are counted from 0 in the order in which they are seen; times are
/// seconds from the first one. Rates may vary.
public final class FrameTimes {

    private final long[] shownAt;
    private final int[] keys;
    private final long[] keysRead;
    private final double unitS;
    private final double lastS;

    /// @param shownAt when each frame is shown, rising, in units
    /// @param keys the frames that can be decoded by themselves, rising
    /// @param keysRead for each of them the time at which it stands in the file, in units
    /// @param unitS how long a unit is, in seconds
    /// @param lastS how long the last frame is shown, in seconds
    FrameTimes(long[] shownAt, int[] keys, long[] keysRead, double unitS, double lastS) {
        this.shownAt = shownAt.clone();
        this.keys = keys.clone();
        this.keysRead = keysRead.clone();
        this.unitS = unitS;
        this.lastS = lastS;
    }

    /// How many frames there are, from 1.
    public int frames() {
        return shownAt.length;
    }

    /// When a frame is shown, in seconds.
    ///
    /// @param frame from 0; one beyond the ends is the first or the last
    public double timeS(int frame) {
        return (shownAt[inside(frame)] - shownAt[0]) * unitS;
    }

    /// How long the film runs, in seconds.
    public double seconds() {
        return timeS(frames() - 1) + lastS;
    }

    /// How many frames a second there are in the mean; 0 where there is only one.
    public double perSecond() {
        return frames() == 1 ? 0 : (frames() - 1) / timeS(frames() - 1);
    }

    /// The frame that is seen at a time, the first or the last one beyond the ends.
    public int frameAt(double timeS) {
        // A time that was worked out from a frame is that frame's, whatever was rounded on the way.
        long moment = (long) Math.floor(timeS / unitS + ROUNDING) + shownAt[0];
        int at = Arrays.binarySearch(shownAt, moment);
        return inside(at >= 0 ? at : -at - 2);
    }

    /// The frame whose beginning is nearest to a time.
    public int nearest(double timeS) {
        int frame = frameAt(timeS);
        return frame + 1 < frames() && timeS(frame + 1) - timeS < timeS - timeS(frame) ? frame + 1 : frame;
    }

    private static final double ROUNDING = 1e-4;

    private int inside(int frame) {
        return Math.clamp(frame, 0, frames() - 1);
    }

    /// When the first frame is shown in the file's own count, in seconds.
    double originS() {
        return shownAt[0] * unitS;
    }

    /// The frame that is shown at a time in units; -1 where there is none.
    int shownAt(long moment) {
        int at = Arrays.binarySearch(shownAt, moment);
        return at >= 0 ? at : -1;
    }

    /// The frame that is nearest to a time in moment.
    int nearestShown(long moment) {
        int at = Arrays.binarySearch(shownAt, moment);
        if (at >= 0) {
            return at;
        }
        int after = -at - 1;
        if (after == 0 || after == frames()) {
            return inside(after);
        }
        return moment - shownAt[after - 1] <= shownAt[after] - moment ? after - 1 : after;
    }

    /// From which key frame a frame is decoded.
    ///
    /// @return its place among the key frames; -1 for the beginning of the file
    int keyFor(int frame) {
        int at = Arrays.binarySearch(keys, frame);
        return at >= 0 ? at : -at - 2;
    }

    /// A key frame.
    int key(int place) {
        return place < 0 ? 0 : keys[place];
    }

    /// Where a key frame stands in the file, in units; where the first frame is shown, before the first of them.
    long keyRead(int place) {
        return place < 0 ? shownAt[0] : keysRead[place];
    }
}
