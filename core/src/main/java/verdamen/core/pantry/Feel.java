package verdamen.core.pantry;

import org.jspecify.annotations.Nullable;

/**
 * A word for how a dough feels, with its touch test.
 *
 * @param code its code
 * @param name the word
 * @param softnessFrom softness from which it applies, inclusive
 * @param softnessTo softness up to which it applies, exclusive
 * @param softnessMid softness it stands for when felt
 * @param touchTest how to tell
 * @param touchInWindow how to tell it of a dough that is right for its style: such a dough neither cracks nor sticks; absent
 *     where {@code touchTest} says nothing else
 */
public record Feel(
        String code,
        String name,
        double softnessFrom,
        double softnessTo,
        double softnessMid,
        String touchTest,
        @Nullable String touchInWindow) {

    /** The same word with the softness that it stands for in a style, and the touch test that fits a dough of it there. */
    public Feel of(Style style) {
        double mid = style.softnessFelt(softnessMid);
        return new Feel(
                        code,
                        name,
                        style.softnessFelt(softnessFrom),
                        style.softnessFelt(softnessTo),
                        mid,
                        touchTest,
                        touchInWindow)
                .told(style.hasInWindow(mid));
    }

    /** The same word with the touch test of a dough that is inside its window, or is not. */
    Feel told(boolean inWindow) {
        return inWindow && touchInWindow != null
                ? new Feel(code, name, softnessFrom, softnessTo, softnessMid, touchInWindow, touchInWindow)
                : this;
    }
}
