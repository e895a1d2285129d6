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
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.edit.WaterLines;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.evaluation.FormulaFigure;
import verdamen.core.evaluation.FormulaFigures;
import verdamen.core.formula.Facts;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Price;

/** A change raised rung by rung, and two as a field. */
public class LadderTest {

    private static final Set<Carried> ALL = EnumSet.noneOf(Carried.class);
    private static final Stock STOCK = new Stock(BOOK, Map.of("wheat-atta", new Price(2.0, Price.Per.KILOGRAM)));
    private static final ChangeSpec MILLET = ChangeSpec.replace(0, "pearl-millet-flour", null, null, null);
    private static final ChangeSpec PUMPKIN = ChangeSpec.add("pumpkin-cooked", "puree", null);

    private static FormulaSpec roti() {
        FormulaSpec spec = spec("roti", line("wheat-atta", 400), line("water", 260), line("salt-fine", 7));
        return WaterLines.exactly(spec, read(spec), BOOK);
    }

    private static Ladder ladder(ChangeSpec change, @Nullable List<LimitSpec> limits) {
        return Ladder.of(asked(new RaisedSpec(change, null, null, null), List.of(), limits), STOCK);
    }

    private static LadderQuestion asked(RaisedSpec raised, List<ChangeSpec> beside, @Nullable List<LimitSpec> limits) {
        return new LadderQuestion(roti(), raised, beside, limits, ALL);
    }

    private static FormulaFigures at(ChangeSpec change, double share) {
        Evaluation evaluation = Evaluation.of(read(
                Rework.of(roti(), List.of(change.withShare(share)), ALL, BOOK).formula()));
        return FormulaFigures.of(evaluation, Facts.of(evaluation.formula(), STOCK.prices()));
    }

    @DataProvider
    Object[][] changes() {
        return new Object[][] {{MILLET}, {PUMPKIN}, {ChangeSpec.replace(0, "rye-whole", null, null, "dry-matter")}};
    }

    @Test(dataProvider = "changes")
    public void aRungIsTheChangeOfThatShareAndAsSoftAsItsTarget(ChangeSpec change) {
        List<Ladder.Rung> rungs = ladder(change, null).rungs();
        assertEquals(rungs.size(), 21);
        assertEquals(rungs.get(0).rework().formula(), roti(), "nothing changed changes nothing");
        for (Ladder.Rung rung : rungs) {
            Rework alone = Rework.of(roti(), List.of(change.withShare(rung.share())), ALL, BOOK);
            assertEquals(rung.rework(), alone);
            assertEquals(rung.figures().byCode(), at(change, rung.share()).byCode());
            if (rung.figures().value(FormulaFigure.WATER_NEEDED) >= 0) {
                double target = rung.evaluation().formula().softnessTarget();
                assertEquals(rung.figures().value(FormulaFigure.SOFTNESS), target, 1e-6);
            }
        }
    }

    @Test
    public void whatIsNotCorrectedIsTold() {
        Ladder.Rung top = ladder(PUMPKIN, null).rungs().get(20);
        assertTrue(
                top.uncorrectedSoftness() > top.figures().value(FormulaFigure.SOFTNESS) + 0.2, "pumpkin brings water");
    }

    @Test(dataProvider = "changes")
    public void aCrossingIsWhereTheLimitIsLastKept(ChangeSpec change) {
        for (LimitSpec asked : List.of(
                new LimitSpec("sheetStrength", 60.0, null),
                new LimitSpec("minSheetMm", null, 1.3),
                new LimitSpec("waterNeeded", 150.0, null))) {
            Ladder ladder = ladder(change, List.of(asked));
            FigureLimit limit = ladder.limits().get(0);
            for (Ladder.Crossing crossing : ladder.crossings()) {
                double beyond = crossing.breaks() ? 0.0051 : -0.0051;
                assertTrue(limit.isKept(at(change, crossing.share())), asked + " at " + crossing);
                assertFalse(limit.isKept(at(change, crossing.share() + beyond)), asked + " beyond " + crossing);
            }
            assertEquals(
                    ladder.crossings().stream().filter(Ladder.Crossing::breaks).count()
                            - ladder.crossings().stream()
                                    .filter(each -> !each.breaks())
                                    .count(),
                    ladder.rungs().get(20).broken().size()
                            - ladder.rungs().get(0).broken().size());
        }
    }

