package verdamen.core.balance;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.pantry.Style;

/** Where the plain water of a formula stands against the range it needs. */
public enum Standing implements Coded {
    /** Less than the range. */
    NEEDS_WATER("needs-water"),
    /** Inside the window as it is. */
    IN_BALANCE("in-balance"),
    /** Above the window. */
    TOO_WET("too-wet");

    private final String code;

    Standing(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }

    /** Where a softness stands against a style's window, both ends of which are inside; in balance when nothing drinks. */
    static Standing of(@Nullable Double softness, Style style) {
        if (softness == null) {
            return IN_BALANCE;
        }
        if (softness < style.softnessLow()) {
            return NEEDS_WATER;
        }
        return softness > style.softnessHigh() ? TOO_WET : IN_BALANCE;
    }
}
