package verdamen.core.balance;

import static verdamen.core.model.Symbol.*;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Line;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Scale;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Behaviour;

/**
 * Works out the plain water a dough needs, W = S* · D − B, with its uncertainty and how to pour it. Source of the
 * uncertainty: first-order propagation of the weighing errors and of the relative error of each absorption.
 */
final class WaterNeeded {

    private final Dough dough;
    private final Moment at;
    private final double target;

    WaterNeeded(Dough dough, Moment at) {
        this.dough = dough;
        this.at = at;
        this.target = dough.formula().softnessTarget();
    }

    /** W alone, g. */
    double grams() {
        return dough.totals().waterNeeded(at);
    }

    Water water() {
        double needed = grams();
        Map<Integer, List<ExplanationStep>> parts = varianceParts();
        double variance = parts.values().stream().mapToDouble(WaterNeeded::sum).sum();
        double sd = Math.sqrt(variance);
        double width = Coefficient.RANGE_WIDTH.value() * sd;
        double high = needed + width;
        double firstPour = Math.max(0, Math.min(needed - width, Coefficient.FIRST_POUR_SHARE.value() * needed));
        double holdBack = Math.max(0, high - firstPour);
        List<Variance> variances = variances(parts, variance);
        ToldWater told = told(needed, sd);
        double present = presentGrams();
        return new Water(
                needed,
                sd,
                needed - width,
                high,
                firstPour,
                holdBack,
                additions(holdBack),
                variances.isEmpty() ? null : Integer.valueOf(variances.get(0).line()),
                present,
                inStagesGrams(),
                needed - present,
                Scale.shown(Math.max(0, needed)),
                Standing.of(softness(), dough.formula().style()),
                told,
                List.of(ExplanationStep.of(
                        Rule.WATER_NEEDED,
                        needed,
                        Unit.GRAMS,
                        Term.softness(TARGET, target),
                        Term.grams(DRINKS, dough.drinksGrams(at)),
                        Term.grams(BRINGS, bringsWithoutPlainWater()))),
                weighNext(needed, variance),
                variances);
    }

    private ToldWater told(double needed, double sd) {
        DoughKind kind = DoughKind.of(dough);
        boolean taught = isTaught();
        double half = ToldWater.half(sd, kind, taught, base());
        double firstPour = Math.max(0, Math.min(needed - half, Coefficient.FIRST_POUR_SHARE.value() * needed));
        double holdBack = Math.max(0, needed + half - firstPour);
        return new ToldWater(
                needed - half,
                needed + half,
                firstPour,
                holdBack,
                additions(holdBack),
                kind,
                kind.off().value(),
                taught,
                ToldWater.steps(half, sd, kind, taught, base()));
    }

    /** Whether the kitchen knows the absorption of all flour that counts better than the book does. */
    private boolean isTaught() {
        double few = Coefficient.ACCURACY_INCLUSION_LEAST.value() * dough.flourGrams();
        return dough.rows().stream()
                .filter(row -> row.countsAsFlour() && row.grams() > few)
                .allMatch(DoughRow::isTaught);
    }

    /**
     * The line whose weighing error, were it that of a kitchen scale, would leave the least variance: σ² less, for each of
     * its rows, g² (sd² − sd_scale²).
     */
    private @Nullable WeighNext weighNext(double needed, double variance) {
        Map<Integer, Double> saved = new TreeMap<>();
        lines().forEach((line, rows) -> {
            DoughRow row = rows.get(0).row();
            double scale = Line.weighedSdGrams(row.grams());
            if (row.sdGrams() > scale) {
                double perGram = perGram(rows);
                saved.put(line, perGram * perGram * (row.sdGrams() * row.sdGrams() - scale * scale));
            }
        });
        return saved.entrySet().stream()
                .filter(line -> line.getValue() > 0)
                .max(Map.Entry.comparingByValue())
                .filter(line -> narrows(line.getValue(), variance))
                .map(line -> {
                    double sd = Math.sqrt(Math.max(0, variance - line.getValue()));
                    double width = half(sd);
                    return new WeighNext(
                            line.getKey(), ingredientOf(line.getKey()), sd, needed - width, needed + width);
                })
                .orElse(null);
    }

    /** Whether so much less variance narrows the range by as much as is worth the trouble. */
    private boolean narrows(double saved, double variance) {
        double left = half(Math.sqrt(Math.max(0, variance - saved))) / half(Math.sqrt(variance));
        return left <= 1 - Coefficient.WORTH_WEIGHING.value();
    }

    private double half(double sd) {
        return ToldWater.half(sd, DoughKind.of(dough), isTaught(), base());
    }

    /** The lines that can err: those with mass that are neither plain water nor of the bench, row by row. */
    private Map<Integer, List<WaterAccount>> lines() {
        Map<Integer, List<WaterAccount>> lines = new TreeMap<>();
        for (WaterAccount account : dough.accounts()) {
            DoughRow row = account.row();
            if (!row.isPlainWater() && !row.isFromBench() && row.grams() > 0) {
                lines.computeIfAbsent(row.line().index(), line -> new ArrayList<>())
                        .add(account);
            }
        }
        return lines;
    }

    /** What a gram more of each row of a line adds to the water needed, g: the halves of a starter err together. */
    private double perGram(List<WaterAccount> rows) {
        double sum = 0;
        for (WaterAccount account : rows) {
            sum += (target * account.drinks(at) - account.brings(at))
                    / account.row().grams();
        }
        return sum;
    }

    private @Nullable Double softness() {
        double drinks = dough.drinksGrams(at);
        return drinks > 0 ? Double.valueOf(dough.bringsGrams(at) / drinks) : null;
    }

