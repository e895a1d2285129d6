package verdamen.core.caution;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
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
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepSpec;

/** The cautions: each applies where it should, and comes back when its cause changes. */
public class CautionsTest {

    private static final FormulaSpec PLAIN = Doughs.spec("tortilla", line("rice-flour-brown", 300), line("water", 200));

    private static FormulaSpec plus(String ingredient) {
        List<LineSpec> lines = new ArrayList<>(PLAIN.lines());
        lines.add(line(ingredient, 20));
        return PLAIN.withLines(lines);
    }

    private static FormulaSpec prepared(String ingredient, String liquid, StepKind... kinds) {
        List<StepSpec> steps = java.util.Arrays.stream(kinds).map(StepSpec::of).toList();
        return PLAIN.withPreps(List.of(new ChainSpec("it", null, ingredient, 200.0, liquid, steps)));
    }

    private static FormulaSpec method(MethodSpec method) {
        return PLAIN.withMethod(method);
    }

    /** Each row: caution, a formula to which it applies; the plain one is free of it unless it is a caution on flour. */
    @DataProvider
    Object[][] cautions() {
        return new Object[][] {
            {"raw-flour", PLAIN},
            {"machine", PLAIN.withSettings("machine", null, null, null)},
            {"boiling-water", PLAIN.withSettings(null, null, 80.0, null)},
            {"boiling-step", prepared("potato-raw", null, StepKind.BOIL)},
            {"hot-fat-wet", prepared("spinach-raw", null, StepKind.WILT)},
            {"hot-butter", prepared("butter", null, StepKind.CLARIFY)},
            {"cooling-hold", prepared("potato-raw", null, StepKind.BOIL)},
            {"kept-liquid", prepared("courgette-raw", "kept", StepKind.PRESS)},
            {"kidney-beans", plus("kidney-bean-cooked")},
            {"pulse-flour", plus("chickpea-flour")},
            {"fava", plus("fava-flour")},
            {"puff-steam", Doughs.roti(250)},
            {"open-flame", PLAIN},
            {"non-stick", method(MethodSpec.NONE.withHeat("oven-stone"))},
            {"hot-fat", method(MethodSpec.NONE.withHeat("medium-fat"))},
            {"covered-steam", method(MethodSpec.NONE.withHeat("covered"))},
            {"plastic", method(MethodSpec.NONE.withSticking("sheets"))},
            {"raw-dough-dated", Doughs.phased(PLAIN, new PhaseSpec("chill", 600.0, 4.0))},
            {"allergen-gluten", plus("wheat-atta")},
            {"allergen-milk", plus("ghee")},
            {"allergen-soy", plus("soy-flour-defatted")},
            {"allergen-sesame", plus("sesame-oil")},
            {"allergen-mustard", plus("mustard-greens-raw")},
            {"allergen-nuts", plus("almond-flour")},
            {"allergen-lupin", plus("lupin-flour")},
            {"allergen-sulphite", sulphite()},
            {"not-gluten-free", plus("spelt-whole")},
            {"honey-infants", plus("honey")},
            {"wild-greens", plus("nettle-raw")},
        };
    }

    private static FormulaSpec sulphite() {
        String code = Doughs.BOOK.ingredients().stream()
                .filter(each -> each.allergens().contains("sulphite"))
                .findFirst()
                .orElseThrow()
                .code();
        return plus(code);
    }

    @Test(dataProvider = "cautions")
    public void appliesWhereItShould(String code, FormulaSpec spec) {
        Caution caution = find(spec, code);
        assertFalse(caution.cause().isBlank() || caution.at().isBlank(), code);
        boolean plainHasIt = Cautions.of(Doughs.read(PLAIN)).stream()
                .anyMatch(each -> each.code().equals(code));
        assertEquals(plainHasIt, Set.of("raw-flour", "open-flame", "non-stick").contains(code), code);
    }

    @Test
    public void everyRuleIsTested() {
        Set<String> tested = new HashSet<>();
        for (Object[] row : cautions()) {
            tested.add((String) row[0]);
        }
        for (Cautions.CautionRule rule : Cautions.rules()) {
            assertTrue(tested.contains(rule.code()), rule.code());
        }
        assertEquals(tested.size(), Cautions.rules().size());
    }

    @Test
    public void aStepCautionStandsAtItsStep() {
        FormulaSpec spec = prepared("potato-raw", null, StepKind.TRIM, StepKind.BOIL, StepKind.MASH);
        assertEquals(find(spec, "boiling-step").at(), "preps[0].steps[1]");
    }

    @Test
    public void anAcknowledgedCautionComesBackWhenItsCauseChanges() {
        FormulaSpec gluten = plus("wheat-atta");
        Caution open = find(gluten, "allergen-gluten");
        assertNull(open.acknowledgedBy());
        FormulaSpec read = acknowledged(gluten, open);
        assertEquals(find(read, "allergen-gluten").acknowledgedBy(), "Bench");
        List<LineSpec> lines = new ArrayList<>(read.lines());
        lines.add(line("rye-whole", 30));
        Caution again = find(read.withLines(lines), "allergen-gluten");
        assertNull(again.acknowledgedBy(), "rye is a new cause");
        lines.set(lines.size() - 1, line("cumin-seed", 3));
        assertEquals(find(read.withLines(lines), "allergen-gluten").acknowledgedBy(), "Bench");
    }

    private static FormulaSpec acknowledged(FormulaSpec spec, Caution caution) {
        RecipeNotes notes = RecipeNotes.NONE.withRemarks(
                null,
                List.of(new RecipeNotes.Acknowledged(
                        caution.code(), caution.cause(), "Bench", "2026-11-25T09:00:00Z")));
        return spec.withNotes(notes);
    }

    private static Caution find(FormulaSpec spec, String code) {
        return Cautions.of(Doughs.read(spec)).stream()
                .filter(each -> each.code().equals(code))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no caution " + code));
    }
}
