package verdamen.core.bench;

import verdamen.core.model.Coded;

/** What a step needs beside hands and what is weighed. */
public enum Need implements Coded {
    /** A scale. */
    SCALE("scale"),
    /** Bowls. */
    BOWLS("bowls"),
    /** A tray for pieces. */
    TRAY("tray"),
    /** A clean, damp towel. */
    TOWEL("towel"),
    /** A bowl of water for wet hands. */
    WATER_BOWL("water-bowl"),
    /** A timer. */
    TIMER("timer"),
    /** A board, knife or grater. */
    BOARD("board"),
    /** A pan, griddle or oven. */
    PAN("pan"),
    /** A thermometer. */
    THERMOMETER("thermometer"),
    /** Room on the bench. */
    BENCH("bench"),
    /** A mixer. */
    MIXER("mixer"),
    /** Room in the fridge. */
    FRIDGE("fridge"),
    /** A scraper. */
    SCRAPER("scraper"),
    /** A rolling pin or press. */
    PIN("pin"),
    /** A brush. */
    BRUSH("brush");

    private final String code;

    Need(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
