package verdamen.core.handling;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static verdamen.core.Doughs.filling;
import static verdamen.core.Doughs.line;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Measured;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.handling.Diagnosis.Cause;
import verdamen.core.handling.Diagnosis.CauseRule;
import verdamen.core.model.RefusedException;

/** What went wrong: every rule fires on a formula made for it, and not on a sound one. */
public class DiagnosisTest {

    private static final FormulaSpec SOUND = Doughs.spec(
            "roti", line("wheat-atta", 400), line("water", 245), line("neutral-oil", 24), line("salt-fine", 7));
    private static final Map<Driver, FormulaSpec> GUILTY = guilty();

    /** What no figure of a formula shows stands at a constant. */
    private static final Set<Driver> CONSTANT = Set.of(Driver.UNCOVERED, Driver.UNMIXED, Driver.UNEVEN);

    private static Map<Driver, FormulaSpec> guilty() {
        Map<Driver, FormulaSpec> guilty = new EnumMap<>(Driver.class);
        FormulaSpec chunky = Doughs.spec(
                "roti",
                line("wheat-atta", 300),
                line("water", 170),
                line("carrot-raw", 260).withForm("raw-grated").withMeasured(Measured.NONE.withPieceMm(6.0)));
        FormulaSpec wetFilling = Doughs.spec(
                "stuffed-paratha",
                line("wheat-plain-white", 300),
                line("water", 185),
                filling("courgette-raw", 500, "raw-grated"));
        FormulaSpec weeping = Doughs.spec(
                "greens-roti",
                line("wheat-atta", 300),
                line("salt-fine", 9),
                line("courgette-raw", 300).withForm("raw-grated"));
        FormulaSpec strong =
                Doughs.spec("roti", line("wheat-very-strong-white", 400), line("water", 250), line("salt-fine", 7));
        FormulaSpec millet = Doughs.spec("roti", line("pearl-millet-flour", 400), line("water", 290));
        FormulaSpec sweet = plus(SOUND, "sugar-white", 40);
        FormulaSpec rich = plus(SOUND, "ghee", 90);
        guilty.put(Driver.TOO_SOFT, Doughs.roti(330));
        guilty.put(Driver.TOO_DRY, Doughs.roti(190));
        guilty.put(Driver.ROLLED_EARLY, SOUND.withSettings(null, null, null, 0.0));
        guilty.put(Driver.WEEPS, weeping);
        guilty.put(
                Driver.HOT_MASH,
                Doughs.spec(
                        "potato-flatbread",
                        line("wheat-plain-white", 200),
                        line("potato-boiled", 300).withForm("mash-hot")));
        guilty.put(Driver.SUGARY, sweet);
        guilty.put(Driver.NO_BENCH_CARE, SOUND);
        guilty.put(Driver.WEAK_NETWORK, millet);
        guilty.put(
                Driver.STILL_DRINKING,
                Doughs.spec("roti", line("cornmeal-coarse", 300), line("wheat-atta", 100), line("water", 240))
                        .withSettings("just-combined", null, null, 0.0));
        guilty.put(
                Driver.BENCH_FLOUR_TAKEN,
                SOUND.withMethod(new MethodSpec(
                        null, "bench-flour", 30.0, null, null, null, null, null, null, null, null, null, null)));
        guilty.put(Driver.SPRINGY, strong.withSettings(null, null, null, 0.0));
        guilty.put(Driver.STRONG_NETWORK, strong);
        guilty.put(Driver.CHILLED, Doughs.phased(SOUND, new PhaseSpec("chill", 240.0, 4.0)));
        guilty.put(Driver.PIECES_TOO_LARGE, chunky);
        guilty.put(Driver.MANY_PIECES, chunky);
        guilty.put(Driver.SHEET_TOO_THIN, SOUND.withSheet(0.8));
        guilty.put(Driver.SHEET_OFF, SOUND.withSheet(4.0));
        guilty.put(Driver.SHEET_THICK, SOUND.withSheet(4.0));
        guilty.put(Driver.LOW_HEAT, heated("covered"));
        guilty.put(Driver.COVERED_HEAT, heated("covered"));
        guilty.put(Driver.FIERCE_HEAT, heated("oven-stone"));
        guilty.put(Driver.FAT_ON_GRIDDLE, heated("medium-fat"));
        guilty.put(Driver.LOSES_MUCH, heated("oven-stone"));
        guilty.put(Driver.LEAN, Doughs.roti(250));
        guilty.put(Driver.RICH, rich);
        guilty.put(Driver.CHILL_FAT, rich.withSettings(null, null, 50.0, null));
        guilty.put(Driver.FILLING_WET, wetFilling);
        guilty.put(Driver.FILLING_MUCH, wetFilling);
        guilty.put(Driver.RAW_PULSE, plus(SOUND, "chickpea-flour", 200));
        guilty.put(Driver.SALTY, plus(SOUND, "salt-fine", 8));
        guilty.put(Driver.UNPRESSED, weeping);
        guilty.put(Driver.NO_SUGAR, SOUND);
        return guilty;
    }

