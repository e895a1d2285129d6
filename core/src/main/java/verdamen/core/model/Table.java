package verdamen.core.model;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.jspecify.annotations.Nullable;

/**
 * A table of reference data, kept as CSV beside the class that reads it. Read strictly: a missing column, an unreadable
 * number or an unknown code stops the reading and is named.
 */
public final class Table {

    private static final CSVFormat FORMAT =
            CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();

    private Table() {}

    /** The rows of the table {@code name}.csv beside {@code beside}. */
    public static <T> List<T> read(Class<?> beside, String name, Function<Row, T> reader) {
        try (InputStream in = beside.getResourceAsStream(name + ".csv")) {
            if (in == null) {
                throw new IllegalStateException("the table " + name + " is missing from the program");
            }
            try (CSVParser rows = FORMAT.parse(new InputStreamReader(in, StandardCharsets.UTF_8))) {
                List<T> read = new ArrayList<>();
                rows.forEach(row -> read.add(reader.apply(new Row(name, row.toMap()))));
                return read;
            }
        } catch (IOException e) {
            throw new UncheckedIOException("the table " + name + " cannot be read", e);
        }
    }

    /**
     * One row of a table, its cells read strictly.
     *
     * @param table name of the table, for messages
     * @param cells text by column
     */
    public record Row(String table, Map<String, String> cells) {

        /** The text of a cell, or null when it is empty. */
        public @Nullable String textOrNull(String column) {
            String cell = cells.get(column);
            if (cell == null) {
                throw new IllegalArgumentException("table " + table + " has no column " + column);
            }
            return cell.isBlank() ? null : cell;
        }

        /** The text of a cell. */
        public String text(String column) {
            String cell = textOrNull(column);
            if (cell == null) {
                throw bad(column, "is empty");
            }
            return cell;
        }

        /** The notes; empty when there are none. */
        public String note() {
            String column = "notes";
            String cell = textOrNull(column);
            return cell == null ? "" : cell;
        }

        /** The number in a cell, or null when it is empty. */
        public @Nullable Double numberOrNull(String column) {
            String cell = textOrNull(column);
            try {
                return cell == null ? null : Double.valueOf(cell);
            } catch (NumberFormatException e) {
                throw bad(column, "is not a number: " + cell);
            }
        }

        /** The number in a cell. */
        public double number(String column) {
            Double number = numberOrNull(column);
            if (number == null || !Double.isFinite(number)) {
                throw bad(column, "needs a number");
            }
            return number;
        }

        /** Whether a cell says true. */
        public boolean flag(String column) {
            return switch (text(column)) {
                case "true" -> true;
                case "false" -> false;
                default -> throw bad(column, "is neither true nor false");
            };
        }

        /** The items of a cell, split at | or ;. */
        public List<String> list(String column) {
            String cell = textOrNull(column);
            return cell == null ? List.of() : Arrays.asList(cell.split("[;|] ?"));
        }

        /** The choice whose code stands in a cell. */
        public <E extends Enum<E> & Coded> E choice(String column, Class<E> type) {
            return Coded.find(type, text(column)).orElseThrow(() -> bad(column, "is not known: " + text(column)));
        }

        private IllegalArgumentException bad(String column, String why) {
            return new IllegalArgumentException(
                    "table " + table + ", row " + cells.get("code") + ", column " + column + " " + why);
        }
    }
}
