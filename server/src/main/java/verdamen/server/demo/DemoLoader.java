package verdamen.server.demo;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;
import verdamen.core.bench.BenchStep;
import verdamen.core.bench.MadeFormula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.VersionStanding;
import verdamen.core.pantry.LotSpec;
import verdamen.core.pantry.Stock;
import verdamen.core.pantry.VesselSpec;
import verdamen.core.pantry.WeighInSpec;
import verdamen.core.plan.PlanSpec;
import verdamen.core.rework.Carried;
import verdamen.core.rework.FactorSpec;
import verdamen.core.rework.TrialQuestion;
import verdamen.core.rework.TrialResult;
import verdamen.core.rework.TrialSeries;
import verdamen.server.VerdamenProperties;
import verdamen.server.batch.Batch;
import verdamen.server.batch.BatchService;
import verdamen.server.batch.ToldBatches;
import verdamen.server.formula.FormulaDocument;
import verdamen.server.formula.FormulaService;
import verdamen.server.formula.FormulaService.Saving;
import verdamen.server.formula.FormulaState;
import verdamen.server.formula.PutStanding;
import verdamen.server.formula.SaveRequest;
import verdamen.server.formula.VersionStandings;
import verdamen.server.formula.VersionSummary;
import verdamen.server.kitchen.Kitchen;
import verdamen.server.kitchen.KitchenService;
import verdamen.server.pantry.LotService;
import verdamen.server.pantry.MeasureService;
import verdamen.server.pantry.PantryService;
import verdamen.server.pantry.StockService;
import verdamen.server.pantry.TaughtName;
import verdamen.server.photo.PhotoService;
import verdamen.server.plan.SavedDays;
import verdamen.server.plan.SavedDays.DaySpec;
import verdamen.server.rework.TrialService;

