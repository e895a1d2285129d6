package verdamen.server.intake;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.balance.Dough;
import verdamen.core.evaluation.Slip;
import verdamen.core.evaluation.SlipCatcher;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Part;
import verdamen.core.intake.FoundAmount;
import verdamen.core.intake.IngredientIndex;
import verdamen.core.intake.ParsedLine;
import verdamen.core.intake.ParsedRecipe;
import verdamen.core.intake.RecipeReader;
import verdamen.core.intake.StartingFormulas;
import verdamen.core.intake.StartingFormulas.Percentage;
import verdamen.core.intake.Synonyms;
import verdamen.core.intake.UnknownAmount;
import verdamen.core.model.Coded;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.KitchenMeasures;
import verdamen.server.kitchen.KitchenService;
import verdamen.server.pantry.KitchenPantry;
import verdamen.server.pantry.MeasureService;
import verdamen.server.pantry.PantryService;
import verdamen.server.pantry.TaughtName;

/** Reads recipes with this kitchen's pantry, names and measures. */
@Service
public class IntakeService {

    private static final Map<String, List<String>> SYNONYMS = Synonyms.ofBook();

    /** An index and the kitchen's pantry it was built from; built again when that changes. */
    private record Built(KitchenPantry kitchenPantry, IngredientIndex index) {}

    private final PantryService pantry;
    private final MeasureService measures;
    private final KitchenService kitchen;
    private volatile @Nullable Built built;

    IntakeService(PantryService pantry, MeasureService measures, KitchenService kitchen) {
        this.pantry = pantry;
        this.measures = measures;
        this.kitchen = kitchen;
    }

    /**
     * A recipe as understood.
     *
     * @throws RefusedException when there is no text, or more than 100,000 characters
     */
    @Transactional(readOnly = true)
    public ParsedRecipe parse(@Nullable String text, @Nullable String style) {
        Faults faults = new Faults();
        faults.text("text", text, Limit.RECIPE_TEXT);
        faults.refuse();
        return RecipeReader.read(text, style, index(), measures.measures());
    }

    /** A recipe as it is answered, with what is to be asked about it. */
    @Transactional(readOnly = true)
    public IntakeAnswer answer(ParsedRecipe recipe) {
        return IntakeAnswer.of(recipe, asksCupFilling(recipe));
    }

    /** Whether a recipe has flour by the cup, and this kitchen never said how it fills one. */
    private boolean asksCupFilling(ParsedRecipe recipe) {
        if (kitchen.kitchen().cupFilling() != null) {
            return false;
        }
        KitchenMeasures own = measures.measures();
        return recipe.lines().stream()
                .anyMatch(line -> line.ingredient() != null
                        && !line.saysFilling()
                        && pantry.pantry()
                                .ingredient(line.ingredient())
                                .filter(ingredient -> own.isFilled(line.measure(), ingredient))
                                .isPresent());
    }

    /** One line as understood. */
    @Transactional(readOnly = true)
    public ParsedLine parseLine(@Nullable String text, @Nullable String part) {
        Faults faults = new Faults();
        faults.text("text", text, Limit.NOTE);
        faults.refuse();
        Part section = part == null ? Part.DOUGH : Coded.find(Part.class, part).orElse(Part.DOUGH);
        return RecipeReader.readLine(text, section, index(), measures.measures());
    }

    /** All likely slips of a formula. */
    public List<Slip> slips(Dough dough) {
        return SlipCatcher.look(dough, index());
    }

    /** The amount of an open line. */
    public FoundAmount fill(FillRequest request) {
        if (request.how() == null) {
            throw Faults.refusal(null, "how", FaultCode.MISSING, null);
        }
        return switch (request.how()) {
            case MODEL -> UnknownAmount.byModel(read(request), request.line());
            case CUSTOM -> UnknownAmount.byCustom(read(request), request.line());
            case DOUGH_WEIGHT ->
                UnknownAmount.byDoughWeight(
                        read(request),
                        request.line(),
                        needed("doughGrams", request.doughGrams()),
                        request.bowlLossPct());
            case JUG ->
                UnknownAmount.byJug(
                        needed("beforeGrams", request.beforeGrams()), needed("afterGrams", request.afterGrams()));
        };
    }

    private Formula read(FillRequest request) {
        if (request.formula() == null) {
            throw Faults.refusal(null, "formula", FaultCode.MISSING, null);
        }
        return FormulaReader.read(request.formula(), pantry.pantry());
    }

    private static double needed(String field, @Nullable Double value) {
        if (value == null) {
            throw Faults.refusal(null, field, FaultCode.MISSING, null);
        }
        return value;
    }

    /** A formula with the usual composition of a style. */
    public FormulaSpec startFromStyle(String style, double flourGrams) {
        return StartingFormulas.ofStyle(style, flourGrams, pantry.pantry());
    }

    /** A formula from baker's percentages. */
    public FormulaSpec startFromPercentages(String style, double doughGrams, List<Percentage> lines) {
        return StartingFormulas.ofPercentages(style, doughGrams, lines, pantry.pantry());
    }

    private IngredientIndex index() {
        Built now = built;
        KitchenPantry kitchenPantry = pantry.kitchenPantry();
        if (now == null || now.kitchenPantry() != kitchenPantry) {
            Map<String, String> byName =
                    kitchenPantry.names().stream().collect(Collectors.toMap(TaughtName::name, TaughtName::ingredient));
            now = new Built(kitchenPantry, IngredientIndex.of(kitchenPantry.pantry(), SYNONYMS, byName));
            built = now;
        }
        return now.index();
    }
}
