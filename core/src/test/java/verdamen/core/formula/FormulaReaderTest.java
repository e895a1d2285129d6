package verdamen.core.formula;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.expectThrows;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.evaluation.Warning;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

public class FormulaReaderTest {

    private static final Pantry BOOK = ReferenceTables.load();
    private static final LineSpec FLOUR = LineSpec.of("wheat-atta", 250);

    @DataProvider
    Object[][] badLines() {
        return new Object[][] {
            {LineSpec.of("wheat-atta", -1), "grams", FaultCode.TOO_SMALL},
            {LineSpec.of("wheat-atta", 1_000_001), "grams", FaultCode.TOO_LARGE},
            {LineSpec.of("wheat-atta", Double.NaN), "grams", FaultCode.NOT_A_NUMBER},
            {LineSpec.of("wheat-atta", Double.POSITIVE_INFINITY), "grams", FaultCode.NOT_A_NUMBER},
            {LineSpec.of("wheat-atta", 1).withGrams(null), "grams", FaultCode.MISSING},
            {LineSpec.of("sawdust", 10), "ingredient", FaultCode.UNKNOWN_CODE},
            {LineSpec.of("", 10), "ingredient", FaultCode.MISSING},
            {null, "ingredient", FaultCode.MISSING},
            {line("milk-whole", "waterPct", 100.1), "waterPct", FaultCode.TOO_LARGE},
            {line("milk-whole", "waterPct", -0.1), "waterPct", FaultCode.TOO_SMALL},
            {line("wheat-atta", "waterPct", 12.0), "waterPct", FaultCode.NOT_FOR_THIS_INGREDIENT},
            {line("psyllium-husk", "waterPct", 12.0), "waterPct", FaultCode.NOT_FOR_THIS_INGREDIENT},
            {line("wheat-atta", "moisturePct", 25.1), "moisturePct", FaultCode.TOO_LARGE},
            {line("milk-whole", "moisturePct", 10.0), "moisturePct", FaultCode.NOT_FOR_THIS_INGREDIENT},
            {line("butter", "absorptionPct", 60.0), "absorptionPct", FaultCode.NOT_FOR_THIS_INGREDIENT},
            {line("wheat-atta", "absorptionSdPct", -2.0), "absorptionSdPct", FaultCode.TOO_SMALL},
            {line("wheat-atta", "proteinPct", 101.0), "proteinPct", FaultCode.TOO_LARGE},
            {line("wheat-atta", "sd", -1.0), "sd", FaultCode.TOO_SMALL},
            {line("carrot-raw", "pieceMm", 51.0), "pieceMm", FaultCode.TOO_LARGE},
            {line("sesame-seed", "pieceMm", 2.0), "pieceMm", FaultCode.NOT_FOR_THIS_INGREDIENT},
            {coded("carrot-raw", null, "fried", null), "form", FaultCode.UNKNOWN_CODE},
            {coded("wheat-atta", null, "puree", null), "form", FaultCode.NOT_FOR_THIS_INGREDIENT},
            {coded("butter", null, null, "gaseous"), "fatState", FaultCode.UNKNOWN_CODE},
            {coded("wheat-atta", null, null, "soft"), "fatState", FaultCode.NOT_FOR_THIS_INGREDIENT},
            {coded("butter", "roof", null, null), "part", FaultCode.UNKNOWN_CODE},
        };
    }

    @Test(dataProvider = "badLines")
    public void namesTheLineAndTheFieldOfABadValue(@Nullable LineSpec bad, String field, FaultCode code) {
        List<@Nullable LineSpec> lines = new ArrayList<>(List.of(FLOUR));
        lines.add(bad);
        Fault fault = onlyFault(new FormulaSpec("roti", null, null, null, null, null, null, lines));
        assertEquals(fault.line(), 1);
        assertEquals(fault.field(), field);
        assertEquals(fault.code(), code);
    }

