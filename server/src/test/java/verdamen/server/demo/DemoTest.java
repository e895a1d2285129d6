package verdamen.server.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Standing;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.evaluation.Slip;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.ReferenceTables;
import verdamen.core.pantry.Role;
import verdamen.server.ServerTest;
import verdamen.server.formula.FormulaService;
import verdamen.server.formula.FormulaService.History;
import verdamen.server.formula.FormulaState;
import verdamen.server.intake.IntakeService;
import verdamen.server.pantry.LotService;
import verdamen.server.pantry.LotService.Lot;
import verdamen.server.pantry.MeasureService;
import verdamen.server.pantry.PantryService;

/** Orrin Weir's kitchen: what a new user sees first must be sound. */
public class DemoTest extends ServerTest {

    private static final Set<String> NAMES = Set.of(
            "Pumpkin and emmer roti",
            "Nettle and rye tortilla",
            "Parsnip-filled paratha",
            "Yellow-pea pita",
            "Red lentil and kale roti",
            "Courgette and barley tortilla",
            "Swede and wheat griddle flatbread",
            "Semolina and chard round");

    @Autowired
    private FormulaService formulas;

    @Autowired
    private PantryService pantry;

    @Autowired
    private LotService lots;

    @Autowired
    private MeasureService measures;

    @Autowired
    private IntakeService intake;

    @Test
    public void thereAreEightFormulasEachWithAHistoryAndAReasonForEveryVersion() {
        List<History> demo = demo();
        assertEquals(demo.size(), NAMES.size());
        for (History history : demo) {
            assertTrue(history.versions().size() >= 2, history.uid());
            for (History.Entry entry : history.versions()) {
                assertFalse(entry.version().note().isBlank(), entry.version().name());
            }
            for (int i = 1; i < history.versions().size(); i++) {
                assertEquals(
                        history.versions().get(i).version().parentNumber(),
                        Integer.valueOf(history.versions().get(i - 1).version().number()));
                assertTrue(history.versions()
                        .get(i)
                        .version()
                        .savedAt()
                        .isAfter(history.versions().get(i - 1).version().savedAt()));
            }
        }
    }

    @Test
    public void whatIsInUseIsInBalanceAndCanBeRolled() {
        for (History history : demo()) {
            Evaluation newest = newest(history);
            if (history.state() != FormulaState.SET_ASIDE) {
                String name = history.versions().get(0).version().name();
                assertEquals(newest.balance().water().standing(), Standing.IN_BALANCE, name);
                assertNotNull(newest.window(), name);
            }
        }
    }

    @Test
    public void noNewestVersionHasASlip() {
        for (History history : demo()) {
            List<Slip> slips = intake.slips(Dough.of(newest(history).formula()));
            assertTrue(slips.isEmpty(), history.versions().get(0).version().name() + " " + slips);
        }
    }

    @Test
    public void statesOfAllKindsAreShown() {
        assertEquals(demo().stream().map(History::state).distinct().count(), FormulaState.values().length);
    }

    @Test
    public void everyMainFlourHasTwoLots() {
        Map<String, List<Lot>> byFlour = new HashMap<>();
        lots.lots()
                .forEach(lot -> byFlour.computeIfAbsent(lot.ingredient(), code -> new ArrayList<>())
                        .add(lot));
        for (String flour :
                List.of("wheat-atta", "emmer-whole", "rye-whole", "wheat-strong-white", "wheat-plain-white")) {
            assertTrue(byFlour.getOrDefault(flour, List.of()).size() >= 2, flour);
        }
        for (Lot lot : lots.lots()) {
            assertEquals(ingredient(lot.ingredient()).role(), Role.FLOUR);
        }
    }

    @Test
    public void vesselsAreCalibrated() {
        double taught = measures.measures()
                .weightOf("mill-scoop", ingredient("wheat-atta"))
                .orElseThrow()
                .grams();
        assertTrue(taught > 150 && taught < 210, "a mill scoop of atta weighs " + taught);
    }

    @Test
    public void theBookStaysUnderneathTheKitchensOwnFigures() {
        double book = ReferenceTables.load()
                .ingredient("khorasan-whole")
                .orElseThrow()
                .behaviour()
                .absorptionPct();
        assertFalse(ingredient("khorasan-whole").behaviour().absorptionPct() == book);
    }

    private List<History> demo() {
        List<History> all = new ArrayList<>();
        formulas.histories(List.of(), all::add);
        return all.stream()
                .filter(history ->
                        NAMES.contains(history.versions().get(0).version().name()))
                .toList();
    }

    private Evaluation newest(History history) {
        Formula formula = FormulaReader.read(
                history.versions().get(history.versions().size() - 1).formula(), pantry.pantry());
        return Evaluation.of(formula);
    }

    private Ingredient ingredient(String code) {
        return pantry.pantry().ingredient(code).orElseThrow();
    }
}
