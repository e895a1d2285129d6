package verdamen.core.plan;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Limit;
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

    /** For each serving by itself, its halves when everything can be met with them. */
    static List<TwoBatches> of(WaysOut tried) {
        PlanQuestion question = tried.question();
        List<TwoBatches> halved = new ArrayList<>();
        if (question.wanted().size() >= Limit.SERVINGS.mostCount()) {
            return halved;
        }
        for (Wanted wanted : question.wanted()) {
            int second = wanted.pieces() / 2;
            int first = wanted.pieces() - second;
            if (second > 0 && tried.meets(() -> inTwo(tried, wanted, first, second))) {
                halved.add(new TwoBatches(wanted.key(), first, second));
            }
        }
        return halved;
    }

    private static PlanQuestion inTwo(WaysOut tried, Wanted wanted, int first, int second) {
        PlanQuestion question = tried.question();
        return question.with(wanted.of(first, tried.pantry()))
                .and(wanted.of(second, tried.pantry())
                        .under(PlanSpec.key(question.wanted().size())));
    }
}
