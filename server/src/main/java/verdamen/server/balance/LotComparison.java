package verdamen.server.balance;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What a lot of flour would do to the water that a dough needs.
 *
 * @param lot id of the lot; null for the book's flour
 * @param name its name
 * @param milledOn day of milling
 * @param ageDays days since then
 * @param moisturePct its moisture, %
 * @param proteinPct its protein, %
 * @param neededGrams plain water needed with it, g
 * @param changeGrams that less the water needed with the line as it is, g
 */
record LotComparison(
        @Nullable Long lot,
        String name,
        @Nullable LocalDate milledOn,
        @Nullable Long ageDays,
        @Nullable Double moisturePct,
        @Nullable Double proteinPct,
        double neededGrams,
        double changeGrams) {}