    @DataProvider
    Object[][] badSettings() {
        return new Object[][] {
            {settings(null, null, null, null, null, null, null), "style", FaultCode.MISSING},
            {settings("brick", null, null, null, null, null, null), "style", FaultCode.UNKNOWN_CODE},
            {settings("roti", "by-foot", null, null, null, null, null), "kneading", FaultCode.UNKNOWN_CODE},
            {settings("roti", null, "never", null, null, null, null), "fatTiming", FaultCode.UNKNOWN_CODE},
            {settings("roti", null, null, 101.0, null, null, null), "waterTemperatureC", FaultCode.TOO_LARGE},
            {settings("roti", null, null, null, -1.0, null, null), "restMinutes", FaultCode.TOO_SMALL},
            {settings("roti", null, null, null, null, 0.0, null), "sheetMm", FaultCode.TOO_SMALL},
            {settings("roti", null, null, null, null, null, Double.NaN), "softnessTarget", FaultCode.NOT_A_NUMBER},
        };
    }

    @Test(dataProvider = "badSettings")
    public void namesABadSetting(FormulaSpec spec, String field, FaultCode code) {
        Fault fault = onlyFault(spec);
        assertNull(fault.line());
        assertEquals(fault.field(), field);
        assertEquals(fault.code(), code);
    }

    @Test
    public void tellsTheLimitThatWasPassed() {
        Fault fault = onlyFault(settings("roti", null, null, 120.0, null, null, null));
        assertEquals(fault.limit(), 100.0);
        assertEquals(fault.value(), "120.0");
    }

    @Test
    public void refusesADoughInWhichNothingDrinksTheWayFlourDoes() {
        FormulaSpec soup = spec(List.of(LineSpec.of("water", 100), LineSpec.of("carrot-raw", 50)));
        Fault fault = onlyFault(soup);
        assertEquals(fault.field(), "lines");
        assertEquals(fault.code(), FaultCode.NO_FLOUR);
        assertEquals(onlyFault(spec(List.of())).code(), FaultCode.NO_FLOUR);
        LineSpec filling = coded("wheat-atta", "filling", null, null);
        assertEquals(onlyFault(spec(List.of(filling))).code(), FaultCode.NO_FLOUR);
    }

    @Test
    public void aFlourLineAtZeroGramsIsNoFaultButHasNoSoftness() {
        Evaluation sheet = Evaluation.of(
                FormulaReader.read(spec(List.of(LineSpec.of("wheat-atta", 0), LineSpec.of("water", 100))), BOOK));
        assertNull(sheet.balance().softness());
        assertNull(sheet.feel());
        assertNull(sheet.handling().rollability());
        assertNull(sheet.window());
        assertNull(sheet.bakersPct().get(1));
        assertNotNull(sheet.curve());
    }

    @Test
    public void openLinesAreKeptButDoNotCount() {
        LineSpec flour = LineSpec.of("wheat-atta", 200);
        LineSpec water = open("water", null, "unknown-amount");
        LineSpec unread = open(null, null, "unread");
        Formula formula = FormulaReader.read(spec(List.of(unread, flour, water)), BOOK);
        assertEquals(formula.lineCount(), 3);
        assertEquals(formula.openLines().get(0).openness(), Openness.UNREAD);
        Evaluation sheet = Evaluation.of(formula);
        assertEquals(sheet.bakersPct(), java.util.Arrays.asList(null, 100.0, null));
        assertEquals(sheet.balance().water().needed(), needed(List.of(flour)), 1e-9);
        assertEquals(sheet.warnings().get(0).kind(), Warning.Kind.OPEN_LINES);
        assertEquals(sheet.warnings().get(0).terms().get(0).value(), 2.0);
        assertNull(
                Evaluation.of(FormulaReader.read(spec(List.of(unread)), BOOK)).feel());
    }

