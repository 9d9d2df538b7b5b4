package onebeat.core.exchange;

/// Which foot stands in front: the left one in orthodox, the right one in southpaw.
public enum Stance {
    ORTHODOX,
    SOUTHPAW;

    public Stance changed() {
        return this == ORTHODOX ? SOUTHPAW : ORTHODOX;
    }
}
