package verdamen.core.prep;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Share;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Role;

/** Checks a preparation chain as asked against a pantry and works it out, step by step. */
public final class ChainReader {

    private static final ChainSpec.Begins AS_BOUGHT = new ChainSpec.Begins(null, null, null);
    private static final String DRY_PULSE = "dry-pulse";

    private final Pantry pantry;
    private final Faults faults;
    private final String path;

    private ChainReader(Pantry pantry, Faults faults, String path) {
        this.pantry = pantry;
        this.faults = faults;
        this.path = path;
    }

    /**
     * A chain, worked out; nothing, with its faults, when it cannot be.
     *
     * @param spec the chain as asked
     * @param use what it is for
     * @param pantry where its ingredients come from
     * @param faults where to add faults, each with its place, as in {@code preps[0].steps[1].afterGrams}
     * @param path place of the chain, as in {@code preps[0]}
     */
    public static Optional<Chain> read(ChainSpec spec, ChainUse use, Pantry pantry, Faults faults, String path) {
        return new ChainReader(pantry, faults, path).chain(spec, use);
    }

    private Optional<Chain> chain(ChainSpec spec, ChainUse usual) {
        int before = faults.count();
        String key = faults.text(path + ".key", spec.key(), Limit.CHAIN_KEY);
        String name = faults.optionalText(path + ".name", spec.name(), Limit.SHORT_NAME);
        double grams = faults.needed(path + ".grams", spec.grams(), Limit.GRAMS);
        LiquidUse use = spec.liquid() == null
                ? usual.liquid()
                : Coded.find(LiquidUse.class, spec.liquid()).orElseGet(() -> {
                    faults.add(null, path + ".liquid", FaultCode.UNKNOWN_CODE, spec.liquid());
                    return usual.liquid();
                });
        Ingredient bought = ingredient(path + ".ingredient", spec.ingredient());
        if (bought != null && !canBePrepared(bought)) {
            faults.add(null, path + ".ingredient", FaultCode.NOT_FOR_THIS_STEP, bought.name());
        }
        List<StepSpec> steps = faults.atMost(path + ".steps", spec.steps(), Limit.STEPS);
        ChainSpec.Begins begins = spec.begins() == null ? AS_BOUGHT : spec.begins();
        begins(begins, path + ".begins");
        if (bought == null || faults.count() > before) {
            return Optional.empty();
        }
        StepRunner runner = new StepRunner(pantry, use, usual);
        List<StepResult> results = new ArrayList<>();
        State state = State.before(bought, grams, begins);
        for (int index = 0; index < steps.size(); index++) {
            String at = path + ".steps[" + index + "]";
            Checked step = checked(steps.get(index), at);
            StepResult result = step == null ? null : runner.run(step, state, faults, at);
            if (result == null || faults.count() > before) {
                return Optional.empty();
            }
            results.add(result);
            state = State.after(state, result);
        }
        return Optional.of(done(key, name.isEmpty() ? bought.name() : name, bought, grams, results, state, use));
    }

    private void begins(ChainSpec.Begins begins, String at) {
        boolean known = begins.form() == null || pantry.form(begins.form()).isPresent();
        if (!known) {
            faults.add(null, at + ".form", FaultCode.UNKNOWN_CODE, begins.form());
        }
        faults.number(at + ".waterPct", begins.waterPct(), Limit.WATER_PCT);
        faults.number(at + ".pieceMm", begins.pieceMm(), Limit.PIECE_MM);
    }

    /** Whether a preparation chain can begin with an ingredient. */
    public static boolean canBePrepared(Ingredient ingredient) {
        return switch (ingredient.role()) {
            case INCLUSION, DRY_ADDITION, FAT -> true;
            case DAIRY -> ingredient.behaviour() != null;
            default -> false;
        };
    }

    private static Chain done(
            String key,
            String name,
            Ingredient bought,
            double grams,
            List<StepResult> results,
            State state,
            LiquidUse use) {
        Liquid liquid = results.stream().map(StepResult::liquid).reduce(Liquid.NONE, Liquid::plus);
        List<Chain.Remark> remarks = new ArrayList<>();
        if (results.stream().anyMatch(Chain::pressedHard)) {
            remarks.add(Chain.Remark.PRESSED_HARD);
        }
        if (state.hot()) {
            boolean mash = state.form().equals(FormAfter.MASH_HOT);
            remarks.add(mash ? Chain.Remark.HOT_MASH : Chain.Remark.STILL_HOT);
        }
        if (results.stream().anyMatch(ChainReader::coolsTooSlowly)) {
            remarks.add(Chain.Remark.COOLS_TOO_SLOWLY);
        }
        if (state.content().ingredient().group().equals(DRY_PULSE)) {
            remarks.add(Chain.Remark.NOT_BOILED);
        }
        boolean inclusion = state.content().ingredient().role() == Role.INCLUSION;
        return new Chain(
                key,
                name,
                bought,
                grams,
                List.copyOf(results),
                state.content(),
                inclusion ? state.form() : null,
                inclusion ? state.pieceMm() : null,
                state.hot(),
                liquid,
                use,
                List.copyOf(remarks));
    }

