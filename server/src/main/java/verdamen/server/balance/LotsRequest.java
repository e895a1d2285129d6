package verdamen.server.balance;

import verdamen.core.formula.FormulaSpec;

/**
 * A flour line to compare lots for.
 *
 * @param formula the formula
 * @param line index of the line, from 0
 */
record LotsRequest(FormulaSpec formula, int line) {}
