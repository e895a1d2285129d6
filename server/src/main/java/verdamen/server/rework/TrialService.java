package verdamen.server.rework;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Coded;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Share;
import verdamen.core.pantry.Pantry;
import verdamen.core.rework.TrialEffects;
import verdamen.core.rework.TrialFactor;
import verdamen.core.rework.TrialMeasure;
import verdamen.core.rework.TrialQuestion;
import verdamen.core.rework.TrialResult;
import verdamen.core.rework.TrialSeries;
import verdamen.core.rework.TrialSeries.TrialRun;
import verdamen.core.rework.TrialSheet;
import verdamen.server.formula.StoredFormula;
import verdamen.server.json.JsonText;
import verdamen.server.pantry.PantryService;
import verdamen.server.problem.NotFoundException;
import verdamen.server.problem.RefusedFileException;
import verdamen.server.problem.RefusedFileException.Reason;
import verdamen.server.rework.SeriesAnswer.SeriesMeasure;
import verdamen.server.rework.SeriesAnswer.SeriesRun;
import verdamen.server.rework.ToldSeries.ToldRun;
import verdamen.server.rework.TrialController.TrialRequest;
import verdamen.server.rework.TrialMapper.SeriesRow;

/** Series of trials: made from a formula, filled run by run, read back. */
@Service
public class TrialService {

    private static final int SHOWN = 50;

    private final TrialMapper mapper;
    private final PantryService pantry;
    private final StoredFormula stored;
    private final JsonText json;
    private final Clock clock;

    TrialService(TrialMapper mapper, PantryService pantry, StoredFormula stored, JsonText json, Clock clock) {
        this.mapper = mapper;
        this.pantry = pantry;
        this.stored = stored;
        this.json = json;
        this.clock = clock;
    }

    /** What is kept of a series beside its name. */
    private record Document(String seed, List<TrialFactor> factors, List<String> measures, List<RunDocument> runs) {

        record RunDocument(List<Double> shares, JsonNode formula) {}
    }

    /** The runs that a series would have. */
    TrialSeries plan(TrialRequest asked) {
        Faults faults = new Faults();
        TrialQuestion question = new TrialQuestion(
                asked.name(),
                asked.formula(),
                asked.factors(),
                faults.atMost("beside", asked.beside(), Limit.LINES),
                asked.centre(),
                asked.rounds(),
                asked.seed(),
                asked.measures(),
                CarriedCodes.read(asked.without(), faults));
        faults.refuse();
        return TrialSeries.of(question, pantry.pantry());
    }

    /**
     * Makes a series of a formula and keeps it.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     * @throws NotFoundException when there is no such formula
     */
    @Transactional
    public SeriesAnswer make(long formula, TrialRequest asked) {
        return one(keep(formula, now(), plan(asked)));
    }

    /**
     * Keeps a series of a formula.
     *
     * @return its id
     * @throws NotFoundException when there is no such formula
     */
    @Transactional
    public long keep(long formula, OffsetDateTime madeAt, TrialSeries series) {
        Long id = keep(formula, UUID.randomUUID().toString(), series.name(), madeAt, document(series));
        if (id == null) {
            throw new NotFoundException("There is no formula " + formula + ".");
        }
        return id;
    }

    private @Nullable Long keep(long formula, String uid, String name, OffsetDateTime at, Document document) {
        return mapper.insert(formula, uid, name, at, StoredFormula.VERSION, json.of(document));
    }

    private Document document(TrialSeries series) {
        return new Document(
                series.seed(),
                series.factors(),
                series.measures().stream().map(TrialMeasure::code).toList(),
                series.runs().stream()
                        .map(run -> new Document.RunDocument(run.shares(), json.tree(run.formula())))
                        .toList());
    }

    /** The series of a formula, the newest 50 first. */
    @Transactional(readOnly = true)
    public List<SeriesSummary> ofFormula(long formula) {
        return mapper.summaries(formula, SHOWN);
    }

    /**
     * A series with what came of it.
     *
     * @throws NotFoundException when there is none
     */
    @Transactional(readOnly = true)
    public SeriesAnswer one(long id) {
        SeriesRow row = row(id);
        TrialSeries series = series(row);
        List<TrialResult> results = results(row, series);
        Pantry book = pantry.pantry();
        TrialSheet sheet = TrialSheet.of(series, book);
        List<SeriesRun> runs = new ArrayList<>();
        for (int at = 0; at < results.size(); at++) {
            TrialRun run = series.runs().get(at);
            runs.add(new SeriesRun(run.shares(), run.formula(), sheet.runs().get(at), results.get(at)));
        }
        return new SeriesAnswer(
                row.id(),
                row.formulaId(),
                row.name(),
                series.seed(),
                row.madeAt(),
                series.factors(),
                series.measures().stream().map(SeriesMeasure::of).toList(),
                runs,
                sheet.same(),
                sheet.different(),
                TrialEffects.of(series, results, book),
                Share.ofFraction(TrialEffects.STEP).pct(),
                Share.ofFraction(TrialEffects.CHANCE).pct());
    }

