package verdamen.server.files;

import java.time.OffsetDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import verdamen.core.bench.BenchEntry;
import verdamen.core.bench.EntryKind;
import verdamen.core.bench.MadeAs;
import verdamen.core.handling.PutIn;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.RefusedException;
import verdamen.server.batch.Batch.Kept;
import verdamen.server.batch.ToldBatch;
import verdamen.server.batch.ToldBatches;
import verdamen.server.batch.ToldBatches.FormulaMade;
import verdamen.server.csv.CsvFile;
import verdamen.server.csv.CsvFile.Row;
import verdamen.server.files.CsvReport.Action;
import verdamen.server.files.CsvReport.Kind;
import verdamen.server.json.JsonText;
import verdamen.server.problem.Problem.ProblemFault;
import verdamen.server.problem.RefusedFileException;
import verdamen.server.problem.RefusedFileException.Reason;

/** Batches by themselves, as JSON or as CSV with a row for each thing that was noted; and back in, when they are not here. */
@Service
class BatchFiles {

    private static final String FORMAT = "verdamen-batches";
    private static final int VERSION = 1;
    private static final List<String> HEADINGS = List.of(
            "formula",
            "name",
            "version",
            "batch",
            "factor",
            "startedAt",
            "finishedAt",
            "counts",
            "practice",
            "madeAs",
            "key",
            "kind",
            "at",
            "step",
            "subject",
            "figure",
            "piece",
            "outcome",
            "additions",
            "text",
            "of",
            "notedAt",
            "undoneAt");

    private final ToldBatches batches;
    private final JsonText json;

    BatchFiles(ToldBatches batches, JsonText json) {
        this.batches = batches;
        this.json = json;
    }

    /**
     * The file.
     *
     * @param format what it calls itself
     * @param version its version
     * @param batches the batches
     */
    record BatchesFile(String format, int version, List<FileBatch> batches) {}

    /**
     * A batch in a file.
     *
     * @param formula identity of its formula
     * @param name the formula's name
     * @param batch what is told of it
     */
    record FileBatch(String formula, String name, ToldBatch batch) {}

    /** A batch of a file with the line at which it begins. */
    private record Coming(int line, FileBatch batch) {}

    private List<FileBatch> all(@Nullable Long formula) {
        return batches.formulasMade().stream()
                .filter(made -> formula == null || made.id() == formula)
                .flatMap(made ->
                        batches.told(made.id()).stream().map(told -> new FileBatch(made.uid(), made.name(), told)))
                .toList();
    }

    /** The batches of a formula, or of all. */
    @Transactional(readOnly = true)
    public BatchesFile write(@Nullable Long formula) {
        return new BatchesFile(FORMAT, VERSION, all(formula));
    }

    /** The same as CSV. */
    @Transactional(readOnly = true)
    public String writeCsv(@Nullable Long formula) {
        List<List<@Nullable Object>> rows = new ArrayList<>();
        for (FileBatch file : all(formula)) {
            ToldBatch batch = file.batch();
            for (Kept kept : batch.entries() == null ? List.<Kept>of() : batch.entries()) {
                BenchEntry entry = kept.entry();
                rows.add(Arrays.asList(
                        file.formula(),
                        file.name(),
                        batch.version(),
                        batch.uid(),
                        batch.factor(),
                        batch.startedAt(),
                        batch.finishedAt(),
                        batch.counts(),
                        batch.practice(),
                        batch.madeAs() == null ? null : json.of(batch.madeAs()),
                        entry.key(),
                        entry.kind().code(),
                        entry.at(),
                        entry.step(),
                        entry.subject(),
                        entry.figure(),
                        entry.piece(),
                        entry.outcome(),
                        entry.additions() == null || entry.additions().isEmpty() ? null : json.of(entry.additions()),
                        entry.text(),
                        entry.of(),
                        kept.notedAt(),
                        kept.undoneAt()));
            }
        }
        return CsvFile.write(HEADINGS, rows);
    }

    /**
     * What a file would bring: JSON or CSV, told apart by what is in it. With {@code apply} and nothing refused, it is taken.
     *
     * @throws RefusedFileException when it is neither
     */
    @Transactional
    public CsvReport read(String text, boolean apply) {
        List<CsvReport.Row> report = new ArrayList<>();
        List<Coming> coming = text.stripLeading().startsWith("{") ? json(text) : csv(text, report);
        Map<String, FormulaMade> here =
                batches.formulas().stream().collect(Collectors.toMap(FormulaMade::uid, Function.identity()));
        Set<String> known = batches.uids();
        Map<Long, List<ToldBatch>> taken = new LinkedHashMap<>();
        for (Coming each : coming) {
            CsvReport.Row row = look(each, here, known);
            report.add(row);
            if (row.action() == Action.ADDED) {
                taken.computeIfAbsent(here.get(each.batch().formula()).id(), id -> new ArrayList<>())
                        .add(each.batch().batch());
            }
        }
        boolean takes = apply && report.stream().noneMatch(row -> row.action() == Action.REFUSED);
        if (takes) {
            taken.forEach((formula, told) -> batches.takeMissing(
                    formula,
                    told,
                    told.stream().collect(Collectors.toMap(ToldBatch::version, ToldBatch::version, (a, b) -> a))));
        }
        return CsvReport.of(List.copyOf(report), takes);
    }

