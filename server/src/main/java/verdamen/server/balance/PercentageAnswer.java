package verdamen.server.balance;

import java.util.List;

/**
 * The lines after one was set to a baker's percentage.
 *
 * @param grams mass of each line, g, in order
 */
record PercentageAnswer(List<Double> grams) {}
