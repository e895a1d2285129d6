package verdamen.core.leavening;

import static verdamen.core.model.Symbol.*;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Gluten;
import verdamen.core.formula.DoughTemperature;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Share;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Style;

/**
 * How a dough with yeast rises: its volume against that when kneading ends, minute by minute for a day. Minutes are counted
 * from the end of kneading. What is kneaded again has lost its gas and rises anew; the moments told are those after that.
 */
public final class Rise {

    private static final int LAST = (int) Coefficient.RISE_END.value();
    private static final String NAAN = "skillet-naan";

    private final Yeast yeast;
    private final DoughTemperature temperature;
    private final double gluten;
    private final double pieceShare;
    private final double targetRatio;
    private final boolean hasFlour;
    /** Worked out when it is asked for: of a dough that is rolled flat nobody asks. */
    private double @Nullable [] ratios;
    /** Worked out when it is asked for: a dough without yeast never asks. */
    private double @Nullable [] celsius;

    private final double maxRatio;
    private @Nullable Integer minutesToTarget;
    private @Nullable Integer minutesPastBest;
    private @Nullable Integer yeastDeadAt;

    private Rise(Dough dough, Yeast yeast, DoughTemperature temperature) {
        this.yeast = yeast;
        this.temperature = temperature;
        Gluten network = Gluten.of(dough.totals());
        this.gluten = network.points();
        this.pieceShare = network.pieceShare();
        this.targetRatio = targetRatio(dough.formula().style());
        this.maxRatio = 1
                + Coefficient.RISE_MOST.value()
                        * Math.max(
                                Coefficient.RISE_STRENGTH_LEAST.value(),
                                Math.min(1, gluten / Coefficient.RISE_STRENGTH.value()))
                        * (1 - Coefficient.RISE_LOSS_TO_PIECES.value() * pieceShare);
        this.hasFlour = yeast.flourGrams() > 0;
    }

    private double[] worked() {
        if (ratios == null) {
            ratios = ratios();
        }
        return ratios;
    }

    private double[] temperatures() {
        if (celsius == null) {
            celsius = temperature.until(LAST);
        }
        return celsius;
    }

    /** The rise of a dough where its timeline puts it. */
    public static Rise of(Dough dough) {
        return of(dough, dough.formula().timeline().temperature());
    }

    /** The rise of a dough that takes on the warmth of places of its own. */
    public static Rise of(Dough dough, DoughTemperature temperature) {
        return new Rise(dough, Yeast.of(dough), temperature);
    }

    /** This rise with another amount of yeast, as instant yeast, % of the flour. */
    static Rise withYeast(Dough dough, DoughTemperature temperature, double pct) {
        Yeast of = Yeast.of(dough);
        double grams = of.flourGrams() * Share.ofPct(pct).fraction();
        Yeast other = new Yeast(
                grams, of.flourGrams(), of.saltPct(), of.sugarPct(), of.wholeGrainShare(), of.restedMinutes());
        return new Rise(dough, other, temperature);
    }

    private static double targetRatio(Style style) {
        return (style.code().equals(NAAN) ? Coefficient.RISE_TARGET_NAAN : Coefficient.RISE_TARGET).value();
    }

    private double[] ratios() {
        double[] volume = new double[LAST + 1];
        if (!hasYeast()) {
            Arrays.fill(volume, 1);
            return volume;
        }
        double[] warmth = temperatures();
        double perMinute = yeast.perMinute();
        double wakes = yeast.wakingMinutes();
        Integer knocked = temperature.lastKnockBack();
        int knockedBack = knocked == null ? -1 : knocked;
        volume[0] = 1;
        for (int minute = 0; minute <= LAST; minute++) {
            if (yeastDeadAt == null && warmth[minute] >= Coefficient.YEAST_DEAD_C.value()) {
                yeastDeadAt = minute;
            }
            if (minute == knockedBack) {
                volume[minute] = 1;
                minutesToTarget = null;
                minutesPastBest = null;
            }
            if (minutesToTarget == null && volume[minute] >= targetRatio) {
                minutesToTarget = minute;
            }
            if (minutesPastBest == null && volume[minute] >= bestRatio()) {
                minutesPastBest = minute;
            }
            if (minute < LAST) {
                boolean works = minute >= wakes && yeastDeadAt == null;
                double growth = works
                        ? perMinute * Yeast.atCelsius(warmth[minute]) * (maxRatio - volume[minute]) / (maxRatio - 1)
                        : 0;
                volume[minute + 1] = Math.min(maxRatio, volume[minute] + growth);
            }
        }
        return volume;
    }

    /** Whether the dough has yeast. */
    public boolean hasYeast() {
        return yeast.instantGrams() > 0;
    }

    /** y, as instant yeast, % of the flour; null without flour. */
    public @Nullable Double yeastPct() {
        return hasFlour ? Double.valueOf(yeast.pct()) : null;
    }

