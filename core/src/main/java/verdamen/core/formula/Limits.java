package verdamen.core.formula;

/**
 * The allowed ranges of what is typed into a formula. Beyond them a value is a slip of the pen or the scale, not a
 * dough.
 */
enum Limits {
    /** Up to 1,000 kg a line. */
    GRAMS(0, 1_000_000),
    WATER_PCT(0, 100),
    /** Flour moister than 25 % would spoil and clump; it is not flour any more. */
    MOISTURE_PCT(0, 25),
    PROTEIN_PCT(0, 100),
    /** Psyllium, the thirstiest ingredient, takes up nine times its mass. */
    ABSORPTION_PCT(20, 1500),
    ABSORPTION_SD_PCT(0, 500),
    PIECE_MM(0, 50),
    WATER_TEMPERATURE_C(0, 100),
    /** Up to three days. */
    REST_MINUTES(0, 4320),
    SHEET_MM(0.3, 60),
    SOFTNESS_TARGET(0.3, 5),
    /** From frozen to straight from the pan. */
    LINE_TEMPERATURE_C(-25, 150),
    QUANTITY(0, 1_000_000),
    PIECES(1, 100_000),
    PIECE_GRAMS(1, 100_000);

    private final double least;
    private final double most;

    Limits(double least, double most) {
        this.least = least;
        this.most = most;
    }

    double least() {
        return least;
    }

    double most() {
        return most;
    }
}
