package verdamen.server.formula;

import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Hydration;
import verdamen.core.balance.Standing;
import verdamen.core.formula.Makeup;
import verdamen.core.pantry.Feel;
import verdamen.server.problem.Problem.ProblemFault;

/**
 * A formula in the list of formulas, by its newest version.
 *
 * @param id the formula
 * @param name its name
 * @param state where it stands in the kitchen's work
 * @param style code of its style
 * @param latestNumber number of the newest version
 * @param savedAt when that was saved
 * @param figures what tells it apart; null when it cannot be worked out
 * @param faults why not
 */
public record FormulaSummary(
        long id,
        String name,
        FormulaState state,
        String style,
        int latestNumber,
        OffsetDateTime savedAt,
        @Nullable Figures figures,
        List<ProblemFault> faults) {

    /**
     * What tells formulas apart at a glance.
     *
     * @param styleName name of its style
     * @param makeup its flours and inclusions
     * @param hydration its three hydrations
     * @param softness its softness when rolled; null when nothing drinks
     * @param feel the word for it
     * @param openLines how many lines do not count yet
     * @param standing where it stands against the style's window
     * @param missingGrams plain water still missing, g; below 0 when there is too much
     */
    public record Figures(
            String styleName,
            Makeup makeup,
            Hydration hydration,
            @Nullable Double softness,
            @Nullable Feel feel,
            int openLines,
            Standing standing,
            double missingGrams) {}
}
