package verdamen.core.leavening;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.formula.DoughTemperature;
import verdamen.core.formula.Formula;
import verdamen.core.formula.MixedStage;
import verdamen.core.formula.Place;
import verdamen.core.model.ExplanationStep;

/**
 * The rise of a dough as it is drawn and told. All minutes are counted since wetting, as everything on one time axis is.
 *
 * @param ratios volume against that when kneading ended, at each minute asked for; 1 before
 * @param celsius dough temperature at each of them, °C
 * @param yeastPct yeast as instant yeast, % of the flour
 * @param maxRatio the most the dough can rise to
 * @param targetRatio the ratio that its style is rolled at
 * @param bestRatio from here on it is past its best
 * @param targetMinute when it has risen to its target; null when not within a day
 * @param pastBestMinute when it is past its best; null when not within a day
 * @param yeastDeadMinute when it is too hot for the yeast; null when it never is
 * @param canReachTarget whether this dough can hold a rise to its target at all
 * @param decides whether the rise decides when it is rolled
 * @param sponge the rise of its sponge; null without one, or when it has no yeast
 * @param steps how it is worked out
 */
public record RiseCurve(
        List<Double> ratios,
        List<Double> celsius,
        double yeastPct,
        double maxRatio,
        double targetRatio,
        double bestRatio,
        @Nullable Integer targetMinute,
        @Nullable Integer pastBestMinute,
        @Nullable Integer yeastDeadMinute,
        boolean canReachTarget,
        boolean decides,
        @Nullable Sponge sponge,
        List<ExplanationStep> steps) {

    /**
     * What stands with yeast in it before the dough is made. Its minutes are counted from when it was mixed.
     *
     * @param standingMinutes how long it stands
     * @param celsius how warm it is where it stands, °C
     * @param yeastPct its yeast as instant yeast, % of its own flour
     * @param ratio its volume when the dough is made, against that when it was mixed
     * @param maxRatio the most it can rise to
     * @param pastBestMinute when it is past its best; null when not within a day
     * @param yeastDeadMinute when it is too hot for the yeast; null when it never is
     */
    public record Sponge(
            double standingMinutes,
            double celsius,
            double yeastPct,
            double ratio,
            double maxRatio,
            @Nullable Integer pastBestMinute,
            @Nullable Integer yeastDeadMinute) {

        /** What stands with yeast in it when the dough is made; null when no stage before has yeast and flour. */
        public static @Nullable Sponge of(Formula formula) {
            if (formula.stages().isEmpty()) {
                return null;
            }
            MixedStage last = formula.stages().get(formula.stages().size() - 1);
            double standing = last.stage().minutes();
            Dough sponge = Dough.of(formula.withLines(formula.lines().stream()
                    .filter(line -> line.stage() != null)
                    .toList()));
            Rise rise = Rise.of(
                    sponge,
                    new DoughTemperature(
                            last.mixedC(),
                            List.of(new Place(
                                    Double.POSITIVE_INFINITY, last.stage().placeC())),
                            sponge.grams()));
            Double ratio = rise.ratio((int) Math.round(standing));
            Double pct = rise.yeastPct();
            Double most = rise.maxRatio();
            return !rise.hasYeast() || ratio == null || pct == null || most == null || standing <= 0
                    ? null
                    : new Sponge(
                            standing,
                            last.stage().placeC(),
                            pct,
                            ratio,
                            most,
                            rise.minutesPastBest(),
                            rise.yeastDeadAt());
        }
    }

    /**
     * The rise of a dough; null when it has no yeast or no flour.
     *
     * @param rise its rise
     * @param formula its formula
     * @param minutes the minutes since wetting that are drawn
     */
    public static @Nullable RiseCurve of(Rise rise, Formula formula, List<Integer> minutes) {
        Double pct = rise.yeastPct();
        Double most = rise.maxRatio();
        if (!rise.hasYeast() || pct == null || most == null) {
            return null;
        }
        int kneaded = (int) Math.ceil(formula.kneading().endMinute());
        return new RiseCurve(
                minutes.stream()
                        .map(minute -> rise.ratio(Math.max(0, minute - kneaded)))
                        .toList(),
                minutes.stream()
                        .map(minute -> Double.valueOf(rise.celsius(Math.max(0, minute - kneaded))))
                        .toList(),
                pct,
                most,
                rise.targetRatio(),
                rise.bestRatio(),
                after(kneaded, rise.minutesToTarget()),
                after(kneaded, rise.minutesPastBest()),
                after(kneaded, rise.yeastDeadAt()),
                Boolean.TRUE.equals(rise.canReachTarget()),
                rise.decides(formula.style()),
                Sponge.of(formula),
                rise.steps());
    }

    private static @Nullable Integer after(int kneaded, @Nullable Integer minutes) {
        return minutes == null ? null : Integer.valueOf(kneaded + minutes);
    }
}
