package verdamen.core.formula;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.prep.LiquidUse;

/**
 * How a dough is made beyond kneading, fat and rest.
 *
 * @param pressedLiquid what becomes of liquid pressed out
 * @param sticking what stops sticking; null when nothing is counted
 * @param pickupGrams what the dough takes up from bench and hands, g
 * @param pickupWeighed whether that was weighed, not typical
 * @param waterAddition how the water goes in
 * @param seal how a filling is enclosed
 * @param sealSaid whether that was said, not taken from the style
 * @param heat how a piece is cooked
 * @param temperatures temperatures that the water's and the dough's follow from
 * @param steps steps of the run sheet that are made otherwise, left out or added
 */
public record Method(
        LiquidUse pressedLiquid,
        @Nullable Sticking sticking,
        double pickupGrams,
        boolean pickupWeighed,
        WaterAddition waterAddition,
        Seal seal,
        boolean sealSaid,
        Heat heat,
        Temperatures temperatures,
        List<StepEdit> steps) {

    /**
     * Temperatures that the water's and the dough's follow from.
     *
     * @param doughC dough temperature wanted, °C
     * @param flourC temperature of the flour and of every line without one of its own, °C
     * @param kitchenC temperature of the kitchen, where the dough rests, °C
     * @param coldC temperature of cold water, °C
     * @param hotC temperature of hot water, °C
     * @param kneadMinutes minutes of kneading
     */
    public record Temperatures(
            double doughC, double flourC, double kitchenC, double coldC, double hotC, double kneadMinutes) {}
}
