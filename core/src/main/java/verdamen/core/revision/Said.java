package verdamen.core.revision;

import java.util.Objects;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Standing;
import verdamen.core.balance.Water;
import verdamen.core.formula.Formula;
import verdamen.core.model.Limit;
import verdamen.core.model.Revision;

/**
 * What a revision of the model says of a formula, in short.
 *
 * @param revision the revision, from 1
 * @param needed plain water it needs, g; below 0 when there is too much already
 * @param low lower end of the range in which that is told, g
 * @param high upper end of it, g
 * @param softness softness when rolled; null when nothing drinks
 * @param feel code of the word for it; null when nothing drinks
 * @param standing where it stands against the style's window
 */
public record Said(
        int revision,
        double needed,
        double low,
        double high,
        @Nullable Double softness,
        @Nullable String feel,
        Standing standing) {

    /** What this program says of a formula. */
    public static Said of(Formula formula) {
        Balance balance = Balance.of(formula);
        Water water = balance.water();
        Double softness = balance.softness();
        return new Said(
                Revision.ofTheModel(),
                water.needed(),
                water.told().low(),
                water.told().high(),
                softness,
                softness == null
                        ? null
                        : formula.pantry().feel(softness, formula.style()).code(),
                water.standing());
    }

    /** Whether a model of this program can have said it, so that what comes from elsewhere may be kept. */
    public boolean couldBeSaid() {
        return revision >= 1
                && revision <= Revision.ofTheModel()
                && Double.isFinite(needed)
                && Double.isFinite(low)
                && Double.isFinite(high)
                && (softness == null || Double.isFinite(softness))
                && (feel == null || feel.length() <= Limit.CODE.most());
    }

    /** Whether somebody who reads both would see a difference: grams to 1 g, the word, and the verdict. */
    public boolean differsFrom(Said other) {
        return Math.round(needed) != Math.round(other.needed)
                || standing != other.standing
                || !Objects.equals(feel, other.feel);
    }
}