    @Test
    public void anOpenLineMustNotContradictItself() {
        List<LineSpec> lines = List.of(
                LineSpec.of("wheat-atta", 200), open("water", 5.0, "unknown-amount"), open("water", null, "unread"));
        RefusedException refused = expectThrows(RefusedException.class, () -> FormulaReader.read(spec(lines), BOOK));
        assertEquals(refused.faults().stream().map(Fault::field).toList(), List.of("grams", "ingredient"));
        assertEquals(refused.faults().get(0).code(), FaultCode.CONTRADICTS);
    }

    private static double needed(List<LineSpec> lines) {
        return Evaluation.of(FormulaReader.read(spec(lines), BOOK))
                .balance()
                .water()
                .needed();
    }

    private static LineSpec open(String ingredient, Double grams, String open) {
        LineSpec line = LineSpec.of("", 0).withIngredient(ingredient).withGrams(grams);
        return new LineSpec(line.ingredient(), null, null, null, null, null, grams, null, open, null, null);
    }

    @Test
    public void findsAllFaultsAtOnce() {
        FormulaSpec spec = new FormulaSpec(
                "brick",
                null,
                null,
                null,
                null,
                null,
                null,
                List.of(LineSpec.of("wheat-atta", -1), LineSpec.of("sawdust", 2_000_000)));
        RefusedException refused = expectThrows(RefusedException.class, () -> FormulaReader.read(spec, BOOK));
        assertEquals(refused.faults().size(), 4);
    }

    private static Fault onlyFault(FormulaSpec spec) {
        RefusedException refused = expectThrows(RefusedException.class, () -> FormulaReader.read(spec, BOOK));
        assertEquals(refused.faults().size(), 1, refused.getMessage());
        return refused.faults().get(0);
    }

    private static FormulaSpec spec(List<LineSpec> lines) {
        return settings("roti", null, null, null, null, null, null).withLines(lines);
    }

    private static FormulaSpec settings(
            @Nullable String style,
            @Nullable String kneading,
            @Nullable String fat,
            @Nullable Double water,
            @Nullable Double rest,
            @Nullable Double sheet,
            @Nullable Double target) {
        return new FormulaSpec(style, kneading, fat, water, rest, sheet, target, List.of(FLOUR));
    }

    private static LineSpec coded(
            String ingredient, @Nullable String part, @Nullable String form, @Nullable String fatState) {
        return LineSpec.of(ingredient, 10).withPart(part).withForm(form).withFatState(fatState);
    }

    private static LineSpec line(String ingredient, String field, double value) {
        return LineSpec.of(ingredient, 10)
                .withSd(only(field, "sd", value))
                .withMeasured(new Measured(
                        only(field, "waterPct", value),
                        only(field, "moisturePct", value),
                        only(field, "proteinPct", value),
                        only(field, "absorptionPct", value),
                        only(field, "absorptionSdPct", value),
                        only(field, "pieceMm", value),
                        null));
    }

    private static @Nullable Double only(String field, String wanted, double value) {
        return field.equals(wanted) ? value : null;
    }

    @Test
    public void whatStandsBesideCountsNowhere() {
        FormulaSpec plain = Doughs.spec("roti", Doughs.line("wheat-atta", 300), Doughs.line("water", 190));
        FormulaSpec with = Doughs.spec(
                "roti",
                Doughs.line("wheat-atta", 300),
                Doughs.line("yogurt-whole", 200).in(Part.BESIDE),
                Doughs.line("water", 190));
        Evaluation one = Evaluation.of(Doughs.read(plain));
        Evaluation other = Evaluation.of(Doughs.read(with));
        assertEquals(other.balance().doughGrams(), one.balance().doughGrams());
        assertEquals(Facts.of(other.formula(), Map.of()), Facts.of(one.formula(), Map.of()));
        assertEquals(other.bakersPct().size(), 3);
        assertEquals(other.bakersPct().get(1), null);
        assertEquals(other.bakersPct().get(2), one.bakersPct().get(1));
    }
}
