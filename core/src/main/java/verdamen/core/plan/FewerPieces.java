package verdamen.core.plan;

import java.util.ArrayList;
import java.util.List;
import verdamen.core.plan.PlanQuestion.Wanted;

/**
 * A way out of a clash: fewer pieces of one serving, with which everything can be met.
 *
 * @param serving key of the serving
 * @param asked how many pieces were asked for
 * @param pieces how many can be made
 */
public record FewerPieces(String serving, int asked, int pieces) implements WayOut {

    @Override
    public PlanSpec taken(PlanSpec spec) {
        return spec.withServing(serving, each -> each.withPieces(pieces));
    }

    /** For each serving by itself, the most pieces with which everything can be met; nothing where even one is too many. */
    static List<FewerPieces> of(WaysOut tried) {
        List<FewerPieces> fewer = new ArrayList<>();
        for (Wanted wanted : tried.question().wanted()) {
            int most = most(tried, wanted);
            if (most > 0) {
                fewer.add(new FewerPieces(wanted.key(), wanted.pieces(), most));
            }
        }
        return fewer;
    }

    /** Halves what is not known until nothing is left of it: fewer pieces take no longer than more. */
    private static int most(WaysOut tried, Wanted wanted) {
        int can = 0;
        int cannot = wanted.pieces();
        while (cannot - can > 1) {
            int pieces = (can + cannot) / 2;
            if (tried.meets(() -> tried.question().with(wanted.of(pieces, tried.pantry())))) {
                can = pieces;
            } else {
                cannot = pieces;
            }
        }
        return can;
    }
}
