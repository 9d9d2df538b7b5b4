package onebeat.core.notation;

/// How large a line is when it is played: actions of the longest way through it, ways through it, and nesting. A pause
/// or a range counts like an action, or a set of pauses could grow without end. Counts stop growing at [#ENOUGH], so
/// that nothing overflows.
record Size(long actions, long ways, int depth) {

    static final long ENOUGH = 1_000_000;
    static final int MOST_ACTIONS = 500;
    static final int MOST_WAYS = 64;
    static final int MOST_DEPTH = 16;

    static final Size NOTHING = new Size(0, 1, 0);

    private static final Size ONE = new Size(1, 1, 0);

    Size then(Size next) {
        return new Size(cap(actions + next.actions), cap(ways * next.ways), Math.max(depth, next.depth));
    }

    Size or(Size other) {
        return new Size(Math.max(actions, other.actions), cap(ways + other.ways), Math.max(depth, other.depth));
    }

    Size times(int n) {
        long allWays = 1;
        for (int i = 0; i < n; i++) {
            allWays = cap(allWays * ways);
        }
        return new Size(cap(actions * n), allWays, depth);
    }

    Size nested() {
        return new Size(actions, ways, depth + 1);
    }

    private static long cap(long count) {
        return Math.min(count, ENOUGH);
    }

    static Size of(Item item) {
        return switch (item) {
            case Pause _, RangeMark _ -> ONE;
            case Repeat set -> of(set.line()).times(set.most()).nested();
            case Reads reads ->
                reads.branches().stream()
                        .map(b -> actions(b.cue()).then(of(b.answer())))
                        .reduce(Size::or)
                        .orElse(NOTHING)
                        .nested();
            case Choice choice ->
                choice.options().stream()
                        .map(Size::of)
                        .reduce(Size::or)
                        .orElse(NOTHING)
                        .nested();
            case Half half ->
                half.units().stream()
                        .flatMap(u -> u.calls().stream())
                        .map(Size::actions)
                        .reduce(NOTHING, Size::then);
            case Named named -> of(named.line()).nested();
        };
    }

    static Size of(Line line) {
        return line.items().stream().map(Size::of).reduce(NOTHING, Size::then);
    }

    private static Size actions(Call call) {
        return switch (call) {
            case Act _ -> ONE;
            case Partner partner -> new Size(partner.items().size(), 1, 0);
        };
    }
}
