package verdamen.core.rework;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineOrigin;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Role;

/**
 * What has to change.
 *
 * @param spec the formula with its other lots
 * @param gone the lines that something else must take the place of
 * @param allergen an allergen that must go; null for none
 */
record Forced(FormulaSpec spec, List<Line> gone, @Nullable String allergen) {

    /** What has to change, as asked. */
    static Forced read(MatchQuestion asked, BaseFormula base, Faults faults) {
        Formula formula = base.formula();
        Set<Integer> gone = new TreeSet<>();
        List<Integer> out = faults.atMost("out", asked.out(), Limit.LINES);
        for (int at = 0; at < out.size(); at++) {
            Line line = line(out.get(at), "out[" + at + "]", formula, faults);
            if (line != null) {
                gone.add(line.index());
            }
        }
        String allergen = asked.allergen();
        if (allergen != null) {
            List<Integer> with = formula.askedLines().stream()
                    .filter(line -> line.ingredient().allergens().contains(allergen))
                    .map(Line::index)
                    .toList();
            faults.require(!with.isEmpty(), "allergen", FaultCode.UNKNOWN_CODE, allergen);
            gone.addAll(with);
        }
        FormulaSpec spec = base.spec();
        List<OtherLotSpec> lots = faults.atMost("lots", asked.lots(), Limit.LINES);
        for (int at = 0; at < lots.size(); at++) {
            spec = withLot(spec, lots.get(at), "lots[" + at + "].", formula, faults);
        }
        faults.require(!gone.isEmpty() || !lots.isEmpty(), "out", FaultCode.MISSING, null);
        List<Line> lines = formula.askedLines().stream()
                .filter(line -> gone.contains(line.index()))
                .toList();
        return new Forced(spec, lines, allergen);
    }

    private static @Nullable Line line(@Nullable Integer index, String field, Formula formula, Faults faults) {
        Line found = formula.askedLines().stream()
                .filter(line -> index != null && line.index() == index)
                .findFirst()
                .orElse(null);
        if (found == null) {
            faults.add(null, field, index == null ? FaultCode.MISSING : FaultCode.UNKNOWN_CODE, index);
        } else if (found.ingredient().isPlainWater()) {
            faults.add(null, field, FaultCode.NOT_FOR_THIS_INGREDIENT, index);
            return null;
        }
        return found;
    }

    private static FormulaSpec withLot(
            FormulaSpec spec, OtherLotSpec asked, String field, Formula formula, Faults faults) {
        int before = faults.count();
        Line line = line(asked.line(), field + "line", formula, faults);
        boolean flour = line == null || line.ingredient().role() == Role.FLOUR;
        faults.require(flour, field + "line", FaultCode.NOT_FOR_THIS_INGREDIENT, asked.line());
        faults.number(field + "moisturePct", asked.moisturePct(), Limit.MOISTURE_PCT);
        faults.number(field + "proteinPct", asked.proteinPct(), Limit.PROTEIN_PCT);
        LineSpec now = line == null ? null : spec.lineOrNull(line.index());
        if (faults.count() > before || line == null || now == null) {
            return spec;
        }
        LineOrigin origin = now.origin() == null ? LineOrigin.NONE : now.origin();
        LineSpec other = now.withMeasured(now.measuredOrNone().withLot(asked.moisturePct(), asked.proteinPct()))
                .withOrigin(origin.withLot(asked.lot()));
        return spec.withLine(line.index(), other);
    }

    /** Whether an ingredient may come in. */
    boolean allows(Ingredient ingredient) {
        List<String> out = new ArrayList<>();
        gone.forEach(line -> out.add(line.ingredient().code()));
        return !out.contains(ingredient.code())
                && (allergen == null || !ingredient.allergens().contains(allergen));
    }
}