    private static FormulaSpec plus(FormulaSpec spec, String ingredient, double grams) {
        List<verdamen.core.formula.LineSpec> lines = new ArrayList<>(spec.lines());
        lines.add(line(ingredient, grams));
        return spec.withLines(lines);
    }

    private static FormulaSpec heated(String heat) {
        return SOUND.withMethod(MethodSpec.NONE.withHeat(heat));
    }

    @DataProvider
    Object[][] rules() {
        return Diagnosis.rules().stream().map(rule -> new Object[] {rule}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "rules")
    public void everyRuleFiresOnAFormulaMadeForIt(CauseRule rule) {
        FormulaSpec guilty = CONSTANT.contains(rule.driver()) ? SOUND : GUILTY.get(rule.driver());
        Cause cause = Diagnosis.of(Doughs.read(guilty), rule.symptom()).causes().stream()
                .filter(each -> each.code().equals(rule.cause()))
                .findFirst()
                .orElseThrow();
        double least = CONSTANT.contains(rule.driver()) ? 5 : 40 * rule.weight();
        assertTrue(cause.likelihood() >= least, rule + ": " + cause.likelihood());
        assertEquals(cause.fix().correction(), rule.correction());
    }

    @Test(dataProvider = "rules")
    public void figuresSpeakLouderForTheGuilty(CauseRule rule) {
        if (CONSTANT.contains(rule.driver()) || GUILTY.get(rule.driver()) == SOUND) {
            return;
        }
        double guilty = rule.driver().strength(new Evidence(Doughs.read(GUILTY.get(rule.driver()))));
        double sound = rule.driver().strength(new Evidence(Doughs.read(SOUND)));
        assertTrue(guilty > sound, rule.driver() + ": " + sound + " for a sound one, " + guilty);
        assertTrue(guilty <= 1 && sound >= 0, rule.driver().name());
    }

    @Test
    public void everySymptomHasSeveralCausesEachOnceAndEveryDriverIsUsed() {
        Set<String> once = new HashSet<>();
        for (Diagnosis.Symptom symptom : Diagnosis.symptoms()) {
            assertTrue(Diagnosis.of(Doughs.read(SOUND), symptom.code()).causes().size() >= 3, symptom.code());
        }
        Diagnosis.rules().forEach(rule -> assertTrue(once.add(rule.symptom() + " " + rule.cause()), rule.toString()));
        assertEquals(Diagnosis.symptoms().size(), 16);
        assertEquals(Diagnosis.unused(), List.of());
    }

    @Test
    public void theLikeliestComesFirstWithItsAmount() {
        List<Cause> causes =
                Diagnosis.of(Doughs.read(Doughs.roti(190)), "edges-crack").causes();
        assertEquals(causes.get(0).code(), "too-dry");
        assertTrue(causes.get(0).fix().amount() > 40, "grams of water that are missing");
        for (int i = 1; i < causes.size(); i++) {
            assertTrue(causes.get(i - 1).likelihood() >= causes.get(i).likelihood());
        }
    }

    @Test
    public void everyCorrectionWithAnAmountHasItsUnit() {
        for (FormulaSpec guilty : GUILTY.values()) {
            Fixes fixes = new Fixes(new Evidence(Doughs.read(guilty)));
            for (Correction correction : Correction.values()) {
                Diagnosis.Fix fix = fixes.of(correction);
                assertEquals(fix.amount() == null, fix.unit() == null, correction.code());
                assertTrue(fix.amount() == null || Double.isFinite(fix.amount()), correction.code());
            }
        }
    }

    @Test
    public void refusesASymptomNobodyKnows() {
        expectThrows(RefusedException.class, () -> Diagnosis.of(Doughs.read(SOUND), "sings"));
    }

    @Test
    public void theGuideKnowsItsOwnWords() {
        FeelGuide guide = FeelGuide.of(Doughs.BOOK);
        assertEquals(guide.feels().size(), 7);
        assertEquals(guide.endPoints().size(), 5);
        for (FeelGuide.Exercise exercise : guide.drill()) {
            assertTrue(guide.feels().stream().anyMatch(feel -> feel.code().equals(exercise.feel())), exercise.code());
        }
        assertTrue(guide.drill().size() >= 8);
    }
}
