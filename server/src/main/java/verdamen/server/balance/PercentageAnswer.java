package verdamen.server.balance;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The lines after one was set to a baker's percentage.
 *
 * @param grams mass of each line, g, in order; null for open lines
 */
record PercentageAnswer(List<@Nullable Double> grams) {}
