package verdamen.core.prep;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Role;

/** The tables of typical steps: complete, within bounds, and about things the pantry has. */
public class TypicalStepsTest {

    private static final Set<StepKind> WITHOUT_USUAL = EnumSet.of(StepKind.REHYDRATE, StepKind.CLARIFY, StepKind.COOL);

    @Test
    public void everyStepHasAUsualValueOrIsOfOneIngredientOnly() {
        for (StepKind kind : StepKind.values()) {
            boolean usual = TypicalSteps.all().stream()
                    .anyMatch(each -> each.step() == kind && each.what().equals("*"));
            assertEquals(usual, !WITHOUT_USUAL.contains(kind), kind.code());
        }
    }

    @Test
    public void everyRowIsAboutACodeOrGroupOfThePantry() {
        Set<String> known = Chains.BOOK.ingredients().stream()
                .flatMap(each -> java.util.stream.Stream.of(each.code(), each.group()))
                .collect(Collectors.toSet());
        known.add("*");
        for (TypicalSteps.Typical typical : TypicalSteps.all()) {
            assertTrue(known.contains(typical.what()), typical.toString());
        }
    }

    @Test
    public void everyValueIsWithinWhatItsStepCanDo() {
        for (TypicalSteps.Typical typical : TypicalSteps.all()) {
            double share = typical.share();
            boolean sound = switch (typical.step()) {
                case TRIM, GRATE, CHOP, ROAST, WILT, COOK_DOWN, MASH, PUREE -> share > 0.2 && share <= 1;
                case WASH -> share > 0 && share < 0.2;
                case SALT_STAND, PRESS -> share > 0 && share <= 0.6;
                case BOIL -> share > 0.7 && share < 1.3;
                case SOAK_BOIL -> share > 1.5 && share < 4;
                case REHYDRATE -> share > 2 && share < 12;
                case COOL -> share > 0 && share <= 40;
                case CLARIFY -> false;
            };
            assertTrue(sound, typical.toString());
        }
    }

    @Test
    public void whatAnIngredientBecomesIsInThePantry() {
        for (Ingredient ingredient : Chains.BOOK.ingredients()) {
            for (StepKind kind : StepKind.values()) {
                TypicalSteps.becomes(ingredient, kind)
                        .ifPresent(
                                code -> assertTrue(Chains.BOOK.ingredient(code).isPresent(), code));
            }
        }
        Map<String, String> fresh = TypicalSteps.driedToFresh();
        assertEquals(fresh.size(), 10);
        fresh.forEach((dried, other) -> assertTrue(
                Chains.BOOK.ingredient(dried).orElseThrow().composition().waterPct()
                        < Chains.BOOK
                                .ingredient(other)
                                .orElseThrow()
                                .composition()
                                .waterPct(),
                dried));
    }

    /** Every inclusion with every step that fits it. */
    @DataProvider
    Object[][] inclusions() {
        return Chains.BOOK.ingredients().stream()
                .filter(each -> each.role() == Role.INCLUSION)
                .map(each -> new Object[] {each})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "inclusions")
    public void everyInclusionGoesThroughEveryStepThatFitsIt(Ingredient ingredient) {
        boolean dry = ingredient.group().startsWith("dry-");
        for (StepKind kind : StepKind.values()) {
            boolean fits = switch (kind) {
                case CLARIFY, REHYDRATE -> false;
                case SOAK_BOIL -> dry;
                default -> true;
            };
            // what hardly has water cannot be dried much further by the usual shares of vegetables
            if (!fits || (dry && kind != StepKind.SOAK_BOIL)) {
                continue;
            }
            boolean driesOut = ingredient.composition().waterPct() < 62 && kind == StepKind.COOK_DOWN;
            if (driesOut) {
                continue;
            }
            Chain chain = Chains.read(ingredient.code(), 200, StepSpec.of(kind));
            assertTrue(chain.result().grams() > 0, ingredient.code() + " " + kind.code());
            assertTrue(chain.form() != null && Chains.BOOK.form(chain.form()).isPresent(), kind.code());
            assertEquals(chain.steps().get(0).massError(), 0, 1e-9, kind.code());
        }
    }
}
