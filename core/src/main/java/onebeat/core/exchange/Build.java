package onebeat.core.exchange;

/// The lengths of one fighter's body in a fighting stance, in centimetres, from stature, span and the published
/// proportions of [Segment].
///
/// The proportions give an arm by stature; a measured span says more, so the arm's segments are scaled
/// until both arms and the shoulders between make up the span.
public record Build(double heightCm, double spanCm) {

    static final Constants NUMBERS = Constants.of(Build.class, "build.csv", "constant");

    private static final double SINK = NUMBERS.get("sink");
    private static final double BODY = NUMBERS.get("body");
    private static final double FIST = NUMBERS.get("fist");
    private static final double HEAD_DEPTH = NUMBERS.get("head_depth");
    private static final double BODY_DEPTH = NUMBERS.get("body_depth");
    private static final double LEG_DEPTH = NUMBERS.get("leg_depth");

    /// The middle of the thigh, as a share of stature: half way between knee and hip.
    private static final double THIGH = (Segment.KNEE.share() + Segment.HIP.share()) / 2;

    /// The middle of the lower leg, as a share of stature.
    private static final double CALF = (Segment.KNEE.share() + Segment.ANKLE.share()) / 2;

    public static Build of(Fighter fighter) {
        return new Build(fighter.heightCm(), fighter.spanCm());
    }

    /// From the shoulder to the knuckles of an arm held out.
    public double armCm() {
        return (Segment.UPPER_ARM.share() + Segment.FOREARM.share() + FIST * Segment.HAND.share()) * perSpan();
    }

    /// From the shoulder to the point of the elbow.
    public double upperArmCm() {
        return Segment.UPPER_ARM.share() * perSpan();
    }

    private double perSpan() {
        double wholeSpan = 2
                * (Segment.UPPER_ARM.share()
                        + Segment.FOREARM.share()
                        + Segment.HAND.share()
                        + Segment.HALF_SHOULDERS.share());
        return spanCm / wholeSpan;
    }

    /// From the hip to the ankle.
    public double legCm() {
        return (Segment.HIP.share() - Segment.ANKLE.share()) * heightCm;
    }

    /// From the hip to the knee.
    public double thighCm() {
        return (Segment.HIP.share() - Segment.KNEE.share()) * heightCm;
    }

    public double shoulderHeightCm() {
        return (Segment.SHOULDER.share() - SINK) * heightCm;
    }

    public double hipHeightCm() {
        return (Segment.HIP.share() - SINK) * heightCm;
    }

    public double halfShouldersCm() {
        return Segment.HALF_SHOULDERS.of(heightCm);
    }

    /// How high above the floor a strike at this level lands on this body.
    public double targetHeightCm(Level level) {
        return switch (level) {
            case HEAD -> ((Segment.CHIN.share() + Segment.EYE.share()) / 2 - SINK) * heightCm;
            case BODY, NONE -> (BODY - SINK) * heightCm;
            case LEG -> THIGH * heightCm;
            case CALF -> CALF * heightCm;
        };
    }

    /// How far in front of this body's axis a strike at this level lands.
    public double depthCm(Level level) {
        double share = switch (level) {
            case HEAD -> HEAD_DEPTH;
            case BODY, NONE -> BODY_DEPTH;
            case LEG, CALF -> LEG_DEPTH;
        };
        return share * heightCm;
    }
}