    @Test
    public void whatOnlySettingTheWaterRightChangesIsCrossedByNoShare() {
        FormulaSpec wet = roti().withLine(1, line("water", 330));
        Ladder ladder = Ladder.of(
                new LadderQuestion(wet, new RaisedSpec(MILLET, null, null, null), List.of(), null, ALL), STOCK);
        assertTrue(ladder.rungs().get(0).broken().contains(FormulaFigure.ROLLABILITY), "as it is");
        assertFalse(ladder.rungs().get(1).broken().contains(FormulaFigure.ROLLABILITY), "set right");
        assertTrue(ladder.crossings().stream().noneMatch(each -> each.share() < 0.05), ladder.crossings() + "");
    }

    @Test
    public void aHarderLimitIsNotCrossedLater() {
        double before = 1;
        for (double least = 20; least <= 80; least += 10) {
            Ladder ladder = ladder(MILLET, List.of(new LimitSpec("sheetStrength", least, null)));
            double crossed = ladder.crossings().stream()
                    .mapToDouble(Ladder.Crossing::share)
                    .findFirst()
                    .orElse(1);
            double share = ladder.rungs().get(0).broken().isEmpty() ? crossed : 0;
            assertTrue(share <= before, least + " points: " + share);
            before = share;
        }
        assertTrue(before < 0.7, "millet has no gluten: " + before);
    }

    @Test
    public void theUsualLimitsAreToldWithTheirEnds() {
        List<FigureLimit> usual = ladder(MILLET, null).limits();
        assertEquals(
                usual.stream().map(FigureLimit::figure).toList(),
                List.of(
                        FormulaFigure.ROLLABILITY,
                        FormulaFigure.THINNEST_SHEET,
                        FormulaFigure.WINDOW,
                        FormulaFigure.WATER_NEEDED));
        assertEquals(usual.get(1).atMost(), read(roti()).sheetMm());
        assertTrue(ladder(MILLET, List.of()).limits().isEmpty(), "none can be wanted too");
    }

    @Test
    public void whatIsAddedIsAShareOfTheFlourAndJoinsWhatIsThere() {
        FormulaSpec spec = roti().withLine(2, line("pumpkin-cooked", 100).withForm("puree"));
        FormulaSpec after =
                Rework.of(spec, List.of(PUMPKIN.withShare(0.25)), ALL, BOOK).formula();
        assertEquals(after.linesOrNone().size(), 3);
        assertEquals(after.lineOrNull(2).grams(), 200, 1e-9);
        assertEquals(at(PUMPKIN, 0.25).value(FormulaFigure.INCLUSION), 25, 1e-9);
        double pieces = 1 / (at(PUMPKIN, 0.25).value(FormulaFigure.INCLUSION_GRAMS) / 100);
        assertEquals(at(PUMPKIN, 0.25).value(FormulaFigure.COST), 0.8 / pieces, 1e-9, "400 g of atta at 2 a kilogram");
    }

    @Test
    public void whatWasMadeBelongsToTheRungThatIsNearestWhateverTheWater() {
        Ladder ladder = ladder(MILLET, null);
        FormulaSpec made = spec(
                "roti",
                line("wheat-atta", 141),
                line("pearl-millet-flour", 59),
                line("water", 170),
                line("salt-fine", 3.5));
        assertEquals(ladder.rungsOf(List.of(read(made), read(roti()))), List.of(OptionalInt.of(6), OptionalInt.of(0)));
        FormulaSpec other = made.withLine(0, line("rye-whole", 141));
        FormulaSpec thick = spec("pita", line("wheat-atta", 141), line("pearl-millet-flour", 59));
        assertEquals(
                ladder.rungsOf(List.of(read(other), read(thick))),
                List.of(OptionalInt.empty(), OptionalInt.empty()),
                "of other flour, of another style");
    }

