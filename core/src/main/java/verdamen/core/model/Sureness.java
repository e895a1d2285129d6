package verdamen.core.model;

/** How well a coefficient is known. */
public enum Sureness implements Coded {
    /** Physics, a convention, or measured often. */
    HIGH("high"),
    /** General cereal-science or kitchen knowledge; the usual case varies around it. */
    MEDIUM("medium"),
    /** Our own first setting; kitchens may find otherwise. */
    LOW("low");

    private final String code;

    Sureness(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
