package verdamen.core.pantry;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;

/**
 * The measures of one kitchen: the book's, with the kitchen's own vessels and sizes over them, and what weigh-ins have
 * taught about each.
 */
public final class KitchenMeasures {

    private static final String MASS = "mass";
    private static final String VOLUME = "volume";
    private static final String CUP = "cup";
    private static final String HANDFUL = "handful";
    private static final Set<String> LEAVES = Set.of("leaf", "brassica-leaf", "herb");
    private static final String BUTTER_STICK = "stick";
    private static final String BUTTER = "butter";

    private final Pantry pantry;
    private final Map<String, Measure> measures = new LinkedHashMap<>();
    private final Map<String, String> vesselNames = new HashMap<>();
    private final Map<String, Double> ownMillilitres;
    private final List<WeighIn> weighIns;
    private final CupFilling filling;
    private final FlourByTheCup flour;

    /**
     * The measures of a kitchen.
     *
     * @param pantry the ingredients and the book's measures
     * @param vessels the kitchen's own vessels, beside the book's or in their place
     * @param ownMillilitres volumes of the kitchen's own for measures of the book, ml
     * @param weighIns all weigh-ins
     * @param filling how it says it fills a cup with flour
     */
    public KitchenMeasures(
            Pantry pantry,
            List<Measure> vessels,
            Map<String, Double> ownMillilitres,
            List<WeighIn> weighIns,
            CupFilling filling) {
        this.pantry = pantry;
        pantry.measures().forEach(measure -> measures.put(measure.code(), measure));
        for (Measure vessel : vessels) {
            measures.put(vessel.code(), vessel);
            vesselNames.put(vessel.name().toLowerCase(Locale.ROOT), vessel.code());
            vesselNames.put(vessel.plural().toLowerCase(Locale.ROOT), vessel.code());
        }
        this.ownMillilitres = Map.copyOf(ownMillilitres);
        this.weighIns = List.copyOf(weighIns);
        this.filling = filling;
        this.flour = FlourByTheCup.of(filling, weighedFlour());
    }

    /** The measures of the book alone. */
    public static KitchenMeasures ofBook(Pantry pantry) {
        return new KitchenMeasures(pantry, List.of(), Map.of(), List.of(), CupFilling.NOT_TOLD);
    }

    /** These measures with a cup of another size, ml. */
    public KitchenMeasures withCup(double millilitres) {
        Map<String, Double> own = new HashMap<>(ownMillilitres);
        own.put(CUP, millilitres);
        List<Measure> vessels =
                vesselNames.values().stream().distinct().map(measures::get).toList();
        return new KitchenMeasures(pantry, vessels, own, weighIns, filling);
    }

    /** What a cup of flour weighs in this kitchen against the book's density. */
    public FlourByTheCup flourByTheCup() {
        return flour;
    }

    /** Whether what a measure weighs depends on how it is filled with flour: one of flour, the size of a cup. */
    public boolean isFilled(@Nullable String code, Ingredient ingredient) {
        Double millilitres = millilitres(code);
        return ingredient.role() == Role.FLOUR
                && millilitres != null
                && millilitres >= Coefficient.FILLED_FROM_ML.value();
    }

    private @Nullable Double millilitres(@Nullable String code) {
        Measure measure = code == null ? null : measures.get(code);
        if (measure == null || !measure.kind().equals(VOLUME)) {
            return null;
        }
        Double own = ownMillilitres.get(measure.code());
        return own == null ? measure.millilitres() : own;
    }

    /** For each weighed measure of flour, its grams over those of the book's density. */
    private List<Double> weighedFlour() {
        List<Double> ratios = new ArrayList<>();
        for (WeighIn weighIn : weighIns) {
            Ingredient weighed = weighIn.ingredient() == null
                    ? null
                    : pantry.ingredient(weighIn.ingredient()).orElse(null);
            Double millilitres = millilitres(weighIn.measure());
            if (weighed != null && millilitres != null && isFilled(weighIn.measure(), weighed)) {
                ratios.add(weighIn.gramsEach() / (millilitres * weighed.bulkDensityGPerMl()));
            }
        }
        return ratios;
    }

    /** All measures, the book's first. */
    public List<Measure> all() {
        return List.copyOf(measures.values());
    }

    /** The measure with this code. */
    public Optional<Measure> measure(String code) {
        return Optional.ofNullable(measures.get(code));
    }

    /** The kitchen's own vessel with this name or plural, in lower case. */
    public Optional<String> vesselNamed(String name) {
        return Optional.ofNullable(vesselNames.get(name));
    }

    /**
     * What one measure of an ingredient weighs, or nothing when that is not known: a piece of what has no piece weight, a
     * stick of what is not butter.
     */
    public Optional<MeasureWeight> weightOf(String code, Ingredient ingredient) {
        return weightOf(code, ingredient, null);
    }

