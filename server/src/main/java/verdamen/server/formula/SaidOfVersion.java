package verdamen.server.formula;

import java.util.Locale;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.revision.Said;

/**
 * What was said of a version when it was saved, and what is said of it now.
 *
 * @param number the version's number
 * @param then what was said; null where it could not be told
 * @param now what is said now; null when the version cannot be read with the pantry of now
 * @param why why that is something else; null where it is the same, or one of them is not known
 */
public record SaidOfVersion(
        int number,
        @Nullable Said then,
        @Nullable Said now,
        @Nullable Why why) {

    /** Why something else is said now. */
    public enum Why implements Coded {
        /** The model has another revision. */
        MODEL,
        /** The kitchen's own figures are others, or its flours have taught. */
        KITCHEN;

        @Override
        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    static SaidOfVersion of(int number, @Nullable Said then, @Nullable Said now) {
        Why why = null;
        if (then != null && now != null && then.differsFrom(now)) {
            why = then.revision() == now.revision() ? Why.KITCHEN : Why.MODEL;
        }
        return new SaidOfVersion(number, then, now, why);
    }
}
