package verdamen.core.model;

/** How well a figure is known. */
public enum Confidence implements Coded {
    /** Physics, a convention, or measured often. */
    HIGH("high"),
    /** General cereal-science or kitchen knowledge; the usual case varies around it. */
    MEDIUM("medium"),
    /** Our own first setting; kitchens may find otherwise. */
    LOW("low");

    private final String code;

    Confidence(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }

    /** Relative standard deviation of an absorption that is known so well, as a share of it. */
    public double relativeSd() {
        return switch (this) {
            case HIGH -> Coefficient.CONFIDENCE_HIGH_SD.value();
            case MEDIUM -> Coefficient.CONFIDENCE_MEDIUM_SD.value();
            case LOW -> Coefficient.CONFIDENCE_LOW_SD.value();
        };
    }
}
