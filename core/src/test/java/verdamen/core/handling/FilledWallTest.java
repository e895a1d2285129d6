package verdamen.core.handling;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.filling;
import static verdamen.core.Doughs.line;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.evaluation.FormulaFigure;
import verdamen.core.evaluation.FormulaFigures;
import verdamen.core.evaluation.Warning;
import verdamen.core.formula.Facts;
import verdamen.core.formula.FilledSpec;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.Portioning;
import verdamen.core.portion.FilledPieces;
import verdamen.core.portion.Shapes;
import verdamen.core.portion.ShapesQuestion;

/** A filled piece has one wall with one limit, whatever looks at it. */
public class FilledWallTest {

    @DataProvider
    Object[][] fillings() {
        return new Object[][] {{60.0}, {150.0}, {300.0}, {600.0}, {900.0}};
    }

    private static FormulaSpec paratha(double filling) {
        return Doughs.spec(
                "stuffed-paratha",
                line("wheat-atta", 200),
                line("wheat-plain-white", 100),
                line("water", 200),
                line("salt-fine", 5),
                filling("parsnip-raw", filling, "mash"));
    }

    @Test(dataProvider = "fillings")
    public void everythingSaysTheSameOfIt(double grams) {
        FormulaSpec spec = paratha(grams);
        Evaluation said = Evaluation.of(Doughs.read(spec));
        Handling handling = said.handling();
        FilledPieces pieces = Shapes.of(
                        new ShapesQuestion(spec, new FilledSpec(null, null, null), null, null), Doughs.BOOK)
                .filled();
        assertEquals(handling.wallMm(), pieces.wallMm(), 1e-9);
        assertEquals(handling.leastWallMm(), pieces.leastWallMm(), 1e-9);
        assertEquals(handling.leastWallMm(), handling.minSheetMm() / 1.35, 1e-9);
        boolean thin = handling.wallMm() < handling.leastWallMm();
        assertEquals(pieces.thinWall(), thin);
        assertEquals(said.warnings().stream().anyMatch(each -> each.kind() == Warning.Kind.WALL_TOO_THIN), thin);
        assertFalse(said.warnings().stream().anyMatch(each -> each.kind() == Warning.Kind.SHEET_TOO_THIN));
        assertEquals(handling.thinnestMm() > said.formula().sheetMm(), thin, "what limits the ladder and the search");
        double over = handling.minSheetMm() / handling.wallMm();
        assertEquals(handling.tear(), 100 / (1 + Math.exp(-(over - 1.45) / 0.12)), 1e-9);
        assertEquals(figures(said).value(FormulaFigure.THINNEST_SHEET), handling.thinnestMm());
        Disc disc = Disc.of(RolledDough.of(said.dough()));
        assertEquals(disc.thinnestMm(), handling.thinnestMm(), 1e-9);
        disc.thicknesses().stream()
                .filter(each -> Math.abs(each.sheetMm() - said.formula().sheetMm()) < 1e-9)
                .forEach(each -> assertEquals(each.tearPct(), handling.tear(), 1e-9));
    }

    private static FormulaFigures figures(Evaluation said) {
        return FormulaFigures.of(said, Facts.of(said.formula(), java.util.Map.of()));
    }

    @Test
    public void shellAndFillingAsPortionedSetTheWall() {
        FormulaSpec portioned = paratha(300).withPortion(Portioning.NONE.withFilled(new FilledSpec(60.0, 20.0, null)));
        Handling handling = Evaluation.of(Doughs.read(portioned)).handling();
        assertEquals(handling.wallMm(), 2 * 60 / (60 + 20 * 1.17 / 1.05), 1e-9);
    }

    @Test
    public void aFillingBesideAPlainBreadLeavesItsSheetAlone() {
        FormulaSpec beside =
                Doughs.spec("roti", line("wheat-atta", 300), line("water", 200), filling("parsnip-raw", 150, "mash"));
        Handling handling = Evaluation.of(Doughs.read(beside)).handling();
        assertNull(handling.wallMm());
        FormulaSpec sealed = beside.withMethod(MethodSpec.NONE.withSeal("sealed"));
        assertTrue(Evaluation.of(Doughs.read(sealed)).handling().wallMm() > 0);
        FormulaSpec layers = beside.withMethod(MethodSpec.NONE.withSeal("in-layers"));
        assertNull(Evaluation.of(Doughs.read(layers)).handling().wallMm());
    }

    @Test
    public void theReasonsEndInTheFigure() {
        RolledDough rolled = RolledDough.of(Doughs.read(paratha(300)));
        for (Reason reason : rolled.reasons()) {
            if (List.of(HandlingFigure.TEAR, HandlingFigure.THINNEST_SHEET).contains(reason.figure())) {
                double last = reason.steps().get(reason.steps().size() - 1).value();
                assertEquals(last, rolled.handling().value(reason.figure()), 1e-9);
            }
        }
    }
}
