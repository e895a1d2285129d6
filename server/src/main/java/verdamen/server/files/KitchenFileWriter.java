package verdamen.server.files;

import java.io.OutputStream;
import java.time.Clock;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.json.JsonMapper;
import verdamen.core.formula.Uses;
import verdamen.core.pantry.IngredientSpec;
import verdamen.core.pantry.LotSpec;
import verdamen.server.batch.ToldBatch;
import verdamen.server.batch.ToldBatches;
import verdamen.server.files.KitchenFile.FileBread;
import verdamen.server.files.KitchenFile.FileFormula;
import verdamen.server.files.KitchenFile.FileLot;
import verdamen.server.files.KitchenFile.FilePrice;
import verdamen.server.files.KitchenFile.FileVersion;
import verdamen.server.files.KitchenFile.FileVessel;
import verdamen.server.files.KitchenFile.FileWeighIn;
import verdamen.server.files.KitchenFile.OwnFigure;
import verdamen.server.files.KitchenFile.OwnIngredient;
import verdamen.server.formula.FormulaService;
import verdamen.server.formula.FormulaService.History;
import verdamen.server.formula.VersionStandings;
import verdamen.server.json.JsonText;
import verdamen.server.kitchen.KitchenService;
import verdamen.server.notebook.SavedFilters;
import verdamen.server.pantry.BreadService;
import verdamen.server.pantry.KitchenPantry;
import verdamen.server.pantry.LotService;
import verdamen.server.pantry.LotService.KnownLot;
import verdamen.server.pantry.MeasureService;
import verdamen.server.pantry.MeasuresDocument;
import verdamen.server.pantry.PantryService;
import verdamen.server.pantry.StockService;
import verdamen.server.photo.PhotoService;
import verdamen.server.plan.ToldDays;
import verdamen.server.rework.TrialService;

/** Writes formula files and kitchen files, one formula after another, however many there are. */
@Service
class KitchenFileWriter {

    private final FormulaService formulas;
    private final ToldBatches batches;
    private final TrialService trials;
    private final PantryService pantry;
    private final LotService lots;
    private final BreadService bread;
    private final VersionStandings standings;
    private final PhotoService photos;
    private final SavedFilters filters;
    private final ToldDays days;
    private final StockService stock;
    private final MeasureService measures;
    private final KitchenService kitchen;
    private final JsonMapper json;
    private final JsonText text;
    private final Clock clock;

    KitchenFileWriter(
            FormulaService formulas,
            ToldBatches batches,
            TrialService trials,
            PantryService pantry,
            LotService lots,
            BreadService bread,
            VersionStandings standings,
            PhotoService photos,
            SavedFilters filters,
            ToldDays days,
            StockService stock,
            MeasureService measures,
            KitchenService kitchen,
            JsonMapper json,
            JsonText text,
            Clock clock) {
        this.formulas = formulas;
        this.batches = batches;
        this.trials = trials;
        this.pantry = pantry;
        this.lots = lots;
        this.bread = bread;
        this.standings = standings;
        this.photos = photos;
        this.filters = filters;
        this.days = days;
        this.stock = stock;
        this.measures = measures;
        this.kitchen = kitchen;
        this.json = json;
        this.text = text;
        this.clock = clock;
    }

    /** Writes a file of some formulas with what they need; of all when none is named. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void writeFormulas(List<Long> ids, OutputStream out) {
        Set<String> ingredients = new HashSet<>();
        Set<Long> carried = new HashSet<>();
        formulas.histories(
                ids,
                history -> history.versions().forEach(entry -> {
                    Uses uses = Uses.of(entry.formula());
                    ingredients.addAll(uses.ingredients());
                    carried.addAll(uses.lots());
                }));
        try (JsonGenerator file = json.createGenerator(out)) {
            begin(file, KitchenFile.FORMULAS_FORMAT);
            ownIngredients(file, ingredients::contains);
            lots(file, lot -> carried.contains(lot.lot().id()));
            formulas(file, ids, false);
            file.writeEndObject();
        }
    }

    /** Writes everything of the kitchen. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void writeKitchen(OutputStream out) {
        try (JsonGenerator file = json.createGenerator(out)) {
            begin(file, KitchenFile.KITCHEN_FORMAT);
            file.writePOJOProperty("kitchen", kitchen.kitchen());
            ownIngredients(file, code -> true);
            figuresAndPrices(file);
            measures(file);
            lots(file, lot -> true);
            bread(file);
            formulas(file, List.of(), true);
            photos(file);
            section(file, "stock", stock.stock());
            section(file, "filters", filters.all());
            days(file);
            file.writeEndObject();
        }
    }

    private void begin(JsonGenerator file, String format) {
        file.writeStartObject();
        file.writeStringProperty("format", format);
        file.writeNumberProperty("version", KitchenFile.VERSION);
        file.writeStringProperty(
                "exportedAt", clock.instant().atOffset(ZoneOffset.UTC).toString());
    }

    /** Own ingredients as their sheets have them; own figures over them are told apart. */
    private void ownIngredients(JsonGenerator file, Predicate<String> wanted) {
        KitchenPantry kitchenPantry = pantry.kitchenPantry();
        section(
                file,
                "ingredients",
                kitchenPantry.ownCodes().stream()
                        .filter(wanted)
                        .sorted()
                        .map(code -> new OwnIngredient(
                                code, IngredientSpec.of(kitchenPantry.book().get(code))))
                        .toList());
    }

