package verdamen.core.evaluation;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Makeup;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

/** What a whole sheet warns of and how it tells formulas apart. */
public class EvaluationTest {

    private static final Pantry BOOK = ReferenceTables.load();
    private static final List<LineSpec> ROTI =
            List.of(LineSpec.of("wheat-strong-white", 400), LineSpec.of("water", 246), LineSpec.of("salt-fine", 7));

    @DataProvider
    Object[][] warnings() {
        return new Object[][] {
            {"a sound dough", spec(null, null, null), List.of()},
            {"a target below the window", spec(null, null, 0.8), List.of(Warning.Kind.TARGET_OUTSIDE_WINDOW)},
            {"a target above the window", spec(null, null, 1.3), List.of(Warning.Kind.TARGET_OUTSIDE_WINDOW)},
            {"a rest of hours", spec(150.0, null, null), List.of(Warning.Kind.LONG_REST)},
            {"no rest for a strong flour", spec(0.0, null, null), List.of(Warning.Kind.ROLLED_OUTSIDE_WINDOW)},
            {"a sheet like paper", spec(null, 0.5, null), List.of(Warning.Kind.SHEET_TOO_THIN)},
            {
                "everything at once",
                spec(600.0, 0.5, 1.3),
                List.of(Warning.Kind.TARGET_OUTSIDE_WINDOW, Warning.Kind.LONG_REST, Warning.Kind.SHEET_TOO_THIN)
            },
        };
    }

    @Test(dataProvider = "warnings")
    public void warnsOf(String what, FormulaSpec spec, List<Warning.Kind> kinds) {
        Evaluation sheet = sheet(spec);
        List<Warning.Kind> found = sheet.warnings().stream().map(Warning::kind).toList();
        assertEquals(found, kinds, what);
        sheet.warnings().forEach(warning -> assertTrue(!warning.terms().isEmpty(), "each with its figures"));
    }

    @Test
    public void theFeelIsTheWordForTheSoftness() {
        Evaluation sheet = sheet(spec(null, null, null));
        assertEquals(
                sheet.feel(),
                BOOK.feel(sheet.balance().softness(), sheet.formula().style()));
        assertEquals(sheet.feel().code(), "soft");
    }

    @Test
    public void theMakeupNamesTheLargestFirstAndCountsAStarterByItsFlour() {
        List<LineSpec> lines = List.of(
                LineSpec.of("rye-whole", 100),
                LineSpec.of("wheat-atta", 250),
                LineSpec.of("sourdough-starter", 100),
                LineSpec.of("kale-raw", 40),
                LineSpec.of("pumpkin-cooked", 120),
                LineSpec.of("water", 150));
        Makeup makeup =
                Makeup.of(FormulaReader.read(new FormulaSpec("roti", null, null, null, null, null, null, lines), BOOK));
        assertEquals(
                makeup.flours().stream().map(Makeup.Constituent::ingredient).toList(),
                List.of("wheat-atta", "rye-whole", "sourdough-starter"));
        assertEquals(makeup.flours().get(0).bakersPct(), 62.5, 1e-9);
        assertEquals(makeup.flours().get(2).bakersPct(), 12.5, 1e-9);
        assertEquals(
                makeup.inclusions().stream().map(Makeup.Constituent::ingredient).toList(),
                List.of("pumpkin-cooked", "kale-raw"));
        assertEquals(makeup.inclusions().get(0).bakersPct(), 30, 1e-9);
    }

    @Test
    public void theCurveStartsAtWettingAndEndsAfterThreeHours() {
        Evaluation sheet = sheet(spec(null, null, null));
        assertEquals(sheet.curve().softness().size(), 181);
        assertEquals(
                sheet.curve().springBackPct().subList(0, 10).stream()
                        .filter(each -> each != null)
                        .count(),
                0);
        assertTrue(sheet.curve().softness().get(0) > sheet.curve().softness().get(60), "it tightens while it drinks");
    }

    private static FormulaSpec spec(Double rest, Double sheet, Double target) {
        return new FormulaSpec("tortilla", null, null, null, rest == null ? 60 : rest, sheet, target, ROTI);
    }

    private static Evaluation sheet(FormulaSpec spec) {
        return Evaluation.of(FormulaReader.read(spec, BOOK));
    }
}
