package verdamen.server.pantry;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.formula.Line;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Range;
import verdamen.core.model.RefusedException;
import verdamen.core.model.Share;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.KitchenMeasures;
import verdamen.core.pantry.Measure;
import verdamen.core.pantry.MeasureWeight;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.VesselSpec;
import verdamen.core.pantry.WeighIn;
import verdamen.core.pantry.WeighInSpec;
import verdamen.server.json.JsonText;
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

    private final MeasureMapper mapper;
    private final PantryService pantry;
    private final KitchenService kitchen;
    private final JsonText json;
    private final Clock clock;

    MeasureService(MeasureMapper mapper, PantryService pantry, KitchenService kitchen, JsonText json, Clock clock) {
        this.mapper = mapper;
        this.json = json;
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
                        .toList(),
                kitchen.kitchen().filling());
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
                        Share.ofFraction(measure.relativeSd()).pct(),
                        !bookCodes.contains(measure.code()),
                        measure.notes()))
                .toList();
        return new MeasuresDocument(
                items,
                calibrations(weighIns, measures, typical),
                weighIns.stream().map(this::item).toList(),
                measures.flourByTheCup());
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
            measures.weightOf(pair.measure(), ingredient)
                    .ifPresent(portion -> calibrations.add(new Calibration(
                            pair.measure(),
                            ingredient.code(),
                            ingredient.name(),
                            portion.grams(),
                            portion.grams() * portion.relativeSd(),
                            portion.weighIns(),
                            typical.weightOf(pair.measure(), ingredient)
                                    .map(MeasureWeight::grams)
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
        faults.needed("quantity", quantity, Limit.QUANTITY);
        Ingredient found = pantry.pantry().ingredient(ingredient).orElse(null);
        if (found == null) {
            faults.add(null, "ingredient", FaultCode.UNKNOWN_CODE, ingredient);
        }
        MeasureWeight portion =
                found == null ? null : measures().weightOf(measure, found).orElse(null);
        if (found != null && portion == null) {
            faults.add(null, "measure", FaultCode.NOT_FOR_THIS_INGREDIENT, measure);
        }
        faults.refuse();
        if (portion == null) {
            throw new IllegalStateException("an unknown portion is a fault");
        }
        double grams = quantity * portion.grams();
        double sd = portion.source() == MeasureWeight.Source.MASS
                ? Line.weighedSdGrams(grams)
                : grams * portion.relativeSd();
        return new Amount(grams, sd, Range.likelyMass(grams, sd), portion.source(), portion.weighIns());
    }

    /** Saves a vessel under a code made from its name. */
    @Transactional
    public MeasuresDocument saveVessel(VesselSpec spec) {
        spec.check(pantry.pantry()).refuse();
        mapper.saveVessels(json.of(List.of(row(spec))));
        return document();
    }

    private static VesselRow row(VesselSpec spec) {
        Measure vessel = spec.measure();
        double millilitres = vessel.millilitres() == null ? 0 : vessel.millilitres();
        return new VesselRow(
                vessel.code(), vessel.name(), vessel.plural(), millilitres, vessel.relativeSd(), vessel.notes());
    }

    /** A weigh-in with the time at which it was made. */
    public record TimedWeighIn(WeighInSpec weighIn, OffsetDateTime at) {}

    /**
     * Checks weigh-ins that are to be saved together.
     *
     * @throws RefusedException with everything impossible about them
     */
    public void checkAll(List<TimedWeighIn> weighIns) {
        KitchenMeasures there = measures();
        Faults faults = new Faults();
        weighIns.forEach(each -> faults.addAll(
                each.weighIn().check(pantry.pantry(), there, List.of()).all()));
        faults.refuse();
    }

    /** Saves vessels and weigh-ins that were found sound, all together. */
    @Transactional
    public void saveAll(List<VesselSpec> vessels, List<TimedWeighIn> weighIns) {
        mapper.saveVessels(json.of(vessels.stream().map(MeasureService::row).toList()));
        mapper.insertWeighIns(json.of(
                weighIns.stream().map(each -> row(each.weighIn(), each.at())).toList()));
    }

    /** Deletes a vessel, with its weigh-ins. Lines measured with it keep their grams. */
    @Transactional
    public MeasuresDocument deleteVessel(String code) {
        if (mapper.deleteVessel(code) > 0) {
            mapper.deleteWeighInsOf(code);
        }
        return document();
    }

    /** Records a weigh-in. */
    @Transactional
    public MeasuresDocument weighIn(WeighInSpec request) {
        return weighIn(request, now());
    }

    /** The time by the kitchen's clock. */
    public OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }

    /** As {@link #weighIn(WeighInSpec)}, at a given time. */
    @Transactional
    public MeasuresDocument weighIn(WeighInSpec request, OffsetDateTime at) {
        request.check(pantry.pantry(), measures(), List.of()).refuse();
        mapper.insertWeighIns(json.of(List.of(row(request, at))));
        return document();
    }

    private static WeighInRow row(WeighInSpec request, OffsetDateTime at) {
        double count = request.countOrOne();
        double grams = request.grams() == null ? 0 : request.grams();
        return new WeighInRow(0, String.valueOf(request.measure()), request.ingredient(), grams, count, at);
    }

    /** Deletes a weigh-in. */
    @Transactional
    public MeasuresDocument deleteWeighIn(long id) {
        mapper.deleteWeighIn(id);
        return document();
    }
}
