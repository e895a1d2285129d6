package verdamen.core.learning;

import java.util.List;
import verdamen.core.formula.FormulaSpec;

/**
 * A finished batch whose softness was felt.
 *
 * @param id what it is known by
 * @param felt what was felt of it, in order; what was put in between is in the bowl of the later ones. At least one
 * @param counts whether somebody counts it, or leaves it out
 */
public record Batch(long id, List<Felt> felt, Counts counts) {

    /**
     * A feel.
     *
     * @param formula what was in the bowl when it was felt
     * @param minute when that was, minutes since water met flour
     * @param feel code of the word for it
     */
    public record Felt(FormulaSpec formula, double minute, String feel) {}

    /** Whether a batch teaches. */
    public enum Counts {
        /** Nobody has said: it does unless it is far off. */
        NOT_SAID,
        /** It does, however far off. */
        YES,
        /** It is left out. */
        NO
    }

    /** A batch that was felt at least once. */
    public Batch {
        felt = List.copyOf(felt);
        if (felt.isEmpty()) {
            throw new IllegalArgumentException("a batch that was not felt says nothing");
        }
    }

    /** A batch that was felt once. */
    public Batch(long id, FormulaSpec formula, double minute, String feel, Counts counts) {
        this(id, List.of(new Felt(formula, minute, feel)), counts);
    }

    /** What was felt last. */
    public Felt last() {
        return felt.get(felt.size() - 1);
    }
}
