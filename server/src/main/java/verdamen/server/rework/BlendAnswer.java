package verdamen.server.rework;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.rework.Blend;
import verdamen.core.rework.BlendFigure;
import verdamen.core.rework.Proposal;
import verdamen.server.balance.BalanceAnswer;

/**
 * A blend of flours.
 *
 * @param parts the flours that it has
 * @param figures what it comes to, by the codes of the figures
 * @param goal the figure of which the best was wanted; null for none
 * @param possible whether it keeps every end that was wanted
 * @param missing how much of what was wanted is missing, by figure
 * @param binding the figures that stand at an end that was wanted
 * @param withoutPrice codes of flours that were left out because they have no price
 * @param formula the formula with the blend in the place of its flours
 * @param base the balance of the formula as it was
 * @param balance the balance of the new formula
 * @param proposals what goes along
 */
record BlendAnswer(
        List<Blend.BlendPart> parts,
        Map<String, Double> figures,
        @Nullable BlendFigure goal,
        boolean possible,
        Map<String, Double> missing,
        List<BlendFigure> binding,
        List<String> withoutPrice,
        FormulaSpec formula,
        BalanceAnswer base,
        BalanceAnswer balance,
        List<Proposal> proposals) {

    static BlendAnswer of(Blend blend, BalanceAnswer base, BalanceAnswer balance) {
        return new BlendAnswer(
                blend.parts(),
                blend.figures(),
                blend.goal(),
                blend.possible(),
                blend.missing(),
                blend.binding(),
                blend.withoutPrice(),
                blend.rework().formula(),
                base,
                balance,
                blend.rework().proposals());
    }
}