    /** The same, where the words say how it is filled; null where they do not. */
    public Optional<MeasureWeight> weightOf(String code, Ingredient ingredient, @Nullable CupFilling said) {
        Measure measure = measures.get(code);
        if (measure == null || (code.equals(BUTTER_STICK) && !ingredient.code().equals(BUTTER))) {
            return Optional.empty();
        }
        if (measure.kind().equals(MASS) && measure.grams() != null) {
            return Optional.of(new MeasureWeight(measure.grams(), measure.relativeSd(), MeasureWeight.Source.MASS, 0));
        }
        List<Double> own = weighed(code, ingredient.code());
        if (!own.isEmpty() && said == null) {
            return Optional.of(learned(own, measure.relativeSd(), 1, MeasureWeight.Source.WEIGHED_IN));
        }
        if (!measure.kind().equals(VOLUME)) {
            return ingredient.pieceGrams() == null
                    ? Optional.empty()
                    : Optional.of(new MeasureWeight(
                            ingredient.pieceGrams(), measure.relativeSd(), MeasureWeight.Source.PIECE, 0));
        }
        return volume(measure, ingredient).map(weight -> filled(weight, code, ingredient, said));
    }

    private MeasureWeight filled(MeasureWeight weight, String code, Ingredient ingredient, @Nullable CupFilling said) {
        if (!isFilled(code, ingredient)) {
            return weight;
        }
        double factor = said == null ? flour.factor() : said.factor();
        double sd = said == null ? flour.relativeSd() : said.relativeSd();
        return new MeasureWeight(weight.grams() * factor, sd, weight.source(), weight.weighIns());
    }

    private Optional<MeasureWeight> volume(Measure measure, Ingredient ingredient) {
        double density = ingredient.bulkDensityGPerMl();
        List<Double> filled = weighed(measure.code(), null);
        if (!filled.isEmpty()) {
            MeasureWeight vessel = learned(filled, measure.relativeSd(), density, MeasureWeight.Source.OWN_VESSEL);
            return Optional.of(new MeasureWeight(
                    vessel.grams(),
                    Math.max(vessel.relativeSd(), fillingSd(ingredient)),
                    vessel.source(),
                    vessel.weighIns()));
        }
        Double own = ownMillilitres.get(measure.code());
        Double millilitres = own == null ? ofTheBook(measure, ingredient) : own;
        if (millilitres == null) {
            return Optional.empty();
        }
        return Optional.of(new MeasureWeight(
                millilitres * density,
                measure.relativeSd(),
                own == null ? MeasureWeight.Source.BOOK : MeasureWeight.Source.OWN_VESSEL,
                0));
    }

    /** A measure's volume in the book; a handful of leaves is much more than one of anything else. */
    private static @Nullable Double ofTheBook(Measure measure, Ingredient ingredient) {
        boolean leaves = measure.code().equals(HANDFUL) && LEAVES.contains(ingredient.group());
        return leaves ? Double.valueOf(Coefficient.HANDFUL_OF_LEAVES_ML.value()) : measure.millilitres();
    }

    /** How unevenly even a vessel of known size is filled. */
    private static double fillingSd(Ingredient ingredient) {
        boolean pours = ingredient.role() == Role.LIQUID || ingredient.role() == Role.DAIRY;
        return (pours ? Coefficient.POURED_FILLING_SD : Coefficient.SPOONED_FILLING_SD).value();
    }

    /** Grams of each weigh-in of a measure with an ingredient; null for a vessel filled with water. */
    private List<Double> weighed(String measure, @Nullable String ingredient) {
        return weighIns.stream()
                .filter(each ->
                        each.measure().equals(measure) && Objects.equals(solids(each.ingredient()), solids(ingredient)))
                .map(WeighIn::gramsEach)
                .toList();
    }

    private @Nullable String solids(@Nullable String ingredient) {
        return ingredient == null || ingredient.equals(pantry.plainWater().code()) ? null : ingredient;
    }

    /**
     * Mean and standard deviation of weigh-ins. The measure's typical relative sd counts as one earlier observation, so
     * that one weigh-in keeps it and each further one moves it to what the kitchen really does: sd² = ((r·mean)² + Σ(x −
     * mean)²)/n. Source: pooled variance with one prior degree of freedom.
     */
    private static MeasureWeight learned(
            List<Double> each, double typicalRelativeSd, double scale, MeasureWeight.Source source) {
        double mean = each.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
        double squares = each.stream().mapToDouble(x -> (x - mean) * (x - mean)).sum();
        double prior = typicalRelativeSd * mean;
        double sd = Math.sqrt((prior * prior + squares) / each.size());
        return new MeasureWeight(mean * scale, sd / mean, source, each.size());
    }
}
