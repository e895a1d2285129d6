package verdamen.core.edit;

import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Water;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.Scale;

/**
 * A line of water that was left to the dough, and that the dough needs more or less of by now.
 *
 * @param line its index
 * @param grams what it needs now, as a scale shows it, g
 * @param sd standard deviation of that, g
 */
public record FollowingWater(int line, double grams, double sd) {

    /** The first line that follows the dough's need and is behind it; null when there is none. */
    public static @Nullable FollowingWater of(FormulaSpec spec, Water water) {
        for (int index = 0; index < spec.linesOrNone().size(); index++) {
            LineSpec line = spec.lineOrNull(index);
            boolean follows = line != null
                    && line.origin() != null
                    && Boolean.TRUE.equals(line.origin().follows());
            if (follows && line.grams() != null) {
                double grams = Scale.shown(Math.max(0, line.grams() + water.missing()));
                return grams == Scale.shown(line.grams()) ? null : new FollowingWater(index, grams, water.sd());
            }
        }
        return null;
    }
}
