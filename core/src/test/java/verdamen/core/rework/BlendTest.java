package verdamen.core.rework;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static verdamen.core.Doughs.BOOK;
import static verdamen.core.Doughs.line;
import static verdamen.core.Doughs.read;
import static verdamen.core.Doughs.spec;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Gluten;
import verdamen.core.evaluation.FormulaFigure;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Price;

/** Flours mixed by a linear programme, against all blends at one per cent. */
public class BlendTest {

    private static final Set<Carried> ALL = EnumSet.noneOf(Carried.class);
    private static final List<String> FLOURS = List.of(
            "wheat-atta",
            "wheat-strong-white",
            "wheat-plain-white",
            "emmer-whole",
            "rye-whole",
            "chickpea-flour",
            "barley-flour",
            "wheat-whole-soft-white");
    private static final Stock STOCK = new Stock(BOOK, prices());
    private static final int STEPS = 100;

    private static Map<String, Price> prices() {
        Map<String, Price> prices = new HashMap<>();
        for (int at = 0; at < FLOURS.size(); at++) {
            prices.put(FLOURS.get(at), new Price(0.8 + 0.37 * at, Price.Per.KILOGRAM));
        }
        return prices;
    }

    private static FormulaSpec roti() {
        return spec(
                "roti",
                line("wheat-atta", 300),
                line("salt-fine", 7),
                line("wheat-plain-white", 100),
                line("water", 250));
    }

    private static BlendFlourSpec flour(String code) {
        return new BlendFlourSpec(code, null, null, null, null, null);
    }

    private static List<BlendFlourSpec> flours(List<String> codes) {
        return codes.stream().map(BlendTest::flour).toList();
    }

    private static Blend blend(
            List<BlendFlourSpec> flours, List<WantedSpec> wanted, @Nullable String goal, @Nullable Integer most) {
        return Blend.of(new BlendQuestion(roti(), flours, wanted, goal, most, ALL), STOCK);
    }

    @Test
    public void lotsAreAtHandFirstAndOfTheFormulasFloursThoseWithoutALot() {
        BlendFlourSpec rye = BlendFlourSpec.ofLot("rye-whole", 4, 13.1, null);
        BlendFlourSpec atta = BlendFlourSpec.ofLot("wheat-atta", 5, 11.0, 12.5);
        assertEquals(Blend.atHand(roti(), List.of(rye, atta), BOOK), List.of(rye, atta, flour("wheat-plain-white")));
        assertEquals(Blend.atHand(roti(), List.of(), BOOK), flours(List.of("wheat-atta", "wheat-plain-white")));
    }

    @Test
    public void ofManyLotsAsManyAreAtHandAsABlendMayBeAskedOf() {
        List<BlendFlourSpec> lots = new ArrayList<>();
        for (int lot = 0; lot < 30; lot++) {
            lots.add(BlendFlourSpec.ofLot("rye-whole", lot, 13.0, null));
        }
        List<BlendFlourSpec> atHand = Blend.atHand(roti(), lots, BOOK);
        assertEquals(atHand.size(), 20);
        assertEquals(atHand.subList(18, 20), flours(List.of("wheat-atta", "wheat-plain-white")));
    }

    /** Questions drawn from a seed: three flours or four, two wants and a goal. */
    @DataProvider
    Object[][] questions() {
        Random random = new Random(11);
        Object[][] questions = new Object[24][];
        for (int at = 0; at < questions.length; at++) {
            List<String> codes = new ArrayList<>(FLOURS);
            Collections.shuffle(codes, random);
            BlendFigure goal =
                    at % 3 == 0 ? BlendFigure.COST : at % 3 == 1 ? BlendFigure.PROTEIN : BlendFigure.WHOLE_GRAIN;
            double protein = 10 + 4 * random.nextDouble();
            WantedSpec near = at % 2 == 0
                    ? new WantedSpec("proteinPct", null, null, protein)
                    : new WantedSpec("absorptionPct", 58 + 6 * random.nextDouble(), null, null);
            WantedSpec strength = new WantedSpec("sheetStrength", 30 + 40 * random.nextDouble(), null, null);
            WantedSpec most = new WantedSpec("costPerKg", null, 1 + 2 * random.nextDouble(), null);
            questions[at] = new Object[] {
                codes.subList(0, at % 4 == 0 ? 4 : 3),
                List.of(near, at % 5 == 0 ? most : strength),
                goal,
                at % 4 == 0 ? 2 : null
            };
        }
        return questions;
    }