/** Loads the demo data into an empty database, before the first request is taken. */
@Configuration(proxyBeanMethods = false)
class DemoLoader implements SmartInitializingSingleton {

    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);

    private static final Map<String, Double> DARKNESS = Map.of("well", 0.35, "middling", 0.6, "badly", 0.85);
    private static final Map<String, String> CAPTIONS =
            Map.of("well", "the third off the pan", "middling", "darker than wanted", "badly", "torn where it stuck");

    private final VerdamenProperties properties;
    private final FormulaService formulas;
    private final KitchenService kitchen;
    private final PantryService pantry;
    private final MeasureService measures;
    private final LotService lots;
    private final BatchService batches;
    private final ToldBatches told;
    private final TrialService trials;
    private final VersionStandings standings;
    private final PhotoService photos;
    private final SavedDays days;
    private final StockService stock;
    private final JsonMapper json;
    private final Clock clock;
    private final TransactionTemplate transaction;

    DemoLoader(
            VerdamenProperties properties,
            FormulaService formulas,
            KitchenService kitchen,
            PantryService pantry,
            MeasureService measures,
            LotService lots,
            BatchService batches,
            ToldBatches told,
            TrialService trials,
            VersionStandings standings,
            PhotoService photos,
            SavedDays days,
            StockService stock,
            JsonMapper json,
            Clock clock,
            TransactionTemplate transaction) {
        this.properties = properties;
        this.formulas = formulas;
        this.kitchen = kitchen;
        this.pantry = pantry;
        this.measures = measures;
        this.lots = lots;
        this.batches = batches;
        this.told = told;
        this.trials = trials;
        this.standings = standings;
        this.photos = photos;
        this.days = days;
        this.stock = stock;
        this.json = json;
        this.clock = clock;
        this.transaction = transaction;
    }

    /** A kitchen with its formulas, as in the demo file. */
    record Demo(
            Kitchen kitchen,
            List<VesselSpec> vessels,
            List<DemoWeighIn> weighIns,
            List<DemoStock> stock,
            List<DemoLot> lots,
            List<DemoValue> ownValues,
            List<DemoPrice> prices,
            List<TaughtName> names,
            List<DemoFormula> formulas,
            List<DemoDay> days) {}

    /** A day of the demo, planned for the next of these weekdays; its servings have the formulas of these names. */
    record DemoDay(String name, DayOfWeek weekday, List<String> formulas, PlanSpec spec) {}

    /** A weigh-in of the demo, recorded some hours before it is loaded. */
    record DemoWeighIn(
            int hoursAgo,
            String measure,
            @Nullable String ingredient,
            double grams,
            @Nullable Double count) {}

    /** What there is of an ingredient in the demo. */
    record DemoStock(String ingredient, Stock stock) {}

    /** A lot of the demo, milled some days before it is loaded. */
    record DemoLot(
            String ingredient,
            String name,
            int milledDaysAgo,
            @Nullable Double moisturePct,
            @Nullable String moistureHow,
            @Nullable Double proteinPct,
            @Nullable String note,
            @Nullable Boolean usedUp) {}

    /** An own figure of the demo. */
    record DemoValue(String ingredient, String field, double value, String source) {}

    /** A price of the demo. */
    record DemoPrice(String ingredient, double amount, String per) {}

    /** A formula of the demo: its state, its versions, batches and series of trials, the oldest first. */
    record DemoFormula(
            String name,
            FormulaState state,
            List<DemoVersion> versions,
            @Nullable List<DemoBatch> batches,
            @Nullable List<DemoSeries> trials) {}

    /** A series of trials of the demo, of the newest version, made some hours before it is loaded. */
    record DemoSeries(
            int hoursAgo,
            String name,
            List<FactorSpec> factors,
            @Nullable Boolean centre,
            List<String> measures,
            List<DemoResult> results) {

        TrialQuestion question(FormulaSpec formula) {
            return new TrialQuestion(
                    name, formula, factors, List.of(), centre, null, null, measures, EnumSet.noneOf(Carried.class));
        }
    }

    /** What came of the run with these shares. */
    record DemoResult(List<Double> shares, TrialResult result) {}

    /** A version of the demo, saved some hours before it is loaded. */
    record DemoVersion(
            int hoursAgo,
            String note,
            FormulaSpec formula,
            @Nullable List<DemoStep> standings) {}

    /** A step of a version up or down, some hours before it is loaded. */
    record DemoStep(int hoursAgo, VersionStanding standing, String reason) {}

    @Override
    public void afterSingletonsInstantiated() {
        if (properties.demo() && formulas.isEmpty()) {
            Demo demo = read();
            transaction.executeWithoutResult(status -> load(demo));
            LOG.info("demo data: {} formulas", demo.formulas().size());
        }
    }

    @Bean
    ApplicationRunner exitWhenLoaded(ConfigurableApplicationContext context) {
        return arguments -> {
            if (properties.exitWhenLoaded()) {
                context.close();
            }
        };
    }

    private Demo read() {
        try (InputStream in = DemoLoader.class.getResourceAsStream("/demo/kitchen.json")) {
            if (in == null) {
                throw new IllegalStateException("the demo data are missing from the program");
            }
            return json.readValue(in, Demo.class);
        } catch (IOException e) {
            throw new UncheckedIOException("the demo data cannot be read", e);
        }
    }

    private void loadPantry(Demo demo, Instant now) {
        demo.vessels().forEach(measures::saveVessel);
        demo.weighIns()
                .forEach(each -> measures.weighIn(
                        new WeighInSpec(each.measure(), each.ingredient(), each.grams(), each.count()),
                        now.minus(Duration.ofHours(each.hoursAgo())).atOffset(ZoneOffset.UTC)));
        demo.stock().forEach(each -> stock.note(each.ingredient(), each.stock()));
        demo.lots()
                .forEach(each -> lots.save(
                        null,
                        new LotSpec(
                                each.ingredient(),
                                each.name(),
                                LocalDate.ofInstant(now, ZoneOffset.UTC).minusDays(each.milledDaysAgo()),
                                each.moisturePct(),
                                each.moistureHow(),
                                each.proteinPct(),
                                each.note(),
                                each.usedUp())));
        demo.ownValues().forEach(each -> pantry.setValue(each.ingredient(), each.field(), each.value(), each.source()));
        demo.prices().forEach(each -> pantry.setPrice(each.ingredient(), each.amount(), each.per()));
        pantry.teach(demo.names());
    }

    private void loadStandings(FormulaDocument saved, DemoFormula formula, Instant now) {
        List<PutStanding> steps = new ArrayList<>();
        for (int number = 1; number <= formula.versions().size(); number++) {
            List<DemoStep> told = formula.versions().get(number - 1).standings();
            for (DemoStep step : told == null ? List.<DemoStep>of() : told) {
                steps.add(new PutStanding(
                        UUID.randomUUID().toString(),
                        number,
                        step.standing(),
                        step.reason(),
                        now.minus(Duration.ofHours(step.hoursAgo())).atOffset(ZoneOffset.UTC)));
            }
        }
        standings.takeMissing(saved.id(), steps, numbers(saved));
    }

    private static Map<Integer, Integer> numbers(FormulaDocument saved) {
        return saved.versions().stream().collect(Collectors.toMap(VersionSummary::number, VersionSummary::number));
    }

    private void loadBatches(FormulaDocument saved, DemoFormula formula, Instant now) {
        if (formula.batches() != null) {
            told.takeMissing(
                    saved.id(),
                    formula.batches().stream()
                            .map(batch -> batch.told(now, saved.id(), steps(saved.id(), batch.version())))
                            .toList(),
                    numbers(saved));
        }
    }

    /** Each batch that came out somehow has a photograph, drawn as it came out. */
    private void loadPhotos(FormulaDocument saved) {
        for (Batch batch : batches.batches(saved.id())) {
            String verdict = batch.verdict();
            if (verdict != null) {
                double darkness = DARKNESS.getOrDefault(verdict, 0.5);
                double green = saved.version().name().matches(".*([Nn]ettle|kale|[Cc]ourgette).*") ? 0.5 : 0;
                byte[] png = DrawnBread.png(batch.id(), darkness, green, verdict.equals("badly"));
                photos.keep(
                        batch.id(),
                        UUID.randomUUID().toString(),
                        CAPTIONS.getOrDefault(verdict, ""),
                        new ByteArrayInputStream(png));
            }
        }
    }

    private List<String> steps(long formula, int version) {
        return MadeFormula.of(formulas.spec(formula, version), pantry.pantry()).run().steps().stream()
                .map(BenchStep::key)
                .toList();
    }

    private void loadTrials(FormulaDocument saved, DemoFormula formula, Instant now) {
        for (DemoSeries each : formula.trials() == null ? List.<DemoSeries>of() : formula.trials()) {
            TrialSeries series = TrialSeries.of(each.question(saved.formula()), pantry.pantry());
            OffsetDateTime at = now.minus(Duration.ofHours(each.hoursAgo())).atOffset(ZoneOffset.UTC);
            long id = trials.keep(saved.id(), at, series);
            List<List<Double>> runs =
                    series.runs().stream().map(TrialSeries.TrialRun::shares).toList();
            each.results().forEach(result -> trials.fill(id, runs.indexOf(result.shares()), result.result()));
        }
    }

    private void load(Demo demo) {
        Instant now = clock.instant();
        kitchen.save(demo.kitchen());
        loadPantry(demo, now);
        Map<String, Long> ids = new HashMap<>();
        for (DemoFormula formula : demo.formulas()) {
            FormulaDocument saved = null;
            for (DemoVersion version : formula.versions()) {
                Instant at = now.minus(Duration.ofHours(version.hoursAgo()));
                Integer parent =
                        saved == null ? null : Integer.valueOf(saved.version().number());
                SaveRequest request = new SaveRequest(formula.name(), version.note(), version.formula(), parent, null);
                Saving saving = new Saving(at, null, null, null);
                saved = saved == null ? formulas.create(request, saving) : formulas.save(saved.id(), request, saving);
            }
            if (saved != null) {
                formulas.setState(saved.id(), formula.state());
                loadStandings(saved, formula, now);
                loadBatches(saved, formula, now);
                loadPhotos(saved);
                loadTrials(saved, formula, now);
                ids.put(formula.name(), saved.id());
            }
        }
        demo.days()
                .forEach(day -> days.keep(new DaySpec(
                        UUID.randomUUID().toString(),
                        day.name(),
                        LocalDate.ofInstant(now, ZoneOffset.UTC)
                                .with(TemporalAdjusters.next(day.weekday()))
                                .toString(),
                        day.spec()
                                .withFormulas(
                                        day.formulas().stream().map(ids::get).toList()),
                        null,
                        null)));
    }
}
