package onebeat.core.play;

/// One of the two.
public enum Who {
    ATHLETE,
    PARTNER;

    public Who other() {
        return this == ATHLETE ? PARTNER : ATHLETE;
    }
}
