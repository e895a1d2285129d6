package verdamen.core.pantry;

import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;

/** How firm a fat is when it meets the dough; a firmer fat softens less. */
public enum FatState implements Coded {
    LIQUID("liquid", Coefficient.LIQUID_FAT_SOFTENING),
    SOFT("soft", Coefficient.SOFT_FAT_SOFTENING),
    SOLID("solid", Coefficient.SOLID_FAT_SOFTENING);

    private final String code;
    private final Coefficient softening;

    FatState(String code, Coefficient softening) {
        this.code = code;
        this.softening = softening;
    }

    @Override
    public String code() {
        return code;
    }

    /** Grams of water one gram of this fat stands for. */
    public Coefficient softening() {
        return softening;
    }
}
