package onebeat.media;

import java.nio.file.Path;

/// What is told about film files that cannot be used.
final class Sentences {

    private Sentences() {}

    static String missing(Path path) {
        return "There is no film at " + path + ". Was it moved? Find it, or open another one.";
    }

    static String notAFile(Path path) {
        return path + " is no file that holds a film. Choose a film file.";
    }

    static String empty(Path path) {
        return path + " is empty. Copy the film from the camera again.";
    }

    static String noFilm(Path path) {
        return path + " is no film, or it was cut off before its list of frames was written."
                + " Copy it from the camera again, or open another one.";
    }

    static String noPicture(Path path) {
        return path + " holds no picture. Open a film, not a sound recording.";
    }

    static String noDecoder(Path path) {
        return "The picture or sound of " + path
                + " is of a kind that cannot be decoded here. Let the camera's own program save it as MP4.";
    }

    static String cannotRead(Path path) {
        return path + " cannot be read. Look at who may read it, or copy it to another place.";
    }

    /// What is told where an encoder does not take a picture.
    static final String CODER = "The film could not be coded. Nothing was written. Try a shorter cut.";

    /// What is told where a film cannot be written on.
    static final String NO_ROOM = "The film could not be written to its end: the disk may be full. Nothing was kept.";

    static String cannotWrite(Path path) {
        return path + " cannot be written. Choose another folder, or make room on the disk. Nothing was written.";
    }

    static String tooSlow(Path path) {
        return path + " could not be read in time. Check that its disk answers, or copy it to this machine.";
    }

    static String stopped(Path path) {
        return "Reading " + path + " was stopped. Nothing was changed.";
    }

    static String noLibrary(UnsatisfiedLinkError e) {
        return "Films cannot be shown on this machine: the library that decodes them does not load (" + e.getMessage()
                + "). All else works.";
    }
}
