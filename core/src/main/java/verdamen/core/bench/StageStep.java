package verdamen.core.bench;

import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Kneading;
import verdamen.core.formula.MixedStage;
import verdamen.core.formula.StagePlace;

/**
 * How a stage before the dough itself is mixed, and what it comes to.
 *
 * @param number its place among the stages, from 0
 * @param liquidC temperature of its liquid, °C; null for tepid
 * @param kneading how it is mixed
 * @param place where it stands
 * @param mixedC how warm it is when it is mixed, °C
 * @param laterC how warm it is when the next stage begins, °C
 */
public record StageStep(
        int number, @Nullable Double liquidC, Kneading kneading, StagePlace place, double mixedC, double laterC) {

    static StageStep of(MixedStage mixed) {
        return new StageStep(
                mixed.stage().number(),
                mixed.stage().waterTemperatureC(),
                mixed.stage().kneading(),
                mixed.stage().place(),
                mixed.mixedC(),
                mixed.laterC());
    }
}
