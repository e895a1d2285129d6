package verdamen.core.formula;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.StepSpec;

/**
 * What a formula names of a kitchen's own and of the book: to find the formulas that a change would touch.
 *
 * @param ingredients codes of ingredients, in lines and preparations
 * @param measures codes of measures that lines were measured with
 * @param lots ids of flour lots that lines carry
 */
public record Uses(Set<String> ingredients, Set<String> measures, Set<Long> lots) {

    /** What a formula names. */
    public static Uses of(FormulaSpec spec) {
        TreeSet<String> ingredients = new TreeSet<>();
        TreeSet<String> measures = new TreeSet<>();
        TreeSet<Long> lots = new TreeSet<>();
        for (LineSpec line : orNone(spec.lines())) {
            if (line != null) {
                add(ingredients, line.ingredient());
                LineOrigin origin = line.origin();
                add(measures, origin == null ? null : origin.measure());
                add(lots, origin == null ? null : origin.lot());
            }
        }
        for (ChainSpec chain : spec.prepsOrNone()) {
            add(ingredients, chain.ingredient());
            for (StepSpec step : orNone(chain.steps())) {
                orNone(step.added()).forEach(added -> add(ingredients, added.ingredient()));
            }
        }
        return new Uses(ingredients, measures, lots);
    }

    private static <T> void add(Set<T> all, @Nullable T one) {
        if (one != null) {
            all.add(one);
        }
    }

    private static <T> List<T> orNone(@Nullable List<T> list) {
        return list == null ? List.of() : list;
    }
}
