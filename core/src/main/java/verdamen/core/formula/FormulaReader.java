package verdamen.core.formula;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.FatState;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Role;
import verdamen.core.pantry.Style;
import verdamen.core.prep.Chain;
import verdamen.core.prep.ChainReader;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.ChainUse;
import verdamen.core.prep.LiquidUse;

/**
 * Checks a formula as asked against a pantry and fills in what its style and ingredients imply. Finds every fault, not
 * just the first.
 */
public final class FormulaReader {

    private static final String COOKED_PULSE = "cooked-pulse";
    private static final String COOKED_VEGETABLE = "cooked-veg";
    private static final String DRY_PULSE = "dry-pulse";
    private static final String DRY_GRAIN = "dry-grain";
    private static final String PULSE_FORM = "pulse-whole";
    private static final String COOKED_FORM = "mash";
    private static final String RAW_FORM = "raw-chopped";

    private final Pantry pantry;
    private final Faults faults = new Faults();
    private final NotesReader notesReader = new NotesReader(faults);
    private final List<OpenLine> openLines = new ArrayList<>();

    private FormulaReader(Pantry pantry) {
        this.pantry = pantry;
    }

    /**
     * The checked formula.
     *
     * @throws RefusedException with all faults, when there is any
     */
    public static Formula read(FormulaSpec spec, Pantry pantry) {
        return new FormulaReader(pantry).formula(spec);
    }

    private Formula formula(FormulaSpec spec) {
        Style style = known(null, "style", spec.style(), pantry::style);
        FatTiming fatTiming = choice(null, "fatTiming", spec.fatTiming(), FatTiming.class, FatTiming.WITH_WATER);
        faults.number("waterTemperatureC", spec.waterTemperatureC(), Limit.WATER_TEMPERATURE_C);
        faults.number("restMinutes", spec.restMinutes(), Limit.REST_MINUTES);
        faults.number("sheetMm", spec.sheetMm(), Limit.SHEET_MM);
        faults.number("softnessTarget", spec.softnessTarget(), Limit.SOFTNESS_TARGET);
        RecipeNotes notes = notesReader.notes(spec.notes());
        Portioning portion = spec.portionOrNone();
        portion.check(faults);
        MethodReader reader = new MethodReader(spec.methodOrNone());
        StageReader stages = new StageReader(spec, reader, pantry, faults);
        Kneading kneading = choice(null, "kneading", stages.kneading(), Kneading.class, Kneading.HAND);
        Double waterC = stages.waterTemperatureC();
        Map<String, Chain> chains = chains(spec, reader.pressedLiquid());
        PreparedLines prepared = new PreparedLines(chains, stages, faults);
        List<@Nullable LineSpec> specs = faults.atMost("lines", spec.lines(), Limit.LINES);
        List<Line> lines = lines(specs, prepared, stages);
        List<Phase> phases = reader.phases();
        faults.addAll(reader.faults());
        if (style == null || !faults.none()) {
            throw new RefusedException(faults.all());
        }
        Method method = reader.method(style, kneading, BakersPercentages.flourGrams(lines));
        StageHeat heat = StageHeat.of(stages.before(), lines, kneading, waterC, method.temperatures());
        stages.refuseDeadYeast(lines, heat.stages(), heat.doughC());
        faults.refuse();
        double rest = phases.isEmpty()
                ? orElse(spec.restMinutes(), style.restMin())
                : phases.stream().mapToDouble(Phase::minutes).sum();
        List<Line> counted = BenchPickup.added(lines, method, pantry);
        return new Formula(
                pantry,
                style,
                kneading,
                fatTiming,
                waterC,
                rest,
                orElse(spec.sheetMm(), style.sheetMm()),
                orElse(spec.softnessTarget(), style.softnessTarget()),
                counted,
                openLines,
                specs.size(),
                notes,
                method,
                Timeline.of(kneading.endMinute(), rest, phases, warmth(method, heat.doughC(), fatTiming, counted)),
                List.copyOf(chains.values()),
                portion,
                heat.stages());
    }

    private static Timeline.Warmth warmth(Method method, double doughC, FatTiming fatTiming, List<Line> lines) {
        double grams = lines.stream()
                .filter(line -> line.part() == Part.DOUGH
                        && (fatTiming != FatTiming.SURFACE || line.ingredient().role() != Role.FAT))
                .mapToDouble(Line::grams)
                .sum();
        return new Timeline.Warmth(doughC, method.temperatures().kitchenC(), grams);
    }

