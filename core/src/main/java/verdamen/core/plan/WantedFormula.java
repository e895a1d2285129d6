package verdamen.core.plan;

import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.MethodSpec.TemperaturesSpec;
import verdamen.core.formula.Portioning;
import verdamen.core.pantry.Pantry;
import verdamen.core.plan.PlanSpec.ServingSpec;
import verdamen.core.portion.Scaling;
import verdamen.core.portion.ScalingQuestion;

/** A formula as a serving of a day wants it: for so many pieces, in a kitchen so warm, with its dough made when that is asked. */
public final class WantedFormula {

    private WantedFormula() {}

    /**
     * The formula of a serving.
     *
     * @param spec the formula as it is kept
     * @param serving what is wanted of it
     * @param kitchenC how warm kitchen and flour are, °C; null for what the formula says
     * @throws verdamen.core.model.RefusedException when it cannot be read, or not be made in so many pieces
     */
    public static FormulaSpec of(FormulaSpec spec, ServingSpec serving, @Nullable Double kitchenC, Pantry pantry) {
        Integer pieces = serving.pieces();
        FormulaSpec sized = pieces == null
                ? spec
                : Scaling.of(new ScalingQuestion(spec, null, pieces, null, null, null, null), pantry)
                        .formula();
        FormulaSpec there = kitchenC == null ? sized : inKitchen(sized, kitchenC);
        int due = serving.due() == null ? 0 : serving.due();
        FormulaSpec then = Boolean.TRUE.equals(serving.overnight()) ? Overnight.chilled(there, due, pantry) : there;
        Portioning portion = then.portion() == null ? Portioning.NONE : then.portion();
        return serving.splits() == null ? then : then.withPortion(portion.withSplits(serving.splits()));
    }

    private static FormulaSpec inKitchen(FormulaSpec spec, double kitchenC) {
        MethodSpec method = spec.method() == null ? MethodSpec.NONE : spec.method();
        TemperaturesSpec said = method.temperaturesOrNone();
        return spec.withMethod(method.withTemperatures(new TemperaturesSpec(
                said.doughC(), kitchenC, kitchenC, said.coldC(), said.hotC(), said.kneadMinutes())));
    }
}
