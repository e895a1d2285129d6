package verdamen.core.rework;

import org.jspecify.annotations.Nullable;

/**
 * A flour line that is another lot from now on, as asked.
 *
 * @param line index of the line, 0 for the first
 * @param moisturePct moisture of the other lot, %; absent for the typical one
 * @param proteinPct protein of the other lot, %; absent for the typical one
 * @param lot id of the other lot; absent for none
 */
public record OtherLotSpec(
        @Nullable Integer line,
        @Nullable Double moisturePct,
        @Nullable Double proteinPct,
        @Nullable Long lot) {}