    @DataProvider
    Object[][] wrong() {
        RaisedSpec good = new RaisedSpec(MILLET, null, null, null);
        return new Object[][] {
            {new RaisedSpec(null, null, null, null), null, "change", FaultCode.MISSING},
            {new RaisedSpec(MILLET, 0.5, 0.5, null), null, "to", FaultCode.TOO_SMALL},
            {new RaisedSpec(MILLET, 0.5, 0.2, null), null, "to", FaultCode.TOO_SMALL},
            {new RaisedSpec(MILLET, 0.0, 1.2, null), null, "to", FaultCode.TOO_LARGE},
            {new RaisedSpec(MILLET, -0.1, 1.0, null), null, "from", FaultCode.TOO_SMALL},
            {new RaisedSpec(MILLET, null, null, 4), null, "rungs", FaultCode.TOO_SMALL},
            {new RaisedSpec(MILLET, null, null, 42), null, "rungs", FaultCode.TOO_LARGE},
            {
                new RaisedSpec(ChangeSpec.replace(0, "wheat-atta", null, null, null), null, null, null),
                null,
                "change.by",
                FaultCode.ITSELF
            },
            {
                new RaisedSpec(ChangeSpec.add("gravel", null, null), null, null, null),
                null,
                "change.add",
                FaultCode.UNKNOWN_CODE
            },
            {
                new RaisedSpec(new ChangeSpec(0, "rye-whole", "water", null, null, null), null, null, null),
                null,
                "change.line",
                FaultCode.CONTRADICTS
            },
            {good, new LimitSpec("beauty", 1.0, null), "limits[0].figure", FaultCode.UNKNOWN_CODE},
            {good, new LimitSpec(null, 1.0, null), "limits[0].figure", FaultCode.MISSING},
            {good, new LimitSpec("stick", null, null), "limits[0].atLeast", FaultCode.MISSING},
            {good, new LimitSpec("stick", 5.0, 4.0), "limits[0].atMost", FaultCode.CONTRADICTS},
        };
    }

    @Test(dataProvider = "wrong")
    public void whatIsNoLadderIsRefusedByName(
            RaisedSpec asked, @Nullable LimitSpec limit, String field, FaultCode code) {
        RefusedException refused = expectThrows(
                RefusedException.class,
                () -> Ladder.of(asked(asked, List.of(), limit == null ? null : List.of(limit)), STOCK));
        assertEquals(refused.faults().get(0).field(), field);
        assertEquals(refused.faults().get(0).code(), code);
    }

    @Test
    public void aFieldHasTheLadderAtItsFoot() {
        Field field = Field.of(
                asked(new RaisedSpec(MILLET, null, null, 5), List.of(), null),
                new RaisedSpec(PUMPKIN, 0.0, 0.4, 5),
                STOCK);
        assertEquals(field.cells().size(), 25);
        for (int at = 0; at < 5; at++) {
            Field.Cell cell = field.cells().get(at);
            assertEquals(cell.second(), 0.0);
            assertEquals(cell.figures().byCode(), at(MILLET, 0.25 * at).byCode());
        }
        Field.Cell both = field.cells().get(2 * 5 + 1);
        assertEquals(
                both.formula(),
                Rework.of(roti(), List.of(MILLET.withShare(0.25), PUMPKIN.withShare(0.2)), ALL, BOOK)
                        .formula());
    }

    @Test
    public void whatElseIsChangedIsSoAtEveryRungAndLeavesLessOfItsLine() {
        ChangeSpec rye = ChangeSpec.replace(0, "rye-whole", null, 0.25, null);
        Ladder ladder = Ladder.of(
                asked(new RaisedSpec(MILLET, null, null, 6), List.of(PUMPKIN.withShare(0.1), rye), null), STOCK);
        assertEquals(ladder.rungs().get(5).share(), 0.75);
        assertEquals(
                ladder.rungs().get(2).rework(),
                Rework.of(roti(), List.of(MILLET.withShare(0.3), PUMPKIN.withShare(0.1), rye), ALL, BOOK));
        RefusedException refused = expectThrows(
                RefusedException.class,
                () -> Ladder.of(asked(new RaisedSpec(MILLET, null, 0.8, 6), List.of(rye), null), STOCK));
        assertEquals(refused.faults().get(0).field(), "to");
        assertEquals(refused.faults().get(0).limit(), 0.75);
    }

    @Test
    public void twoChangesOfOneLineTakeNoMoreThanThereIs() {
        LadderQuestion millet = asked(new RaisedSpec(MILLET, null, null, 5), List.of(), null);
        Field field = Field.of(
                millet, new RaisedSpec(ChangeSpec.replace(0, "rye-whole", null, null, null), null, null, 5), STOCK);
        assertEquals(field.cells().size(), 15);
        RefusedException refused = expectThrows(
                RefusedException.class,
                () -> Field.of(
                        millet,
                        new RaisedSpec(ChangeSpec.replace(9, "rye-whole", null, null, null), null, null, 5),
                        STOCK));
        assertEquals(refused.faults().get(0).field(), "second.change.line");
    }
}
