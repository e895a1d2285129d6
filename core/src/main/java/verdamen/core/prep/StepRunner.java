package verdamen.core.prep;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Role;
import verdamen.core.prep.ChainReader.Checked;
import verdamen.core.prep.ChainReader.State;

/**
 * Works out one preparation step. Dry matter is kept but for what is trimmed, runs off with liquid or is drained;
 * weights that would create matter or drive water below zero are refused.
 */
final class StepRunner {

    private final Pantry pantry;
    private final LiquidUse use;
    private final ChainUse chain;

    StepRunner(Pantry pantry, LiquidUse use, ChainUse chain) {
        this.pantry = pantry;
        this.use = use;
        this.chain = chain;
    }

    Pantry pantry() {
        return pantry;
    }

    /** What the chain is for. */
    ChainUse chain() {
        return chain;
    }

    LiquidUse use() {
        return use;
    }

    /** What the step does; null, with a fault, when it cannot be. */
    @Nullable
    StepResult run(Checked step, State state, Faults faults, String at) {
        if (!fits(step.kind(), state.content().ingredient())) {
            faults.add(
                    null,
                    at + ".kind",
                    FaultCode.NOT_FOR_THIS_STEP,
                    state.content().ingredient().name());
            return null;
        }
        return of(step, state, faults, at).result();
    }

    private static boolean fits(StepKind kind, Ingredient ingredient) {
        return switch (kind) {
            case CLARIFY, REHYDRATE -> TypicalSteps.becomes(ingredient, kind).isPresent();
            case SOAK_BOIL ->
                ingredient.group().equals("dry-pulse") || ingredient.group().equals("dry-grain");
            case COOL -> true;
            default -> ingredient.role() == Role.INCLUSION;
        };
    }

    private PrepStep of(Checked step, State state, Faults faults, String at) {
        return switch (step.kind()) {
            case TRIM, WASH, GRATE, CHOP, PUREE, MASH, REHYDRATE -> new PlainStep(step, state, this, faults, at);
            case SALT_STAND, PRESS -> new PressStep(step, state, this, faults, at);
            case BOIL, SOAK_BOIL, ROAST, WILT, COOK_DOWN, CLARIFY -> new HeatStep(step, state, this, faults, at);
            case COOL -> new CoolStep(step, state, this, faults, at);
        };
    }
}
