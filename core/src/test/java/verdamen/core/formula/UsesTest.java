package verdamen.core.formula;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.pantry.Aliases;
import verdamen.core.pantry.Aliases.Kind;
import verdamen.core.pantry.Aliases.Old;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepSpec;

/** What a formula names, and how that outlives a renaming. */
public class UsesTest {

    private static final FormulaSpec SAVED = Doughs.spec(
                    "flat-roti",
                    LineSpec.of("atta-stone", 400).withOrigin(new LineOrigin("2 cups", "mug", 2.0, 12L, null)),
                    LineSpec.of("pumpkin-cooked", 100).withForm("pulp"),
                    LineSpec.ofPrep("p"))
            .withPreps(List.of(new ChainSpec(
                    "p",
                    null,
                    "marrow",
                    300.0,
                    null,
                    List.of(StepSpec.of(StepKind.SALT_STAND).alsoAdding("rock-salt", 4)))));

    @Test
    public void everyNameIsFoundInLinesPreparationsAndWhatIsPutIn() {
        Uses uses = Uses.of(SAVED);
        assertEquals(uses.ingredients(), Set.of("atta-stone", "pumpkin-cooked", "marrow", "rock-salt"));
        assertEquals(uses.measures(), Set.of("mug"));
        assertEquals(uses.lots(), Set.of(12L));
    }

    @Test
    public void aFormulaSavedUnderOldCodesIsRead() {
        Aliases aliases = new Aliases(Map.of(
                new Old(Kind.STYLE, "flat-roti"), "roti",
                new Old(Kind.INGREDIENT, "atta-stone"), "wheat-atta",
                new Old(Kind.INGREDIENT, "marrow"), "courgette-raw",
                new Old(Kind.INGREDIENT, "rock-salt"), "salt-fine",
                new Old(Kind.FORM, "pulp"), "puree",
                new Old(Kind.MEASURE, "mug"), "cup"));
        FormulaSpec now = SAVED.withCurrentCodes(aliases);
        assertEquals(Uses.of(now).ingredients(), Set.of("wheat-atta", "pumpkin-cooked", "courgette-raw", "salt-fine"));
        assertEquals(Uses.of(now).measures(), Set.of("cup"));
        assertEquals(Doughs.read(now).style().code(), "roti");
        assertEquals(Doughs.read(now).lines().get(1).form().code(), "puree");
        assertFalse(Uses.of(SAVED.withCurrentCodes(Aliases.NONE)).ingredients().contains("wheat-atta"));
    }
}
