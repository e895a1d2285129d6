package verdamen.server.files;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.expectThrows;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.model.Faults;
import verdamen.server.csv.CsvFile;
import verdamen.server.csv.CsvFile.Row;
import verdamen.server.problem.RefusedFileException;
import verdamen.server.problem.RefusedFileException.Reason;

/** Files as they come from anywhere. */
public class FileTextTest {

    @Test
    public void takesUtf8WithAndWithoutAMark() {
        assertEquals(FileText.of("käse ½".getBytes(StandardCharsets.UTF_8)), "käse ½");
        assertEquals(FileText.of("\uFEFFroti".getBytes(StandardCharsets.UTF_8)), "roti");
        byte[] largest = new byte[5 * 1024 * 1024];
        Arrays.fill(largest, (byte) 'x');
        assertEquals(FileText.of(largest).length(), largest.length);
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {null, Reason.EMPTY},
            {new byte[0], Reason.EMPTY},
            {new byte[5 * 1024 * 1024 + 1], Reason.TOO_LARGE},
            {"ümlaut".getBytes(StandardCharsets.ISO_8859_1), Reason.WRONG_ENCODING},
            {"roti".getBytes(StandardCharsets.UTF_16), Reason.WRONG_ENCODING},
            {"roti".getBytes(StandardCharsets.UTF_16BE), Reason.OTHER_KIND},
            {new byte[] {'a', 0, 'b'}, Reason.OTHER_KIND},
        };
    }

    @Test(dataProvider = "refused")
    public void refusesEverythingElse(byte[] file, Reason reason) {
        assertEquals(
                expectThrows(RefusedFileException.class, () -> FileText.of(file))
                        .reason(),
                reason);
    }

    @Test
    public void readsCsvAsSpreadsheetsWriteIt() {
        List<Row> rows = CsvFile.read("code,note,n\r\n a , \"x, y\nz\" ,\"1,5\"\r\n\r\nb,,\r\n", List.of("code"));
        assertEquals(rows.size(), 2);
        assertEquals(rows.get(0).text("code"), "a");
        assertEquals(rows.get(0).text("note"), "x, y\nz");
        assertEquals(rows.get(0).number("n", new Faults()), 1.5, 1e-9);
        assertNull(rows.get(1).text("note"));
        assertNull(rows.get(1).text("no such column"));
        Faults faults = new Faults();
        assertNull(rows.get(0).number("code", faults));
        assertEquals(faults.all().get(0).field(), "code");
    }

    @Test
    public void readsSemicolonsWhereACommaMarksDecimals() {
        Row row = CsvFile.read("code;n\na;1,5\n", List.of("code")).get(0);
        assertEquals(row.text("code"), "a");
        assertEquals(row.number("n", new Faults()), 1.5, 1e-9);
    }

    @DataProvider
    Object[][] brokenCsv() {
        return new Object[][] {
            {"", Reason.OTHER_KIND},
            {"a,b\n1,2", Reason.OTHER_KIND},
            {"code,code\n1,2", Reason.BROKEN},
            {"code,b\n1", Reason.BROKEN},
            {"code,b\n1,2,3", Reason.BROKEN},
            {"code,b\n\"1,2", Reason.BROKEN},
        };
    }

    @Test(dataProvider = "brokenCsv")
    public void refusesCsvThatIsNone(String text, Reason reason) {
        assertEquals(
                expectThrows(RefusedFileException.class, () -> CsvFile.read(text, List.of("code")))
                        .reason(),
                reason);
    }

    @Test
    public void whatIsWrittenIsReadBack() {
        String text = CsvFile.write(
                List.of("code", "note"),
                List.of(Arrays.asList("a", "with \"quotes\", commas\nand lines"), Arrays.asList("b", null)));
        List<Row> rows = CsvFile.read(text, List.of("code", "note"));
        assertEquals(rows.get(0).text("note"), "with \"quotes\", commas\nand lines");
        assertNull(rows.get(1).text("note"));
    }
}