    /** The most it can rise to; null without flour. */
    public @Nullable Double maxRatio() {
        return hasFlour ? Double.valueOf(maxRatio) : null;
    }

    /** The volume ratio that its style is rolled at. */
    public double targetRatio() {
        return targetRatio;
    }

    /** From here on it is past its best. */
    public double bestRatio() {
        return 1 + Coefficient.RISE_BEST_SHARE.value() * (maxRatio - 1);
    }

    /** First minute at which it has risen to its target; null when not within a day, or without flour. */
    public @Nullable Integer minutesToTarget() {
        if (!hasFlour) {
            return null;
        }
        worked();
        return minutesToTarget;
    }

    /** First minute at which it is past its best; null when not within a day, or without flour. */
    public @Nullable Integer minutesPastBest() {
        if (!hasFlour) {
            return null;
        }
        worked();
        return minutesPastBest;
    }

    /** First minute at which it is too hot for the yeast, which is dead from then on; null when it never is. */
    public @Nullable Integer yeastDeadAt() {
        if (!hasFlour) {
            return null;
        }
        worked();
        return yeastDeadAt;
    }

    /** Whether this dough can hold a rise to its target at all; null without flour. */
    public @Nullable Boolean canReachTarget() {
        return hasFlour ? Boolean.valueOf(maxRatio >= targetRatio) : null;
    }

    /** Volume against that when kneading ended, at a whole minute; null without flour. */
    public @Nullable Double ratio(int minute) {
        return hasFlour ? Double.valueOf(worked()[Math.max(0, Math.min(LAST, minute))]) : null;
    }

    /** Dough temperature at a whole minute, °C. */
    public double celsius(int minute) {
        return temperatures()[Math.max(0, Math.min(LAST, minute))];
    }

    /**
     * Whether it has risen enough to be rolled at a whole minute, and is not past its best. A dough too weak to hold a
     * rise to its target, or past its best before it is there, is never ready (model §10).
     */
    public boolean isReady(int minute) {
        Integer risenAt = minutesToTarget();
        return risenAt != null && minute >= risenAt && !isPastBest(minute);
    }

    /** Whether its flour cannot hold a rise to its target: too little gluten for it, or past its best before it is there. */
    public boolean isTooWeak() {
        Integer past = minutesPastBest();
        return Boolean.FALSE.equals(canReachTarget())
                || (past != null && (minutesToTarget == null || past <= minutesToTarget));
    }

    /** Whether it is past its best at a whole minute. */
    public boolean isPastBest(int minute) {
        Integer past = minutesPastBest();
        return past != null && minute >= past;
    }

    /** Whether the rise decides when a dough is rolled: its style is a leavened one, and it has yeast and flour. */
    public boolean decides(Style style) {
        return style.leavened() && hasYeast() && hasFlour;
    }

    /** How it is worked out; empty without flour. */
    public List<ExplanationStep> steps() {
        if (!hasFlour) {
            return List.of();
        }
        double start = temperature.startC();
        List<ExplanationStep> steps = new ArrayList<>(yeast.steps(start));
        Term most = Term.factor(RISE_LIMIT, maxRatio);
        steps.add(ExplanationStep.of(
                Rule.RISE_LIMIT,
                maxRatio,
                Unit.FACTOR,
                Term.gluten(GLUTEN, gluten),
                Term.factor(PIECE_SHARE, pieceShare)));
        steps.add(ExplanationStep.of(
                Rule.RISE_RATE,
                yeast.perMinute() * Yeast.atCelsius(start),
                Unit.PER_MINUTE,
                Term.percent(YEAST_PCT, yeast.pct()),
                Term.factor(YEAST_TEMPERATURE, Yeast.atCelsius(start)),
                Term.factor(YEAST_SALT, yeast.salt()),
                Term.factor(YEAST_SUGAR, yeast.sugar()),
                Term.factor(YEAST_BRAN, yeast.bran()),
                Term.factor(RISE_RATIO, 1),
                most));
        steps.add(ExplanationStep.of(Rule.RISE_BEST, bestRatio(), Unit.FACTOR, most));
        steps.add(ExplanationStep.of(
                Rule.DOUGH_TEMPERATURE_TAU,
                DoughTemperature.tauMinutes(temperature.doughGrams()),
                Unit.MINUTES,
                Term.grams(DOUGH, temperature.doughGrams())));
        steps.add(ExplanationStep.of(
                Rule.DOUGH_TEMPERATURE_STEP,
                celsius(1),
                Unit.CELSIUS,
                Term.celsius(DOUGH_TEMPERATURE, start),
                Term.celsius(PLACE_TEMPERATURE, temperature.places().get(0).celsius()),
                Term.minutes(DOUGH_TAU, DoughTemperature.tauMinutes(temperature.doughGrams()))));
        return steps;
    }
}