    @Test(dataProvider = "questions")
    public void noBlendOfWholePercentsIsBetter(
            List<String> codes, List<WantedSpec> asked, BlendFigure goal, @Nullable Integer most) {
        Blend blend = blend(flours(codes), asked, goal.code(), most);
        assertTrue(most == null || blend.parts().size() <= most);
        double sum = blend.parts().stream().mapToDouble(Blend.BlendPart::share).sum();
        assertEquals(sum, 1, 1e-9);
        List<BlendFlour> flours = BlendFlour.read(flours(codes), "roti", STOCK, new Faults());
        List<Wanted> wanted = Wanted.read(asked, new Faults());
        Enumerated best = enumerate(flours, wanted, goal, most == null ? codes.size() : most);
        double[] own = shares(blend, codes);
        Enumerated answer = Enumerated.of(own, flours, wanted, goal);
        assertFalse(
                best.isBetterThan(answer, 1e-6), "one of whole percents is better: " + Arrays.toString(best.shares));
        // And it is no more than the step of the enumeration away from the best of those.
        assertEquals(answer.missing, best.missing, 0.6, "missing");
        if (Math.abs(best.missing - answer.missing) < 1e-6 && Math.abs(best.away - answer.away) < 1e-6) {
            assertEquals(answer.goal, best.goal, 1.0 + 0.02 * Math.abs(best.goal), "goal");
        }
    }

    private static double[] shares(Blend blend, List<String> codes) {
        double[] shares = new double[codes.size()];
        blend.parts().forEach(part -> shares[codes.indexOf(part.ingredient())] = part.share());
        return shares;
    }

    /** A blend worked out by plain sums, apart from the programme. */
    private record Enumerated(double[] shares, double missing, double away, double goal) {

        static Enumerated of(double[] shares, List<BlendFlour> flours, List<Wanted> wanted, BlendFigure goal) {
            double missing = 0;
            double away = 0;
            for (Wanted each : wanted) {
                double value = value(each.figure(), shares, flours);
                missing += each.atLeast() == null ? 0 : Math.max(0, each.atLeast() - value);
                missing += each.atMost() == null ? 0 : Math.max(0, value - each.atMost());
                away += each.about() == null ? 0 : Math.abs(value - each.about());
            }
            double best = value(goal, shares, flours);
            return new Enumerated(shares, missing, away, goal == BlendFigure.COST ? best : -best);
        }

        static double value(BlendFigure figure, double[] shares, List<BlendFlour> flours) {
            double sum = 0;
            double solids = 0;
            for (int at = 0; at < shares.length; at++) {
                BlendFlour flour = flours.get(at);
                double weight = figure == BlendFigure.STRENGTH ? shares[at] * flour.solidsPerGram() : shares[at];
                sum += weight * flour.figure(figure);
                solids += weight;
            }
            return sum / solids;
        }

        boolean isBetterThan(Enumerated other, double by) {
            if (Math.abs(missing - other.missing) > by) {
                return missing < other.missing;
            }
            return Math.abs(away - other.away) > by ? away < other.away : goal < other.goal - by;
        }
    }

    private static Enumerated enumerate(List<BlendFlour> flours, List<Wanted> wanted, BlendFigure goal, int most) {
        Enumerated best = null;
        int[] steps = new int[flours.size()];
        steps[0] = STEPS;
        do {
            if (Arrays.stream(steps).filter(step -> step > 0).count() <= most) {
                double[] shares = Arrays.stream(steps)
                        .mapToDouble(step -> step / (double) STEPS)
                        .toArray();
                Enumerated each = Enumerated.of(shares, flours, wanted, goal);
                best = best == null || each.isBetterThan(best, 1e-9) ? each : best;
            }
        } while (next(steps));
        return best;
    }

    /** The next way to share a hundred steps out. */
    private static boolean next(int[] steps) {
        int last = steps.length - 1;
        int at = last - 1;
        while (at >= 0 && steps[at] == 0) {
            at--;
        }
        if (at < 0) {
            return false;
        }
        int rest = steps[last];
        steps[last] = 0;
        steps[at]--;
        steps[at + 1] = rest + 1;
        return true;
    }

    @Test
    public void theFormulaHasTheBlendInThePlaceOfItsFlours() {
        Blend blend = blend(
                List.of(
                        flour("wheat-strong-white"),
                        new BlendFlourSpec("emmer-whole", 12.0, 13.5, 7L, 0.2, null),
                        flour("rye-whole")),
                List.of(new WantedSpec("wholeGrainPct", 40.0, null, null)),
                null,
                null);
        FormulaSpec formula = blend.rework().formula();
        double flour = formula.linesOrNone().stream()
                .filter(line -> line != null
                        && blend.parts().stream()
                                .anyMatch(part -> part.ingredient().equals(line.ingredient())))
                .mapToDouble(LineSpec::grams)
                .sum();
        assertEquals(flour, 400, 1e-6, "as much flour as before");
        LineSpec emmer = formula.linesOrNone().stream()
                .filter(line -> line != null && "emmer-whole".equals(line.ingredient()))
                .findFirst()
                .orElseThrow();
        assertEquals(emmer.measuredOrNone().moisturePct(), 12.0);
        assertEquals(emmer.origin().lot(), Long.valueOf(7));
        assertEquals(STOCK.figures(formula).value(FormulaFigure.WHOLE_GRAIN), 40, 1e-6);
        double target = read(formula).softnessTarget();
        assertEquals(STOCK.figures(formula).value(FormulaFigure.SOFTNESS), target, 1e-6);
        assertTrue(blend.binding().contains(BlendFigure.WHOLE_GRAIN));
        assertEquals(blend.goal(), BlendFigure.COST, "the cheapest, where all have a price");
    }

