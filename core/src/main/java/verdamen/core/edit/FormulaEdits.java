package verdamen.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Equivalent;
import verdamen.core.balance.Filling;
import verdamen.core.balance.Filling.FillingWayOut;
import verdamen.core.balance.LineChange;
import verdamen.core.balance.TooMuchWater;
import verdamen.core.balance.WayOut;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineOrigin;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.formula.Part;
import verdamen.core.formula.PhaseKind;
import verdamen.core.method.WaterTemperature;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Scale;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Role;
import verdamen.core.prep.Chain;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepSpec;

/** Does what a {@link FormulaEdit} asks. */
public final class FormulaEdits {

    private final FormulaSpec spec;
    private final FormulaEdit edit;
    private final Pantry pantry;

    private FormulaEdits(FormulaSpec spec, FormulaEdit edit, Pantry pantry) {
        this.spec = spec;
        this.edit = edit;
        this.pantry = pantry;
    }

    /**
     * A formula changed as asked.
     *
     * @throws verdamen.core.model.RefusedException when what is asked cannot be done to this formula
     */
    public static EditedFormula apply(FormulaSpec spec, FormulaEdit edit, Pantry pantry) {
        return EditedFormula.of(spec, new FormulaEdits(spec, edit, pantry).edited());
    }

    private FormulaSpec edited() {
        Faults faults = new Faults();
        FormulaEdit.Kind kind = faults.choice("edit.kind", edit.kind(), FormulaEdit.Kind.class);
        faults.refuse();
        return switch (Objects.requireNonNull(kind)) {
            case SET_WATER -> WaterLines.set(spec, read(), pantry);
            case SET_WATER_TEMPERATURE -> waterTemperature();
            case TAKE_WAY_OUT -> wayOut();
            case TAKE_FILLING_WAY_OUT -> fillingWayOut();
            case USE_EQUIVALENT -> equivalent();
            case USE_LOT -> lot();
            case PREPARE_LINE -> prepared();
            case ADD_CHAIN ->
                withChain(new ChainSpec(newKey(), null, ingredient(), Usual.BOUGHT_GRAMS.value(), null, List.of()));
            case PREPARE_FOR -> preparedFor();
            case ADD_TO_STEP -> addition();
            case ADD_PHASE -> phase();
            case YEAST_FOR -> new RiseEdits(spec, read()).yeastFor(minutes());
            case PLACE_FOR -> new RiseEdits(spec, read()).placeFor(minutes());
            case REST_UNTIL_RISEN -> new RiseEdits(spec, read()).untilRisen();
            case TAKE_SAID -> InstructionEdits.take(spec, edit.said(), pantry);
        };
    }

    private Formula read() {
        return FormulaReader.read(spec, pantry);
    }

    private FormulaSpec waterTemperature() {
        Double celsius = WaterTemperature.of(read()).useC();
        if (celsius == null) {
            throw Faults.refusal(null, "waterTemperatureC", FaultCode.IMPOSSIBLE_TEMPERATURES, null);
        }
        return spec.withSettings(spec.kneading(), spec.fatTiming(), celsius, spec.restMinutes());
    }

    private FormulaSpec wayOut() {
        TooMuchWater tooMuch = Balance.of(read()).tooMuch();
        List<WayOut> ways = tooMuch == null ? List.of() : tooMuch.waysOut();
        WayOut way = ways.stream()
                .filter(each -> each.remedy().code().equals(edit.remedy())
                        && Objects.equals(each.line(), edit.line())
                        && each.obstacle() == null)
                .findFirst()
                .orElseThrow(() -> unknown("edit.remedy", edit.remedy()));
        FormulaSpec after = spec;
        for (LineChange change : way.changes()) {
            after = changed(after, change, way.remedy().code());
        }
        return after;
    }

    private FormulaSpec fillingWayOut() {
        FillingWayOut way = Filling.of(Dough.of(read())).map(Filling::waysOut).orElse(List.of()).stream()
                .filter(each -> each.remedy().code().equals(edit.remedy())
                        && Objects.equals(each.line(), edit.line())
                        && each.obstacle() == null)
                .findFirst()
                .orElseThrow(() -> unknown("edit.remedy", edit.remedy()));
        if (way.change() != null) {
            return changed(spec, way.change(), way.remedy().code());
        }
        return withLine(LineSpec.of(way.ingredient(), Scale.shown(way.grams())).in(Part.FILLING));
    }

    /** A line after a way out; one that a preparation fills is pressed or cooked down there. */
    private static FormulaSpec changed(FormulaSpec spec, LineChange change, String step) {
        LineSpec line = Objects.requireNonNull(spec.lineOrNull(change.line()));
        double grams = Scale.shown(change.grams());
        if (change.prepGrams() != null) {
            FormulaSpec with = line.grams() == null ? spec : spec.withLine(change.line(), line.withGrams(grams));
            return with.withPreps(spec.prepsOrNone().stream()
                    .map(chain -> Objects.equals(chain.key(), line.prep())
                            ? chain.withStep(StepSpec.of(step).running(Scale.shown(change.prepGrams())))
                            : chain)
                    .toList());
        }
        LineSpec weighed = line.weighed(grams);
        return spec.withLine(
                change.line(),
                change.waterPct() == null
                        ? weighed
                        : weighed.withForm(change.form())
                                .withMeasured(weighed.measuredOrNone().withWaterPct(change.waterPct())));
    }

    private FormulaSpec equivalent() {
        int index = line();
        return spec.withLine(index, Equivalent.line(spec, index, ingredient(), pantry));
    }

