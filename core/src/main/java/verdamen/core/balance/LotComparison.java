package verdamen.core.balance;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.pantry.Pantry;

/**
 * What lots of a flour would do to the water that a dough needs.
 *
 * @param neededGrams water needed with the book's flour, or a lot, in the line, g
 * @param changeGrams that less what is needed now, g
 */
public record LotComparison(double neededGrams, double changeGrams) {

    /** Moisture and protein of a lot, %; null for the book's. */
    public record Lot(
            @Nullable Double moisturePct, @Nullable Double proteinPct) {}

    private static final Lot OF_THE_BOOK = new Lot(null, null);

    /** The code of the flour in a line. */
    public static String flour(FormulaSpec formula, int line) {
        return String.valueOf(line(formula, line).ingredient());
    }

    /**
     * The book's flour first, then each lot.
     *
     * @throws verdamen.core.model.RefusedException when there is no such line, or the formula has a fault
     */
    public static List<LotComparison> of(FormulaSpec formula, int line, List<Lot> lots, Pantry pantry) {
        LineSpec asked = line(formula, line);
        double now = needed(formula, pantry);
        List<Lot> all = new ArrayList<>(List.of(OF_THE_BOOK));
        all.addAll(lots);
        return all.stream()
                .map(lot -> {
                    LineSpec other =
                            asked.withMeasured(asked.measuredOrNone().withLot(lot.moisturePct(), lot.proteinPct()));
                    double with = needed(formula.withLine(line, other), pantry);
                    return new LotComparison(with, with - now);
                })
                .toList();
    }

    private static LineSpec line(FormulaSpec formula, int line) {
        LineSpec asked = formula.lineOrNull(line);
        if (asked == null || asked.ingredient() == null) {
            throw Faults.refusal(null, "line", FaultCode.UNKNOWN_CODE, line);
        }
        return asked;
    }

    private static double needed(FormulaSpec formula, Pantry pantry) {
        return DoughTotals.of(FormulaReader.read(formula, pantry)).waterNeeded();
    }
}