    private Map<String, Chain> chains(FormulaSpec formula, LiquidUse usual) {
        Map<String, Chain> chains = new LinkedHashMap<>();
        List<ChainSpec> specs = faults.atMost("preps", formula.prepsOrNone(), Limit.CHAINS);
        for (int index = 0; index < specs.size(); index++) {
            String path = "preps[" + index + "]";
            ChainReader.read(specs.get(index), use(specs.get(index), formula, usual, pantry), pantry, faults, path)
                    .ifPresent(chain -> {
                        if (chains.put(chain.key(), chain) != null) {
                            faults.add(null, path + ".key", FaultCode.TAKEN, chain.key());
                        }
                    });
        }
        return chains;
    }

    /**
     * What a chain is for: a filling, or a dough with or without yeast.
     *
     * @param usual what becomes of liquid when the chain does not say
     */
    public static ChainUse use(ChainSpec chain, FormulaSpec formula, LiquidUse usual, Pantry pantry) {
        boolean inDough = false;
        boolean yeast = false;
        for (LineSpec line : formula.linesOrNone()) {
            if (line != null && line.belongsToDough()) {
                inDough |= chain.key() != null && chain.key().equals(line.prep());
                yeast |= line.ingredient() != null
                        && pantry.ingredient(line.ingredient())
                                .filter(Ingredient::isAlive)
                                .isPresent();
            }
        }
        Double burner = formula.portionOrNone().burnerW();
        return new ChainUse(
                usual,
                (inDough && yeast ? Coefficient.COOL_ENOUGH_FOR_YEAST_C : Coefficient.COOL_ENOUGH_C).value(),
                burner == null || !Double.isFinite(burner) || burner <= 0
                        ? Coefficient.HEATING_BURNER_W.value()
                        : burner);
    }

    private List<Line> lines(List<@Nullable LineSpec> specs, PreparedLines prepared, StageReader stages) {
        List<Line> lines = new ArrayList<>();
        boolean unknownIngredient = false;
        for (int index = 0; index < specs.size(); index++) {
            LineSpec spec = specs.get(index);
            if (spec != null && spec.open() != null) {
                open(index, spec);
                continue;
            }
            if (spec != null && spec.prep() != null) {
                List<Line> filled = fromChain(index, spec, prepared);
                unknownIngredient |= filled.isEmpty();
                filled.stream().filter(line -> line.part() != Part.BESIDE).forEach(lines::add);
                continue;
            }
            Line line = spec == null ? missing(index, "ingredient") : line(index, spec, stages.of(index, spec));
            if (line == null) {
                unknownIngredient = true;
            } else if (line.part() != Part.BESIDE) {
                lines.add(line);
            }
        }
        boolean drinks = lines.stream()
                .anyMatch(line -> line.part() == Part.DOUGH && line.ingredient().drinksLikeFlour());
        boolean openFlour = openLines.stream()
                .anyMatch(line -> line.ingredient() == null || line.ingredient().drinksLikeFlour());
        if (!drinks && !unknownIngredient && !openFlour) {
            faults.add(null, "lines", FaultCode.NO_FLOUR, null);
        }
        return lines;
    }

    /** Takes a line that does not count yet: without grams, or without an ingredient. */
    private void open(int index, LineSpec spec) {
        Openness openness = choice(index, "open", spec.open(), Openness.class, Openness.UNREAD);
        Part part = choice(index, "part", spec.part(), Part.class, Part.DOUGH);
        notesReader.origin(index, spec.origin());
        boolean unread = openness == Openness.UNREAD;
        contradicts(index, "grams", spec.grams(), true);
        contradicts(index, "ingredient", spec.ingredient(), unread);
        Ingredient ingredient = unread ? null : known(index, "ingredient", spec.ingredient(), pantry::ingredient);
        if (ingredient != null) {
            refuseWhatDoesNotApply(index, spec, ingredient);
            form(index, spec.form(), ingredient);
        }
        if (part != Part.BESIDE) {
            openLines.add(new OpenLine(index, openness, ingredient, part));
        }
    }

