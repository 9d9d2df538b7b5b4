package onebeat.media;

import java.nio.IntBuffer;

/// A frame of a film as it is seen: upright, its pixels square.
///
/// @param frame which one it is, from 0
/// @param timeS when it is shown, in seconds
/// @param width in pixels
/// @param height in pixels
/// @param argb its pixels, row by row from the top; not copied, so nobody changes it
public record FilmPicture(int frame, double timeS, int width, int height, IntBuffer argb) {}
