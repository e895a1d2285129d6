package verdamen.core;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Filling;
import verdamen.core.balance.Filling.FillingWayOut;
import verdamen.core.caution.Cautions;
import verdamen.core.cooking.CookQuestion;
import verdamen.core.cooking.Cooking;
import verdamen.core.cooking.Keeping;
import verdamen.core.cooking.KeepingQuestion;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.formula.Facts;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.handling.BenchAdvice;
import verdamen.core.handling.Diagnosis;
import verdamen.core.handling.FormulaHandling;
import verdamen.core.handling.RolledDough;
import verdamen.core.handling.Spill;
import verdamen.core.method.Comparison;
import verdamen.core.method.WaterTemperature;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Feel;

/** Every station on random whole formulas: with chains, fillings, sponges, phases and every school. */
public class WholeFormulaTest {

    private static final int FORMULAS = 120;

    private final List<FormulaSpec> specs = new ArrayList<>();
    private final List<Formula> formulas = new ArrayList<>();

    @BeforeClass
    public void make() {
        System.out.println("whole formulas from seed " + RandomFormulas.SEED + " (-Dverdamen.seed)");
        RandomFormulas random = new RandomFormulas(RandomFormulas.SEED);
        for (int tried = 0; formulas.size() < FORMULAS; tried++) {
            assertTrue(tried < 20 * FORMULAS, "most random formulas are refused");
            FormulaSpec spec = random.whole();
            try {
                formulas.add(FormulaReader.read(spec, Doughs.BOOK));
                specs.add(spec);
            } catch (RefusedException refused) {
                assertTrue(!refused.faults().isEmpty(), spec.toString());
            }
        }
    }

    @Test
    public void noStationAnswersWithANumberThatIsNone() {
        for (int at = 0; at < FORMULAS; at++) {
            Formula formula = formulas.get(at);
            String what = specs.get(at).toString();
            Finite.check(what, Evaluation.of(formula));
            Finite.check(what, FormulaHandling.of(RolledDough.of(formula)));
            Finite.check(what, WaterTemperature.of(formula));
            Finite.check(what, Filling.of(Dough.of(formula)).orElse(null));
            Finite.check(what, Facts.of(formula, Map.of()));
            Finite.check(what, Cautions.of(formula));
            FormulaSpec spec = specs.get(at);
            if (formula.sheetMm() >= Limit.COOKED_SHEET_MM.least()) {
                Finite.check(what, Cooking.of(new CookQuestion(spec, null, null, null, null, null, null), Doughs.BOOK));
                Finite.check(what, Keeping.of(new KeepingQuestion(spec, null, null), Doughs.BOOK));
            }
        }
    }

    @Test
    public void everySchoolCanBeComparedOrSaysThatItCannot() {
        for (FormulaSpec spec : specs.subList(0, FORMULAS / 4)) {
            List<Comparison> comparisons = Comparison.of(spec, Doughs.BOOK);
            Finite.check(spec.toString(), comparisons);
            double needed = Balance.of(Doughs.read(spec)).water().needed();
            comparisons.forEach(each -> assertEquals(each.now().waterGrams(), needed, 1e-9));
        }
    }

    @Test
    public void everySymptomHasCausesThatAreOrdered() {
        for (Formula formula : formulas.subList(0, FORMULAS / 4)) {
            for (Diagnosis.Symptom symptom : Diagnosis.symptoms()) {
                Diagnosis diagnosis = Diagnosis.of(formula, symptom.code());
                Finite.check(formula.toString(), diagnosis);
                double before = 100;
                for (Diagnosis.Cause cause : diagnosis.causes()) {
                    assertTrue(cause.likelihood() <= before + 1e-12, symptom.code());
                    before = cause.likelihood();
                }
            }
        }
    }

    @Test
    public void adviceBringsWhateverIsFeltToItsTarget() {
        int corrected = 0;
        for (int at = 0; at < FORMULAS; at++) {
            Formula formula = formulas.get(at);
            Dough dough = Dough.of(formula);
            if (dough.softness(20) == null) {
                continue;
            }
            for (Feel feel : Doughs.BOOK.feels()) {
                BenchAdvice advice = BenchAdvice.of(specs.get(at), Doughs.BOOK, 20, feel.code(), null);
                Finite.check(specs.get(at).toString(), advice);
                if (advice.additions().isEmpty()) {
                    continue;
                }
                corrected++;
                assertTrue(advice.low() <= advice.whole() + 1e-9 && advice.whole() <= advice.high() + 1e-9);
                assertTrue(advice.grams() <= advice.whole() + 1e-9);
                double all = advice.additions().stream()
                        .mapToDouble(BenchAdvice.Added::grams)
                        .sum();
                // A share of the flour on the bench may go along with the flour that is put in.
                double more = advice.after().doughGrams() - advice.before().doughGrams();
                assertEquals(more, all, formula.method().sticking() == null ? 1e-6 : 0.1 * all, advice.toString());
            }
        }
        assertTrue(corrected > FORMULAS, "enough corrections: " + corrected);
    }

    @Test
    public void whatIsForgottenCanBePutInAgain() {
        for (Formula formula : formulas) {
            formula.askedLines().stream()
                    .filter(line -> line.part() == verdamen.core.formula.Part.DOUGH && line.grams() > 0)
                    .forEach(line -> {
                        Spill spill = Spill.of(formula, line.index(), 0.5, true);
                        Finite.check(formula.toString(), spill);
                        assertTrue(spill.low() <= spill.grams() && spill.grams() <= spill.high(), spill.toString());
                    });
        }
    }

    @Test
    public void aWetFillingHasAWayOutThatIsWithinItsLimit() {
        int wet = 0;
        for (Formula formula : formulas) {
            Filling filling = Filling.of(Dough.of(formula)).orElse(null);
            if (filling == null) {
                continue;
            }
            assertTrue(filling.freeWaterPct() >= 0 && filling.freeWaterPct() <= 100, filling.toString());
            assertEquals(filling.tooWet(), !filling.waysOut().isEmpty());
            for (FillingWayOut way : filling.waysOut()) {
                wet++;
                boolean possible = way.obstacle() == null;
                assertEquals(possible, way.afterPct() != null, way.toString());
                assertTrue(!possible || way.afterPct() <= filling.limitPct() + 1e-6, way.toString());
            }
        }
        assertTrue(wet > 30, "enough wet fillings: " + wet);
    }
}
