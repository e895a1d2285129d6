package verdamen.core.rework;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static verdamen.core.Doughs.BOOK;
import static verdamen.core.Doughs.line;
import static verdamen.core.Doughs.read;
import static verdamen.core.Doughs.spec;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.edit.WaterLines;
import verdamen.core.evaluation.FormulaFigure;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Price;
import verdamen.core.pantry.Role;
import verdamen.core.rework.Match.Matched;

/** Ways back to how a formula was after something had to change. */
public class MatchTest {

    private static final Set<Carried> ALL = EnumSet.noneOf(Carried.class);
    private static final int ATTA = 0;
    private static final int BUTTER = 3;
    private static final Stock STOCK = new Stock(BOOK, prices());

    /** Everything costs something, and things cost different. */
    private static Map<String, Price> prices() {
        Map<String, Price> prices = new HashMap<>();
        for (Ingredient each : BOOK.ingredients()) {
            prices.put(each.code(), new Price(1 + Math.abs(each.code().hashCode() % 50) / 10.0, Price.Per.KILOGRAM));
        }
        return prices;
    }

    private static FormulaSpec roti() {
        FormulaSpec spec = new FormulaSpec(
                "roti",
                null,
                null,
                null,
                null,
                null,
                null,
                List.of(line("wheat-atta", 400), line("water", 260), line("salt-fine", 7), line("butter", 30)),
                RecipeNotes.NONE.withPieces(10.0));
        return WaterLines.exactly(spec, read(spec), BOOK);
    }

    private static Match match(
            @Nullable List<Integer> out, @Nullable String allergen, @Nullable List<OtherLotSpec> lots) {
        return Match.of(new MatchQuestion(roti(), out, allergen, lots, null, ALL), STOCK);
    }

    @DataProvider
    Object[][] forced() {
        return new Object[][] {
            {match(List.of(BUTTER), null, null)},
            {match(List.of(ATTA), null, null)},
            {match(List.of(ATTA, BUTTER), null, null)},
            {match(null, "milk", null)},
            {match(null, "gluten", null)},
            {match(null, null, List.of(new OtherLotSpec(ATTA, 10.0, 8.0, 3L)))},
        };
    }

    /** Each is as soft as before, ranked by what it is worth, and what it is worth can be worked out from its figures. */
    @Test(dataProvider = "forced")
    public void everyWayBackFeelsTheSameAndTheNearestComesFirst(Match match) {
        assertFalse(match.proposals().isEmpty());
        assertEquals(
                match.near().keySet(),
                EnumSet.of(FormulaFigure.SHEET_STRENGTH, FormulaFigure.COST, FormulaFigure.PROTEIN));
        double before = 0;
        double target = read(roti()).softnessTarget();
        for (Matched each : match.proposals()) {
            double softness = each.figures().value(FormulaFigure.SOFTNESS);
            double away = Math.abs(softness - target) / 0.05;
            for (Map.Entry<FormulaFigure, Double> near : match.near().entrySet()) {
                double step = near.getKey() == FormulaFigure.SHEET_STRENGTH ? 10 : 0.1 * near.getValue();
                away += Math.abs(each.figures().value(near.getKey()) - near.getValue()) / step;
            }
            assertEquals(each.distance(), away + 0.5 * each.changes().size(), 1e-6);
            assertTrue(each.distance() >= before);
            before = each.distance();
            assertEquals(
                    each.figures().byCode(),
                    STOCK.figures(each.rework().formula()).byCode());
        }
        double best = match.proposals().get(0).figures().value(FormulaFigure.SOFTNESS);
        assertEquals(best, target, 1e-6, "the water brings its feel back");
    }

    @Test
    public void whatIsOutIsGoneAndWhatComesInIsThereForTheSame() {
        for (Matched each : match(List.of(BUTTER), null, null).proposals()) {
            Formula formula = read(each.rework().formula());
            assertTrue(formula.lines().stream()
                    .noneMatch(line -> line.ingredient().code().equals("butter")));
            double fat = formula.lines().stream()
                    .filter(line -> line.ingredient().role() == Role.FAT)
                    .mapToDouble(line -> line.grams() * line.fatShare())
                    .sum();
            double flour = 400 / flourGrams(formula);
            assertEquals(fat * flour, 30 * read(roti()).lines().get(BUTTER).fatShare(), 1e-6, "as much pure fat");
        }
    }

    private static double flourGrams(Formula formula) {
        return formula.lines().stream()
                .filter(line -> line.ingredient().role() == Role.FLOUR)
                .mapToDouble(verdamen.core.formula.Line::grams)
                .sum();
    }

