package verdamen.core.formula;

import verdamen.core.model.Coded;

/** What stops a dough from sticking when it is rolled. */
public enum Sticking implements Coded {
    /** Flour on the bench. */
    BENCH_FLOUR("bench-flour"),
    /** Wet hands. */
    WET_HANDS("wet-hands"),
    /** Oiled hands and bench. */
    OILED("oiled"),
    /** Pressed between sheets; the dough takes up nothing. */
    SHEETS("sheets");

    private final String code;

    Sticking(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
