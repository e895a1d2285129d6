package verdamen.core.balance;

import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Share;
import verdamen.core.pantry.Role;

/**
 * The three hydrations, never confused.
 *
 * @param bakersPct water of liquids and dairy over flour, %; null without flour. A starter's water counts as liquid.
 * @param effectivePct all that is brought when the dough is rolled, over flour, %; null without flour
 * @param totalWaterPct all water, the flours' own included, over the dough, %; null for an empty dough
 */
public record Hydration(
        @Nullable Double bakersPct,
        @Nullable Double effectivePct,
        @Nullable Double totalWaterPct) {

    /** The hydrations of a dough judged at {@code minute}. */
    static Hydration of(Dough dough, double minute) {
        double liquid = sum(dough, row -> isLiquid(row) ? row.grams() * row.waterShare() : 0);
        return new Hydration(
                over(liquid, dough.flourGrams()),
                over(dough.bringsGrams(minute), dough.flourGrams()),
                dough.grams() > 0 ? Share.ofFraction(dough.waterShare()).pct() : null);
    }

    private static boolean isLiquid(DoughRow row) {
        return row.ingredient().role() == Role.LIQUID || row.ingredient().role() == Role.DAIRY;
    }

    private static double sum(Dough dough, ToDoubleFunction<DoughRow> grams) {
        return dough.rows().stream().mapToDouble(grams).sum();
    }

    private static @Nullable Double over(double part, double whole) {
        return whole > 0 ? Share.of(part, whole).pct() : null;
    }
}