    /** What the programme adds up is what the dough of such flours has. */
    @Test
    public void itsFiguresAreThoseOfADoughOfItsFlours() {
        Blend blend =
                blend(flours(FLOURS), List.of(new WantedSpec("sheetStrength", 55.0, 60.0, null)), "proteinPct", 3);
        List<LineSpec> lines = blend.parts().stream()
                .map(part -> line(part.ingredient(), 100 * part.share()))
                .toList();
        Formula alone = read(spec("roti", lines.toArray(LineSpec[]::new)));
        assertEquals(
                Gluten.of(Dough.of(alone).totals()).points(), blend.figures().get("sheetStrength"), 1e-9);
        double protein = alone.lines().stream()
                .mapToDouble(line -> line.grams() * line.proteinShare())
                .sum();
        assertEquals(protein, blend.figures().get("proteinPct"), 1e-9);
        assertTrue(blend.possible());
    }

    @Test
    public void whatCannotBeHadIsMissedByLeastAndSaid() {
        Blend blend = blend(
                flours(List.of("rye-whole", "chickpea-flour")),
                List.of(new WantedSpec("sheetStrength", 90.0, null, null)),
                null,
                null);
        assertFalse(blend.possible());
        double most = Math.max(strength("rye-whole"), strength("chickpea-flour"));
        assertEquals(blend.missing().get("sheetStrength"), 90 - most, 1e-6);
    }

    private static double strength(String code) {
        return Gluten.of(Dough.of(read(spec("roti", line(code, 100)))).totals()).points();
    }

    @Test
    public void whatHasNoPriceIsLeftOutWhereCostCounts() {
        List<BlendFlourSpec> flours = flours(List.of("wheat-atta", "teff-flour", "rye-whole"));
        Blend cheap = blend(flours, List.of(new WantedSpec("costPerKg", null, 2.5, null)), null, null);
        assertEquals(cheap.withoutPrice(), List.of("teff-flour"));
        assertNull(blend(flours, List.of(), null, null).goal(), "nothing is cheapest where a price is missing");
    }

    @DataProvider
    Object[][] refused() {
        List<BlendFlourSpec> two = flours(List.of("wheat-atta", "rye-whole"));
        return new Object[][] {
            {List.of(), List.of(), null, null, "flours", FaultCode.TOO_SMALL},
            {
                flours(List.of("wheat-atta", "ghee")),
                List.of(),
                null,
                null,
                "flours[1].ingredient",
                FaultCode.NOT_FOR_THIS_INGREDIENT
            },
            {
                flours(List.of("wheat-atta", "dust")),
                List.of(),
                null,
                null,
                "flours[1].ingredient",
                FaultCode.UNKNOWN_CODE
            },
            {flours(List.of("wheat-atta", "wheat-atta")), List.of(), null, null, "flours[1].ingredient", FaultCode.TAKEN
            },
            {
                two,
                List.of(new WantedSpec("proteinPct", 14.0, 12.0, null)),
                null,
                null,
                "wanted[0].atMost",
                FaultCode.CONTRADICTS
            },
            {
                two,
                List.of(new WantedSpec("proteinPct", null, null, null)),
                null,
                null,
                "wanted[0].atLeast",
                FaultCode.MISSING
            },
            {
                two,
                List.of(new WantedSpec("sheetStrength", null, null, 60.0)),
                null,
                null,
                "wanted[0].about",
                FaultCode.CONTRADICTS
            },
            {two, List.of(), "beauty", null, "goal", FaultCode.UNKNOWN_CODE},
            {two, List.of(), null, 9, "atMostFlours", FaultCode.TOO_LARGE},
            {
                List.of(
                        new BlendFlourSpec("wheat-atta", null, null, null, 0.7, null),
                        new BlendFlourSpec("rye-whole", null, null, null, 0.7, null)),
                List.of(),
                null,
                null,
                "flours",
                FaultCode.CONTRADICTS
            },
            {
                List.of(flour("wheat-atta"), new BlendFlourSpec("rye-whole", null, null, null, 0.7, 0.2)),
                List.of(),
                null,
                null,
                "flours[1].highShare",
                FaultCode.TOO_SMALL
            },
        };
    }

    @Test(dataProvider = "refused")
    public void whatIsNoQuestionIsRefusedByName(
            List<BlendFlourSpec> flours,
            List<WantedSpec> wanted,
            @Nullable String goal,
            @Nullable Integer most,
            String field,
            FaultCode code) {
        RefusedException refused = expectThrows(RefusedException.class, () -> blend(flours, wanted, goal, most));
        assertTrue(
                refused.faults().stream().anyMatch(fault -> fault.field().equals(field) && fault.code() == code),
                refused.faults().toString());
    }
}
