package verdamen.core.rework;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;

/**
 * What is asked of a blend of flours.
 *
 * @param formula the formula whose flours it takes the place of
 * @param flours the flours that may be used, two to twenty
 * @param wanted what is wanted of it
 * @param goal code of a figure of which the best is wanted once all else is as wanted; absent for the least cost where
 *     every flour has a price, and for none otherwise
 * @param atMostFlours how many flours it may have, 1 to 4; absent for any number
 * @param without what does not go along
 */
public record BlendQuestion(
        FormulaSpec formula,
        @Nullable List<BlendFlourSpec> flours,
        @Nullable List<WantedSpec> wanted,
        @Nullable String goal,
        @Nullable Integer atMostFlours,
        Set<Carried> without) {}
