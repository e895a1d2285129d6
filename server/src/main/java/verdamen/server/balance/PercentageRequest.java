package verdamen.server.balance;

import verdamen.core.formula.FormulaSpec;

/**
 * A line to set to a baker's percentage.
 *
 * @param formula the formula
 * @param line index of the line, from 0
 * @param pct the percentage, at least 0
 */
record PercentageRequest(FormulaSpec formula, int line, double pct) {}
