package verdamen.core.handling;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Coded;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.model.Step;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Pantry;

/**
 * What to do now, from how the dough feels: S_later = S_obs · S(t_roll)/S(t). Inside the window one waits; below it, water
 * (S* − S_later) · D; above it, flour E / (S* · D_flour/F), or wet or oiled hands where the style is slack anyway.
 *
 * @param minute minute of the observation
 * @param felt what was felt
 * @param expectedSoftness what the model expected at that minute
 * @param laterSoftness what it will be when rolled
 * @param laterFeel the word for that
 * @param rollAtMinute minute for which that holds
 * @param action what to do
 * @param waitUntil minute from which it can be rolled if it is left alone; null when it never can
 * @param rollUntil last minute at which it can; null when it never can
 * @param alternative wet or oiled hands instead of flour, where the style allows
 * @param grams how much water or flour to put in, g; 0 for none
 * @param low the same if the dough is as near to right as the word allows, g: begin with it, knead, and feel again
 * @param high the same if it is as far from right as the word allows, g
 * @param additions what to put in, in order of the lines, with what goes along; empty when nothing
 * @param before what is in the bowl now
 * @param after what is in it then
 * @param steps how it comes about
 */
public record BenchAdvice(
        int minute,
        Feel felt,
        double expectedSoftness,
        double laterSoftness,
        Feel laterFeel,
        double rollAtMinute,
        Action action,
        @Nullable Integer waitUntil,
        @Nullable Integer rollUntil,
        boolean alternative,
        double grams,
        double low,
        double high,
        List<Added> additions,
        InTheBowl before,
        InTheBowl after,
        List<Step> steps) {

    /** What to do. */
    public enum Action implements Coded {
        /** Leave it: it will be right. */
        WAIT("wait"),
        /** It is right: roll. */
        ROLL("roll"),
        ADD_WATER("add-water"),
        ADD_FLOUR("add-flour");

        private final String code;

        Action(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * Something to put in.
     *
     * @param ingredient its code
     * @param grams how much, g
     * @param carried whether it only goes along, to keep its percentage
     */
    public record Added(String ingredient, double grams, boolean carried) {}

    /**
     * The advice for a dough.
     *
     * @param spec what is in the bowl
     * @param pantry where its ingredients come from
     * @param minute minute since wetting, 0 to the horizon of the timeline
     * @param feel code of the feel word
     * @throws RefusedException when the formula has a fault, there is no such minute or word, or nothing in the dough drinks
     */
    public static BenchAdvice of(FormulaSpec spec, Pantry pantry, int minute, String feel) {
        Formula formula = FormulaReader.read(spec, pantry);
        Dough dough = Dough.of(formula);
        Feel felt = pantry.feels().stream()
                .filter(each -> each.code().equals(feel))
                .findFirst()
                .orElseThrow(() -> refused("feel", FaultCode.UNKNOWN_CODE, feel, null));
        int horizon = formula.timeline().horizon();
        if (minute < 0 || minute > horizon) {
            FaultCode code = minute < 0 ? FaultCode.TOO_SMALL : FaultCode.TOO_LARGE;
            throw refused("minute", code, String.valueOf(minute), minute < 0 ? 0.0 : horizon);
        }
        Double expected = dough.softness(minute);
        if (expected == null) {
            throw refused("lines", FaultCode.NO_FLOUR, null, null);
        }
        return new BenchAdviser(spec, dough, minute, felt, expected).advice();
    }

    private static RefusedException refused(
            String field, FaultCode code, @Nullable String value, @Nullable Double limit) {
        return new RefusedException(List.of(new Fault(null, field, code, value, limit)));
    }
}
