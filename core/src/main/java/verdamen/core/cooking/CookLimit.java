package verdamen.core.cooking;

import verdamen.core.model.Coded;

/** What holds up one piece after another. */
public enum CookLimit implements Coded {
    /** The seconds a piece takes. */
    TIME("time"),
    /** The pan cools faster than it recovers. */
    HEAT("heat"),
    /** The stone has to get hot again between two loads. */
    STONE("stone");

    private final String code;

    CookLimit(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
