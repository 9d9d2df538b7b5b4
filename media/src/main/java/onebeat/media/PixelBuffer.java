package onebeat.media;

import java.nio.ByteOrder;
import java.nio.IntBuffer;
import java.util.function.LongFunction;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.javacpp.PointerPointer;

/// Native memory for one picture of 4 bytes a pixel, for the scaler to write into or to read from. The scaler works in
/// whole vectors and goes past the end of a line where its width is no multiple of them: each line begins at a multiple
/// of [#LINE] bytes, and behind the last one there is room for a vector more.
final class PixelBuffer implements AutoCloseable {

    /// What the bytes of a line are a multiple of: the widest vectors of the scaler, 32 pixels.
    static final int LINE = 128;

    private static final int PLANES = 4;

    private final int width;
    private final int height;
    private final int lineInts;
    private final BytePointer bytes;
    private final IntBuffer lines;
    private final PointerPointer<BytePointer> planes = new PointerPointer<>(PLANES);
    private final IntPointer strides = new IntPointer(PLANES);

    /// @param width in pixels, from 1
    /// @param height in pixels, from 1
    PixelBuffer(int width, int height) {
        this(width, height, BytePointer::new);
    }

    /// The same in memory from somewhere else.
    ///
    /// @param memory gives so many bytes of native memory
    PixelBuffer(int width, int height, LongFunction<BytePointer> memory) {
        this.width = width;
        this.height = height;
        long stride = stride(width);
        lineInts = Math.toIntExact(stride / Integer.BYTES);
        bytes = memory.apply(size(width, height));
        // JavaCPP aligns to 16 bytes only: the first line begins at the next multiple.
        long begins = bytes.position() + Math.floorMod(-bytes.address() - bytes.position(), (long) LINE);
        BytePointer picture = new BytePointer(bytes).position(begins).limit(begins + stride * height);
        lines = picture.asByteBuffer().order(ByteOrder.LITTLE_ENDIAN).asIntBuffer();
        // Pictures of this kind have one plane: the others are null.
        planes.zero();
        strides.zero();
        planes.put(0, picture);
        strides.put(0, Math.toIntExact(stride));
    }

    private static long stride(int width) {
        return Math.ceilDiv((long) width * Integer.BYTES, LINE) * LINE;
    }

    /// How many bytes of memory a picture of this size takes.
    static long size(int width, int height) {
        return LINE + stride(width) * height + LINE;
    }

    boolean is(int wide, int tall) {
        return width == wide && height == tall;
    }

    /// Where the picture begins, as the scaler takes it.
    PointerPointer<BytePointer> planes() {
        return planes;
    }

    /// How far apart its lines are in bytes, as the scaler takes it.
    IntPointer strides() {
        return strides;
    }

    /// The picture, line after line without gaps.
    int[] pixels() {
        int[] pixels = new int[Math.multiplyExact(width, height)];
        for (int y = 0; y < height; y++) {
            lines.get(y * lineInts, pixels, y * width, width);
        }
        return pixels;
    }

    /// Takes a picture in, line after line without gaps.
    void put(int[] pixels) {
        for (int y = 0; y < height; y++) {
            lines.put(y * lineInts, pixels, y * width, width);
        }
    }

    @Override
    public void close() {
        planes.deallocate();
        strides.deallocate();
        bytes.deallocate();
    }
}
