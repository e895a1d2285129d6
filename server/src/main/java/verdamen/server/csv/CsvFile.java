package verdamen.server.csv;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.server.problem.RefusedFileException;
import verdamen.server.problem.RefusedFileException.Reason;

/** Reads and writes CSV files with a row of headings. */
public final class CsvFile {

    private static final char GUARD = '\'';
    private static final String FORMULA_STARTS = "=+-@\t\r";
    private static final CSVFormat WRITTEN = CSVFormat.RFC4180;
    private static final CSVFormat READ = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setTrim(true)
            .setIgnoreSurroundingSpaces(true)
            .setIgnoreEmptyLines(true)
            .get();

    /** A row: its line in the file and its cells by heading. */
    public record Row(int line, Map<String, String> cells) {

        /** The text of a cell; null when it is empty or not there. */
        public @Nullable String text(String column) {
            String cell = cells.get(column);
            return cell == null || cell.isBlank() ? null : unguarded(cell.strip());
        }

        /** The number of a cell; null when it is empty, or no number, which is a fault. */
        public @Nullable Double number(String column, Faults faults) {
            String cell = text(column);
            if (cell == null) {
                return null;
            }
            try {
                return Double.valueOf(cell.replace(',', '.'));
            } catch (NumberFormatException e) {
                faults.add(null, column, FaultCode.NOT_A_NUMBER, cell);
                return null;
            }
        }
    }

    private CsvFile() {}

    /** The format of a file: by commas, or by semicolons as where a comma marks decimals. */
    private static CSVFormat read(String text) {
        String headings = text.lines().findFirst().orElse("");
        boolean semicolons = headings.indexOf(';') >= 0 && headings.indexOf(',') < 0;
        return semicolons ? READ.builder().setDelimiter(';').get() : READ;
    }

    /** A file with its headings. */
    public static String write(List<String> headings, List<List<@Nullable Object>> rows) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, WRITTEN)) {
            printer.printRecord(headings);
            for (List<@Nullable Object> row : rows) {
                printer.printRecord(row.stream().map(CsvFile::guarded).toArray());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /** Text that a spreadsheet would take for a formula begins with an apostrophe. */
    private static @Nullable Object guarded(@Nullable Object cell) {
        return cell instanceof String text && !text.isEmpty() && FORMULA_STARTS.indexOf(text.charAt(0)) >= 0
                ? GUARD + text
                : cell;
    }

    private static String unguarded(String text) {
        return text.length() > 1 && text.charAt(0) == GUARD && FORMULA_STARTS.indexOf(text.charAt(1)) >= 0
                ? text.substring(1)
                : text;
    }

    /**
     * The rows of a file.
     *
     * @param needed headings that must be there
     * @throws RefusedFileException when they are not, or a row is broken
     */
    public static List<Row> read(String text, List<String> needed) {
        List<Row> rows = new ArrayList<>();
        try (CSVParser parser = read(text).parse(new StringReader(text))) {
            Set<String> missing = new HashSet<>(needed);
            missing.removeAll(parser.getHeaderNames());
            if (!missing.isEmpty()) {
                throw new RefusedFileException(Reason.OTHER_KIND, "no column " + String.join(", ", missing));
            }
            for (CSVRecord row : parser) {
                if (!row.isConsistent()) {
                    throw new RefusedFileException(
                            Reason.BROKEN,
                            "line " + parser.getCurrentLineNumber() + " has " + row.size() + " cells, not "
                                    + parser.getHeaderNames().size());
                }
                rows.add(new Row((int) row.getRecordNumber() + 1, row.toMap()));
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            throw new RefusedFileException(Reason.BROKEN, null);
        }
        return rows;
    }
}