    private FormulaSpec lot() {
        int index = line();
        LineSpec line = Objects.requireNonNull(spec.lineOrNull(index));
        LineOrigin origin = (line.origin() == null ? LineOrigin.NONE : line.origin()).withLot(edit.lot());
        return spec.withLine(
                index,
                line.withMeasured(line.measuredOrNone().withLot(edit.moisturePct(), edit.proteinPct()))
                        .withOrigin(origin.equals(LineOrigin.NONE) ? null : origin));
    }

    private FormulaSpec prepared() {
        int index = line();
        LineSpec line = Objects.requireNonNull(spec.lineOrNull(index));
        String key = newKey();
        double grams = line.grams() == null ? Usual.BOUGHT_GRAMS.value() : line.grams();
        ChainSpec chain = new ChainSpec(key, null, line.ingredient(), grams, null, List.of(), begins(line));
        LineSpec filled = LineSpec.ofPrep(key)
                .withPart(line.part())
                .withStage(line.stage())
                .withOrigin(line.origin());
        return withChain(chain).withLine(index, filled);
    }

    /** A line that is to be prepared begins as it is: in its form, with its water and pieces as measured. */
    private ChainSpec.@Nullable Begins begins(LineSpec line) {
        Ingredient ingredient =
                pantry.ingredient(String.valueOf(line.ingredient())).orElse(null);
        if (ingredient == null || ingredient.role() != Role.INCLUSION) {
            return null;
        }
        return new ChainSpec.Begins(
                line.form() == null ? FormulaReader.usualForm(ingredient) : line.form(),
                line.measuredOrNone().waterPct(),
                line.measuredOrNone().pieceMm());
    }

    private FormulaSpec withChain(ChainSpec chain) {
        List<ChainSpec> chains = new ArrayList<>(spec.prepsOrNone());
        chains.add(chain);
        return spec.withPreps(chains);
    }

    private FormulaSpec withLine(LineSpec line) {
        List<@Nullable LineSpec> lines = new ArrayList<>(spec.linesOrNone());
        lines.add(line);
        return spec.withLines(lines);
    }

    /** A key that no chain of the formula has. */
    private String newKey() {
        int number = spec.prepsOrNone().size() + 1;
        while (hasKey("prep-" + number)) {
            number++;
        }
        return "prep-" + number;
    }

    private boolean hasKey(String key) {
        return spec.prepsOrNone().stream().anyMatch(chain -> key.equals(chain.key()));
    }

    private FormulaSpec preparedFor() {
        List<ChainSpec> chains = new ArrayList<>(spec.prepsOrNone());
        int index = within("edit.chain", edit.chain(), chains.size());
        Faults faults = new Faults();
        double grams = faults.needed("edit.grams", edit.grams(), Limit.GRAMS);
        faults.refuse();
        String key = chains.get(index).key();
        Chain chain = read().preps().stream()
                .filter(each -> each.key().equals(key))
                .findFirst()
                .orElseThrow(() -> unknown("edit.chain", index));
        if (chain.boughtGrams() <= 0 || chain.buyGrams(grams) <= 0) {
            throw Faults.refusal(null, "edit.grams", FaultCode.OUT_OF_REACH, grams);
        }
        chains.set(index, chains.get(index).times(chain.buyGrams(grams) / chain.boughtGrams()));
        return spec.withPreps(chains);
    }

    private FormulaSpec addition() {
        List<ChainSpec> chains = new ArrayList<>(spec.prepsOrNone());
        int chain = within("edit.chain", edit.chain(), chains.size());
        List<StepSpec> steps = chains.get(chain).steps() == null
                ? List.of()
                : chains.get(chain).steps();
        int step = within("edit.step", edit.step(), steps.size());
        Faults faults = new Faults();
        StepKind kind = faults.choice("edit.step", steps.get(step).kind(), StepKind.class);
        faults.refuse();
        Usual.Addition usual =
                Usual.addition(Objects.requireNonNull(kind)).orElseThrow(() -> unknown("edit.step", kind.code()));
        chains.set(
                chain,
                chains.get(chain).withStepAt(step, steps.get(step).alsoAdding(usual.ingredient(), usual.grams())));
        return spec.withPreps(chains);
    }

    private FormulaSpec phase() {
        Faults faults = new Faults();
        PhaseKind kind = faults.choice("edit.phase", edit.phase(), PhaseKind.class);
        faults.refuse();
        MethodSpec method = spec.methodOrNone();
        List<PhaseSpec> phases = new ArrayList<>(method.phasesOrNone());
        if (phases.isEmpty()) {
            phases.add(new PhaseSpec(PhaseKind.REST.code(), read().restMinutes(), null));
        }
        phases.add(new PhaseSpec(Objects.requireNonNull(kind).code(), Usual.minutes(kind), null));
        return spec.withMethod(method.withPhases(phases));
    }

    private int minutes() {
        Faults faults = new Faults();
        Double asked = edit.minutes() == null ? null : Double.valueOf(edit.minutes());
        double minutes = faults.needed("edit.minutes", asked, Limit.READY_MINUTES);
        faults.refuse();
        return (int) minutes;
    }

    private int line() {
        int index = within("edit.line", edit.line(), spec.linesOrNone().size());
        LineSpec line = spec.lineOrNull(index);
        if (line == null || line.ingredient() == null) {
            throw unknown("edit.line", index);
        }
        return index;
    }

    private String ingredient() {
        String code = edit.ingredient();
        if (code == null || pantry.ingredient(code).isEmpty()) {
            throw unknown("edit.ingredient", code);
        }
        return code;
    }

    private static int within(String field, @Nullable Integer index, int size) {
        if (index == null || index < 0 || index >= size) {
            throw unknown(field, index);
        }
        return index;
    }

    private static verdamen.core.model.RefusedException unknown(String field, @Nullable Object value) {
        return Faults.refusal(null, field, value == null ? FaultCode.MISSING : FaultCode.UNKNOWN_CODE, value);
    }
}
