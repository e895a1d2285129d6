package verdamen.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.core.plan.PlanQuestion.Wanted;
import verdamen.core.plan.PlanSpec.ServingSpec;

/**
 * A way out of a clash: one serving made in two batches, each with a window of its own, with which everything can be met.
 *
 * @param serving key of the serving
 * @param first pieces of the first batch
 * @param second pieces of the second batch
 */
public record TwoBatches(String serving, int first, int second) implements WayOut {

    /** The second is put at the end, so that the others keep their keys; what is put aside is taken from the first. */
    @Override
    public PlanSpec taken(PlanSpec spec) {
        List<@Nullable ServingSpec> halved = new ArrayList<>();
        ServingSpec more = null;
        for (ServingSpec each : spec.servings() == null ? List.<ServingSpec>of() : spec.servings()) {
            boolean isIt = each != null && PlanSpec.key(halved.size()).equals(serving);
            more = isIt ? each.withPieces(second).withoutSplits() : more;
            halved.add(isIt ? each.withPieces(first) : each);
        }
        if (more != null) {
            halved.add(more);
        }
        return spec.withServings(halved);
    }

    /**
     * For each serving by itself, its halves when everything can be met with them.
     *
     * @param canBeMet whether everything that is asked of a day can be met
     */
    public static List<TwoBatches> of(PlanQuestion question, Pantry pantry, Predicate<PlanDay> canBeMet) {
        List<TwoBatches> halved = new ArrayList<>();
        if (question.wanted().size() >= Limit.SERVINGS.mostCount()) {
            return halved;
        }
        for (Wanted wanted : question.wanted()) {
            int second = wanted.pieces() / 2;
            int first = wanted.pieces() - second;
            if (second > 0 && canBeMet(question, wanted, first, second, pantry, canBeMet)) {
                halved.add(new TwoBatches(wanted.key(), first, second));
            }
        }
        return List.copyOf(halved);
    }

    private static boolean canBeMet(
            PlanQuestion question, Wanted wanted, int first, int second, Pantry pantry, Predicate<PlanDay> canBeMet) {
        try {
            String key = PlanSpec.key(question.wanted().size());
            PlanQuestion halved = question.with(wanted.of(first, pantry))
                    .and(wanted.of(second, pantry).under(key));
            return canBeMet.test(PlanDay.of(halved));
        } catch (RefusedException tooSmall) {
            // What cannot be weighed any more is no way out.
            return false;
        }
    }
}
