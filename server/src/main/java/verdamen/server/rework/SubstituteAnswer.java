package verdamen.server.rework;

import java.util.List;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.rework.Compared;
import verdamen.core.rework.Proposal;
import verdamen.server.balance.BalanceAnswer;

/**
 * The reworked formula.
 *
 * @param formula the reworked formula
 * @param base the balance of the formula as it was
 * @param balance the balance of the reworked formula
 * @param proposals what goes along, with its reasons; what was left out too
 * @param compared what came in and went out
 */
record SubstituteAnswer(
        FormulaSpec formula, BalanceAnswer base, BalanceAnswer balance, List<Proposal> proposals, Compared compared) {}
