package verdamen.core.learning;

import verdamen.core.formula.FormulaSpec;

/**
 * A finished batch whose softness was felt.
 *
 * @param id what it is known by
 * @param formula what was in the bowl when it was felt
 * @param minute when that was, minutes since water met flour
 * @param feel code of the word for it
 * @param counts whether somebody counts it, or leaves it out
 */
public record Batch(long id, FormulaSpec formula, double minute, String feel, Counts counts) {

    /** Whether a batch teaches. */
    public enum Counts {
        /** Nobody has said: it does unless it is far off. */
        NOT_SAID,
        /** It does, however far off. */
        YES,
        /** It is left out. */
        NO
    }
}
