package onebeat.core.notation;

import java.util.List;

/// Calls on the same beat: `catch+1`.
public record Unit(List<Call> calls, Span span) {

    public Unit {
        calls = List.copyOf(calls);
    }
}
