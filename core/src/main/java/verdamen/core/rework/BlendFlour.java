package verdamen.core.rework;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Gluten;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineOrigin;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Measured;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.model.Share;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Price;
import verdamen.core.pantry.Role;

/**
 * A flour that may go into a blend, with what a gram of it has.
 *
 * @param line it as a line of a formula, without its mass
 * @param figures each figure of it alone; without cost when it has no price
 * @param strengthPerGram what a gram adds to the strength, times a gram of solids
 * @param solidsPerGram non-fat solids of a gram
 * @param low the least of it, 0 to 1
 * @param high the most of it, 0 to 1
 */
record BlendFlour(
        LineSpec line,
        Map<BlendFigure, Double> figures,
        double strengthPerGram,
        double solidsPerGram,
        double low,
        double high) {

    private static final double HUNDRED = 100;
    private static final double KILOGRAM = 1000;

    /** Flours as asked. */
    static List<BlendFlour> read(@Nullable List<BlendFlourSpec> asked, String style, Stock stock, Faults faults) {
        List<BlendFlourSpec> all = faults.atMost("flours", asked, Limit.BLEND_FLOURS);
        if (all.size() < Limit.BLEND_FLOURS.least()) {
            faults.add(null, "flours", FaultCode.TOO_SMALL, all.size(), Limit.BLEND_FLOURS.least());
        }
        List<BlendFlour> flours = new ArrayList<>();
        Set<LineSpec> seen = new HashSet<>();
        for (int at = 0; at < all.size(); at++) {
            BlendFlour flour = read(all.get(at), "flours[" + at + "].", style, stock, faults);
            if (flour != null) {
                faults.require(
                        seen.add(flour.line()), "flours[" + at + "].ingredient", FaultCode.TAKEN, flour.ingredient());
                flours.add(flour);
            }
        }
        double least = flours.stream().mapToDouble(BlendFlour::low).sum();
        double most = flours.stream().mapToDouble(BlendFlour::high).sum();
        if (faults.none() && (least > 1 || most < 1)) {
            faults.add(null, "flours", FaultCode.CONTRADICTS, least > 1 ? least : most);
        }
        return flours;
    }

    private static @Nullable BlendFlour read(
            BlendFlourSpec asked, String field, String style, Stock stock, Faults faults) {
        int before = faults.count();
        String code = asked.ingredient();
        Optional<Ingredient> found =
                code == null ? Optional.empty() : stock.pantry().ingredient(code);
        if (found.isEmpty()) {
            faults.add(null, field + "ingredient", code == null ? FaultCode.MISSING : FaultCode.UNKNOWN_CODE, code);
        } else {
            boolean flour = found.get().role() == Role.FLOUR;
            faults.require(flour, field + "ingredient", FaultCode.NOT_FOR_THIS_INGREDIENT, code);
        }
        faults.number(field + "moisturePct", asked.moisturePct(), Limit.MOISTURE_PCT);
        faults.number(field + "proteinPct", asked.proteinPct(), Limit.PROTEIN_PCT);
        faults.number(field + "lowShare", asked.lowShare(), 0, 1);
        faults.number(field + "highShare", asked.highShare(), 0, 1);
        double low = asked.lowShare() == null ? 0 : asked.lowShare();
        double high = asked.highShare() == null ? 1 : asked.highShare();
        if (faults.count() == before && low > high) {
            faults.add(null, field + "highShare", FaultCode.TOO_SMALL, high, low);
        }
        if (faults.count() > before || found.isEmpty()) {
            return null;
        }
        LineSpec line = LineSpec.of(found.get().code(), HUNDRED);
        if (asked.moisturePct() != null || asked.proteinPct() != null) {
            line = line.withMeasured(Measured.NONE.withLot(asked.moisturePct(), asked.proteinPct()));
        }
        if (asked.lot() != null) {
            line = line.withOrigin(LineOrigin.NONE.withLot(asked.lot()));
        }
        try {
            return of(line, low, high, style, stock);
        } catch (RefusedException contradicting) {
            // Its moisture and protein leave no room for the rest of it.
            faults.add(null, field + "proteinPct", FaultCode.CONTRADICTS, asked.proteinPct());
            return null;
        }
    }

    private static BlendFlour of(LineSpec line, double low, double high, String style, Stock stock) {
        FormulaSpec alone = new FormulaSpec(style, null, null, null, null, null, null, List.of(line));
        Formula formula = FormulaReader.read(alone, stock.pantry());
        Line flour = formula.lines().get(0);
        Gluten gluten = Gluten.of(Dough.of(formula).totals());
        Map<BlendFigure, Double> figures = new EnumMap<>(BlendFigure.class);
        figures.put(BlendFigure.PROTEIN, Share.ofFraction(flour.proteinShare()).pct());
        figures.put(BlendFigure.ABSORPTION, Share.ofFraction(flour.absorption()).pct());
        figures.put(BlendFigure.WHOLE_GRAIN, flour.ingredient().wholeGrain() ? HUNDRED : 0);
        figures.put(BlendFigure.STRENGTH, gluten.points());
        Price price = stock.prices().get(flour.ingredient().code());
        if (price != null) {
            figures.put(BlendFigure.COST, price.of(KILOGRAM, flour.ingredient()));
        }
        double solids = gluten.solidsGrams() / HUNDRED;
        return new BlendFlour(line, figures, gluten.points() * solids, solids, low, high);
    }

    @Nullable
    String ingredient() {
        return line.ingredient();
    }

    /** A figure of it alone; 0 without a price. */
    double figure(BlendFigure figure) {
        return figures.getOrDefault(figure, 0.0);
    }

    boolean has(BlendFigure figure) {
        return figures.containsKey(figure);
    }
}
