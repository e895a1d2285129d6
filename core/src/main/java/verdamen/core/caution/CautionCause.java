package verdamen.core.caution;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;

/**
 * What causes a caution.
 *
 * @param kind what it is
 * @param code its code: of the ingredient, style, step or way; null for what has none
 * @param ingredient code of the ingredient that a step is done to; null for anything else
 * @param minutes how long a chill lasts; null for anything else
 * @param celsius how cold a chill or how hot water is, °C; null for anything else
 */
public record CautionCause(
        Kind kind,
        @Nullable String code,
        @Nullable String ingredient,
        @Nullable Double minutes,
        @Nullable Double celsius) {

    /** What can cause a caution. */
    public enum Kind implements Coded {
        INGREDIENT("ingredient"),
        STYLE("style"),
        STEP("step"),
        KNEADING("kneading"),
        STICKING("sticking"),
        HEAT("heat"),
        WATER("water"),
        CHILL("chill"),
        KEPT_LIQUID("kept-liquid");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    static CautionCause of(Kind kind, String code) {
        return new CautionCause(kind, code, null, null, null);
    }

    static CautionCause ofStep(String step, String ingredient) {
        return new CautionCause(Kind.STEP, step, ingredient, null, null);
    }

    static CautionCause ofChill(double minutes, double celsius) {
        return new CautionCause(Kind.CHILL, null, null, minutes, celsius);
    }

    static CautionCause ofWater(double celsius) {
        return new CautionCause(Kind.WATER, null, null, null, celsius);
    }
}
