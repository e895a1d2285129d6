package verdamen.core.handling;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Gluten;
import verdamen.core.formula.FatTiming;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.handling.BenchAdvice.Action;
import verdamen.core.handling.BenchAdvice.Added;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Symbol;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Role;

/** Works out the advice for one observation of what is in the bowl. */
final class BenchAdviser {

    /** From this softness on, a style's window reaches into doughs that stick to dry hands only. */
    private static final double SLACK_FROM = Coefficient.BENCH_SLACK_FROM.value();

    private final FormulaSpec spec;
    private final Dough dough;
    private final Formula formula;
    private final int minute;
    private final Feel felt;
    private final double expected;
    private final double rollAt;
    private final double later;
    private final double target;
    private final Gluten gluten;
    private final @Nullable Double given;
    private final List<ExplanationStep> steps = new ArrayList<>();

    BenchAdviser(FormulaSpec spec, Dough dough, int minute, Feel felt, double expected, @Nullable Double given) {
        this.spec = spec;
        this.dough = dough;
        this.formula = dough.formula();
        this.minute = minute;
        this.felt = felt;
        this.expected = expected;
        this.rollAt = Math.max(minute, formula.rollAtMinute());
        this.later = carried(felt.softnessMid(), rollAt);
        this.target = formula.softnessTarget();
        this.gluten = Gluten.of(dough.totals());
        this.given = given;
    }

    BenchAdvice advice() {
        if (expected != 0) {
            steps.add(laterStep());
        }
        Action action = action();
        List<Added> additions = additions(action);
        Integer from = first(minute, this::rolls);
        Integer closes = from == null ? null : first(from, each -> !rolls(each));
        Integer until = from == null
                ? null
                : Integer.valueOf(closes == null ? formula.timeline().horizon() : closes - 1);
        double grams = grams(action, later);
        double atFrom = grams(action, carried(felt.likelyFrom(), rollAt));
        double atTo = grams(action, carried(felt.likelyTo(), rollAt));
        return new BenchAdvice(
                minute,
                felt,
                expected,
                later,
                formula.pantry().feel(later, formula.style()),
                rollAt,
                action,
                from,
                until,
                action == Action.ADD_FLOUR && formula.style().softnessHigh() >= SLACK_FROM,
                grams,
                Math.min(atFrom, atTo),
                Math.max(atFrom, atTo),
                given(grams),
                additions,
                InTheBowl.of(dough),
                after(additions),
                steps);
    }

    /**
     * A softness felt now, carried over to a minute by the ratio of the model's softnesses. A formula without any water
     * yet says nothing about how the feel goes on.
     */
    private double carried(double softness, double at) {
        Double then = dough.softness(at);
        return then == null || expected == 0 ? softness : softness * then / expected;
    }

    private Action action() {
        if (later < formula.style().softnessLow()) {
            return Action.ADD_WATER;
        }
        if (later > formula.style().softnessHigh()) {
            return Action.ADD_FLOUR;
        }
        return rolls(minute) ? Action.ROLL : Action.WAIT;
    }

    private List<Added> additions(Action action) {
        return switch (action) {
            case ADD_WATER -> water();
            case ADD_FLOUR -> flour();
            default -> List.of();
        };
    }

    /** Water (S* − S_later) · D, or flour (S_later − S*) · D / (S* · D_flour/F), g; 0 where neither is needed or helps. */
    private double grams(Action action, double softness) {
        double drinks = dough.drinksGrams(rollAt);
        double perGram = target * dough.flourDrinksPerGram(rollAt);
        return switch (action) {
            case ADD_WATER -> Math.max(0, (target - softness) * drinks);
            case ADD_FLOUR -> perGram > 0 ? Math.max(0, (softness - target) * drinks / perGram) : 0;
            default -> 0;
        };
    }

    /** What the cook puts in; as much as is advised when nothing is said, and nothing where nothing is advised. */
    private double given(double advised) {
        return given == null || advised == 0 ? advised : given;
    }

