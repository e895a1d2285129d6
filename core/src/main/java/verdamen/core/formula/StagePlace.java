package verdamen.core.formula;

import verdamen.core.model.Coded;

/** Where a stage stands until the next one begins. */
public enum StagePlace implements Coded {
    KITCHEN("kitchen"),
    WARM("warm"),
    FRIDGE("fridge");

    private final String code;

    StagePlace(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
