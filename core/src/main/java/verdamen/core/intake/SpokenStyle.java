package verdamen.core.intake;

import java.util.Locale;
import verdamen.core.model.Coded;

/**
 * The style that a recipe speaks of.
 *
 * @param code code of the style
 * @param by what of the recipe speaks of it
 */
public record SpokenStyle(String code, By by) {

    /** What of a recipe speaks of its style. */
    public enum By implements Coded {
        /** Its title. */
        TITLE,
        /** What it says it makes. */
        MADE,
        /** Its method. */
        METHOD;

        @Override
        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }
    }
}
