package verdamen.core.rework;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;

/**
 * What is asked of a trial series.
 *
 * @param name what the series is called; absent for the names of what is varied
 * @param formula the formula that is varied
 * @param factors what is varied: two or three things at two levels each, or one whose shares were picked
 * @param beside what else is changed, in every run
 * @param centre whether each round has a run half way between all levels; absent for none
 * @param rounds how many times everything is made, 1 to 3; absent for once
 * @param seed a name from which the order of the runs is drawn: the same name draws the same order; absent for the series'
 *     own name
 * @param measures codes of what is to be measured; absent for all
 * @param without what does not go along
 */
public record TrialQuestion(
        @Nullable String name,
        FormulaSpec formula,
        @Nullable List<FactorSpec> factors,
        List<ChangeSpec> beside,
        @Nullable Boolean centre,
        @Nullable Integer rounds,
        @Nullable String seed,
        @Nullable List<String> measures,
        Set<Carried> without) {}
