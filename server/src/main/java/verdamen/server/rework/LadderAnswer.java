package verdamen.server.rework;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.caution.Caution;
import verdamen.core.evaluation.FormulaFigure;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.rework.Field;
import verdamen.core.rework.FigureLimit;
import verdamen.core.rework.Ladder;
import verdamen.core.rework.Proposal;
import verdamen.server.balance.BalanceAnswer;

/**
 * A change raised rung by rung.
 *
 * @param rungs the rungs, by rising share; none of a field
 * @param limits the limits looked at
 * @param crossings where they are crossed, by rising share
 * @param field two changes raised at once, row by row; null for a ladder
 */
record LadderAnswer(
        List<Rung> rungs,
        List<FigureLimit> limits,
        List<Ladder.Crossing> crossings,
        @Nullable List<Cell> field) {

    /**
     * A rung.
     *
     * @param share the share of the change
     * @param formula the formula there, with all that goes along
     * @param balance its balance
     * @param proposals what goes along
     * @param uncorrectedSoftness softness when rolled, were nothing but the change made; null when nothing drinks
     * @param broken the figures whose limit it does not keep
     * @param allergensGained allergens to declare that the formula as it was has not
     * @param cautionsGained cautions that did not apply to the formula as it was
     */
    record Rung(
            double share,
            FormulaSpec formula,
            BalanceAnswer balance,
            List<Proposal> proposals,
            @Nullable Double uncorrectedSoftness,
            List<FormulaFigure> broken,
            List<String> allergensGained,
            List<Caution> cautionsGained) {}

    /**
     * A formula of a field.
     *
     * @param share share of the first change
     * @param second share of the second change
     * @param formula the formula there, with all that goes along
     * @param figures its figures, by their codes
     * @param broken the figures whose limit it does not keep
     */
    record Cell(
            double share,
            double second,
            FormulaSpec formula,
            Map<String, Double> figures,
            List<FormulaFigure> broken) {}

    static LadderAnswer ofField(Field field) {
        return new LadderAnswer(
                List.of(),
                field.limits(),
                List.of(),
                field.cells().stream()
                        .map(cell -> new Cell(
                                cell.share(),
                                cell.second(),
                                cell.formula(),
                                cell.figures().byCode(),
                                cell.broken()))
                        .toList());
    }
}
