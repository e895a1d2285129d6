package verdamen.core.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Part;
import verdamen.core.handling.PutIn;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;

/**
 * What is in the bowl of a batch: what was poured instead of what was planned, with what was put in beyond the plan. Water that
 * was never poured on the scale follows from the dough's weight, where that was read: dough / (1 − bowl loss) less all else.
 *
 * @param spec the formula as it is in the bowl
 * @param water where its plain water comes from
 */
public record BowlSoFar(FormulaSpec spec, WaterFrom water) {

    /** How the plain water in the bowl is known. */
    public enum WaterFrom implements Coded {
        /** It is what was planned. */
        PLAN("plan"),
        /** It was poured and noted. */
        POURED("poured"),
        /** It follows from the weight of the dough. */
        DOUGH_WEIGHT("dough-weight");

        private final String code;

        WaterFrom(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * What is in the bowl.
     *
     * @param planned the formula as it was to be made
     * @param entries what counts of what was noted, in order
     */
    public static BowlSoFar of(FormulaSpec planned, Pantry pantry, List<BenchEntry> entries) {
        Map<String, Double> poured = new LinkedHashMap<>();
        List<PutIn> putIn = new ArrayList<>();
        Double doughGrams = null;
        double putInBefore = 0;
        for (BenchEntry entry : entries) {
            if (entry.kind() == EntryKind.POUR && entry.subject() != null && entry.figure() != null) {
                poured.merge(entry.subject(), entry.figure(), Double::sum);
            } else if (entry.kind() == EntryKind.CORRECTION) {
                putIn.addAll(entry.additionsOrNone());
            } else if (isDoughWeight(entry)) {
                doughGrams = entry.figure();
                putInBefore = putIn.stream().mapToDouble(PutIn::grams).sum();
            }
        }
        FormulaSpec made = poured(planned, poured);
        String water = pantry.plainWater().code();
        WaterFrom from = poured.containsKey(water) ? WaterFrom.POURED : WaterFrom.PLAN;
        if (from == WaterFrom.PLAN && doughGrams != null) {
            Double solved = solved(made, pantry, doughGrams - putInBefore);
            if (solved != null) {
                made = poured(made, Map.of(water, solved));
                from = WaterFrom.DOUGH_WEIGHT;
            }
        }
        return new BowlSoFar(PutIn.into(made, putIn), from);
    }

    private static boolean isDoughWeight(BenchEntry entry) {
        return entry.kind() == EntryKind.READING && ReadingOf.DOUGH_GRAMS.code().equals(entry.subject());
    }

    /** Lines of the dough with what was poured of them; several of one ingredient share it as they were planned. */
    private static FormulaSpec poured(FormulaSpec planned, Map<String, Double> poured) {
        if (poured.isEmpty()) {
            return planned;
        }
        Map<String, Double> all = new LinkedHashMap<>();
        for (LineSpec line : planned.linesOrNone()) {
            if (isPoured(line, poured)) {
                all.merge(line.ingredient(), line.grams() == null ? 0 : line.grams(), Double::sum);
            }
        }
        List<@Nullable LineSpec> lines = new ArrayList<>();
        Map<String, Double> left = new LinkedHashMap<>(poured);
        for (LineSpec line : planned.linesOrNone()) {
            if (!isPoured(line, poured)) {
                lines.add(line);
                continue;
            }
            double sum = all.get(line.ingredient());
            double share = sum > 0
                    ? (line.grams() == null ? 0 : line.grams()) / sum * poured.get(line.ingredient())
                    : left.put(line.ingredient(), 0.0);
            lines.add(line.weighed(share));
        }
        return planned.withLines(lines);
    }

    private static boolean isPoured(@Nullable LineSpec line, Map<String, Double> poured) {
        return line != null
                && line.ingredient() != null
                && line.prep() == null
                && line.belongsToDough()
                && poured.containsKey(line.ingredient());
    }

    /** Plain water from the weight of the dough; null when it weighs less than what else is in it, or there is no line for it. */
    private static @Nullable Double solved(FormulaSpec made, Pantry pantry, double doughGrams) {
        boolean hasWater = made.linesOrNone().stream().anyMatch(line -> line != null && line.isDoughWater(pantry));
        if (!hasWater) {
            return null;
        }
        try {
            double others = FormulaReader.read(made, pantry).lines().stream()
                    .filter(line ->
                            line.part() == Part.DOUGH && !line.ingredient().isPlainWater())
                    .mapToDouble(Line::grams)
                    .sum();
            double water = doughGrams / (1 - Coefficient.BOWL_LOSS.value()) - others;
            return water >= 0 ? Double.valueOf(water) : null;
        } catch (RefusedException refused) {
            return null;
        }
    }
}
