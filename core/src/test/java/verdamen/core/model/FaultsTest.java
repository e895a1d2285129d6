package verdamen.core.model;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.formula.Kneading;

/** Faults are collected, not thrown one by one; tables are read strictly. */
public class FaultsTest {

    @DataProvider
    Object[][] numbers() {
        return new Object[][] {
            {null, null},
            {5.0, null},
            {0.0, null},
            {10.0, null},
            {-0.1, FaultCode.TOO_SMALL},
            {10.1, FaultCode.TOO_LARGE},
            {Double.NaN, FaultCode.NOT_A_NUMBER},
            {Double.POSITIVE_INFINITY, FaultCode.NOT_A_NUMBER},
        };
    }

    @Test(dataProvider = "numbers")
    public void aNumberLiesBetweenItsLimits(Double value, FaultCode code) {
        Faults faults = new Faults();
        faults.number("x", value, 0, 10);
        assertEquals(faults.none(), code == null);
        if (code != null) {
            assertEquals(faults.all().get(0).code(), code);
        }
    }

    @Test
    public void everythingIsToldAtOnce() {
        Faults faults = new Faults();
        assertEquals(faults.needed("a", null, 0, 1), 0.0);
        assertEquals(faults.text("b", "  ", Limit.CURRENCY), "");
        assertEquals(faults.text("c", " too long ", Limit.CURRENCY), "too long");
        assertNull(faults.choice("d", "gravel", Kneading.class));
        assertNull(faults.choice("e", null, Kneading.class));
        assertEquals(faults.choice("f", "machine", Kneading.class), Kneading.MACHINE);
        faults.require(true, "g", FaultCode.TAKEN, "x");
        faults.require(false, "h", FaultCode.TAKEN, "x");
        RefusedException refused = expectThrows(RefusedException.class, faults::refuse);
        assertEquals(refused.faults().stream().map(Fault::field).toList(), List.of("a", "b", "c", "d", "e", "h"));
        assertTrue(refused.getMessage().contains("h taken"), refused.getMessage());
    }

    @Test
    public void tooManyAreToldAndCutOff() {
        Faults faults = new Faults();
        assertEquals(
                faults.atMost("steps", java.util.Collections.nCopies(31, 1), Limit.STEPS)
                        .size(),
                30);
        assertEquals(faults.all(), List.of(new Fault(null, "steps", FaultCode.TOO_MANY, "31", 30.0)));
        assertEquals(faults.atMost("steps", null, Limit.STEPS), List.of());
    }

    @Test
    public void controlCharactersAreRefusedAndLineBreaksKept() {
        Faults faults = new Faults();
        faults.optionalText("note", "a\nb\tc", Limit.NOTE);
        assertTrue(faults.none());
        faults.optionalText("note", "a\0b", Limit.NOTE);
        assertEquals(faults.all().get(0).code(), FaultCode.CONTROL_CHARACTERS);
    }

    @Test
    public void noMoreOfAValueIsToldBackThanTheLimit() {
        Fault fault = new Fault(null, "x".repeat(900), FaultCode.UNKNOWN_CODE, "y".repeat(30_000), null);
        assertEquals(fault.value().length(), 200);
        assertEquals(fault.field().length(), 200);
    }

    @Test
    public void withoutFaultsItGoesOn() {
        new Faults().refuse();
    }

    @DataProvider
    Object[][] brokenTables() {
        return new Object[][] {
            {"no such column", (Runnable) () -> read(row -> row.text("colour"))},
            {"an empty cell", (Runnable) () -> read(row -> row.text("empty"))},
            {"no number", (Runnable) () -> read(row -> row.number("name"))},
            {"no flag", (Runnable) () -> read(row -> row.flag("name"))},
            {"no choice", (Runnable) () -> read(row -> row.choice("name", Kneading.class))},
            {"no table", (Runnable) () -> Table.read(FaultsTest.class, "not-there", row -> row)},
        };
    }

    @Test(dataProvider = "brokenTables")
    public void aBrokenTableStopsTheReading(String what, Runnable reading) {
        RuntimeException stopped = expectThrows(RuntimeException.class, reading::run);
        assertTrue(stopped.getMessage().contains("table"), what + ": " + stopped.getMessage());
    }

    @Test
    public void aSoundTableIsRead() {
        List<String> names = Table.read(FaultsTest.class, "sound", row -> row.text("name"));
        assertEquals(names, List.of("one", "two, with a comma"));
        assertEquals(Table.read(FaultsTest.class, "sound", row -> row.number("number")), List.of(1.0, 2.5));
        assertEquals(
                Table.read(FaultsTest.class, "sound", row -> row.list("items")).get(1), List.of("a", "b"));
        assertNull(Table.read(FaultsTest.class, "sound", row -> row.textOrNull("empty"))
                .get(0));
    }

    private static void read(java.util.function.Function<Table.Row, Object> reader) {
        Table.read(FaultsTest.class, "sound", reader);
    }
}
