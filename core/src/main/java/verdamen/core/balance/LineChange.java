package verdamen.core.balance;

import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.model.Share;

/**
 * What a way out does to a line.
 *
 * @param line index of the line
 * @param grams its mass afterwards, g
 * @param form its form afterwards, for an inclusion
 * @param waterPct its water afterwards, %, where the step changes it
 * @param prepGrams liquid or water to take out of all that its preparation chain gives, g; absent for a line that none
 *     fills, and where nothing is taken out
 */
public record LineChange(
        int line,
        double grams,
        @Nullable String form,
        @Nullable Double waterPct,
        @Nullable Double prepGrams) {

    /** Another mass, and nothing else. */
    static LineChange ofGrams(int line, double grams) {
        return new LineChange(line, grams, null, null, null);
    }

    /**
     * What taking liquid or water out of a line leaves.
     *
     * @param formula the formula of the line
     * @param line the line before
     * @param grams its mass afterwards, g
     * @param form code of its form afterwards
     * @param waterShare its water afterwards, 0 to 1
     */
    static LineChange ofTaking(Formula formula, Line line, double grams, @Nullable String form, double waterShare) {
        double taken = line.grams() - grams;
        Double ofAll = formula.preps().stream()
                .filter(chain -> chain.key().equals(line.prep()) && line.grams() > 0)
                .map(chain -> taken * chain.result().baseGrams() / line.grams())
                .findFirst()
                .orElse(null);
        return new LineChange(
                line.index(), grams, form, Share.ofFraction(waterShare).pct(), ofAll);
    }
}
