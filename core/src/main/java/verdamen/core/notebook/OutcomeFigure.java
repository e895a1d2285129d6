package verdamen.core.notebook;

import java.util.EnumMap;
import java.util.Map;
import verdamen.core.model.Coded;
import verdamen.core.model.Table;
import verdamen.core.model.Unit;

/** A figure of a batch that the model predicts and that is seen when it is made. */
public enum OutcomeFigure implements Coded {
    /** Plain water that makes it as soft as aimed for; seen from how it felt with what was in it. */
    WATER("water", Unit.GRAMS),
    /** Softness at the minute when it was felt last; seen as the middle of the word. */
    FEEL("feel", Unit.SOFTNESS),
    /** Minute at which it is rolled. */
    READY("ready", Unit.MINUTES),
    /** Risk of sticking; seen as the share of the rolled pieces that stuck. */
    STICK("stick", Unit.PERCENT),
    /** Risk of cracking edges; seen as the share that cracked. */
    CRACK("crack", Unit.PERCENT),
    /** Risk of tearing; seen as the share that tore. */
    TEAR("tear", Unit.PERCENT),
    /** Spring-back, of the diameter; seen from how far across pieces came. */
    SPRING_BACK("spring-back", Unit.PERCENT),
    /** Chance of puffing; seen as the share that did, those that did in part as half. */
    PUFF("puff", Unit.PERCENT),
    /** Weight lost in the pan. */
    COOK_LOSS("cook-loss", Unit.PERCENT),
    /** Hours for which the bread folds; what is seen are bounds. */
    SOFT_HOURS("soft-hours", Unit.HOURS);

    private static final Map<OutcomeFigure, Row> ROWS = read();

    private final String code;
    private final Unit unit;

    OutcomeFigure(String code, Unit unit) {
        this.code = code;
        this.unit = unit;
    }

    private record Row(OutcomeFigure figure, boolean relative, double worthTelling) {}

    @Override
    public String code() {
        return code;
    }

    /** Its unit. */
    public Unit unit() {
        return unit;
    }

    /** Whether it is off by so much per cent of what was predicted, rather than by so much in its own unit. */
    public boolean isRelative() {
        return ROWS.get(this).relative();
    }

    /** The least difference between two batches that is worth telling, in its unit, or in % when it is relative. */
    double worthTelling() {
        return ROWS.get(this).worthTelling();
    }

    private static Map<OutcomeFigure, Row> read() {
        Map<OutcomeFigure, Row> rows = new EnumMap<>(OutcomeFigure.class);
        for (Row row : Table.read(OutcomeFigure.class, "outcomes", OutcomeFigure::row)) {
            rows.put(row.figure(), row);
        }
        for (OutcomeFigure figure : values()) {
            if (!rows.containsKey(figure)) {
                throw new IllegalStateException("the table of outcomes has no row " + figure.code());
            }
        }
        return rows;
    }

    private static Row row(Table.Row row) {
        return new Row(
                row.choice("code", OutcomeFigure.class),
                row.text("relative").equals("yes"),
                row.number("worth_telling"));
    }
}
