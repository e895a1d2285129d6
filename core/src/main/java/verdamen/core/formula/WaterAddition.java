package verdamen.core.formula;

import verdamen.core.model.Coded;

/** How the water goes in. */
public enum WaterAddition implements Coded {
    /** All at once; the default. */
    AT_ONCE("at-once"),
    /** Most of it, then small additions by feel. */
    IN_ADDITIONS("in-additions");

    private final String code;

    WaterAddition(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
