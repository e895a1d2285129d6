package verdamen.core.pantry;

/**
 * A word for how a dough feels, with its touch test.
 *
 * @param code its code
 * @param name the word
 * @param softnessFrom softness from which it applies, inclusive
 * @param softnessTo softness up to which it applies, exclusive
 * @param softnessMid softness it stands for when felt
 * @param touchTest how to tell
 */
public record Feel(
        String code, String name, double softnessFrom, double softnessTo, double softnessMid, String touchTest) {

    /** The same word for a style whose doughs are handled at so many times the softness. */
    public Feel scaledBy(double scale) {
        return new Feel(code, name, scale * softnessFrom, scale * softnessTo, scale * softnessMid, touchTest);
    }
}
