package verdamen.core.formula;

import verdamen.core.model.Coefficient;
import verdamen.core.pantry.Role;

/**
 * How much heat what goes into a dough takes up. Source: model page, section 7; c in J/(g·K): water 4.18, flour and what else is
 * dry 1.8, fat 2.0, anything wet 4.18 w + 1.5 (1 − w).
 */
public final class HeatCapacity {

    private HeatCapacity() {}

    /**
     * Heat that a gram takes up for each kelvin, J/(g·K).
     *
     * @param waterShare its water, 0 to 1
     */
    public static double perGram(Role role, double waterShare) {
        return switch (role) {
            case FLOUR, DRY_ADDITION, SALT, SEED, SEASONING, LEAVENER -> Coefficient.HEAT_OF_FLOUR.value();
            case FAT -> Coefficient.HEAT_OF_FAT.value();
            case LIQUID, DAIRY, INCLUSION, SWEETENER ->
                Coefficient.HEAT_OF_WATER.value() * waterShare + Coefficient.HEAT_OF_SOLIDS.value() * (1 - waterShare);
        };
    }

    /** Heat that a line takes up for each kelvin, J/K; a sourdough starter as the flour and water it is made of. */
    static double of(Line line) {
        if (line.ingredient().isStarter()) {
            double flour = Coefficient.STARTER_FLOUR_SHARE.value();
            return line.grams() * (flour * perGram(Role.FLOUR, 0) + (1 - flour) * perGram(Role.LIQUID, 1));
        }
        return line.grams() * perGram(line.ingredient().role(), line.waterShare());
    }
}