    private static boolean coolsTooSlowly(StepResult step) {
        Cooling cooling = step.cooling();
        return cooling != null
                && (cooling.safeMinutes() == null || cooling.safeMinutes() > Coefficient.SAFE_COOLING_MINUTES.value());
    }

    /** Where a chain stands between two steps. */
    record State(Content content, String form, @Nullable Double pieceMm, boolean hot) {

        static State before(Ingredient ingredient, double grams, ChainSpec.Begins begins) {
            String form = begins.form() == null ? FormAfter.bought(ingredient.group()) : begins.form();
            Content content = begins.waterPct() == null
                    ? Content.of(ingredient, grams)
                    : Content.withWater(ingredient, grams, Share.ofPct(begins.waterPct()));
            return new State(content, form, begins.pieceMm(), form.equals(FormAfter.MASH_HOT));
        }

        static State after(State before, StepResult result) {
            return new State(
                    result.after(),
                    result.form() == null ? before.form() : result.form(),
                    result.pieceMm(),
                    result.hot());
        }
    }

    /** A step whose numbers and codes are sound by themselves. */
    record Checked(StepKind kind, StepSpec spec, double addedWaterGrams, List<Addition> additions) {}

    private @Nullable Checked checked(StepSpec spec, String at) {
        int before = faults.count();
        StepKind kind = faults.choice(at + ".kind", spec.kind(), StepKind.class);
        faults.number(at + ".beforeGrams", spec.beforeGrams(), Limit.GRAMS);
        faults.number(at + ".afterGrams", spec.afterGrams(), Limit.GRAMS);
        faults.number(at + ".liquidGrams", spec.liquidGrams(), Limit.GRAMS);
        faults.number(at + ".pieceMm", spec.pieceMm(), Limit.CUT_MM);
        boolean runs = kind != null && kind.loses();
        if (spec.liquidGrams() != null && kind != null && !runs) {
            faults.add(null, at + ".liquidGrams", FaultCode.NOT_FOR_THIS_STEP, spec.liquidGrams());
        }
        if (spec.cooling() != null) {
            temperatures(spec.cooling(), at + ".cooling");
        }
        if (spec.heating() != null) {
            burner(spec.heating(), at + ".heating");
        }
        double water = 0;
        List<Addition> additions = new ArrayList<>();
        List<StepSpec.AddedSpec> added = faults.atMost(at + ".added", spec.added(), Limit.ADDITIONS);
        for (int index = 0; index < added.size(); index++) {
            String place = at + ".added[" + index + "]";
            Ingredient ingredient =
                    ingredient(place + ".ingredient", added.get(index).ingredient());
            double grams = faults.needed(place + ".grams", added.get(index).grams(), Limit.GRAMS);
            if (ingredient != null && ingredient.isPlainWater()) {
                water += grams;
            } else if (ingredient != null && (ingredient.role() == Role.FLOUR || ingredient.isStarter())) {
                faults.add(null, place + ".ingredient", FaultCode.NOT_FOR_THIS_STEP, ingredient.name());
            } else if (ingredient != null) {
                additions.add(new Addition(ingredient, grams));
            }
        }
        return kind == null || faults.count() > before ? null : new Checked(kind, spec, water, additions);
    }

    private void burner(StepSpec.HeatingSpec heating, String at) {
        faults.number(at + ".fromC", heating.fromC(), Limit.COOLING_FROM_C);
        faults.number(at + ".burnerW", heating.burnerW(), Limit.BURNER_W);
        faults.number(at + ".panL", heating.panL(), Limit.PAN_L);
    }

    private void temperatures(StepSpec.CoolingSpec cooling, String at) {
        faults.number(at + ".fromC", cooling.fromC(), Limit.COOLING_FROM_C);
        faults.number(at + ".roomC", cooling.roomC(), Limit.COOLING_ROOM_C);
        faults.number(at + ".targetC", cooling.targetC(), Limit.COOLING_TARGET_C);
        faults.number(at + ".readMinute", cooling.readMinute(), Limit.COOLING_READ_MINUTE);
        faults.number(at + ".readC", cooling.readC(), Limit.COOLING_READ_C);
        if ((cooling.readMinute() == null) != (cooling.readC() == null)) {
            faults.add(null, at + (cooling.readC() == null ? ".readC" : ".readMinute"), FaultCode.MISSING, null);
        }
    }

    private @Nullable Ingredient ingredient(String field, @Nullable String code) {
        if (code == null || code.isBlank()) {
            faults.add(null, field, FaultCode.MISSING, null);
            return null;
        }
        return pantry.ingredient(code).orElseGet(() -> {
            faults.add(null, field, FaultCode.UNKNOWN_CODE, code);
            return null;
        });
    }
}
