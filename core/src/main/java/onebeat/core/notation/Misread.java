package onebeat.core.notation;

import java.util.List;

/// Why a line could not be read, and where.
///
/// @param at the place, in characters from 0
/// @param end the end of what was read there; not before `at`
/// @param got what stood there, or a word such as `the end`
/// @param expected what could have stood there, in the coach's words
/// @param nearest known words that are written nearly like it, the nearest first; often empty
public record Misread(int at, int end, String got, String expected, List<String> nearest) implements Reading {

    public Misread {
        nearest = List.copyOf(nearest);
    }

    /// The whole message in one sentence, places counted from 1.
    public String sentence() {
        String hint = nearest.isEmpty() ? "" : " Nearest: " + String.join(", ", nearest) + ".";
        return "At character " + (at + 1) + ": read " + got + ", expected " + expected + "." + hint;
    }
}
