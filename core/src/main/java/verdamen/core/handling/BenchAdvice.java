package verdamen.core.handling;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSource;
import verdamen.core.formula.Part;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.model.Rule;
import verdamen.core.model.Step;
import verdamen.core.model.Symbol;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Role;

/**
 * What to do now, from how the dough feels: S_later = S_obs · S(t_roll)/S(t). Inside the window one waits; below it, water
 * (S* − S_later) · D; above it, flour E / (S* · D_flour/F), or wet or oiled hands where the style is slack anyway.
 *
 * @param minute minute of the observation
 * @param felt what was felt
 * @param expectedSoftness what the model expected at that minute
 * @param laterSoftness what it will be when rolled
 * @param laterFeel the word for that
 * @param rollAtMinute minute for which that holds
 * @param action what to do
 * @param waitUntil minute from which it can be rolled if it is left alone; null when it never can
 * @param rollUntil last minute at which it can; null when it never can
 * @param alternative wet or oiled hands instead of flour, where the style allows
 * @param additions what to put in, in order of the lines; empty when nothing
 * @param before the percentages now
 * @param after what they become
 * @param steps how it comes about
 */
public record BenchAdvice(
        int minute,
        Feel felt,
        double expectedSoftness,
        double laterSoftness,
        Feel laterFeel,
        double rollAtMinute,
        Action action,
        @Nullable Integer waitUntil,
        @Nullable Integer rollUntil,
        boolean alternative,
        List<Added> additions,
        Percentages before,
        Percentages after,
        List<Step> steps) {

    private static final double PERCENT = 100;

    /** From this softness on, a style's window reaches into doughs that stick to dry hands only. */
    private static final double SLACK_FROM = 1.15;

    /** What to do. */
    public enum Action implements Coded {
        /** Leave it: it will be right. */
        WAIT("wait"),
        /** It is right: roll. */
        ROLL("roll"),
        ADD_WATER("add-water"),
        ADD_FLOUR("add-flour");

        private final String code;

        Action(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * Something to put in.
     *
     * @param line index of the line it adds to; {@code lineCount} of the formula for a new line of plain water
     * @param ingredient its code
     * @param name its name
     * @param grams how much, g
     * @param carried whether it only goes along, to keep its percentage
     */
    public record Added(int line, String ingredient, String name, double grams, boolean carried) {}

    /**
     * What a correction does to the formula.
     *
     * @param waterPct plain water on flour, %; null without flour
     * @param saltPct salt on flour, %
     * @param fatPct pure fat on flour, %
     * @param doughGrams mass of the dough, g
     */
    public record Percentages(@Nullable Double waterPct, double saltPct, double fatPct, double doughGrams) {}

    /**
     * The advice for a dough.
     *
     * @param minute minute since wetting, 0 to the horizon of the timeline
     * @param feel code of the feel word
     * @throws RefusedException when there is no such minute or word, or nothing in the dough drinks
     */
    public static BenchAdvice of(Dough dough, int minute, String feel) {
        Formula formula = dough.formula();
        Feel felt = formula.pantry().feels().stream()
                .filter(each -> each.code().equals(feel))
                .findFirst()
                .orElseThrow(() -> refused("feel", FaultCode.UNKNOWN_CODE, feel, null));
        int horizon = formula.timeline().horizon();
        if (minute < 0 || minute > horizon) {
            FaultCode code = minute < 0 ? FaultCode.TOO_SMALL : FaultCode.TOO_LARGE;
            throw refused("minute", code, String.valueOf(minute), minute < 0 ? 0.0 : horizon);
        }
        Double expected = dough.softness(minute);
        if (expected == null) {
            throw refused("lines", FaultCode.NO_FLOUR, null, null);
        }
        return new Adviser(dough, minute, felt, expected).advice();
    }

    private static RefusedException refused(
            String field, FaultCode code, @Nullable String value, @Nullable Double limit) {
        return new RefusedException(List.of(new Fault(null, field, code, value, limit)));
    }

    /** Works out the advice for one observation. */
    private static final class Adviser {

        private final Dough dough;
        private final Formula formula;
        private final int minute;
        private final Feel felt;
        private final double expected;
        private final double rollAt;
        private final double later;
        private final double target;

        private Adviser(Dough dough, int minute, Feel felt, double expected) {
            this.dough = dough;
            this.formula = dough.formula();
            this.minute = minute;
            this.felt = felt;
            this.expected = expected;
            this.rollAt = Math.max(minute, formula.rollAtMinute());
            Double then = dough.softness(rollAt);
            this.later = felt.softnessMid() * (then == null ? expected : then) / expected;
            this.target = formula.softnessTarget();
        }

        private BenchAdvice advice() {
            double low = formula.style().softnessLow();
            double high = formula.style().softnessHigh();
            List<Step> steps = new ArrayList<>();
            steps.add(laterStep());
            List<Added> additions = List.of();
            Action action;
            if (later < low) {
                action = Action.ADD_WATER;
                additions = water(steps);
            } else if (later > high) {
                action = Action.ADD_FLOUR;
                additions = flour(steps);
            } else {
                action = rolls(minute) ? Action.ROLL : Action.WAIT;
            }
            Integer from = first(minute, this::rolls);
            Integer closes = from == null ? null : first(from, each -> !rolls(each));
            Integer until = from == null
                    ? null
                    : Integer.valueOf(closes == null ? formula.timeline().horizon() : closes - 1);
            return new BenchAdvice(
                    minute,
                    felt,
                    expected,
                    later,
                    formula.pantry().feel(later),
                    rollAt,
                    action,
                    from,
                    until,
                    action == Action.ADD_FLOUR && high >= SLACK_FROM,
                    additions,
                    percentages(List.of()),
                    percentages(additions),
                    steps);
        }

        private Step laterStep() {
            Double then = dough.softness(rollAt);
            return new Step(
                    Rule.SOFTNESS_FROM_FEEL,
                    List.of(
                            Term.softness(Symbol.FELT_SOFTNESS, felt.softnessMid()),
                            Term.softness(Symbol.SOFTNESS_NOW, expected),
                            Term.softness(Symbol.SOFTNESS_LATER, then == null ? expected : then),
                            Term.minutes(Symbol.MINUTE, rollAt)),
                    later,
                    Unit.SOFTNESS);
        }

        /** Whether the dough as it is felt can be rolled at a minute. */
        private boolean rolls(int at) {
            Double model = dough.softness(at);
            if (model == null || formula.timeline().kneads(at)) {
                return false;
            }
            double softness = felt.softnessMid() * model / expected;
            double gluten = Gluten.of(dough).points();
            double limit = Coefficient.RISK_LIMIT.value();
            double rested = at - formula.timeline().kneadedBefore(at);
            return Risks.stick(softness, formula.style()) < limit
                    && Risks.crack(softness, gluten, formula.style()) < limit
                    && Risks.springBackPct(gluten, rested) <= formula.style().springLimitPct();
        }

        private @Nullable Integer first(int from, IntPredicate holds) {
            for (int at = from; at <= formula.timeline().horizon(); at++) {
                if (holds.test(at)) {
                    return at;
                }
            }
            return null;
        }

        private List<Added> water(List<Step> steps) {
            double drinks = dough.drinksGrams(rollAt);
            double grams = (target - later) * drinks;
            steps.add(new Step(
                    Rule.BENCH_WATER,
                    List.of(
                            Term.softness(Symbol.TARGET, target),
                            Term.softness(Symbol.SOFTNESS, later),
                            Term.grams(Symbol.DRINKS, drinks)),
                    grams,
                    Unit.GRAMS));
            Line there = formula.askedLines().stream()
                    .filter(line ->
                            line.part() == Part.DOUGH && line.ingredient().isPlainWater())
                    .findFirst()
                    .orElseGet(() -> Line.of(
                            formula.lineCount(), formula.pantry().plainWater(), 0, Part.DOUGH, LineSource.ASKED));
            return List.of(added(there, grams, false));
        }

        /** Flour, shared as the flours are; salt, fat and leaveners go along, so that their percentages stay. */
        private List<Added> flour(List<Step> steps) {
            double drinks = dough.drinksGrams(rollAt);
            double perGram = dough.flourDrinksPerGram(rollAt);
            double weighed = formula.askedLines().stream()
                    .filter(this::isFlour)
                    .mapToDouble(Line::grams)
                    .sum();
            if (perGram <= 0 || weighed <= 0) {
                return List.of();
            }
            double grams = (later - target) * drinks / (target * perGram);
            steps.add(new Step(
                    Rule.BENCH_FLOUR,
                    List.of(
                            Term.softness(Symbol.SOFTNESS, later),
                            Term.softness(Symbol.TARGET, target),
                            Term.grams(Symbol.DRINKS, drinks),
                            Term.factor(Symbol.FLOUR_DRINKS_PER_GRAM, perGram)),
                    grams,
                    Unit.GRAMS));
            List<Added> all = new ArrayList<>();
            for (Line line : formula.askedLines()) {
                if (isFlour(line) && line.grams() > 0) {
                    all.add(added(line, grams * line.grams() / weighed, false));
                } else if (goesAlong(line)) {
                    all.add(added(line, grams / dough.flourGrams() * line.grams(), true));
                }
            }
            return all;
        }

        private boolean isFlour(Line line) {
            return line.part() == Part.DOUGH && line.ingredient().role() == Role.FLOUR;
        }

        private boolean goesAlong(Line line) {
            Role role = line.ingredient().role();
            return line.part() == Part.DOUGH
                    && line.grams() > 0
                    && !line.ingredient().isStarter()
                    && (role == Role.SALT || role == Role.FAT || role == Role.LEAVENER);
        }

        private static Added added(Line line, double grams, boolean carried) {
            return new Added(
                    line.index(), line.ingredient().code(), line.ingredient().name(), grams, carried);
        }

        private Percentages percentages(List<Added> additions) {
            double flour = dough.flourGrams();
            double water = dough.rows().stream()
                    .filter(row -> row.isPlainWater())
                    .mapToDouble(row -> row.grams())
                    .sum();
            double salt = dough.saltPct() * flour / PERCENT;
            double fat = dough.fatPerFlour() * flour;
            double all = dough.grams();
            for (Added each : additions) {
                var ingredient = formula.pantry().ingredient(each.ingredient()).orElseThrow();
                all += each.grams();
                switch (ingredient.role()) {
                    case FLOUR -> flour += each.grams();
                    case SALT -> salt += each.grams();
                    case FAT -> fat += each.grams() * ingredient.composition().fatPct() / PERCENT;
                    case LIQUID -> water += each.grams();
                    default -> {
                        // a leavener changes only the mass
                    }
                }
            }
            return new Percentages(
                    flour > 0 ? Double.valueOf(PERCENT * water / flour) : null,
                    flour > 0 ? PERCENT * salt / flour : 0,
                    flour > 0 ? PERCENT * fat / flour : 0,
                    all);
        }
    }
}
