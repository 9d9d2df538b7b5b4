package onebeat.formats.out;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;

/// What went wrong with a file, in words that need no knowledge of Java.
public final class IoWords {

    private IoWords() {}

    /// The reason, without a stop at its end.
    public static String of(IOException e) {
        return switch (e) {
            case NoSuchFileException none -> none.getFile() + " is not there";
            case AccessDeniedException denied -> denied.getFile() + " may not be read or written";
            case CharacterCodingException _ -> "it is not text in UTF-8; save it as UTF-8 and try again";
            case NotDirectoryException no -> no.getFile() + " is no folder";
            case FileSystemException file
            when file.getReason() != null -> file.getFile() + ": " + small(String.valueOf(file.getReason()));
            case FileSystemException file -> file.getFile() + " is in the way";
            default -> e.getMessage() == null ? "the disk does not answer" : small(String.valueOf(e.getMessage()));
        };
    }

    /// Systems begin their reasons with a capital.
    private static String small(String reason) {
        boolean word = reason.length() > 1 && Character.isLowerCase(reason.charAt(1));
        return word ? Character.toLowerCase(reason.charAt(0)) + reason.substring(1) : reason;
    }
}
