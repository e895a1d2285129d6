package verdamen.server.rework;

import java.util.List;
import java.util.Map;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.rework.ChangeSpec;
import verdamen.core.rework.Compared;
import verdamen.core.rework.Proposal;
import verdamen.server.balance.BalanceAnswer;

/**
 * Ways back to how a formula was.
 *
 * @param base the balance of the formula as it was
 * @param near the figures that are to stay, as they were, by their codes
 * @param ways what can be done, the best first
 */
record MatchAnswer(BalanceAnswer base, Map<String, Double> near, List<Way> ways) {

    /**
     * A way back.
     *
     * @param changes what takes the place of what, or comes in; empty when water is enough
     * @param formula the formula
     * @param balance its balance
     * @param proposals what goes along
     * @param compared what came in and went out
     * @param distance how far it is from how the formula was, in steps that one would notice
     * @param unpriced codes of what comes in and has no price
     */
    record Way(
            List<ChangeSpec> changes,
            FormulaSpec formula,
            BalanceAnswer balance,
            List<Proposal> proposals,
            Compared compared,
            double distance,
            List<String> unpriced) {}
}