    private CsvReport.Row look(Coming coming, Map<String, FormulaMade> here, Set<String> known) {
        ToldBatch told = coming.batch().batch();
        String what = Objects.requireNonNullElse(coming.batch().name(), "") + ", " + told.startedAt();
        Faults faults = new Faults();
        FormulaMade formula = here.get(coming.batch().formula());
        faults.require(
                formula != null,
                "formula",
                FaultCode.UNKNOWN_CODE,
                coming.batch().name());
        faults.require(
                formula == null || (told.version() >= 1 && told.version() <= formula.versions()),
                "version",
                FaultCode.UNKNOWN_CODE,
                told.version());
        faults.uuid("batch", told.uid());
        try {
            faults.refuse();
            batches.check(told);
        } catch (RefusedException refused) {
            return row(coming.line(), what, Action.REFUSED, ProblemFault.listed(refused.faults()));
        }
        return row(coming.line(), what, known.contains(told.uid()) ? Action.SAME : Action.ADDED, List.of());
    }

    private static CsvReport.Row row(int line, String what, Action action, List<ProblemFault> faults) {
        return new CsvReport.Row(line, Kind.BATCH, what, action, List.of(), faults);
    }

    private List<Coming> json(String text) {
        try {
            JsonNode root = json.read(text, JsonNode.class);
            if (!FORMAT.equals(root.path("format").stringValue(null))) {
                throw new RefusedFileException(
                        Reason.OTHER_KIND, root.path("format").stringValue(null));
            }
            if (root.path("version").intValue(0) > VERSION) {
                throw new RefusedFileException(
                        Reason.NEWER_VERSION, root.path("version").toString());
            }
            return json.read(text, BatchesFile.class).batches().stream()
                    .map(batch -> new Coming(1, batch))
                    .toList();
        } catch (JacksonException | IllegalArgumentException broken) {
            throw new RefusedFileException(Reason.BROKEN, null);
        }
    }

    /** Batches from rows; a row that cannot be read is refused in the report. */
    private List<Coming> csv(String text, List<CsvReport.Row> report) {
        Map<String, List<Row>> byBatch = CsvFile.read(text, List.of("formula", "batch", "key", "kind", "at")).stream()
                .collect(Collectors.groupingBy(
                        row -> String.valueOf(row.text("batch")), LinkedHashMap::new, Collectors.toList()));
        List<Coming> coming = new ArrayList<>();
        byBatch.forEach((uid, rows) -> {
            List<Kept> entries = new ArrayList<>();
            for (Row row : rows) {
                Faults faults = new Faults();
                Kept kept = entry(row, faults);
                if (kept != null && faults.none()) {
                    entries.add(kept);
                } else {
                    report.add(row(
                            row.line(),
                            String.valueOf(row.text("name")),
                            Action.REFUSED,
                            ProblemFault.listed(faults.all())));
                }
            }
            Row first = rows.get(0);
            Faults faults = new Faults();
            Double version = first.number("version", faults);
            OffsetDateTime started = moment(first, "startedAt", faults);
            OffsetDateTime finished = moment(first, "finishedAt", faults);
            Double factor = first.number("factor", faults);
            MadeAs madeAs = madeAs(first, faults);
            faults.require(version != null, "version", FaultCode.MISSING, null);
            faults.require(started != null, "startedAt", FaultCode.MISSING, null);
            if (version == null || started == null || !faults.none()) {
                report.add(row(first.line(), uid, Action.REFUSED, ProblemFault.listed(faults.all())));
                return;
            }
            coming.add(new Coming(
                    first.line(),
                    new FileBatch(
                            String.valueOf(first.text("formula")),
                            String.valueOf(first.text("name")),
                            new ToldBatch(
                                    version.intValue(),
                                    started,
                                    finished,
                                    yesOrNo(first.text("counts")),
                                    null,
                                    uid,
                                    factor,
                                    yesOrNo(first.text("practice")),
                                    madeAs,
                                    entries))));
        });
        return coming;
    }

    private @Nullable Kept entry(Row row, Faults faults) {
        EntryKind kind = faults.choice("kind", row.text("kind"), EntryKind.class);
        OffsetDateTime at = moment(row, "at", faults);
        faults.require(at != null, "at", FaultCode.MISSING, null);
        OffsetDateTime noted = moment(row, "notedAt", faults);
        Double piece = row.number("piece", faults);
        List<PutIn> additions = null;
        try {
            String told = row.text("additions");
            additions = told == null ? null : Arrays.asList(json.read(told, PutIn[].class));
        } catch (JacksonException broken) {
            faults.add(null, "additions", FaultCode.UNREADABLE, null);
        }
        if (kind == null || at == null) {
            return null;
        }
        BenchEntry entry = new BenchEntry(
                String.valueOf(row.text("key")),
                kind,
                at,
                row.text("step"),
                row.text("subject"),
                row.number("figure", faults),
                piece == null ? null : Integer.valueOf(piece.intValue()),
                row.text("outcome"),
                additions,
                row.text("text"),
                row.text("of"));
        return new Kept(entry, noted == null ? at : noted, moment(row, "undoneAt", faults));
    }

    private @Nullable MadeAs madeAs(Row row, Faults faults) {
        try {
            String told = row.text("madeAs");
            return told == null ? null : json.read(told, MadeAs.class);
        } catch (JacksonException broken) {
            faults.add(null, "madeAs", FaultCode.UNREADABLE, null);
            return null;
        }
    }

    private static @Nullable Boolean yesOrNo(@Nullable String cell) {
        return cell == null ? null : Boolean.valueOf(cell);
    }

    private static @Nullable OffsetDateTime moment(Row row, String column, Faults faults) {
        String cell = row.text(column);
        try {
            return cell == null ? null : OffsetDateTime.parse(cell);
        } catch (DateTimeParseException notOne) {
            faults.add(null, column, FaultCode.UNREADABLE, cell);
            return null;
        }
    }
}
