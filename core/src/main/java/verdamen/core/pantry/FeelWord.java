package verdamen.core.pantry;

import java.util.Locale;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;

/**
 * A feel word with its touch tests: the usual one, and those that take its place once more is known of the dough than its
 * softness. No dough is said to crack or to stick where its risk says no, nor the other way round (model §3).
 *
 * @param feel the word with its usual touch test
 * @param tells the risk that its touch tests speak of
 * @param inWindow of a dough that is only known to be right for its style; null where the usual one fits
 * @param noRisk of a dough whose risk is not felt; null where the one in the window fits
 * @param someRisk of a dough whose risk is felt and below its limit; null where that without one fits
 * @param atRisk of a dough whose risk is at its limit; null where the usual one says so
 * @param withoutGluten of a dough without spring; null where the others say nothing of spring
 */
public record FeelWord(
        Feel feel,
        Tells tells,
        @Nullable String inWindow,
        @Nullable String noRisk,
        @Nullable String someRisk,
        @Nullable String atRisk,
        @Nullable String withoutGluten) {

    /** The risk that touch tests speak of. */
    public enum Tells implements Coded {
        /** Edges that crack, of dry doughs. */
        CRACK,
        /** A dough that sticks to hands, of wet ones. */
        STICK;

        @Override
        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** The word of a dough of which it is only known whether it is inside its style's window. */
    Feel told(boolean isInWindow) {
        return isInWindow ? told(inWindow) : feel;
    }

    /** The word of a dough whose handling is known; risks and spring-back as in {@link Pantry#feel}. */
    Feel told(double crackPct, double stickPct, double springBackPct) {
        double risk = tells == Tells.CRACK ? crackPct : stickPct;
        if (risk >= Coefficient.RISK_LIMIT.value()) {
            return told(atRisk);
        }
        if (withoutGluten != null && springBackPct < Coefficient.SPRING_FELT.value()) {
            return told(withoutGluten);
        }
        if (someRisk != null && risk >= Coefficient.RISK_FELT.value()) {
            return told(someRisk);
        }
        return told(noRisk == null ? inWindow : noRisk);
    }

    private Feel told(@Nullable String touchTest) {
        return touchTest == null ? feel : feel.withTouchTest(touchTest);
    }

    /** The word with the softness that it stands for in a style, and the touch test that fits a dough of it there. */
    Feel in(Style style) {
        Feel felt = feel.of(style);
        return felt.withTouchTest(told(style.hasInWindow(felt.softnessMid())).touchTest());
    }
}
