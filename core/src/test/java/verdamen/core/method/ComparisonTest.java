package verdamen.core.method;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.line;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.balance.Balance;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.method.Comparison.Option;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepSpec;

/** The schools side by side. */
public class ComparisonTest {

    private static final FormulaSpec TORTILLA = Doughs.spec(
                    "tortilla",
                    line("wheat-plain-white", 300),
                    line("rye-whole", 100),
                    line("water", 190),
                    line("lard", 40),
                    line("salt-fine", 7),
                    LineSpec.ofPrep("courgette"))
            .withPreps(List.of(new ChainSpec(
                    "courgette",
                    null,
                    "courgette-raw",
                    160.0,
                    null,
                    List.of(StepSpec.of(StepKind.GRATE), StepSpec.of(StepKind.PRESS)))));

    private static Option option(FormulaSpec spec, Question question, String school) {
        return Comparison.of(spec, Doughs.BOOK).stream()
                .filter(each -> each.question() == question)
                .flatMap(each -> each.options().stream())
                .filter(each -> each.school().code().equals(school))
                .findFirst()
                .orElseThrow();
    }

    private static Effect effect(Question question, String school) {
        Effect effect = option(TORTILLA, question, school).effect();
        assertNotNull(effect, school);
        return effect;
    }

    private static final FormulaSpec PITA = Doughs.spec(
            "pita",
            line("wheat-strong-white", 500),
            line("water", 310),
            line("yeast-active-dry", 6.7),
            line("salt-fine", 9));

    @Test
    public void lessYeastRisesLaterAndMoreSooner() {
        Option little = option(PITA, Question.YEAST, "little");
        Option much = option(PITA, Question.YEAST, "much");
        Option now = option(PITA, Question.YEAST, "usual");
        assertTrue(little.effect().risenMinute() > now.effect().risenMinute() + 60);
        assertTrue(much.effect().risenMinute() < now.effect().risenMinute());
        assertEquals(little.applied().lineOrNull(2).grams(), 2.0, "0.3 % as instant yeast, a quarter more of this one");
        assertEquals(
                Comparison.choose(little.applied(), now.school(), Doughs.BOOK)
                        .lineOrNull(2)
                        .grams(),
                6.7);
    }

    @Test
    public void aSpongeTakesTheYeastHalfTheFlourAndAsMuchWater() {
        FormulaSpec sponge = option(PITA, Question.SPONGE, "sponge").applied();
        assertEquals(
                sponge.linesOrNone().stream()
                        .filter(line -> Integer.valueOf(0).equals(line.stage()))
                        .map(line -> line.ingredient() + " " + line.grams())
                        .toList(),
                List.of("wheat-strong-white 250.0", "water 250.0", "yeast-active-dry 6.7"));
        assertEquals(sponge.linesOrNone().stream().mapToDouble(LineSpec::grams).sum(), 825.7, 1e-9);
        assertTrue(Effect.of(Doughs.read(sponge)).risenMinute()
                < Effect.of(Doughs.read(PITA)).risenMinute());
        FormulaSpec back = option(sponge, Question.SPONGE, "one-dough").applied();
        assertTrue(back.linesOrNone().stream().allMatch(line -> line.stage() == null));
        assertNull(back.methodOrNone().firstStage());
    }

    @Test
    public void withoutYeastTheseQuestionsMakeNoDifference() {
        Comparison.of(TORTILLA, Doughs.BOOK).stream()
                .filter(each -> each.question() == Question.YEAST || each.question() == Question.SPONGE)
                .forEach(each -> assertFalse(each.matters(), each.question().code()));
        assertNull(Comparison.of(TORTILLA, Doughs.BOOK).stream()
                .filter(each -> each.question() == Question.YEAST)
                .findFirst()
                .orElseThrow()
                .chosen());
    }

    @Test
    public void everyQuestionHasItsSchools() {
        Set<String> codes = new HashSet<>();
        for (Question question : Question.values()) {
            assertTrue(School.of(question).size() >= 2, question.code());
            for (School school : School.of(question)) {
                assertTrue(codes.add(question.code() + school.code()), school.code());
            }
        }
    }

    @Test
    public void fatRubbedInFirstNeedsLessWaterAndOpensTheWindowLater() {
        Effect usual = effect(Question.FAT_TIMING, "with-water");
        Effect rubbed = effect(Question.FAT_TIMING, "coat-first");
        assertTrue(rubbed.waterGrams() < usual.waterGrams() - 3, rubbed.waterGrams() + " of " + usual.waterGrams());
    }

    @Test
    public void liquidKeptInTheDoughTakesThePlaceOfWater() {
        double thrown = effect(Question.PRESSED_LIQUID, "discarded").waterGrams();
        double used = effect(Question.PRESSED_LIQUID, "dough-water").waterGrams();
        double kept = effect(Question.PRESSED_LIQUID, "kept").waterGrams();
        assertTrue(used < thrown - 30, used + " of " + thrown);
        assertEquals(kept, thrown, 1e-9);
    }

    @Test
    public void pouringByFeelNarrowsTheRange() {
        assertTrue(effect(Question.WATER_ADDITION, "in-additions").rangeGrams()
                < effect(Question.WATER_ADDITION, "at-once").rangeGrams());
    }

    @Test
    public void everyHeatHasItsLossAndPuff() {
        assertTrue(effect(Question.HEAT, "covered").cookLossPct()
                < effect(Question.HEAT, "hot-dry").cookLossPct());
        assertTrue(effect(Question.HEAT, "oven-stone").griddleC()
                > effect(Question.HEAT, "medium-fat").griddleC());
    }

