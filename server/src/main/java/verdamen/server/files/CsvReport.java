package verdamen.server.files;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.server.problem.Problem.ProblemFault;

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
     * @param kind what kind of record it is
     * @param what name of what it is about
     * @param action what becomes of it
     * @param changes what changes
     * @param faults why it is refused
     */
    record Row(int line, Kind kind, String what, Action action, List<Change> changes, List<ProblemFault> faults) {}

    /** A figure that changes: its field, what it was, if anything, and what it becomes. */
    record Change(String field, @Nullable String before, String after) {}

    /** What a row is about. */
    enum Kind implements Coded {
        INGREDIENT("ingredient"),
        VESSEL("vessel"),
        WEIGH_IN("weigh-in"),
        BATCH("batch"),
        UNKNOWN("unknown");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

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
