package verdamen.core.formula;

import verdamen.core.model.Coded;

/** What happens between kneading and rolling. */
public enum PhaseKind implements Coded {
    /** A rest in the kitchen. */
    REST("rest"),
    /** A rest in a warm place. */
    WARM("warm"),
    /** A rest in the fridge. */
    CHILL("chill"),
    /** Kneading once more. */
    KNEAD("knead");

    private final String code;

    PhaseKind(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
