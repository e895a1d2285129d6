package verdamen.core.handling;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Gluten;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Phase;
import verdamen.core.formula.Timeline;
import verdamen.core.leavening.Rise;
import verdamen.core.leavening.RiseCurve;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;

/**
 * The rolling window with all that is drawn of it: the curves with their uncertainty, the moments named, and what closes
 * the window before and after.
 *
 * @param curve softness and spring-back
 * @param low lower end of the 80 % range of softness at each of the curve's minutes; null when nothing drinks
 * @param high upper end of it
 * @param celsius dough temperature at each of the curve's minutes, °C; empty when it is never chilled and has no yeast
 * @param rise how it rises; null without yeast
 * @param window when it can be rolled; null when never
 * @param rollAtMinute when it is to be rolled
 * @param kneadedAtMinute when the first kneading ends
 * @param horizon how far it is looked at, minutes
 * @param phases what happens between kneading and rolling; empty for one rest
 * @param moments the moments named, in order of time
 * @param before what keeps it from being rolled before the window, or at all; null when nothing does
 * @param after what ends the window; null when it lasts to the horizon or there is none
 */
public record RollingPicture(
        SoftnessCurve curve,
        List<@Nullable Double> low,
        List<@Nullable Double> high,
        List<Double> celsius,
        @Nullable RiseCurve rise,
        @Nullable RollingWindow window,
        double rollAtMinute,
        double kneadedAtMinute,
        int horizon,
        List<Phase> phases,
        List<Named> moments,
        @Nullable Closed before,
        @Nullable Closed after) {

    /** A moment with a name. */
    public enum Kind implements Coded {
        KNEADED("kneaded"),
        /** The dough has done 95 % of its drinking. */
        HAS_DRUNK("has-drunk"),
        /** It has risen to its target. */
        RISEN("risen"),
        /** It can be rolled from here on. */
        READY("ready"),
        /** It has risen past its best. */
        PAST_BEST("past-best"),
        /** It has softened again from its firmest: inclusions give more water than the flour still drinks. */
        WEEPS("weeps"),
        /** It can be rolled no longer. */
        CLOSES("closes");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /** A named moment, minutes since wetting. */
    public record Named(Kind kind, int minute) {}

    /** What keeps a dough from being rolled. */
    public enum Why implements Coded {
        /** Too soft: it would stick. */
        TOO_SOFT("too-soft"),
        /** Too firm or too weak: its edges would crack. */
        TOO_FIRM("too-firm"),
        /** It springs back more than the style allows. */
        SPRINGS_BACK("springs-back"),
        /** It is being kneaded. */
        BEING_KNEADED("being-kneaded"),
        /** It has not risen to its target yet. */
        NOT_RISEN("not-risen"),
        /** Its flour cannot hold a rise to its target. */
        TOO_WEAK_TO_RISE("too-weak-to-rise"),
        /** Its yeast has died of heat. */
        YEAST_DEAD("yeast-dead"),
        /** It has risen past its best. */
        OVERRISEN("overrisen");

        private final String code;

        Why(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * Why a dough cannot be rolled at a minute.
     *
     * @param minute the minute
     * @param why the reason
     * @param line the line most behind it: what still drinks, or what weeps; null when none is
     * @param ingredient code of its ingredient
     */
    public record Closed(
            int minute,
            Why why,
            @Nullable Integer line,
            @Nullable String ingredient) {}

    /** The picture of a dough. */
    public static RollingPicture of(RolledDough rolled) {
        Dough dough = rolled.dough();
        Formula formula = dough.formula();
        Timeline timeline = formula.timeline();
        SoftnessCurve curve = SoftnessCurve.of(dough);
        RollingWindow window = rolled.window();
        List<@Nullable Double> low = new ArrayList<>();
        List<@Nullable Double> high = new ArrayList<>();
        for (int i = 0; i < curve.minutes().size(); i++) {
            Double softness = curve.softness().get(i);
            double half = Coefficient.RANGE_WIDTH.value()
                    * dough.softnessSd(curve.minutes().get(i));
            low.add(softness == null ? null : Double.valueOf(softness - half));
            high.add(softness == null ? null : Double.valueOf(softness + half));
        }
        Looker looker = new Looker(rolled);
        RiseCurve rise = RiseCurve.of(rolled.rise(), formula, curve.minutes());
        return new RollingPicture(
                curve,
                low,
                high,
                timeline.chills() || rise != null
                        ? curve.minutes().stream()
                                .map(minute -> timeline.celsius(minute))
                                .toList()
                        : List.of(),
                rise,
                window,
                formula.rollAtMinute(),
                formula.kneading().endMinute(),
                timeline.horizon(),
                timeline.phases(),
                looker.moments(),
                looker.before(),
                looker.after());
    }

    /** Looks for moments and reasons. */
    private static final class Looker {

        private final Dough dough;
        private final Formula formula;
        private final @Nullable RollingWindow window;
        private final int kneaded;
        private final int horizon;
        private final Gluten gluten;
        private final Rise rise;

        private Looker(RolledDough rolled) {
            this.dough = rolled.dough();
            this.formula = dough.formula();
            this.window = rolled.window();
            this.rise = rolled.rise();
            this.kneaded = (int) Math.ceil(formula.kneading().endMinute());
            this.horizon = formula.timeline().horizon();
            this.gluten = Gluten.of(dough.totals());
        }

        private List<Named> moments() {
            List<Named> named = new ArrayList<>();
            named.add(new Named(Kind.KNEADED, kneaded));
            double done = Coefficient.STILL_DRINKING_SHARE.value();
            for (int minute = kneaded; minute <= horizon; minute++) {
                if (dough.uptakeDone(minute) >= done) {
                    named.add(new Named(Kind.HAS_DRUNK, minute));
                    break;
                }
            }
            if (rise.hasYeast()) {
                risen(Kind.RISEN, rise.minutesToTarget(), named);
                risen(Kind.PAST_BEST, rise.minutesPastBest(), named);
            }
            if (window != null) {
                opensAndCloses(window, named);
            }
            Integer weeps = weeps();
            if (weeps != null) {
                named.add(new Named(Kind.WEEPS, weeps));
            }
            named.sort((one, two) -> Integer.compare(one.minute(), two.minute()));
            return List.copyOf(named);
        }

        /** The window's ends, unless the rise names the same minute. */
        private void opensAndCloses(RollingWindow open, List<Named> named) {
            if (named.stream().noneMatch(each -> each.kind() == Kind.RISEN && each.minute() == open.first())) {
                named.add(new Named(Kind.READY, open.first()));
            }
            boolean told =
                    named.stream().anyMatch(each -> each.kind() == Kind.PAST_BEST && each.minute() == open.last() + 1);
            if (open.last() < horizon && !told) {
                named.add(new Named(Kind.CLOSES, open.last() + 1));
            }
        }

        private void risen(Kind kind, @Nullable Integer minutes, List<Named> named) {
            if (minutes != null && kneaded + minutes <= horizon) {
                named.add(new Named(kind, kneaded + minutes));
            }
        }

        /** First minute at which softness has risen by a step from its lowest since kneading. */
        private @Nullable Integer weeps() {
            double lowest = Double.POSITIVE_INFINITY;
            for (int minute = kneaded; minute <= horizon; minute++) {
                Double softness = dough.softness(minute);
                if (softness == null) {
                    return null;
                }
                if (softness >= lowest + Coefficient.WEEPING_STEP.value()) {
                    return minute;
                }
                lowest = Math.min(lowest, softness);
            }
            return null;
        }

        private @Nullable Closed before() {
            if (window != null && window.first() <= kneaded) {
                return null;
            }
            int minute = window == null ? (int) Math.ceil(formula.rollAtMinute()) : window.first() - 1;
            return closed(Math.min(minute, horizon));
        }

        private @Nullable Closed after() {
            return window == null || window.last() >= horizon ? null : closed(window.last() + 1);
        }

        private @Nullable Closed closed(int minute) {
            Double softness = dough.softness(minute);
            if (softness == null) {
                return null;
            }
            double limit = Coefficient.RISK_LIMIT.value();
            double spring = Risks.springBackPct(
                    gluten.points(), minute - formula.timeline().kneadedBefore(minute));
            if (formula.timeline().kneads(minute)) {
                return new Closed(minute, Why.BEING_KNEADED, null, null);
            }
            if (Risks.stick(softness, formula.style()) >= limit) {
                boolean early = window == null || minute < window.first();
                Dough.Shift behind = early
                        ? dough.strongestDrinker(
                                minute, Math.min(horizon, minute + Coefficient.LOOK_AHEAD_MINUTES.value()))
                        : dough.strongestReleaser(kneaded, minute);
                return because(minute, Why.TOO_SOFT, behind);
            }
            if (Risks.crack(softness, gluten.sheetStrength(), formula.style()) >= limit) {
                return because(minute, Why.TOO_FIRM, dough.strongestDrinker(kneaded, minute));
            }
            if (spring > formula.style().springLimitPct()) {
                return new Closed(minute, Why.SPRINGS_BACK, null, null);
            }
            Why unready = unready(minute - kneaded);
            return unready == null ? null : new Closed(minute, unready, null, null);
        }

        private @Nullable Why unready(int minutes) {
            if (!rise.decides(formula.style()) || rise.isReady(minutes)) {
                return null;
            }
            if (rise.isTooWeak()) {
                return Why.TOO_WEAK_TO_RISE;
            }
            if (rise.isPastBest(minutes)) {
                return Why.OVERRISEN;
            }
            return rise.yeastDeadAt() == null ? Why.NOT_RISEN : Why.YEAST_DEAD;
        }

        private static Closed because(int minute, Why why, Dough.@Nullable Shift behind) {
            return new Closed(
                    minute,
                    why,
                    behind == null ? null : Integer.valueOf(behind.line().index()),
                    behind == null ? null : behind.line().ingredient().code());
        }
    }
}
