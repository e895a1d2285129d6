package verdamen.core.intake;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.DoughTotals;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.model.Table;
import verdamen.core.pantry.Pantry;

/** Formulas to start from: a style's usual composition, or baker's percentages and the weight of a dough. */
public final class StartingFormulas {

    private static final double WHOLE_PCT = 100;
    private static final double ROUNDED_BELOW_GRAMS = Coefficient.FINE_SCALE_BELOW.value();
    private static final double TENTHS = 10;

    /** A row of the table of usual compositions. */
    private record Usual(
            String style,
            String ingredient,
            double bakersPct,
            @Nullable String fatTiming) {}

    private static final List<Usual> USUAL = Table.read(
            StartingFormulas.class,
            "style_starts",
            row -> new Usual(
                    row.text("style"), row.text("ingredient"), row.number("bakers_pct"), row.textOrNull("fat_timing")));

    /**
     * An ingredient as a baker's percentage.
     *
     * @param ingredient its code
     * @param pct grams for 100 g of flour, 0 to 2,000
     */
    public record Percentage(
            @Nullable String ingredient, @Nullable Double pct) {}

    private StartingFormulas() {}

    /**
     * The usual composition of a style, with the plain water that its softness needs.
     *
     * @param flourGrams flour, g, above 0
     * @throws RefusedException when the style is unknown or the flour no sensible mass
     */
    public static FormulaSpec ofStyle(String style, double flourGrams, Pantry pantry) {
        List<Usual> usual =
                USUAL.stream().filter(row -> row.style().equals(style)).toList();
        if (usual.isEmpty()) {
            throw refused(null, "style", FaultCode.UNKNOWN_CODE, style);
        }
        if (!(flourGrams > 0)) {
            throw refused(null, "flourGrams", FaultCode.TOO_SMALL, String.valueOf(flourGrams));
        }
        List<LineSpec> lines = new ArrayList<>();
        usual.forEach(
                row -> lines.add(LineSpec.of(row.ingredient(), rounded(flourGrams * row.bakersPct() / WHOLE_PCT))));
        String fatTiming = usual.get(0).fatTiming();
        FormulaSpec dry = new FormulaSpec(style, null, fatTiming, null, null, null, null, List.copyOf(lines));
        double water = DoughTotals.of(FormulaReader.read(dry, pantry)).waterNeeded();
        if (water > 0) {
            lines.add(
                    (int) flours(lines, pantry), LineSpec.of(pantry.plainWater().code(), rounded(water)));
        }
        return dry.withLines(lines);
    }

    private static long flours(List<LineSpec> lines, Pantry pantry) {
        return lines.stream()
                .map(line ->
                        pantry.ingredient(String.valueOf(line.ingredient())).orElseThrow())
                .takeWhile(ingredient -> ingredient.drinksLikeFlour())
                .count();
    }

    /**
     * A dough of so many grams by baker's percentages: each line is dough · pct / Σ pct.
     *
     * @param doughGrams mass of the dough, g, above 0
     * @throws RefusedException with every fault by line and field
     */
    public static FormulaSpec ofPercentages(
            String style, double doughGrams, List<Percentage> percentages, Pantry pantry) {
        List<Fault> faults = new ArrayList<>();
        double sum = 0;
        for (int index = 0; index < percentages.size(); index++) {
            Double pct = percentages.get(index).pct();
            if (pct == null || !(pct >= 0) || pct > Limit.BAKERS_PCT.most()) {
                FaultCode code = pct == null
                        ? FaultCode.MISSING
                        : pct > Limit.BAKERS_PCT.most() ? FaultCode.TOO_LARGE : FaultCode.TOO_SMALL;
                Double limit = pct == null
                        ? null
                        : Double.valueOf(pct > Limit.BAKERS_PCT.most() ? Limit.BAKERS_PCT.most() : 0);
                faults.add(new Fault(index, "pct", code, pct == null ? null : pct.toString(), limit));
            } else {
                sum += pct;
            }
        }
        if (!(doughGrams > 0)) {
            faults.add(new Fault(null, "doughGrams", FaultCode.TOO_SMALL, String.valueOf(doughGrams), 0.0));
        }
        if (faults.isEmpty() && sum <= 0) {
            faults.add(new Fault(null, "lines", FaultCode.MISSING, null, null));
        }
        if (!faults.isEmpty()) {
            throw new RefusedException(faults);
        }
        double gramsPerPct = doughGrams / sum;
        List<LineSpec> lines = new ArrayList<>();
        for (Percentage each : percentages) {
            double pct = each.pct() == null ? 0 : each.pct();
            String code = each.ingredient() == null ? "" : each.ingredient();
            lines.add(LineSpec.of(code, rounded(pct * gramsPerPct)));
        }
        FormulaSpec spec = new FormulaSpec(style, null, null, null, null, null, null, List.copyOf(lines));
        FormulaReader.read(spec, pantry);
        return spec;
    }

    /** As a kitchen scale shows it: to 1 g, to 0.1 g below 20 g. */
    private static double rounded(double grams) {
        return grams < ROUNDED_BELOW_GRAMS ? Math.round(grams * TENTHS) / TENTHS : Math.round(grams);
    }

    private static RefusedException refused(
            @Nullable Integer line, String field, FaultCode code, @Nullable String value) {
        return new RefusedException(List.of(new Fault(line, field, code, value, 0.0)));
    }
}
