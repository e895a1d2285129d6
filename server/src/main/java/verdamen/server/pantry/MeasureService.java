package verdamen.server.pantry;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.formula.Line;
import verdamen.core.model.Coefficient;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.KitchenMeasures;
import verdamen.core.pantry.Measure;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Portion;
import verdamen.core.pantry.WeighIn;
import verdamen.server.kitchen.KitchenService;
import verdamen.server.pantry.MeasureMapper.VesselRow;
import verdamen.server.pantry.MeasureMapper.WeighInRow;
import verdamen.server.pantry.MeasuresDocument.Amount;
import verdamen.server.pantry.MeasuresDocument.Calibration;

/** The kitchen's own measures: cup, vessels, and weigh-ins of both. */
@Service
public class MeasureService {

    private static final String CUP = "cup";
    private static final String VOLUME = "volume";
    private static final double VESSEL_SD = 0.15;
    private static final int LONGEST_NAME = 40;
    private static final double MOST_GRAMS = 100_000;
    private static final double LEAST_MILLILITRES = 0.1;
    private static final double MOST_MILLILITRES = 20_000;
    private static final double LEAST_GRAMS = 0.01;
    private static final double LEAST_COUNT = 0.1;
    private static final double MOST_COUNT = 1000;
    private static final double PERCENT = 100;

    private final MeasureMapper mapper;
    private final PantryService pantry;
    private final KitchenService kitchen;
    private final Clock clock;

    MeasureService(MeasureMapper mapper, PantryService pantry, KitchenService kitchen, Clock clock) {
        this.mapper = mapper;
        this.pantry = pantry;
        this.kitchen = kitchen;
        this.clock = clock;
    }

    /** The measures as they count in this kitchen now. */
    @Transactional(readOnly = true)
    public KitchenMeasures measures() {
        return measures(mapper.weighIns());
    }

    private KitchenMeasures measures(List<WeighInRow> weighIns) {
        return new KitchenMeasures(
                pantry.pantry(),
                mapper.vessels().stream().map(MeasureService::measure).toList(),
                ownVolumes(),
                weighIns.stream()
                        .map(row -> new WeighIn(row.measureCode(), row.ingredientCode(), row.grams(), row.count()))
                        .toList());
    }

    private Map<String, Double> ownVolumes() {
        return Map.of(CUP, kitchen.kitchen().cupMl());
    }

    private static Measure measure(VesselRow row) {
        return new Measure(
                row.code(), row.name(), row.plural(), VOLUME, row.millilitres(), null, row.relativeSd(), row.notes());
    }

    /** All measures with what was learned about them. */
    @Transactional(readOnly = true)
    public MeasuresDocument document() {
        List<WeighInRow> weighIns = mapper.weighIns();
        KitchenMeasures measures = measures(weighIns);
        KitchenMeasures typical = measures(List.of());
        Map<String, Double> own = ownVolumes();
        Pantry book = pantry.pantry();
        Set<String> bookCodes = new LinkedHashSet<>();
        book.measures().forEach(measure -> bookCodes.add(measure.code()));
        List<MeasuresDocument.MeasureItem> items = measures.all().stream()
                .map(measure -> new MeasuresDocument.MeasureItem(
                        measure.code(),
                        measure.name(),
                        measure.plural(),
                        measure.kind(),
                        own.getOrDefault(measure.code(), measure.millilitres()),
                        bookCodes.contains(measure.code()) ? measure.millilitres() : null,
                        measure.grams(),
                        PERCENT * measure.relativeSd(),
                        !bookCodes.contains(measure.code()),
                        measure.notes()))
                .toList();
        return new MeasuresDocument(
                items,
                calibrations(weighIns, measures, typical),
                weighIns.stream().map(this::item).toList());
    }

    private List<Calibration> calibrations(
            List<WeighInRow> weighIns, KitchenMeasures measures, KitchenMeasures typical) {
        record Pair(String measure, String ingredient) {}
        Set<Pair> pairs = new LinkedHashSet<>();
        weighIns.forEach(
                row -> pairs.add(new Pair(row.measureCode(), weighed(row).code())));
        List<Calibration> calibrations = new ArrayList<>();
        for (Pair pair : pairs) {
            Ingredient ingredient =
                    pantry.pantry().ingredient(pair.ingredient()).orElseThrow();
            measures.portion(pair.measure(), ingredient)
                    .ifPresent(portion -> calibrations.add(new Calibration(
                            pair.measure(),
                            ingredient.code(),
                            ingredient.name(),
                            portion.grams(),
                            portion.grams() * portion.relativeSd(),
                            portion.weighIns(),
                            typical.portion(pair.measure(), ingredient)
                                    .map(Portion::grams)
                                    .orElse(null))));
        }
        return calibrations;
    }

    private MeasuresDocument.WeighInItem item(WeighInRow row) {
        Ingredient ingredient = weighed(row);
        return new MeasuresDocument.WeighInItem(
                row.id(),
                row.measureCode(),
                ingredient.code(),
                ingredient.name(),
                row.grams(),
                row.count(),
                row.weighedAt());
    }

    /** What was weighed; a vessel without an ingredient was filled with water. */
    private Ingredient weighed(WeighInRow row) {
        Pantry book = pantry.pantry();
        return row.ingredientCode() == null
                ? book.plainWater()
                : book.ingredient(row.ingredientCode()).orElseGet(book::plainWater);
    }

