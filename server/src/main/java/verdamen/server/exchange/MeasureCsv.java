package verdamen.server.exchange;

import java.time.OffsetDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.KitchenMeasures;
import verdamen.server.exchange.CsvFile.Row;
import verdamen.server.exchange.CsvReport.Action;
import verdamen.server.pantry.MeasureService;
import verdamen.server.pantry.MeasureService.TimedWeighIn;
import verdamen.server.pantry.MeasureService.VesselRequest;
import verdamen.server.pantry.MeasureService.WeighInRequest;
import verdamen.server.pantry.MeasuresDocument;
import verdamen.server.problem.FaultWords;

/** The kitchen's own measures as CSV: rows of vessels and rows of weigh-ins. */
@Service
class MeasureCsv {

    private static final String VESSEL = "vessel";
    private static final String WEIGH_IN = "weigh-in";
    private static final List<String> HEADINGS =
            List.of("record", "measure", "name", "plural", "millilitres", "ingredient", "grams", "count", "weighedAt");

    private final MeasureService measures;

    MeasureCsv(MeasureService measures) {
        this.measures = measures;
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
            @Nullable VesselRequest vessel,
            @Nullable TimedWeighIn weighIn) {}

    /** What is there before a file is read. */
    private record Before(MeasuresDocument document, KitchenMeasures measures, List<String> coming) {}

    @Transactional
    public CsvReport read(String text, boolean apply) {
        List<Row> rows = CsvFile.read(text, List.of("record", "measure"));
        List<String> vessels = rows.stream()
                .filter(row -> VESSEL.equals(row.text("record")))
                .map(row -> measures.codeOf(String.valueOf(row.text("name"))))
                .toList();
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
            List<String> reasons = refused.faults().stream().map(FaultWords::of).toList();
            return new Looked(new CsvReport.Row(row.line(), what, Action.REFUSED, reasons), null, null);
        }
        throw new IllegalStateException("a row is taken or refused");
    }

    private Looked vessel(Row row, Before before, Faults faults) {
        VesselRequest request =
                new VesselRequest(row.text("name"), row.text("plural"), row.number("millilitres", faults));
        faults.refuse();
        measures.check(request).refuse();
        String code = measures.codeOf(String.valueOf(request.name()));
        MeasuresDocument.MeasureItem known = before.document().measures().stream()
                .filter(each -> each.code().equals(code))
                .findFirst()
                .orElse(null);
        boolean same = known != null && Objects.equals(known.millilitres(), request.millilitres());
        Action action = known == null ? Action.ADDED : same ? Action.SAME : Action.CHANGED;
        List<String> reasons = action == Action.CHANGED && known != null
                ? List.of("millilitres " + known.millilitres() + " → " + request.millilitres())
                : List.of();
        return new Looked(
                new CsvReport.Row(row.line(), "vessel " + request.name(), action, reasons),
                same ? null : request,
                null);
    }

    private Looked weighIn(Row row, Before before, Faults faults) {
        WeighInRequest request = new WeighInRequest(
                row.text("measure"), row.text("ingredient"), row.number("grams", faults), row.number("count", faults));
        OffsetDateTime at = moment(row, faults);
        faults.refuse();
        measures.check(request, before.measures(), before.coming()).refuse();
        boolean same = before.document().weighIns().stream()
                .anyMatch(each -> each.measure().equals(request.measure())
                        && (request.ingredient() == null || each.ingredient().equals(request.ingredient()))
                        && Objects.equals(each.grams(), request.grams())
                        && (at == null || each.weighedAt().isEqual(at)));
        String what =
                "weigh-in: " + request.measure() + " of " + Objects.requireNonNullElse(request.ingredient(), "water");
        return new Looked(
                new CsvReport.Row(row.line(), what, same ? Action.SAME : Action.ADDED, List.of()),
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
