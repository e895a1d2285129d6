package verdamen.server.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Part;
import verdamen.core.intake.Filled;
import verdamen.core.intake.IngredientIndex;
import verdamen.core.intake.ParsedLine;
import verdamen.core.intake.ParsedRecipe;
import verdamen.core.intake.RecipeReader;
import verdamen.core.intake.Slip;
import verdamen.core.intake.SlipCatcher;
import verdamen.core.intake.Starts;
import verdamen.core.intake.Starts.Percentage;
import verdamen.core.intake.Synonyms;
import verdamen.core.intake.UnknownAmount;
import verdamen.core.model.Coded;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.server.pantry.MeasureService;
import verdamen.server.pantry.PantryService;

/** Reads recipes with this kitchen's pantry, names and measures. */
@Service
public class IntakeService {

    private static final int LONGEST_RECIPE = 100_000;
    private static final int LONGEST_NAME = 80;
    private static final Map<String, List<String>> SYNONYMS = Synonyms.ofBook();

    /** An index and the pantry it was built from; built anew when that or the names change. */
    private record Built(Pantry pantry, IngredientIndex index) {}

    private final PantryService pantry;
    private final MeasureService measures;
    private final TaughtNameMapper names;
    private volatile @Nullable Built built;

    IntakeService(PantryService pantry, MeasureService measures, TaughtNameMapper names) {
        this.pantry = pantry;
        this.measures = measures;
        this.names = names;
    }

    /**
     * A recipe as understood.
     *
     * @throws RefusedException when there is no text, or more than 100,000 characters
     */
    @Transactional(readOnly = true)
    public ParsedRecipe parse(@Nullable String text) {
        if (text == null || text.isBlank()) {
            throw refused("text", FaultCode.MISSING, null, null);
        }
        if (text.length() > LONGEST_RECIPE) {
            throw refused("text", FaultCode.TOO_LONG, text.length() + " characters", (double) LONGEST_RECIPE);
        }
        return RecipeReader.read(text, index(), measures.measures());
    }

    /** One line as understood. */
    @Transactional(readOnly = true)
    public ParsedLine parseLine(@Nullable String text, @Nullable String part) {
        if (text == null || text.isBlank()) {
            throw refused("text", FaultCode.MISSING, null, null);
        }
        Part section = part == null ? Part.DOUGH : Coded.find(Part.class, part).orElse(Part.DOUGH);
        return RecipeReader.readLine(text, section, index(), measures.measures());
    }

    /** All likely slips of a formula. */
    public List<Slip> slips(Formula formula) {
        return SlipCatcher.look(formula, index());
    }

    /** The amount of an open line. */
    public Filled fill(FillRequest request) {
        if (request.how() == null) {
            throw refused("how", FaultCode.MISSING, null, null);
        }
        return switch (request.how()) {
            case MODEL -> UnknownAmount.byModel(read(request), request.line());
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
            throw refused("formula", FaultCode.MISSING, null, null);
        }
        return FormulaReader.read(request.formula(), pantry.pantry());
    }

    private static double needed(String field, @Nullable Double value) {
        if (value == null) {
            throw refused(field, FaultCode.MISSING, null, null);
        }
        return value;
    }

    /** A formula with the usual composition of a style. */
    public FormulaSpec startFromStyle(String style, double flourGrams) {
        return Starts.ofStyle(style, flourGrams, pantry.pantry());
    }

    /** A formula from baker's percentages. */
    public FormulaSpec startFromPercentages(String style, double doughGrams, List<Percentage> lines) {
        return Starts.ofPercentages(style, doughGrams, lines, pantry.pantry());
    }

    /** The names that this kitchen has taught. */
    @Transactional(readOnly = true)
    public List<TaughtName> names() {
        return names.all();
    }

    /**
     * Remembers a name for an ingredient.
     *
     * @throws RefusedException when the name is none or the ingredient is unknown
     */
    @Transactional
    public List<TaughtName> teach(TaughtName asked) {
        List<Fault> faults = new ArrayList<>();
        String name = asked.name() == null ? "" : asked.name().strip().toLowerCase(Locale.ROOT);
        if (name.isEmpty()) {
            faults.add(new Fault(null, "name", FaultCode.MISSING, null, null));
        } else if (name.length() > LONGEST_NAME) {
            faults.add(
                    new Fault(null, "name", FaultCode.TOO_LONG, name.length() + " characters", (double) LONGEST_NAME));
        }
        if (asked.ingredient() == null
                || pantry.pantry().ingredient(asked.ingredient()).isEmpty()) {
            faults.add(new Fault(null, "ingredient", FaultCode.UNKNOWN_CODE, asked.ingredient(), null));
        }
        if (!faults.isEmpty()) {
            throw new RefusedException(faults);
        }
        names.save(new TaughtName(name, asked.ingredient()));
        built = null;
        return names.all();
    }

    /** Forgets a name. */
    @Transactional
    public List<TaughtName> forget(String name) {
        names.delete(name.strip().toLowerCase(Locale.ROOT));
        built = null;
        return names.all();
    }

    private IngredientIndex index() {
        Built now = built;
        Pantry book = pantry.pantry();
        if (now == null || now.pantry() != book) {
            List<TaughtName> taught = names.all();
            Map<String, String> byName =
                    taught.stream().collect(Collectors.toMap(TaughtName::name, TaughtName::ingredient));
            now = new Built(book, IngredientIndex.of(book, SYNONYMS, byName));
            built = now;
        }
        return now.index();
    }

    private static RefusedException refused(
            String field, FaultCode code, @Nullable String value, @Nullable Double limit) {
        return new RefusedException(List.of(new Fault(null, field, code, value, limit)));
    }
}
