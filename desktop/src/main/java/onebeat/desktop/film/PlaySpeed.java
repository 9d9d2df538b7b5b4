package onebeat.desktop.film;

/// How fast a film runs, against its own speed.
enum PlaySpeed {
    QUARTER(0.25),
    HALF(0.5),
    OWN(1),
    DOUBLE(2);

    private final double rate;

    PlaySpeed(double rate) {
        this.rate = rate;
    }

    double rate() {
        return rate;
    }

    PlaySpeed slower() {
        return switch (this) {
            case QUARTER, HALF -> QUARTER;
            case OWN -> HALF;
            case DOUBLE -> OWN;
        };
    }

    PlaySpeed faster() {
        return switch (this) {
            case QUARTER -> HALF;
            case HALF -> OWN;
            case OWN, DOUBLE -> DOUBLE;
        };
    }

    /// Half speed and back.
    PlaySpeed halved() {
        return this == HALF ? OWN : HALF;
    }
}
