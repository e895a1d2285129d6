package verdamen.core.bench;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import verdamen.core.model.Coded;
import verdamen.core.model.Confidence;
import verdamen.core.model.Range;
import verdamen.core.model.Table;

/**
 * What the table of steps says of one kind of step: typical values of a small kitchen, mostly our own judgement.
 *
 * @param kind the kind
 * @param minutes how long it takes, minutes, for each of what it is done to
 * @param per what it is done to
 * @param handsBusy whether hands are in it
 * @param needs what it needs
 * @param canBeLeftOut whether a formula can do without it
 * @param confidence how sure the minutes are
 */
record StepKindRow(
        BenchStep.Kind kind,
        Range minutes,
        Per per,
        boolean handsBusy,
        List<Need> needs,
        boolean canBeLeftOut,
        Confidence confidence) {

    private static final Map<BenchStep.Kind, StepKindRow> ROWS = read();

    /** What a step is done to. */
    enum Per implements Coded {
        BATCH("batch"),
        CHAIN("chain"),
        PIECE("piece");

        private final String code;

        Per(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    static StepKindRow of(BenchStep.Kind kind) {
        return ROWS.get(kind);
    }

    private static Map<BenchStep.Kind, StepKindRow> read() {
        Map<BenchStep.Kind, StepKindRow> rows = new EnumMap<>(BenchStep.Kind.class);
        for (StepKindRow row : Table.read(StepKindRow.class, "steps", StepKindRow::row)) {
            rows.put(row.kind(), row);
        }
        for (BenchStep.Kind kind : BenchStep.Kind.values()) {
            if (!rows.containsKey(kind)) {
                throw new IllegalStateException("the table of steps has no row " + kind.code());
            }
        }
        return rows;
    }

    private static StepKindRow row(Table.Row row) {
        return new StepKindRow(
                row.choice("code", BenchStep.Kind.class),
                new Range(row.number("low_min"), row.number("high_min")),
                row.choice("per", Per.class),
                row.text("hands").equals("busy"),
                row.list("needs").stream()
                        .map(code -> Coded.find(Need.class, code)
                                .orElseThrow(() -> new IllegalArgumentException("there is no need " + code)))
                        .toList(),
                row.text("leave_out").equals("yes"),
                row.choice("confidence", Confidence.class));
    }
}
