package verdamen.core.evaluation;

import java.util.List;
import verdamen.core.model.Coded;
import verdamen.core.model.Term;

/**
 * Something to mind about a formula that is not a fault.
 *
 * @param kind what it is
 * @param terms the figures it rests on
 */
public record Warning(Kind kind, List<Term> terms) {

    /** What there is to mind. */
    public enum Kind implements Coded {
        /** The softness asked for lies outside the style's window. */
        TARGET_OUTSIDE_WINDOW("target-outside-window"),
        /** The dough rests longer than is usual for the style. */
        LONG_REST("long-rest"),
        /** At the rest asked for, the dough is outside its rolling window. */
        ROLLED_OUTSIDE_WINDOW("rolled-outside-window"),
        /** The sheet asked for is thinner than the dough can be rolled. */
        SHEET_TOO_THIN("sheet-too-thin"),
        /** The wall round the filling is thinner than holds. */
        WALL_TOO_THIN("wall-too-thin"),
        /** What yeast goes into is so warm that it is harmed. */
        WARM_FOR_YEAST("warm-for-yeast"),
        /** A dough of cold mash is chilled, but not cold enough yet to be rolled. */
        WARM_TO_ROLL("warm-to-roll"),
        /** Some lines do not count, because their amount or ingredient is not known yet. */
        OPEN_LINES("open-lines");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }
}