    /**
     * Keeps what came of a run.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     * @throws NotFoundException when there is no such series
     */
    @Transactional
    public SeriesAnswer fill(long id, int run, TrialResult result) {
        SeriesRow row = row(id);
        Faults faults = new Faults();
        boolean known = run >= 0 && run < series(row).runs().size();
        faults.require(known, "run", FaultCode.UNKNOWN_CODE, run);
        faults.refuse();
        mapper.keep(id, json.of(Map.of(run, result.checked(pantry.pantry()))));
        return one(id);
    }

    /** Deletes a series with its results. */
    @Transactional
    public List<SeriesSummary> delete(long id) {
        SeriesRow row = row(id);
        mapper.delete(id);
        return ofFormula(row.formulaId());
    }

    /** Every series of a formula, the oldest first, as a file tells it. */
    @Transactional(readOnly = true)
    public List<ToldSeries> all(long formula) {
        List<ToldSeries> all = new ArrayList<>();
        for (SeriesRow row : mapper.ofFormula(formula)) {
            TrialSeries series = series(row);
            List<TrialResult> results = results(row, series);
            Document document = document(series);
            List<ToldRun> runs = new ArrayList<>();
            for (int at = 0; at < results.size(); at++) {
                Document.RunDocument run = document.runs().get(at);
                TrialResult result = results.get(at);
                runs.add(new ToldRun(run.shares(), run.formula(), result.equals(TrialResult.NONE) ? null : result));
            }
            all.add(new ToldSeries(
                    row.uid(),
                    row.name(),
                    document.seed(),
                    row.madeAt(),
                    document.factors(),
                    document.measures(),
                    runs));
        }
        return all;
    }

    /**
     * Takes the series of a formula that are not here yet.
     *
     * @param read reads a formula of the file they come from
     * @throws RefusedFileException when one of them does not hold together
     * @throws verdamen.core.model.RefusedException naming each value of a result that is refused
     */
    @Transactional
    public void takeMissing(long formula, List<ToldSeries> told, Function<JsonNode, FormulaSpec> read) {
        for (ToldSeries each : told) {
            if (!each.holdsTogether()) {
                throw new RefusedFileException(Reason.BROKEN, each.name());
            }
            Document document = new Document(
                    each.seed(),
                    each.factors(),
                    each.measures(),
                    each.runs().stream()
                            .map(run -> new Document.RunDocument(run.shares(), json.tree(read.apply(run.formula()))))
                            .toList());
            Long id = keep(formula, each.uid(), each.name(), each.madeAt(), document);
            if (id != null) {
                keepResults(id, each.runs());
            }
        }
    }

    private void keepResults(long series, List<ToldRun> runs) {
        Map<Integer, TrialResult> results = new TreeMap<>();
        for (int at = 0; at < runs.size(); at++) {
            TrialResult result = runs.get(at).result();
            if (result != null) {
                results.put(at, result.checked(pantry.pantry()));
            }
        }
        mapper.keep(series, json.of(results));
    }

    private SeriesRow row(long id) {
        SeriesRow row = mapper.series(id);
        if (row == null) {
            throw new NotFoundException("There is no series of trials " + id + ".");
        }
        return row;
    }

    private TrialSeries series(SeriesRow row) {
        Document document = json.read(row.document(), Document.class);
        return new TrialSeries(
                row.name(),
                document.seed(),
                document.factors(),
                document.measures().stream()
                        .flatMap(code -> Coded.find(TrialMeasure.class, code).stream())
                        .toList(),
                document.runs().stream()
                        .map(run -> new TrialRun(run.shares(), stored.read(row.documentVersion(), run.formula())))
                        .toList());
    }

    private List<TrialResult> results(SeriesRow row, TrialSeries series) {
        JsonNode results = json.tree(row.results());
        List<TrialResult> all = new ArrayList<>();
        for (int at = 0; at < series.runs().size(); at++) {
            JsonNode result = results.get(String.valueOf(at));
            all.add(result == null ? TrialResult.NONE : json.read(result, TrialResult.class));
        }
        return all;
    }

    private OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }
}
