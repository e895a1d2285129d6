package verdamen.server.rework;

import java.time.OffsetDateTime;
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
import verdamen.server.learning.FinishedBatch;

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
     * @param batches what the kitchen made of it, the newest first
     */
    record Rung(
            double share,
            FormulaSpec formula,
            BalanceAnswer balance,
            List<Proposal> proposals,
            @Nullable Double uncorrectedSoftness,
            List<FormulaFigure> broken,
            List<String> allergensGained,
            List<Caution> cautionsGained,
            List<MadeBatch> batches) {}

    /**
     * A finished batch of a rung: what went in but for water is the same.
     *
     * @param id its id
     * @param formula id of the formula that it was made from
     * @param version the version
     * @param name name of that version
     * @param startedAt when water met flour
     * @param minute when it was felt last, minutes since then
     * @param feel code of the word for it
     */
    record MadeBatch(
            long id, long formula, int version, String name, OffsetDateTime startedAt, double minute, String feel) {

        static MadeBatch of(FinishedBatch batch) {
            return new MadeBatch(
                    batch.id(),
                    batch.formula(),
                    batch.version(),
                    batch.name(),
                    batch.startedAt(),
                    batch.minute(),
                    batch.feel());
        }
    }

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
