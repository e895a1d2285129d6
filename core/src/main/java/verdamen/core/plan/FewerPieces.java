package verdamen.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
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

    /**
     * For each serving by itself, the most pieces with which everything can be met; nothing where even one is too many.
     *
     * @param canBeMet whether everything that is asked of a day can be met
     */
    public static List<FewerPieces> of(PlanQuestion question, Pantry pantry, Predicate<PlanDay> canBeMet) {
        List<FewerPieces> fewer = new ArrayList<>();
        for (Wanted wanted : question.wanted()) {
            int most = most(question, wanted, pantry, canBeMet);
            if (most > 0) {
                fewer.add(new FewerPieces(wanted.key(), wanted.pieces(), most));
            }
        }
        return List.copyOf(fewer);
    }

    /** Halves what is not known until nothing is left of it: fewer pieces take no longer than more. */
    private static int most(PlanQuestion question, Wanted wanted, Pantry pantry, Predicate<PlanDay> canBeMet) {
        int can = 0;
        int cannot = wanted.pieces();
        while (cannot - can > 1) {
            int pieces = (can + cannot) / 2;
            if (canBeMet(question, wanted, pieces, pantry, canBeMet)) {
                can = pieces;
            } else {
                cannot = pieces;
            }
        }
        return can;
    }

    private static boolean canBeMet(
            PlanQuestion question, Wanted wanted, int pieces, Pantry pantry, Predicate<PlanDay> canBeMet) {
        try {
            return canBeMet.test(PlanDay.of(question.with(wanted.of(pieces, pantry))));
        } catch (RefusedException tooSmall) {
            // What cannot be weighed any more is no way out.
            return false;
        }
    }
}
