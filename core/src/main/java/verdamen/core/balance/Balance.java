package verdamen.core.balance;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Symbol;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;

/**
 * The balance of a dough: who brings water, who drinks it, how much to add, judged when the dough is rolled.
 *
 * @param flourGrams F, g of flour
 * @param doughGrams mass of the dough, g
 * @param hydration the three hydrations
 * @param water the plain water needed
 * @param rollAtMinute minute after wetting at which the dough is judged
 * @param softness S then; null when nothing drinks
 * @param softnessSteps how it comes about
 * @param bringsGrams all that is brought then, g
 * @param drinksGrams all that is drunk then, g
 * @param ledger every row with its reasons
 * @param tooMuch what to do when there is too much water; null when there is not
 */
public record Balance(
        double flourGrams,
        double doughGrams,
        Hydration hydration,
        Water water,
        double rollAtMinute,
        @Nullable Double softness,
        List<ExplanationStep> softnessSteps,
        double bringsGrams,
        double drinksGrams,
        List<LedgerRow> ledger,
        @Nullable TooMuchWater tooMuch) {

    /** The balance of a formula. */
    public static Balance of(Formula formula) {
        return of(Dough.of(formula));
    }

    /** The balance of a dough. */
    public static Balance of(Dough dough) {
        double minute = dough.formula().rollAtMinute();
        Double softness = dough.softness(minute);
        return new Balance(
                dough.flourGrams(),
                dough.grams(),
                Hydration.of(dough, minute),
                water(dough),
                minute,
                softness,
                softness == null ? List.of() : List.of(softnessStep(dough, minute, softness)),
                dough.bringsGrams(minute),
                dough.drinksGrams(minute),
                new LedgerWriter(dough, dough.moment(minute)).rows(),
                TooMuchWater.of(dough, dough.moment(minute)).orElse(null));
    }

    /** The plain water that a dough needs when it is rolled: the part of a balance that stands alone. */
    public static Water water(Dough dough) {
        return new WaterNeeded(dough, dough.moment(dough.formula().rollAtMinute())).water();
    }

    private static ExplanationStep softnessStep(Dough dough, double minute, double softness) {
        return ExplanationStep.of(
                Rule.SOFTNESS,
                softness,
                Unit.SOFTNESS,
                Term.grams(Symbol.BRINGS, dough.bringsGrams(minute)),
                Term.grams(Symbol.DRINKS, dough.drinksGrams(minute)));
    }
}
