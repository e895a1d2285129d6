package verdamen.server.balance;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.LotComparison;
import verdamen.server.pantry.LotService.Lot;

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
record ComparedLot(
        @Nullable Long lot,
        String name,
        @Nullable LocalDate milledOn,
        @Nullable Long ageDays,
        @Nullable Double moisturePct,
        @Nullable Double proteinPct,
        double neededGrams,
        double changeGrams) {

    static ComparedLot of(@Nullable Lot lot, LotComparison compared) {
        return lot == null
                ? new ComparedLot(null, "", null, null, null, null, compared.neededGrams(), compared.changeGrams())
                : new ComparedLot(
                        lot.id(),
                        lot.name(),
                        lot.milledOn(),
                        lot.ageDays(),
                        lot.moisturePct(),
                        lot.proteinPct(),
                        compared.neededGrams(),
                        compared.changeGrams());
    }
}
