package verdamen.core.prep;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What a step of a kitchen's own really gave, weighed before and after.
 *
 * @param kind the step
 * @param ingredient code of what it began with
 * @param share weight after it over what went in, as {@link StepResult#yield()}
 */
public record MeasuredYield(StepKind kind, String ingredient, double share) {

    /** The steps whose yield depends on the kitchen; what is only cut or mashed stays what it was. */
    private static final Set<StepKind> VARYING = EnumSet.of(
            StepKind.TRIM,
            StepKind.SALT_STAND,
            StepKind.PRESS,
            StepKind.BOIL,
            StepKind.SOAK_BOIL,
            StepKind.ROAST,
            StepKind.WILT,
            StepKind.COOK_DOWN,
            StepKind.REHYDRATE);

    /** The yields of a chain's steps that were weighed. */
    public static List<MeasuredYield> of(Chain chain) {
        return chain.steps().stream()
                .filter(step -> VARYING.contains(step.kind()) && !step.typical() && !step.skipped() && step.yield() > 0)
                .map(step -> new MeasuredYield(
                        step.kind(), step.before().ingredient().code(), step.yield()))
                .toList();
    }
}
