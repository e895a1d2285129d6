package verdamen.server.exchange;

import java.util.List;
import verdamen.core.model.Coded;

/**
 * What a CSV file would change, or has changed.
 *
 * @param rows every row of the file, in order
 * @param added how many rows are new
 * @param changed how many rows change something
 * @param same how many rows change nothing
 * @param refused how many rows cannot be taken
 * @param applied whether the changes were made: all of them, or none
 */
record CsvReport(List<Row> rows, int added, int changed, int same, int refused, boolean applied) {

    /**
     * A row of the file.
     *
     * @param line its line in the file
     * @param what what it is about
     * @param action added, changed, same or refused
     * @param reasons what changes, or why it is refused
     */
    record Row(int line, String what, Action action, List<String> reasons) {}

    /** What becomes of a row. */
    enum Action implements Coded {
        ADDED("added"),
        CHANGED("changed"),
        SAME("same"),
        REFUSED("refused");

        private final String code;

        Action(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    static CsvReport of(List<Row> rows, boolean applied) {
        return new CsvReport(
                rows,
                count(rows, Action.ADDED),
                count(rows, Action.CHANGED),
                count(rows, Action.SAME),
                count(rows, Action.REFUSED),
                applied);
    }

    private static int count(List<Row> rows, Action action) {
        return (int) rows.stream().filter(row -> row.action() == action).count();
    }
}
