package verdamen.core.prep;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Rule;
import verdamen.core.model.Share;
import verdamen.core.model.Symbol;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.prep.ChainReader.Checked;
import verdamen.core.prep.ChainReader.State;

/**
 * One preparation step being worked out: what there is at its start, what is put in, and how its result is put together.
 * Each kind of step says what it does to that.
 */
abstract class PrepStep {

    static final double ROUNDING = 1e-9;
    private static final String SALT = "salt-fine";

    private final Pantry pantry;
    private final LiquidUse use;
    private final ChainUse chain;
    private final StepKind kind;
    private final StepSpec spec;
    private final State state;
    private final Faults faults;
    private final String at;
    private final double addedWater;
    private final List<Addition> additions;
    private final Content start;
    private final Content notTaken;
    private final Content filled;
    private boolean typical;
    private boolean hadFault;

    PrepStep(Checked step, State state, StepRunner runner, Faults faults, String at) {
        this.pantry = runner.pantry();
        this.use = runner.use();
        this.chain = runner.chain();
        this.kind = step.kind();
        this.spec = step.spec();
        this.state = state;
        this.faults = faults;
        this.at = at;
        this.start = state.content();
        double taken = takenShare();
        this.notTaken = start.times(1 - taken);
        Content begun = start.times(taken);
        this.addedWater = step.addedWaterGrams();
        this.additions = additions(step, begun);
        Content all = begun.with(begun.waterGrams() + addedWater, begun.solidsGrams());
        for (Addition addition : additions) {
            all = all.plus(addition);
        }
        this.filled = all;
    }

    /** What the step does; faults are told on the way. */
    abstract StepResult work();

    /** What the step does; null, with a fault, when it cannot be. */
    final @Nullable StepResult result() {
        StepResult result = work();
        return hadFault ? null : result;
    }

    StepKind kind() {
        return kind;
    }

    StepSpec spec() {
        return spec;
    }

    /** What the chain is for. */
    ChainUse chain() {
        return chain;
    }

    Ingredient plainWater() {
        return pantry.plainWater();
    }

    /** Code of the form it is in; null for what has none. */
    @Nullable
    String form() {
        return state.form();
    }

    LiquidUse use() {
        return use;
    }

    /** What there is at the start, before anything is put in. */
    Content start() {
        return start;
    }

    /** What of it was taken along, with all that was put in. */
    Content filled() {
        return filled;
    }

    double addedWater() {
        return addedWater;
    }

    List<Addition> additions() {
        return additions;
    }

    boolean wasHot() {
        return state.hot();
    }

    boolean hasFault() {
        return hadFault;
    }

    void markTypical() {
        typical = true;
    }

    /** Salt strewn over vegetables is typical when none was named. */
    private List<Addition> additions(Checked step, Content begun) {
        if (kind != StepKind.SALT_STAND || !step.additions().isEmpty()) {
            return step.additions();
        }
        typical = true;
        Ingredient salt =
                pantry.ingredient(SALT).orElseThrow(() -> new IllegalStateException("the pantry needs " + SALT));
        return List.of(new Addition(
                salt,
                begun.grams()
                        * Share.ofPct(Coefficient.TYPICAL_SALT_PCT.value()).fraction()));
    }

    /** Share of what there is that the step begins with, by the weight before it. */
    private double takenShare() {
        Double before = spec.beforeGrams();
        double there = start.grams();
        if (before == null || there <= 0) {
            return 1;
        }
        double tolerance =
                Math.max(Coefficient.SCALE_TOLERANCE_LEAST.value(), Coefficient.SCALE_TOLERANCE.value() * there);
        if (before > there + tolerance) {
            refuse("beforeGrams", FaultCode.CREATES_MATTER, before, there);
        }
        return Math.min(1, before / there);
    }

    void refuse(String field, FaultCode code, double value, double limit) {
        hadFault = true;
        faults.addAll(List.of(new Fault(null, at + "." + field, code, String.valueOf(value), limit)));
    }

    double typicalShare() {
        typical = true;
        return TypicalSteps.share(kind, start.ingredient())
                .orElseThrow(() -> new IllegalStateException("no typical value for " + kind));
    }

    boolean drainedIsFalse() {
        return Boolean.FALSE.equals(spec.drained());
    }

    Ingredient become() {
        Optional<String> code = TypicalSteps.becomes(start.ingredient(), kind);
        return code.flatMap(pantry::ingredient).orElse(start.ingredient());
    }

    ExplanationStep dryMatterKept(Content after) {
        return step(
                Rule.DRY_MATTER_KEPT,
                after.baseGrams() > 0 ? 1 - after.solidsGrams() / after.baseGrams() : 0,
                Unit.FACTOR,
                Term.grams(Symbol.OWN_SOLIDS, after.solidsGrams()),
                Term.grams(Symbol.AFTER, after.baseGrams()));
    }

    ExplanationStep waterAdded(double water, double more, Content after) {
        return step(
                Rule.WATER_ADDED,
                after.waterShare(),
                Unit.FACTOR,
                Term.grams(Symbol.OWN_WATER, water),
                Term.grams(Symbol.ADDED, more),
                Term.grams(Symbol.AFTER, after.baseGrams()));
    }

    Content none() {
        return new Content(start.ingredient(), 0, 0, List.of());
    }

    StepResult done(Content after, Content lost, Liquid liquid, double off, double waterIn, List<ExplanationStep> why) {
        return result(after, lost, liquid, off, waterIn, false, null, null, why);
    }

    /** A cut, grating or mash sets its piece; cooking into pieces keeps it; a purée has none. */
    private @Nullable Double piece() {
        return switch (kind) {
            case PUREE, REHYDRATE -> null;
            case GRATE, CHOP, MASH -> spec.pieceMm();
            default -> spec.pieceMm() == null ? state.pieceMm() : spec.pieceMm();
        };
    }

    StepResult result(
            Content after,
            Content lost,
            Liquid liquid,
            double off,
            double waterIn,
            boolean skipped,
            @Nullable Cooling cooling,
            @Nullable Heating heating,
            List<ExplanationStep> why) {
        boolean hot = kind.heats()
                || (state.hot() && !(cooling != null && cooling.targetC() < Coefficient.HOT_FROM_C.value()));
        return new StepResult(
                kind,
                start,
                after,
                waterIn,
                additions.stream().mapToDouble(Addition::grams).sum(),
                lost.grams() + notTaken.grams(),
                lost.waterGrams() + notTaken.waterGrams(),
                liquid,
                off,
                typical,
                skipped,
                skipped ? state.form() : FormAfter.of(kind, state.form(), hot),
                piece(),
                hot,
                cooling,
                heating,
                why.stream().filter(step -> Double.isFinite(step.value())).toList());
    }

    static ExplanationStep step(Rule rule, double value, Unit unit, Term... inputs) {
        return ExplanationStep.of(rule, value, unit, inputs);
    }
}
