package verdamen.core.balance;

import java.util.List;
import verdamen.core.formula.LineSource;
import verdamen.core.model.ExplanationStep;
import verdamen.core.pantry.Material;

/**
 * One row of the ledger, judged when the dough is rolled.
 *
 * @param line index of the line it comes from
 * @param ingredient code of what it is; for a starter's half, strong white flour or water
 * @param name its name
 * @param material what it is made of
 * @param grams its mass, g
 * @param bringsGrams water-like plasticiser it puts in play, g
 * @param drinksGrams water it takes up at reference softness, g
 * @param starterHalf whether it is half of a sourdough starter
 * @param source whether it was asked for, put in by a preparation, or taken up from the bench
 * @param measured whether a measured value stands in for a typical one
 * @param bringsSteps how {@code bringsGrams} comes about, the last step giving it; empty for 0
 * @param drinksSteps how {@code drinksGrams} comes about, the last step giving it; empty for 0
 */
public record LedgerRow(
        int line,
        String ingredient,
        String name,
        Material material,
        double grams,
        double bringsGrams,
        double drinksGrams,
        boolean starterHalf,
        LineSource source,
        boolean measured,
        List<ExplanationStep> bringsSteps,
        List<ExplanationStep> drinksSteps) {}
