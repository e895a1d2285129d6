package verdamen.core.handling;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Coded;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Pantry;

/**
 * What to do now, from how the dough feels, weighed against what is computed: S_later = S_now · S(t_roll)/S(t). While it is
 * kneaded, a feel says little: one kneads first, unless flour is left dry. Inside the window one waits; below it, water
 * (S* − S_later) · D; above it, flour E / (S* · D_flour/F), or wet or oiled hands where the style is slack anyway. No more
 * than 5 % of the flour goes in at once.
 *
 * @param minute minute of the observation
 * @param felt what was felt
 * @param expectedSoftness what the model expected at that minute
 * @param nowSoftness what is felt and what is expected, weighed against each other
 * @param laterSoftness what it will be when rolled
 * @param laterFeel the word for that
 * @param rollAtMinute minute for which that holds
 * @param action what to do
 * @param waitUntil minute from which it can be rolled if it is left alone; null when it never can
 * @param rollUntil last minute at which it can; null when it never can
 * @param alternative wet or oiled hands instead of flour, where the style allows
 * @param judgeAt minute from which a feel says something; null when it does now
 * @param grams how much water or flour to put in now, g; 0 for none
 * @param whole how much is missing in all, g: more than {@code grams} when that is too much at once
 * @param low lower end of the 80 % range of {@code whole}, g
 * @param high upper end of it, g
 * @param given how much of it counts below, g: the same, or what the cook says
 * @param additions what that is, in order of the lines, with what goes along; empty when nothing
 * @param before what is in the bowl now
 * @param after what is in it then
 * @param steps how it comes about
 */
public record BenchAdvice(
        int minute,
        Feel felt,
        double expectedSoftness,
        double nowSoftness,
        double laterSoftness,
        Feel laterFeel,
        double rollAtMinute,
        Action action,
        @Nullable Integer waitUntil,
        @Nullable Integer rollUntil,
        boolean alternative,
        @Nullable Integer judgeAt,
        double grams,
        double whole,
        double low,
        double high,
        double given,
        List<Added> additions,
        InTheBowl before,
        InTheBowl after,
        List<ExplanationStep> steps) {

    /** What to do. */
    public enum Action implements Coded {
        /** Knead it first: nothing can be felt yet. */
        KNEAD("knead"),
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
     * @param given how much water or flour the cook puts in, g, 0 to 1,000,000; absent for as much as is advised
     * @throws RefusedException when the formula has a fault, there is no such minute or word, or nothing in the dough drinks
     */
    public static BenchAdvice of(FormulaSpec spec, Pantry pantry, int minute, String feel, @Nullable Double given) {
        Formula formula = FormulaReader.read(spec, pantry);
        Dough dough = Dough.of(formula);
        Faults faults = new Faults();
        Optional<Feel> felt = pantry.feels(formula.style()).stream()
                .filter(each -> each.code().equals(feel))
                .findFirst();
        faults.require(felt.isPresent(), "feel", FaultCode.UNKNOWN_CODE, feel);
        faults.number("minute", (double) minute, 0, formula.timeline().horizon());
        faults.number("given", given, Limit.GRAMS);
        Double expected = dough.softness(Math.max(0, minute));
        faults.require(expected != null, "lines", FaultCode.NO_FLOUR, null);
        faults.refuse();
        return new BenchAdviser(spec, dough, minute, felt.orElseThrow(), Objects.requireNonNull(expected), given)
                .advice();
    }
}
