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

    /** The same word with the softness that it stands for in a style. */
    public Feel of(Style style) {
        return new Feel(
                code,
                name,
                style.softnessFelt(softnessFrom),
                style.softnessFelt(softnessTo),
                style.softnessFelt(softnessMid),
                touchTest);
    }

    /** The same word with another touch test. */
    Feel withTouchTest(String other) {
        return new Feel(code, name, softnessFrom, softnessTo, softnessMid, other);
    }
}