    /**
     * What so many of a measure of an ingredient weigh, or nothing when that is not known.
     *
     * @throws RefusedException when measure or ingredient is unknown or the quantity no sensible number
     */
    @Transactional(readOnly = true)
    public Amount amount(String measure, String ingredient, double quantity) {
        Faults faults = new Faults();
        faults.needed("quantity", quantity, 0, MOST_GRAMS);
        Ingredient found = pantry.pantry().ingredient(ingredient).orElse(null);
        if (found == null) {
            faults.add(null, "ingredient", FaultCode.UNKNOWN_CODE, ingredient);
        }
        Portion portion =
                found == null ? null : measures().portion(measure, found).orElse(null);
        if (found != null && portion == null) {
            faults.add(null, "measure", FaultCode.NOT_FOR_THIS_INGREDIENT, measure);
        }
        faults.refuse();
        if (portion == null) {
            throw new IllegalStateException("an unknown portion is a fault");
        }
        double grams = quantity * portion.grams();
        double sd = portion.source() == Portion.Source.MASS ? Line.weighedSdGrams(grams) : grams * portion.relativeSd();
        double half = Coefficient.RANGE_WIDTH.value() * sd;
        return new Amount(grams, sd, Math.max(0, grams - half), grams + half, portion.source(), portion.weighIns());
    }

    /** A vessel as asked. */
    public record VesselRequest(
            @Nullable String name,
            @Nullable String plural,
            @Nullable Double millilitres) {}

    /** The code of a vessel of this name. */
    public String codeOf(String name) {
        return name.strip().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
    }

    /** Finds everything impossible about a vessel. */
    public Faults check(VesselRequest request) {
        Faults faults = new Faults();
        String name = faults.text("name", request.name(), LONGEST_NAME);
        faults.optionalText("plural", request.plural(), LONGEST_NAME);
        faults.needed("millilitres", request.millilitres(), LEAST_MILLILITRES, MOST_MILLILITRES);
        String code = codeOf(name);
        boolean inTheBook = pantry.pantry().measures().stream()
                .anyMatch(measure ->
                        measure.code().equals(code) || measure.plural().equalsIgnoreCase(name));
        faults.require(!inTheBook, "name", FaultCode.TAKEN, name);
        return faults;
    }

    /** Saves a vessel under a code made from its name. */
    @Transactional
    public MeasuresDocument saveVessel(VesselRequest request) {
        check(request).refuse();
        mapper.saveVessels(List.of(row(request)));
        return document();
    }

    private VesselRow row(VesselRequest request) {
        String name = String.valueOf(request.name()).strip();
        String plural = request.plural() == null || request.plural().isBlank()
                ? name + "s"
                : request.plural().strip();
        double millilitres = request.millilitres() == null ? 0 : request.millilitres();
        return new VesselRow(codeOf(name), name, plural, millilitres, VESSEL_SD, "");
    }

    /** A weigh-in with the time at which it was made. */
    public record TimedWeighIn(WeighInRequest weighIn, OffsetDateTime at) {}

    /** Saves vessels and weigh-ins that were found sound, all together. */
    @Transactional
    public void saveAll(List<VesselRequest> vessels, List<TimedWeighIn> weighIns) {
        if (!vessels.isEmpty()) {
            mapper.saveVessels(vessels.stream().map(this::row).toList());
        }
        if (!weighIns.isEmpty()) {
            mapper.insertWeighIns(weighIns.stream()
                    .map(each -> row(each.weighIn(), each.at()))
                    .toList());
        }
    }

    /** Takes a vessel away, with its weigh-ins. Lines measured with it keep their grams. */
    @Transactional
    public MeasuresDocument deleteVessel(String code) {
        if (mapper.deleteVessel(code) > 0) {
            mapper.deleteWeighInsOf(code);
        }
        return document();
    }

    /** A weigh-in as asked. */
    public record WeighInRequest(
            @Nullable String measure,
            @Nullable String ingredient,
            @Nullable Double grams,
            @Nullable Double count) {}

    /** Records a weigh-in. */
    @Transactional
    public MeasuresDocument weighIn(WeighInRequest request) {
        return weighIn(request, now());
    }

    /** The time by the kitchen's clock. */
    public OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }

    /**
     * Finds everything impossible about a weigh-in.
     *
     * @param measures the measures there are
     * @param coming codes of vessels that are about to be added
     */
    public Faults check(WeighInRequest request, KitchenMeasures measures, List<String> coming) {
        Faults faults = new Faults();
        String code = request.measure();
        Measure measure = code == null ? null : measures.measure(code).orElse(null);
        boolean fits = measure == null ? coming.contains(code) : !measure.kind().equals("mass");
        faults.require(fits, "measure", code == null ? FaultCode.MISSING : FaultCode.UNKNOWN_CODE, code);
        faults.require(
                request.ingredient() == null
                        || pantry.pantry().ingredient(request.ingredient()).isPresent(),
                "ingredient",
                FaultCode.UNKNOWN_CODE,
                request.ingredient());
        faults.needed("grams", request.grams(), LEAST_GRAMS, MOST_GRAMS);
        faults.number("count", request.count(), LEAST_COUNT, MOST_COUNT);
        return faults;
    }

    /** As {@link #weighIn(WeighInRequest)}, at a given time. */
    @Transactional
    public MeasuresDocument weighIn(WeighInRequest request, OffsetDateTime at) {
        check(request, measures(), List.of()).refuse();
        mapper.insertWeighIns(List.of(row(request, at)));
        return document();
    }

    private static WeighInRow row(WeighInRequest request, OffsetDateTime at) {
        double count = request.count() == null ? 1 : request.count();
        double grams = request.grams() == null ? 0 : request.grams();
        return new WeighInRow(0, String.valueOf(request.measure()), request.ingredient(), grams, count, at);
    }

    /** Takes a weigh-in back. */
    @Transactional
    public MeasuresDocument deleteWeighIn(long id) {
        mapper.deleteWeighIn(id);
        return document();
    }
}