    private void figuresAndPrices(JsonGenerator file) {
        KitchenPantry kitchenPantry = pantry.kitchenPantry();
        section(
                file,
                "ownFigures",
                kitchenPantry.ownValues().entrySet().stream()
                        .flatMap(each -> each.getValue().stream()
                                .map(own ->
                                        new OwnFigure(each.getKey(), own.field().code(), own.value(), own.source())))
                        .toList());
        section(file, "learnedTogether", kitchenPantry.pantry().learnedTogether());
        section(
                file,
                "prices",
                kitchenPantry.prices().entrySet().stream()
                        .map(each -> new FilePrice(
                                each.getKey(),
                                each.getValue().amount(),
                                each.getValue().per().code()))
                        .toList());
        section(file, "names", kitchenPantry.names());
    }

    private void measures(JsonGenerator file) {
        MeasuresDocument document = measures.document();
        section(
                file,
                "vessels",
                document.measures().stream()
                        .filter(MeasuresDocument.MeasureItem::ownVessel)
                        .map(each -> new FileVessel(
                                each.name(), each.plural(), each.millilitres() == null ? 0 : each.millilitres()))
                        .toList());
        // The oldest first, so that they are taken in the order in which they were weighed.
        List<FileWeighIn> weighIns = new ArrayList<>(document.weighIns().stream()
                .map(each -> new FileWeighIn(
                        each.measure(), each.ingredient(), each.grams(), each.count(), each.weighedAt()))
                .toList());
        Collections.reverse(weighIns);
        section(file, "weighIns", weighIns);
    }

    private void lots(JsonGenerator file, Predicate<KnownLot> wanted) {
        section(
                file,
                "lots",
                lots.known().stream()
                        .filter(wanted)
                        .sorted(Comparator.comparingLong(known -> known.lot().id()))
                        .map(known -> new FileLot(known.lot().id(), known.uid(), spec(known.lot())))
                        .toList());
    }

    /** One photograph after another: all of them at once may be too many to hold. */
    private void photos(JsonGenerator file) {
        file.writeArrayPropertyStart("photos");
        photos.all(file::writePOJO);
        file.writeEndArray();
    }

    private void days(JsonGenerator file) {
        file.writeArrayPropertyStart("days");
        days.all(file::writePOJO);
        file.writeEndArray();
    }

    private void bread(JsonGenerator file) {
        List<FileBread> records = new ArrayList<>();
        bread.all(each -> records.add(new FileBread(each.uid(), each.notedAt(), each.record())));
        section(file, "breadRecords", records);
    }

    private static LotSpec spec(LotService.Lot lot) {
        return new LotSpec(
                lot.ingredient(),
                lot.name(),
                lot.milledOn(),
                lot.moisturePct(),
                lot.moistureHow() == null ? null : lot.moistureHow().code(),
                lot.proteinPct(),
                lot.note(),
                lot.usedUp());
    }

    private void formulas(JsonGenerator file, List<Long> ids, boolean withRecords) {
        file.writeArrayPropertyStart("formulas");
        formulas.histories(ids, history -> file.writePOJO(formula(history, withRecords)));
        file.writeEndArray();
    }

    private FileFormula formula(History history, boolean withRecords) {
        return new FileFormula(
                history.uid(),
                history.state().code(),
                history.versions().stream()
                        .map(entry -> new FileVersion(
                                entry.version().number(),
                                entry.version().parentNumber(),
                                entry.version().name(),
                                entry.version().note(),
                                entry.version().savedAt(),
                                text.tree(entry.formula()),
                                entry.said()))
                        .toList(),
                withRecords ? batches(history.id()) : null,
                withRecords ? trials.all(history.id()) : null,
                withRecords ? standings.steps(history.id()) : null);
    }

    private @Nullable List<ToldBatch> batches(long formula) {
        return batches.told(formula);
    }

    private static void section(JsonGenerator file, String name, List<?> entries) {
        file.writeArrayPropertyStart(name);
        entries.forEach(file::writePOJO);
        file.writeEndArray();
    }
}
