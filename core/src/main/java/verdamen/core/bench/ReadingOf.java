package verdamen.core.bench;

import verdamen.core.model.Coded;
import verdamen.core.model.Limit;

/** What is read at the bench. */
enum ReadingOf implements Coded {
    /** Temperature of the dough, °C. */
    DOUGH("dough", Limit.PROBE_C),
    /** Temperature of the water, °C. */
    WATER("water", Limit.PROBE_C),
    /** Surface of pan, griddle or oven, °C. */
    PAN("pan", Limit.PAN_READ_C),
    /** The kitchen, °C. */
    ROOM("room", Limit.ROOM_C),
    /** Relative humidity of its air, %. */
    HUMIDITY("humidity", Limit.AIR_HUMIDITY_PCT),
    /** Moisture of a flour, %. */
    MOISTURE("moisture", Limit.MOISTURE_PCT),
    /** The whole dough on the scale, g. */
    DOUGH_GRAMS("dough-grams", Limit.GRAMS),
    /** A cooked piece on the scale, g. */
    COOKED_GRAMS("cooked-grams", Limit.PIECE_GRAMS);

    private final String code;
    private final Limit limit;

    ReadingOf(String code, Limit limit) {
        this.code = code;
        this.limit = limit;
    }

    @Override
    public String code() {
        return code;
    }

    Limit limit() {
        return limit;
    }
}
