package verdamen.core.handling;

import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.balance.DoughRow;
import verdamen.core.model.Share;

/**
 * What is in the bowl, in the figures that a correction changes.
 *
 * @param waterPct plain water on flour, %; null without flour
 * @param saltPct salt on flour, %
 * @param fatPct pure fat on flour, %
 * @param doughGrams mass of the dough, g
 */
public record InTheBowl(@Nullable Double waterPct, double saltPct, double fatPct, double doughGrams) {

    /** The figures of a dough. */
    public static InTheBowl of(Dough dough) {
        double flour = dough.flourGrams();
        double water = dough.rows().stream()
                .filter(DoughRow::isPlainWater)
                .mapToDouble(DoughRow::grams)
                .sum();
        return new InTheBowl(
                flour > 0 ? Double.valueOf(Share.of(water, flour).pct()) : null,
                dough.saltPct(),
                Share.ofFraction(dough.fatPerFlour()).pct(),
                dough.grams());
    }
}
