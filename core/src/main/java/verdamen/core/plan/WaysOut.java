package verdamen.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.Supplier;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;

/** Other questions than the one whose demands clash, tried one by one: those that can be met are ways out. */
public final class WaysOut {

    private final PlanSpec asked;
    private final PlanQuestion question;
    private final Pantry pantry;
    private final Predicate<PlanDay> canBeMet;

    WaysOut(PlanSpec asked, PlanQuestion question, Pantry pantry, Predicate<PlanDay> canBeMet) {
        this.asked = asked;
        this.question = question;
        this.pantry = pantry;
        this.canBeMet = canBeMet;
    }

    /**
     * Everything that would help by itself, for each serving: its dough made the evening before, two batches, fewer pieces.
     *
     * @param asked what is asked
     * @param question the same, as it is planned
     * @param canBeMet whether everything that is asked of a day can be met
     */
    public static List<WayOut> of(PlanSpec asked, PlanQuestion question, Pantry pantry, Predicate<PlanDay> canBeMet) {
        WaysOut tried = new WaysOut(asked, question, pantry, canBeMet);
        List<WayOut> ways = new ArrayList<>();
        ways.addAll(OvernightDough.of(tried));
        ways.addAll(TwoBatches.of(tried));
        ways.addAll(FewerPieces.of(tried));
        return List.copyOf(ways);
    }

    PlanSpec asked() {
        return asked;
    }

    PlanQuestion question() {
        return question;
    }

    Pantry pantry() {
        return pantry;
    }

    /** Whether another question can be met; one of which a dough cannot be made so is no way out. */
    boolean meets(Supplier<PlanQuestion> other) {
        try {
            return canBeMet.test(PlanDay.of(other.get()));
        } catch (RefusedException cannotBeMade) {
            return false;
        }
    }
}
