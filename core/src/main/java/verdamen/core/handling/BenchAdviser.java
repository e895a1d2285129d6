package verdamen.core.handling;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Gluten;
import verdamen.core.balance.ToldWater;
import verdamen.core.formula.FatTiming;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.handling.BenchAdvice.Action;
import verdamen.core.handling.BenchAdvice.Added;
import verdamen.core.leavening.Rise;
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

    /** The word for a dough with dry flour left in the bowl. */
    private static final String DRY = "crumbly";

    private final FormulaSpec spec;
    private final Dough dough;
    private final Formula formula;
    private final int minute;
    private final Feel felt;
    private final double expected;
    private final double rollAt;
    private final WeighedFeel now;
    private final double later;
    private final Rise rise;
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
        this.now = WeighedFeel.of(dough, minute, felt, expected);
        this.later = carried(now.softness(), rollAt);
        this.rise = Rise.of(dough);
        this.target = formula.softnessTarget();
        this.gluten = Gluten.of(dough.totals());
        this.given = given;
    }

    BenchAdvice advice() {
        Action action = action();
        if (!kneads()) {
            steps.addAll(now.steps());
            if (expected != 0) {
                steps.add(laterStep());
            }
        }
        List<Added> additions = additions(action);
        Integer from = kneads() ? null : first(minute, this::rolls);
        Integer closes = from == null ? null : first(from, each -> !rolls(each));
        Integer until = from == null
                ? null
                : Integer.valueOf(closes == null ? formula.timeline().horizon() : closes - 1);
        double off = Coefficient.RANGE_WIDTH.value() * now.sd();
        double whole = whole(action, later);
        double firmer = whole(action, carried(now.softness() - off, rollAt));
        double softer = whole(action, carried(now.softness() + off, rollAt));
        double grams = atOnce(whole);
        return new BenchAdvice(
                minute,
                felt,
                expected,
                now.softness(),
                later,
                feelLater(),
                rollAt,
                action,
                from,
                until,
                action == Action.ADD_FLOUR && formula.style().softnessHigh() >= SLACK_FROM,
                kneads() ? first(minute, at -> !formula.timeline().kneads(at)) : null,
                grams,
                whole,
                Math.min(firmer, softer),
                Math.max(firmer, softer),
                given(grams),
                additions,
                InTheBowl.of(dough),
                after(additions),
                steps);
    }

    /** Whether it is kneaded still, so that a feel says little. */
    private boolean kneads() {
        return formula.timeline().kneads(minute);
    }

    /** Whether dry flour is left in the bowl at the end of mixing. */
    private boolean isDryYet() {
        return kneads() && felt.code().equals(DRY);
    }

    /** No more than a share of the flour goes in at once. */
    private double atOnce(double grams) {
        return isDryYet()
                ? Math.min(grams, held().additions().eachGrams())
                : Math.min(grams, dough.flourGrams() > 0 ? Coefficient.BENCH_MOST.value() * dough.flourGrams() : grams);
    }

    private Feel feelLater() {
        double rested = rollAt - formula.timeline().kneadedBefore(rollAt);
        return Handling.feelAt(later, gluten.sheetStrength(), Risks.springBackPct(gluten.points(), rested), formula);
    }

    private ToldWater held() {
        return Balance.water(dough).told();
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
        if (kneads()) {
            return isDryYet() ? Action.ADD_WATER : Action.KNEAD;
        }
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

    /**
     * Water (S* − S_later) · D, or flour (S_later − S*) · D / (S* · D_flour/F), g; 0 where neither is needed or helps. For
     * flour left dry in mixing, what was held back.
     */
    private double whole(Action action, double softness) {
        if (isDryYet()) {
            return held().holdBack();
        }
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
                Term.softness(Symbol.SOFTNESS_WEIGHED, now.softness()),
                Term.softness(Symbol.SOFTNESS_NOW, expected),
                Term.softness(Symbol.SOFTNESS_LATER, then == null ? expected : then),
                Term.minutes(Symbol.MINUTE, rollAt));
    }

    /** Whether the dough as it is felt can be rolled at a minute. */
    private boolean rolls(int at) {
        int sinceKneading = at - (int) Math.ceil(formula.kneading().endMinute());
        if (formula.timeline().kneads(at) || (rise.decides(formula.style()) && !rise.isReady(sinceKneading))) {
            return false;
        }
        double softness = carried(now.softness(), at);
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
        double whole = whole(Action.ADD_WATER, later);
        if (isDryYet()) {
            return water(whole);
        }
        steps.add(ExplanationStep.of(
                Rule.BENCH_WATER,
                whole,
                Unit.GRAMS,
                Term.softness(Symbol.TARGET, target),
                Term.softness(Symbol.SOFTNESS, later),
                Term.grams(Symbol.DRINKS, dough.drinksGrams(rollAt))));
        return water(whole);
    }

    private List<Added> water(double whole) {
        return List.of(new Added(formula.pantry().plainWater().code(), given(atOnce(whole)), false));
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
        double whole = whole(Action.ADD_FLOUR, later);
        steps.add(ExplanationStep.of(
                Rule.BENCH_FLOUR,
                whole,
                Unit.GRAMS,
                Term.softness(Symbol.SOFTNESS, later),
                Term.softness(Symbol.TARGET, target),
                Term.grams(Symbol.DRINKS, dough.drinksGrams(rollAt)),
                Term.factor(Symbol.FLOUR_DRINKS_PER_GRAM, perGram)));
        double given = given(atOnce(whole));
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
