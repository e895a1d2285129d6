package verdamen.server.intake;

import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Coded;

/**
 * An open line whose amount is to be found.
 *
 * @param formula the formula
 * @param line index of the open line, from 0
 * @param how the way to find it
 * @param doughGrams for {@code dough-weight}: the dough as weighed, g
 * @param bowlLossPct for {@code dough-weight}: what stayed on the bowl, % of the dough; left out for the usual 1.5
 * @param beforeGrams for {@code jug}: the jug before, g
 * @param afterGrams for {@code jug}: the jug after, g
 */
record FillRequest(
        @Nullable FormulaSpec formula,
        int line,
        @Nullable How how,
        @Nullable Double doughGrams,
        @Nullable Double bowlLossPct,
        @Nullable Double beforeGrams,
        @Nullable Double afterGrams) {

    /** A way to find an unknown amount. */
    enum How implements Coded {
        /** The liquid that gives the softness aimed for. */
        MODEL("model"),
        /** A usual amount of salt. */
        CUSTOM("custom"),
        /** From the dough on the scale. */
        DOUGH_WEIGHT("dough-weight"),
        /** From a jug weighed before and after. */
        JUG("jug");

        private final String code;

        How(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }
}
