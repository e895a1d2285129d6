package verdamen.server.files;

import java.io.InputStream;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineOrigin;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.Coded;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.LearnedTogether;
import verdamen.core.pantry.VesselSpec;
import verdamen.core.pantry.WeighInSpec;
import verdamen.core.revision.RevisionTwo;
import verdamen.core.revision.Said;
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
import verdamen.server.formula.FormulaService.Saved;
import verdamen.server.formula.FormulaService.Saving;
import verdamen.server.formula.FormulaState;
import verdamen.server.formula.SaidThen;
import verdamen.server.formula.SaveRequest;
import verdamen.server.formula.StoredFormula;
import verdamen.server.formula.VersionStandings;
import verdamen.server.kitchen.Kitchen;
import verdamen.server.kitchen.KitchenService;
import verdamen.server.notebook.SavedFilter;
import verdamen.server.notebook.SavedFilters;
import verdamen.server.pantry.BreadService;
import verdamen.server.pantry.LotService;
import verdamen.server.pantry.LotService.KnownLot;
import verdamen.server.pantry.MeasureService;
import verdamen.server.pantry.MeasureService.TimedWeighIn;
import verdamen.server.pantry.PantryService;
import verdamen.server.pantry.StockService;
import verdamen.server.pantry.StockService.StockOf;
import verdamen.server.pantry.TaughtName;
import verdamen.server.photo.PhotoService;
import verdamen.server.photo.PhotoService.ToldPhoto;
import verdamen.server.plan.ToldDays;
import verdamen.server.plan.ToldDays.ToldDay;
import verdamen.server.problem.RefusedFileException;
import verdamen.server.problem.RefusedFileException.Reason;
import verdamen.server.rework.TrialService;

/** Reads formula files and kitchen files, one entry at a time, whatever their size. */
@Service
class KitchenFileReader {

    private static final int SUMMED_AT_ONCE = 500;

    private final FormulaService formulas;
    private final StoredFormula stored;
    private final SaidThen said;
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

    KitchenFileReader(
            FormulaService formulas,
            StoredFormula stored,
            SaidThen said,
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
            JsonMapper json) {
        this.formulas = formulas;
        this.stored = stored;
        this.said = said;
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
    }

    /**
     * Takes everything of a file that is not here yet, in one transaction.
     *
     * @throws RefusedFileException when it is no file of Verdamen's, broken, or of a newer version
     * @throws verdamen.core.model.RefusedException when something in it cannot be taken
     */
    @Transactional
    public ImportReport read(InputStream file) {
        try (JsonParser parser = json.createParser(file)) {
            return new Reading(parser).report();
        } catch (JacksonException broken) {
            throw JsonFiles.refused(broken);
        }
    }

    /** One file being read. */
    private final class Reading {

        private final JsonParser parser;
        private final List<String> added = new ArrayList<>();
        private final List<String> extended = new ArrayList<>();
        private final List<String> unchanged = new ArrayList<>();
        private final List<String> ingredients = new ArrayList<>();
        private final Map<Long, Long> lotsHere = new HashMap<>();
        private final List<Long> toSum = new ArrayList<>();
        private @Nullable String format;
        private int version;
        /** Revision 2 with the pantry as the file leaves it before its first formula; null until it is asked. */
        private @Nullable RevisionTwo before;

        private Reading(JsonParser parser) {
            this.parser = parser;
        }

        private ImportReport report() {
            JsonToken start = start();
            if (start == null) {
                throw new RefusedFileException(Reason.EMPTY, null);
            }
            if (start != JsonToken.START_OBJECT) {
                throw new RefusedFileException(Reason.OTHER_KIND, null);
            }
            boolean formulasSeen = false;
            while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = parser.currentName();
                parser.nextToken();
                section(name);
                formulasSeen |= name.equals("formulas");
            }
            requireKnownFormat();
            if (!formulasSeen) {
                throw new RefusedFileException(Reason.BROKEN, "formulas");
            }
            if (parser.nextToken() != null) {
                throw new RefusedFileException(Reason.BROKEN, null);
            }
            formulas.summarise(toSum);
            return new ImportReport(added, extended, unchanged, ingredients);
        }

        /** What a file begins with; one that cannot even begin is no file of Verdamen's. */
        private @Nullable JsonToken start() {
            try {
                return parser.nextToken();
            } catch (StreamReadException notJson) {
                throw new RefusedFileException(Reason.OTHER_KIND, null);
            }
        }