    @Test
    public void inclusionsMoveIntoTheFilling() {
        Effect sealed = effect(Question.INCLUSION, "sealed");
        assertEquals(sealed.handling().pieceShare(), 0.0);
        assertEquals(sealed.fillingLimitPct(), 4.0);
        assertNull(effect(Question.INCLUSION, "worked-in").fillingFreePct());
    }

    /** Each row: question, school; choosing it makes the formula follow it. */
    @DataProvider
    Object[][] schools() {
        return School.all().stream().map(school -> new Object[] {school}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "schools")
    public void aChosenSchoolIsTheOneFollowed(School school) {
        boolean yeast = school.question() == Question.YEAST || school.question() == Question.SPONGE;
        FormulaSpec applied = option(yeast ? PITA : TORTILLA, school.question(), school.code())
                .applied();
        String chosen = Comparison.of(applied, Doughs.BOOK).stream()
                .filter(each -> each.question() == school.question())
                .findFirst()
                .orElseThrow()
                .chosen();
        assertEquals(chosen, school.code());
        Balance.of(Doughs.read(applied));
    }

    private static Comparison comparison(FormulaSpec spec, Question question) {
        return Comparison.of(spec, Doughs.BOOK).stream()
                .filter(each -> each.question() == question)
                .findFirst()
                .orElseThrow();
    }

    /** The tortilla with what its one chain, or two of them, do with their liquid. */
    private static FormulaSpec withLiquid(String... uses) {
        List<LineSpec> lines = new ArrayList<>(List.of(line("wheat-plain-white", 400), line("water", 190)));
        List<ChainSpec> chains = new ArrayList<>();
        for (String use : uses) {
            String key = "c" + chains.size();
            chains.add(new ChainSpec(
                    key,
                    null,
                    "courgette-raw",
                    160.0,
                    use,
                    List.of(StepSpec.of(StepKind.GRATE), StepSpec.of(StepKind.PRESS))));
            lines.add(LineSpec.ofPrep(key));
        }
        return Doughs.spec("tortilla", lines.toArray(LineSpec[]::new)).withPreps(chains);
    }

    /** Each row: what the chains do with their liquid; the school followed. */
    @DataProvider
    Object[][] liquids() {
        return new Object[][] {
            {new String[] {}, "discarded"},
            {new String[] {null}, "discarded"},
            {new String[] {"dough-water"}, "dough-water"},
            {new String[] {"kept", "kept"}, "kept"},
            {new String[] {"kept", null}, null},
            {new String[] {null, "discarded"}, "discarded"},
        };
    }

    @Test(dataProvider = "liquids")
    public void whatTheChainsDoIsTheSchoolFollowed(String[] uses, String school) {
        assertEquals(comparison(withLiquid(uses), Question.PRESSED_LIQUID).chosen(), school);
    }

    @Test
    public void aQuestionMattersOnlyWhereASchoolMakesAnotherDough() {
        FormulaSpec plain = Doughs.spec("roti", Doughs.line("wheat-atta", 300), Doughs.line("water", 180));
        assertFalse(comparison(plain, Question.FAT_TIMING).matters());
        assertFalse(comparison(plain, Question.PRESSED_LIQUID).matters());
        assertTrue(comparison(plain, Question.KNEADING).matters());
        assertTrue(comparison(TORTILLA, Question.FAT_TIMING).matters());
        assertTrue(comparison(TORTILLA, Question.PRESSED_LIQUID).matters());
    }

    @Test
    public void everyWayIsComparedWithTheFormulaAsItIs() {
        FormulaSpec own = withLiquid("kept", "dough-water").withSettings("machine", "coat-first", 10.0, 33.0);
        double needed = Balance.of(Doughs.read(own)).water().needed();
        for (Comparison comparison : Comparison.of(own, Doughs.BOOK)) {
            assertEquals(
                    comparison.now().waterGrams(),
                    needed,
                    1e-9,
                    comparison.question().code());
            for (Option option : comparison.options()) {
                if (option.school().code().equals(comparison.chosen())) {
                    assertEquals(
                            option.effect(), comparison.now(), option.school().code());
                    assertEquals(option.applied(), own);
                }
            }
        }
    }

    @Test
    public void changesAreOfOneWayAgainstTheOther() {
        Effect now = effect(Question.FAT_TIMING, "with-water");
        Effect then = effect(Question.FAT_TIMING, "coat-first");
        Comparison.Changes changes = Comparison.Changes.of(now, then);
        assertEquals(changes.waterGrams(), then.waterGrams() - now.waterGrams(), 1e-12);
        assertEquals((int) changes.windowFirstMinutes(), then.windowFirst() - now.windowFirst());
        assertEquals((int) changes.windowLastMinutes(), then.windowLast() - now.windowLast());
        assertTrue(changes.gluten() < 0, "coated flour makes less of a network");
        assertTrue(changes.thinnestMm() >= 0);
    }

    @Test
    public void aWindowThatIsNotThereHasNoMinutesToCompare() {
        FormulaSpec stiff = new FormulaSpec(
                "roti", null, null, null, null, null, 0.7, List.of(line("rye-whole", 400), line("water", 200)));
        Effect none = comparison(stiff, Question.KNEADING).now();
        Effect some = effect(Question.KNEADING, "hand");
        assertNull(none.windowFirst(), "a dough that is meant to be this stiff cracks whenever it is rolled");
        assertNull(Comparison.Changes.of(none, some).windowFirstMinutes());
        assertNull(Comparison.Changes.of(some, none).windowLastMinutes());
    }

    @Test
    public void theEffectOfTheWayItIsMadeIsItsOwnBalance() {
        Balance balance = Balance.of(Doughs.read(TORTILLA));
        assertEquals(
                effect(Question.KNEADING, "hand").waterGrams(), balance.water().needed(), 1e-9);
    }
}
