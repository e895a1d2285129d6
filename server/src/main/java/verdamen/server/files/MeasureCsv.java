package verdamen.server.files;

import java.time.OffsetDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.Coded;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.KitchenMeasures;
import verdamen.core.pantry.VesselSpec;
import verdamen.core.pantry.WeighInSpec;
import verdamen.server.csv.CsvFile;
import verdamen.server.csv.CsvFile.Row;
import verdamen.server.files.CsvReport.Action;
import verdamen.server.files.CsvReport.Change;
import verdamen.server.files.CsvReport.Kind;
import verdamen.server.pantry.MeasureService;
import verdamen.server.pantry.MeasureService.TimedWeighIn;
import verdamen.server.pantry.MeasuresDocument;
import verdamen.server.pantry.PantryService;
import verdamen.server.problem.Problem.ProblemFault;

/** The kitchen's own measures as CSV: rows of vessels and rows of weigh-ins. */
@Service
class MeasureCsv {

    private static final String VESSEL = "vessel";
    private static final String WEIGH_IN = "weigh-in";
    private static final List<String> HEADINGS =
            List.of("record", "measure", "name", "plural", "millilitres", "ingredient", "grams", "count", "weighedAt");

    private final MeasureService measures;
    private final PantryService pantry;

    MeasureCsv(MeasureService measures, PantryService pantry) {
        this.measures = measures;
        this.pantry = pantry;
    }

    String write() {
        MeasuresDocument document = measures.document();
        List<List<@Nullable Object>> rows = new ArrayList<>();
        document.measures().stream()
                .filter(MeasuresDocument.MeasureItem::ownVessel)
                .forEach(each -> rows.add(Arrays.asList(
                        VESSEL, each.code(), each.name(), each.plural(), each.millilitres(), null, null, null, null)));
        document.weighIns()
                .forEach(each -> rows.add(Arrays.asList(
                        WEIGH_IN,
                        each.measure(),
                        null,
                        null,
                        null,
                        each.ingredient(),
                        each.grams(),
                        each.count(),
                        each.weighedAt())));
        return CsvFile.write(HEADINGS, rows);
    }

    /** A row looked at, with the vessel or the weigh-in that it asks for. */
    private record Looked(
            CsvReport.Row row,
            @Nullable VesselSpec vessel,
            @Nullable TimedWeighIn weighIn) {}

    /** What is there before a file is read. */
    private record Before(MeasuresDocument document, KitchenMeasures measures, Set<String> coming) {}

    @Transactional
    public CsvReport read(String text, boolean apply) {
        List<Row> rows = CsvFile.read(text, List.of("record", "measure"));
        Set<String> vessels = rows.stream()
                .filter(row -> VESSEL.equals(row.text("record")))
                .map(row -> new VesselSpec(row.text("name"), null, null).code())
                .collect(Collectors.toSet());
        Before before = new Before(measures.document(), measures.measures(), vessels);
        List<Looked> looked = rows.stream().map(row -> look(row, before)).toList();
        List<CsvReport.Row> report = looked.stream().map(Looked::row).toList();
        boolean takes = apply && report.stream().noneMatch(row -> row.action() == Action.REFUSED);
        if (takes) {
            measures.saveAll(
                    looked.stream().map(Looked::vessel).filter(Objects::nonNull).toList(),
                    looked.stream()
                            .map(Looked::weighIn)
                            .filter(Objects::nonNull)
                            .toList());
        }
        return CsvReport.of(report, takes);
    }

    private Looked look(Row row, Before before) {
        Faults faults = new Faults();
        String what = Objects.requireNonNullElse(row.text("name"), String.valueOf(row.text("measure")));
        try {
            if (VESSEL.equals(row.text("record"))) {
                return vessel(row, before, faults);
            }
            if (WEIGH_IN.equals(row.text("record"))) {
                return weighIn(row, before, faults);
            }
            faults.add(null, "record", FaultCode.UNKNOWN_CODE, row.text("record"));
            faults.refuse();
        } catch (RefusedException refused) {
            return new Looked(
                    new CsvReport.Row(
                            row.line(),
                            kind(row),
                            what,
                            Action.REFUSED,
                            List.of(),
                            ProblemFault.listed(refused.faults())),
                    null,
                    null);
        }
        throw new IllegalStateException("a row is taken or refused");
    }

    private static Kind kind(Row row) {
        String record = String.valueOf(row.text("record"));
        return Coded.find(Kind.class, record).orElse(Kind.UNKNOWN);
    }

    private Looked vessel(Row row, Before before, Faults faults) {
        VesselSpec request = new VesselSpec(row.text("name"), row.text("plural"), row.number("millilitres", faults));
        faults.refuse();
        request.check(pantry.pantry()).refuse();
        String code = request.code();
        MeasuresDocument.MeasureItem known = before.document().measures().stream()
                .filter(each -> each.code().equals(code))
                .findFirst()
                .orElse(null);
        boolean same = known != null && Objects.equals(known.millilitres(), request.millilitres());
        Action action = known == null ? Action.ADDED : same ? Action.SAME : Action.CHANGED;
        List<Change> changes = action == Action.CHANGED && known != null
                ? List.of(new Change(
                        "millilitres", String.valueOf(known.millilitres()), String.valueOf(request.millilitres())))
                : List.of();
        return new Looked(
                new CsvReport.Row(row.line(), Kind.VESSEL, String.valueOf(request.name()), action, changes, List.of()),
                same ? null : request,
                null);
    }

    private Looked weighIn(Row row, Before before, Faults faults) {
        WeighInSpec request = new WeighInSpec(
                row.text("measure"), row.text("ingredient"), row.number("grams", faults), row.number("count", faults));
        OffsetDateTime at = moment(row, faults);
        faults.refuse();
        request.check(pantry.pantry(), before.measures(), before.coming()).refuse();
        boolean same = before.document().weighIns().stream()
                .anyMatch(each -> each.measure().equals(request.measure())
                        && (request.ingredient() == null || each.ingredient().equals(request.ingredient()))
                        && Objects.equals(each.grams(), request.grams())
                        && (at == null || each.weighedAt().isEqual(at)));
        return new Looked(
                new CsvReport.Row(
                        row.line(),
                        Kind.WEIGH_IN,
                        request.measure() + " / " + Objects.requireNonNullElse(request.ingredient(), "water"),
                        same ? Action.SAME : Action.ADDED,
                        List.of(),
                        List.of()),
                null,
                same ? null : new TimedWeighIn(request, at == null ? measures.now() : at));
    }

    private static @Nullable OffsetDateTime moment(Row row, Faults faults) {
        String cell = row.text("weighedAt");
        try {
            return cell == null ? null : OffsetDateTime.parse(cell);
        } catch (DateTimeParseException e) {
            faults.add(null, "weighedAt", FaultCode.UNKNOWN_CODE, cell);
            return null;
        }
    }
}