    /** A line that a preparation chain fills. */
    private List<Line> fromChain(int index, LineSpec spec, PreparedLines prepared) {
        amount(index, spec);
        Part part = choice(index, "part", spec.part(), Part.class, Part.DOUGH);
        contradicts(index, "form", spec.form(), true);
        for (MeasuredFigure figure : MeasuredFigure.values()) {
            contradicts(index, figure.code(), figure.of(spec.measuredOrNone()), figure.isGivenByPreparation());
        }
        return prepared.lines(index, spec, part, pantry);
    }

    private @Nullable Line line(int index, LineSpec spec, @Nullable Stage stage) {
        if (spec.grams() == null) {
            missing(index, "grams");
        }
        amount(index, spec);
        Part part = choice(index, "part", spec.part(), Part.class, Part.DOUGH);
        Ingredient ingredient = known(index, "ingredient", spec.ingredient(), pantry::ingredient);
        if (ingredient == null) {
            return null;
        }
        refuseWhatDoesNotApply(index, spec, ingredient);
        return new Line(
                index,
                ingredient,
                orElse(spec.grams(), 0),
                spec.sd(),
                part,
                form(index, spec.form(), ingredient),
                spec.measuredOrNone(),
                ingredient.fatState() == null
                        ? null
                        : choice(index, "fatState", spec.fatState(), FatState.class, ingredient.fatState()),
                LineSource.ASKED,
                part == Part.DOUGH ? stage : null,
                null);
    }

    /** How much of it, what was measured of it and where that comes from. */
    private void amount(int index, LineSpec spec) {
        faults.number(index, "grams", spec.grams(), Limit.GRAMS);
        faults.number(index, "sd", spec.sd(), Limit.GRAMS);
        for (MeasuredFigure figure : MeasuredFigure.values()) {
            faults.number(index, figure.code(), figure.of(spec.measuredOrNone()), figure.limit());
        }
        notesReader.origin(index, spec.origin());
    }

    private void refuseWhatDoesNotApply(int index, LineSpec spec, Ingredient ingredient) {
        for (MeasuredFigure figure : MeasuredFigure.values()) {
            applies(index, figure.code(), figure.of(spec.measuredOrNone()), figure.appliesTo(ingredient));
        }
        applies(index, "form", spec.form(), ingredient.role() == Role.INCLUSION);
        applies(index, "fatState", spec.fatState(), ingredient.role() == Role.FAT);
    }

    private @Nullable Form form(int index, @Nullable String code, Ingredient ingredient) {
        if (ingredient.role() != Role.INCLUSION) {
            return null;
        }
        return known(index, "form", code == null ? usualForm(ingredient) : code, pantry::form);
    }

    /** Code of the form that an inclusion is in when its line does not say. */
    public static String usualForm(Ingredient ingredient) {
        return switch (ingredient.group()) {
            case COOKED_PULSE -> PULSE_FORM;
            case COOKED_VEGETABLE -> COOKED_FORM;
            case DRY_PULSE, DRY_GRAIN -> PULSE_FORM;
            default -> RAW_FORM;
        };
    }

    private void applies(int index, String field, @Nullable Object value, boolean applies) {
        if (value != null && !applies) {
            faults.add(index, field, FaultCode.NOT_FOR_THIS_INGREDIENT, value);
        }
    }

    private void contradicts(int index, String field, @Nullable Object value, boolean contradicts) {
        if (value != null && contradicts) {
            faults.add(index, field, FaultCode.CONTRADICTS, value);
        }
    }

    private <E extends Enum<E> & Coded> E choice(
            @Nullable Integer index, String field, @Nullable String code, Class<E> type, E usual) {
        if (code == null) {
            return usual;
        }
        return Coded.find(type, code).orElseGet(() -> {
            faults.add(index, field, FaultCode.UNKNOWN_CODE, code);
            return usual;
        });
    }

    private <T> @Nullable T known(
            @Nullable Integer index, String field, @Nullable String code, Function<String, Optional<T>> lookup) {
        if (code == null || code.isBlank()) {
            return missing(index, field);
        }
        return lookup.apply(code).orElseGet(() -> {
            faults.add(index, field, FaultCode.UNKNOWN_CODE, code);
            return null;
        });
    }

    private <T> @Nullable T missing(@Nullable Integer index, String field) {
        faults.add(index, field, FaultCode.MISSING, null);
        return null;
    }

    private static double orElse(@Nullable Double value, double otherwise) {
        return value == null ? otherwise : value;
    }
}