    private double bringsWithoutPlainWater() {
        return dough.totals().bringsWithoutPlainWater(at);
    }

    private double presentGrams() {
        return dough.rows().stream()
                .filter(DoughRow::isPlainWater)
                .mapToDouble(DoughRow::grams)
                .sum();
    }

    private double inStagesGrams() {
        return dough.rows().stream()
                .filter(row -> row.isPlainWater() && row.line().stage() != null)
                .mapToDouble(DoughRow::grams)
                .sum();
    }

    /**
     * The additions that make up {@code holdBack}: 2 % of all that drinks to the nearest 5 g, at least 5 g, and larger
     * when there would be more than six of them; then the rest.
     */
    private Additions additions(double holdBack) {
        double step = Coefficient.ADDITION_STEP.value();
        double drinkers = drinkers();
        double rounded = step * Math.floor(Coefficient.ADDITION_SHARE.value() * drinkers / step + 0.5);
        double atLeast = step * Math.ceil(holdBack / Coefficient.ADDITIONS_MOST.value() / step);
        double each = Math.max(step, Math.max(rounded, atLeast));
        int full = (int) Math.floor(holdBack / each);
        return new Additions(full, each, holdBack - full * each);
    }

    /** All that drinks as flour does, g. */
    private double drinkers() {
        return dough.rows().stream()
                .filter(row -> row.behaviour() != null)
                .mapToDouble(DoughRow::grams)
                .sum();
    }

    /** What the known error is a share of, g: the flour, or all that drinks where there is none. */
    private double base() {
        return dough.flourGrams() > 0 ? dough.flourGrams() : drinkers();
    }

    private Map<Integer, List<ExplanationStep>> varianceParts() {
        Map<Integer, List<ExplanationStep>> parts = new TreeMap<>();
        lines().forEach((line, rows) -> parts.put(line, varianceOf(rows)));
        addLearnedTogether(parts);
        return parts;
    }

    /**
     * Flours learned from the same batches are surer together than each alone. What that takes from the variance is shared out
     * to them as the variance of their own is, so that no line takes more than it brings.
     */
    private void addLearnedTogether(Map<Integer, List<ExplanationStep>> parts) {
        JointSpread joint = dough.jointSpread();
        Map<Integer, Double> own = new TreeMap<>();
        for (WaterAccount account : dough.accounts()) {
            if (joint.has(account)) {
                own.merge(account.row().line().index(), squaredDrinks(account), Double::sum);
            }
        }
        double sum = own.values().stream().mapToDouble(Double::doubleValue).sum();
        if (sum > 0) {
            double change = Math.max(-1, target * target * joint.variance(at) / sum);
            own.forEach((line, variance) -> parts.get(line)
                    .add(ExplanationStep.of(
                            Rule.VARIANCE_LEARNED_TOGETHER,
                            variance * change,
                            Unit.GRAMS_SQUARED,
                            Term.of(OWN_VARIANCE, variance, Unit.GRAMS_SQUARED),
                            Term.factor(LEARNED_TOGETHER, change))));
        }
    }

    private double squaredDrinks(WaterAccount account) {
        Behaviour behaviour = account.row().behaviour();
        double deviation = behaviour == null
                ? 0
                : target * account.drinks(at) * account.row().absorptionRelativeSd(behaviour);
        return deviation * deviation;
    }

    private List<ExplanationStep> varianceOf(List<WaterAccount> rows) {
        List<ExplanationStep> steps = new ArrayList<>();
        double perGram = perGram(rows);
        double sd = rows.get(0).row().sdGrams();
        steps.add(squared(
                Rule.VARIANCE_FROM_WEIGHING, perGram * sd, Term.factor(PER_GRAM, perGram), Term.grams(DEVIATION, sd)));
        for (WaterAccount account : rows) {
            Behaviour behaviour = account.row().behaviour();
            if (behaviour != null) {
                double relativeSd = account.row().absorptionRelativeSd(behaviour);
                double drinks = account.drinks(at);
                steps.add(squared(
                        Rule.VARIANCE_FROM_ABSORPTION,
                        target * drinks * relativeSd,
                        Term.softness(TARGET, target),
                        Term.grams(DRINKS, drinks),
                        Term.factor(DEVIATION, relativeSd)));
            }
        }
        return steps;
    }

    private List<Variance> variances(Map<Integer, List<ExplanationStep>> parts, double variance) {
        if (variance == 0) {
            return List.of();
        }
        return parts.entrySet().stream()
                .map(part -> new Variance(
                        part.getKey(),
                        ingredientOf(part.getKey()),
                        sum(part.getValue()) / variance,
                        isFromAbsorption(part.getValue()),
                        List.copyOf(part.getValue())))
                .filter(part -> part.share() > 0)
                .sorted(Comparator.comparingDouble(Variance::share).reversed())
                .toList();
    }

    private String ingredientOf(int line) {
        return dough.line(line).ingredient().code();
    }

    private static boolean isFromAbsorption(List<ExplanationStep> steps) {
        double absorption = steps.stream()
                .filter(step -> step.rule() != Rule.VARIANCE_FROM_WEIGHING)
                .mapToDouble(ExplanationStep::value)
                .sum();
        return absorption > sum(steps) / 2;
    }

    private static double sum(List<ExplanationStep> steps) {
        return steps.stream().mapToDouble(ExplanationStep::value).sum();
    }

    private static ExplanationStep squared(Rule rule, double deviation, Term... inputs) {
        return ExplanationStep.of(rule, deviation * deviation, Unit.GRAMS_SQUARED, inputs);
    }
}
