package verdamen.core.prep;

import verdamen.core.model.Coefficient;

/**
 * What a chain is for, as far as its steps depend on it.
 *
 * @param liquid what becomes of liquid when the chain does not say
 * @param coolEnoughC how cool it has to be to go in, °C: 30 for a filling or a dough without yeast, 35 for a dough with yeast
 * @param burnerW power of the burner, W
 */
public record ChainUse(LiquidUse liquid, double coolEnoughC, double burnerW) {

    /** For a dough without yeast, on a usual burner. */
    public static ChainUse of(LiquidUse liquid) {
        return new ChainUse(liquid, Coefficient.COOL_ENOUGH_C.value(), Coefficient.HEATING_BURNER_W.value());
    }
}