    @Test
    public void anAllergenIsGoneFromEveryLine() {
        for (String allergen : List.of("milk", "gluten")) {
            for (Matched each : match(null, allergen, null).proposals()) {
                assertTrue(read(each.rework().formula()).lines().stream()
                        .noneMatch(line -> line.ingredient().allergens().contains(allergen)));
            }
        }
    }

    /** Against every single flour of the pantry: none alone is nearer. */
    @Test
    public void noSingleReplacementIsNearer() {
        Match match = match(List.of(ATTA), null, null);
        double best = Double.POSITIVE_INFINITY;
        for (Ingredient flour : BOOK.ingredients()) {
            if (flour.role() == Role.FLOUR && !flour.code().equals("wheat-atta")) {
                ChangeSpec change = ChangeSpec.replace(ATTA, flour.code(), null, 1.0, null);
                FormulaSpec formula =
                        Rework.of(roti(), List.of(change), ALL, BOOK).formula();
                double away = 0.5;
                double softness = STOCK.figures(formula).value(FormulaFigure.SOFTNESS);
                away += Math.abs(softness - read(roti()).softnessTarget()) / 0.05;
                for (Map.Entry<FormulaFigure, Double> near : match.near().entrySet()) {
                    double step = near.getKey() == FormulaFigure.SHEET_STRENGTH ? 10 : 0.1 * near.getValue();
                    away += Math.abs(STOCK.figures(formula).value(near.getKey()) - near.getValue()) / step;
                }
                best = Math.min(best, away);
            }
        }
        assertTrue(match.proposals().get(0).distance() <= best + 1e-9, "best alone " + best);
    }

    @Test
    public void anotherLotIsInTheFormulaAndWaterAloneIsAWayBack() {
        Match match = match(null, null, List.of(new OtherLotSpec(ATTA, 10.0, null, 3L)));
        Matched water = match.proposals().stream()
                .filter(each -> each.changes().isEmpty())
                .findFirst()
                .orElseThrow();
        FormulaSpec formula = water.rework().formula();
        assertEquals(formula.lineOrNull(ATTA).measuredOrNone().moisturePct(), 10.0);
        assertEquals(formula.lineOrNull(ATTA).origin().lot(), Long.valueOf(3));
        assertTrue(formula.lineOrNull(1).grams() > roti().lineOrNull(1).grams(), "a drier flour takes more water");
    }

    @Test
    public void whatHasNoPriceIsNotTakenForCheap() {
        Stock onlyOld = new Stock(
                BOOK, Map.of("butter", new Price(9, Price.Per.KILOGRAM), "ghee", new Price(9, Price.Per.KILOGRAM)));
        Match match =
                Match.of(new MatchQuestion(roti(), List.of(BUTTER), null, null, List.of("costPerPiece"), ALL), onlyOld);
        assertTrue(match.proposals().get(0).unpriced().isEmpty());
        assertTrue(match.proposals().stream().anyMatch(each -> !each.unpriced().isEmpty()));
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {new MatchQuestion(roti(), null, null, null, null, ALL), "out", FaultCode.MISSING},
            {new MatchQuestion(roti(), List.of(9), null, null, null, ALL), "out[0]", FaultCode.UNKNOWN_CODE},
            {new MatchQuestion(roti(), List.of(1), null, null, null, ALL), "out[0]", FaultCode.NOT_FOR_THIS_INGREDIENT},
            {new MatchQuestion(roti(), null, "peanuts", null, null, ALL), "allergen", FaultCode.UNKNOWN_CODE},
            {
                new MatchQuestion(roti(), null, null, List.of(new OtherLotSpec(2, 10.0, null, null)), null, ALL),
                "lots[0].line",
                FaultCode.NOT_FOR_THIS_INGREDIENT
            },
            {
                new MatchQuestion(roti(), null, null, List.of(new OtherLotSpec(0, 60.0, null, null)), null, ALL),
                "lots[0].moisturePct",
                FaultCode.TOO_LARGE
            },
            {new MatchQuestion(roti(), List.of(0), null, null, List.of("luck"), ALL), "near", FaultCode.UNKNOWN_CODE},
        };
    }

    @Test(dataProvider = "refused")
    public void whatIsNoQuestionIsRefusedByName(MatchQuestion question, String field, FaultCode code) {
        RefusedException refused = expectThrows(RefusedException.class, () -> Match.of(question, STOCK));
        assertTrue(
                refused.faults().stream().anyMatch(fault -> fault.field().equals(field) && fault.code() == code),
                refused.faults().toString());
    }
}
