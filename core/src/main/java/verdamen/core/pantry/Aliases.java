package verdamen.core.pantry;

import java.util.Map;
import verdamen.core.model.Coded;

/**
 * Codes that rows of the book had before they were renamed, so that what a kitchen has saved under an old code stays
 * readable. A row that was dropped has none: what names it is told as unknown.
 */
public final class Aliases {

    /** No row was ever renamed. */
    public static final Aliases NONE = new Aliases(Map.of());

    /** What a code belongs to. */
    public enum Kind implements Coded {
        INGREDIENT("ingredient"),
        FORM("form"),
        STYLE("style"),
        MEASURE("measure");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /** An old code. */
    public record Old(Kind kind, String code) {}

    private final Map<Old, String> current;

    /** Old codes and what they are now. */
    public Aliases(Map<Old, String> current) {
        this.current = Map.copyOf(current);
    }

    /** What a code is now: itself, unless its row was renamed. */
    public String current(Kind kind, String code) {
        return current.getOrDefault(new Old(kind, code), code);
    }

    /** Every old code with what it is now. */
    Map<Old, String> all() {
        return current;
    }
}