    private InTheBowl after(List<Added> additions) {
        List<PutIn> all = additions.stream()
                .map(each -> new PutIn(each.ingredient(), each.grams()))
                .toList();
        return InTheBowl.of(Dough.of(FormulaReader.read(PutIn.into(spec, all), formula.pantry())));
    }

    private ExplanationStep laterStep() {
        Double then = dough.softness(rollAt);
        return ExplanationStep.of(
                Rule.SOFTNESS_FROM_FEEL,
                later,
                Unit.SOFTNESS,
                Term.softness(Symbol.FELT_SOFTNESS, felt.softnessMid()),
                Term.softness(Symbol.SOFTNESS_NOW, expected),
                Term.softness(Symbol.SOFTNESS_LATER, then == null ? expected : then),
                Term.minutes(Symbol.MINUTE, rollAt));
    }

    /** Whether the dough as it is felt can be rolled at a minute. */
    private boolean rolls(int at) {
        if (formula.timeline().kneads(at)) {
            return false;
        }
        double softness = carried(felt.softnessMid(), at);
        double limit = Coefficient.RISK_LIMIT.value();
        double rested = at - formula.timeline().kneadedBefore(at);
        return Risks.stick(softness, formula.style()) < limit
                && Risks.crack(softness, gluten.sheetStrength(), formula.style()) < limit
                && Risks.springBackPct(gluten.points(), rested)
                        <= formula.style().springLimitPct();
    }

    private @Nullable Integer first(int from, IntPredicate holds) {
        for (int at = from; at <= formula.timeline().horizon(); at++) {
            if (holds.test(at)) {
                return at;
            }
        }
        return null;
    }

    private List<Added> water() {
        double grams = grams(Action.ADD_WATER, later);
        steps.add(ExplanationStep.of(
                Rule.BENCH_WATER,
                grams,
                Unit.GRAMS,
                Term.softness(Symbol.TARGET, target),
                Term.softness(Symbol.SOFTNESS, later),
                Term.grams(Symbol.DRINKS, dough.drinksGrams(rollAt))));
        return List.of(new Added(formula.pantry().plainWater().code(), given(grams), false));
    }

    /** Flour, shared as the flours are; salt, fat and leaveners go along, so that their percentages stay. */
    private List<Added> flour() {
        double perGram = dough.flourDrinksPerGram(rollAt);
        double weighed = formula.askedLines().stream()
                .filter(BenchAdviser::isFlour)
                .mapToDouble(Line::grams)
                .sum();
        if (perGram <= 0 || weighed <= 0) {
            return List.of();
        }
        double grams = grams(Action.ADD_FLOUR, later);
        steps.add(ExplanationStep.of(
                Rule.BENCH_FLOUR,
                grams,
                Unit.GRAMS,
                Term.softness(Symbol.SOFTNESS, later),
                Term.softness(Symbol.TARGET, target),
                Term.grams(Symbol.DRINKS, dough.drinksGrams(rollAt)),
                Term.factor(Symbol.FLOUR_DRINKS_PER_GRAM, perGram)));
        double given = given(grams);
        List<Added> all = new ArrayList<>();
        for (Line line : formula.askedLines()) {
            if (isFlour(line) && line.grams() > 0) {
                all.add(new Added(line.ingredient().code(), given * line.grams() / weighed, false));
            } else if (goesAlong(line)) {
                all.add(new Added(line.ingredient().code(), given / dough.flourGrams() * line.grams(), true));
            }
        }
        return all;
    }

    private static boolean isFlour(Line line) {
        return line.part() == Part.DOUGH && line.ingredient().role() == Role.FLOUR;
    }

    private boolean goesAlong(Line line) {
        Role role = line.ingredient().role();
        return line.part() == Part.DOUGH
                && line.grams() > 0
                && !line.ingredient().isStarter()
                && (role == Role.SALT
                        || role == Role.LEAVENER
                        || (role == Role.FAT && formula.fatTiming() != FatTiming.SURFACE));
    }
}