        private void section(String name) {
            switch (name) {
                case "format" -> format = parser.readValueAs(String.class);
                case "version" -> version = versionNumber();
                case "exportedAt" -> parser.skipChildren();
                case "kitchen" -> {
                    requireKnownFormat();
                    kitchen.save(parser.readValueAs(Kitchen.class));
                }
                case "ingredients" -> each(OwnIngredient.class, this::take);
                case "ownFigures" -> each(OwnFigure.class, this::take);
                case "learnedTogether" ->
                    each(LearnedTogether.class, pair -> pantry.saveLearnedTogether(List.of(pair)));
                case "prices" ->
                    each(FilePrice.class, price -> pantry.setPrice(price.ingredient(), price.amount(), price.per()));
                case "names" -> each(TaughtName.class, taught -> pantry.teach(List.of(taught)));
                case "vessels" -> each(FileVessel.class, this::take);
                case "weighIns" -> weighIns();
                case "lots" -> lots();
                case "breadRecords" -> each(FileBread.class, this::take);
                case "stock" -> each(StockOf.class, stock::take);
                case "filters" -> each(SavedFilter.class, filters::keep);
                case "photos" -> each(ToldPhoto.class, photos::takeMissing);
                case "formulas" -> each(FileFormula.class, this::take);
                case "days" -> each(ToldDay.class, days::takeMissing);
                default -> throw new RefusedFileException(Reason.OTHER_KIND, name);
            }
        }

        private int versionNumber() {
            if (parser.currentToken() != JsonToken.VALUE_NUMBER_INT) {
                throw new RefusedFileException(Reason.OTHER_KIND, "version");
            }
            return parser.getIntValue();
        }

        private void requireKnownFormat() {
            boolean ours = KitchenFile.FORMULAS_FORMAT.equals(format) || KitchenFile.KITCHEN_FORMAT.equals(format);
            if (!ours || version < 1) {
                throw new RefusedFileException(Reason.OTHER_KIND, format);
            }
            if (version > KitchenFile.VERSION) {
                throw new RefusedFileException(Reason.NEWER_VERSION, String.valueOf(version));
            }
        }

        private <T> void each(Class<T> type, java.util.function.Consumer<T> take) {
            requireKnownFormat();
            if (parser.currentToken() != JsonToken.START_ARRAY) {
                throw new RefusedFileException(Reason.BROKEN, parser.currentName());
            }
            while (parser.nextToken() != JsonToken.END_ARRAY) {
                take.accept(parser.readValueAs(type));
            }
        }

        private void take(OwnIngredient own) {
            if (pantry.pantry().ingredient(own.code()).isEmpty()) {
                ingredients.add(pantry.saveOwn(null, own.sheet()).name());
            }
        }

        private void take(OwnFigure own) {
            pantry.setValue(own.ingredient(), own.field(), own.value(), own.source());
        }

        private void take(FileBread noted) {
            bread.keep(uuid(noted.uid()), noted.notedAt(), noted.record());
        }

        private void take(FileVessel vessel) {
            measures.saveVessel(new VesselSpec(vessel.name(), vessel.plural(), vessel.millilitres()));
        }

        private void weighIns() {
            record Known(String measure, @Nullable String ingredient, double grams, OffsetDateTime at) {}
            List<Known> here = measures.document().weighIns().stream()
                    .map(each -> new Known(each.measure(), each.ingredient(), each.grams(), each.weighedAt()))
                    .toList();
            List<TimedWeighIn> coming = new ArrayList<>();
            each(FileWeighIn.class, each -> {
                boolean known = here.stream()
                        .anyMatch(before -> before.measure().equals(each.measure())
                                && Objects.equals(before.ingredient(), each.ingredient())
                                && before.grams() == each.grams()
                                && before.at().isEqual(each.weighedAt()));
                if (!known) {
                    coming.add(new TimedWeighIn(
                            new WeighInSpec(each.measure(), each.ingredient(), each.grams(), each.count()),
                            each.weighedAt()));
                }
            });
            measures.checkAll(coming);
            measures.saveAll(List.of(), coming);
        }

        private void lots() {
            Map<String, Long> here = lots.known().stream()
                    .collect(
                            Collectors.toMap(KnownLot::uid, known -> known.lot().id()));
            each(FileLot.class, each -> {
                Long known = here.get(uuid(each.uid()));
                lotsHere.put(each.id(), known == null ? lots.saveAs(uuid(each.uid()), each.lot()) : known);
            });
        }

