package verdamen.core.formula;

/**
 * Where a dough stands after kneading, and for how long.
 *
 * @param minutes how long, minutes; infinite for the last place
 * @param celsius how warm it is there, °C
 * @param knocksBack whether the dough is kneaded there, and has lost its gas when it leaves
 */
public record Place(double minutes, double celsius, boolean knocksBack) {

    /** A place where it is left alone. */
    public Place(double minutes, double celsius) {
        this(minutes, celsius, false);
    }
}
