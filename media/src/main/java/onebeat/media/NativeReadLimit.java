package onebeat.media;

import java.time.Duration;
import org.bytedeco.ffmpeg.avformat.AVIOInterruptCB;
import org.bytedeco.javacpp.LongPointer;
import org.bytedeco.javacpp.Pointer;

/// How long one native call may read. FFmpeg asks before each part that it reads from the file; past the limit the call
/// ends as if the file could not be read on. To be used by one thread.
final class NativeReadLimit implements AutoCloseable {

    /// One for all: a callback of its own for each film would run out of them. What it is handed is the time until
    /// which that film's call may go on.
    private static final AVIOInterruptCB.Callback_Pointer CALLBACK = new AVIOInterruptCB.Callback_Pointer() {
        @Override
        public int call(Pointer until) {
            return System.nanoTime() - new LongPointer(until).get() > 0 ? 1 : 0;
        }
    };

    private final long limitNs;
    private final LongPointer until = new LongPointer(1);
    private final AVIOInterruptCB callback = new AVIOInterruptCB();

    NativeReadLimit(Duration limit) {
        limitNs = limit.toNanos();
        callback.callback(CALLBACK);
        callback.opaque(until);
        begin();
    }

    /// A call begins.
    void begin() {
        until.put(System.nanoTime() + limitNs);
    }

    /// Whether the call that began last ran out of time.
    boolean isOver() {
        return System.nanoTime() - until.get() > 0;
    }

    /// What FFmpeg asks.
    AVIOInterruptCB callback() {
        return callback;
    }

    @Override
    public void close() {
        callback.deallocate();
        until.deallocate();
    }
}