        private void take(FileFormula formula) {
            if (formula.versions().isEmpty()) {
                throw new RefusedFileException(Reason.BROKEN, "versions");
            }
            History known = formulas.history(uuid(formula.uid()));
            Map<Integer, Integer> numbers = new HashMap<>();
            long id = known == null ? 0 : known.id();
            int latest = known == null ? 0 : known.versions().size();
            int taken = 0;
            for (FileVersion each : formula.versions()) {
                FormulaSpec spec = spec(each.formula());
                Integer already = known == null ? null : numberOf(each, spec, known);
                if (already != null) {
                    numbers.put(each.number(), already);
                    continue;
                }
                Saved saved = formulas.store(
                        id == 0 ? null : Long.valueOf(id),
                        request(each, spec, id, latest, numbers),
                        saving(formula, each, spec));
                id = saved.formula();
                latest = saved.number();
                numbers.put(each.number(), latest);
                taken++;
            }
            String name = formula.versions().get(formula.versions().size() - 1).name();
            (known == null ? added : taken > 0 ? extended : unchanged).add(name);
            if (known == null) {
                long created = id;
                Coded.find(FormulaState.class, formula.state()).ifPresent(state -> formulas.putState(created, state));
            }
            if (taken > 0) {
                sum(id);
            }
            if (formula.batches() != null) {
                batches.takeMissing(id, formula.batches(), numbers);
            }
            if (formula.standings() != null) {
                standings.takeMissing(id, formula.standings(), numbers);
            }
            if (formula.trials() != null) {
                trials.takeMissing(id, formula.trials(), this::spec);
            }
        }

        private static SaveRequest request(
                FileVersion version, FormulaSpec spec, long id, int latest, Map<Integer, Integer> numbers) {
            Integer parent = version.parent() == null ? null : numbers.get(version.parent());
            boolean first = id == 0;
            return new SaveRequest(
                    version.name(),
                    version.note(),
                    spec,
                    first ? null : parent == null ? Integer.valueOf(latest) : parent,
                    first ? null : Integer.valueOf(latest));
        }

        private Saving saving(FileFormula formula, FileVersion version, FormulaSpec spec) {
            Said then =
                    version.said() == null && StoredFormula.isOfRevisionTwo(KitchenFile.documentVersion(this.version))
                            ? byRevisionTwo(spec)
                            : version.said();
            return new Saving(
                    version.savedAt().toInstant(),
                    uuid(formula.uid()),
                    null,
                    then == null || !then.couldBeSaid() ? null : then);
        }

        /** What revision 2 said of a formula; null when it has a fault. */
        private @Nullable Said byRevisionTwo(FormulaSpec spec) {
            if (before == null) {
                before = said.revisionTwo();
            }
            try {
                return before.said(spec);
            } catch (RefusedException fault) {
                return null;
            }
        }

        private FormulaSpec spec(JsonNode document) {
            FormulaSpec spec = stored.read(KitchenFile.documentVersion(version), document);
            if (lotsHere.isEmpty()) {
                return spec;
            }
            return spec.withLines(spec.linesOrNone().stream()
                    .map(line -> line == null ? null : withLotHere(line))
                    .collect(Collectors.toCollection(ArrayList::new)));
        }

        private LineSpec withLotHere(LineSpec line) {
            LineOrigin origin = line.origin();
            return origin == null || origin.lot() == null
                    ? line
                    : line.withOrigin(origin.withLot(lotsHere.get(origin.lot())));
        }

        private void sum(long formula) {
            toSum.add(formula);
            if (toSum.size() >= SUMMED_AT_ONCE) {
                formulas.summarise(toSum);
                toSum.clear();
            }
        }

        /** Number of the version here that is the same as one of a file. */
        private static @Nullable Integer numberOf(FileVersion version, FormulaSpec spec, History known) {
            return known.versions().stream()
                    .filter(entry -> entry.version().savedAt().isEqual(version.savedAt())
                            && entry.version().name().equals(version.name())
                            && entry.formula().equals(spec))
                    .map(entry -> entry.version().number())
                    .findFirst()
                    .orElse(null);
        }

        private static String uuid(String uid) {
            try {
                return UUID.fromString(uid).toString();
            } catch (IllegalArgumentException e) {
                throw new RefusedFileException(Reason.BROKEN, uid);
            }
        }
    }
}
