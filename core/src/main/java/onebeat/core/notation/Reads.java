package onebeat.core.notation;

import java.util.List;

/// `{ (1): … | (3): … }`: the athlete reads the cue and answers.
public record Reads(List<Branch> branches, Span span) implements Item {

    public Reads {
        branches = List.copyOf(branches);
    }

    /// One cue and its answer.
    public record Branch(Partner cue, Line answer) {}
}
