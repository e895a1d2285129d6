package verdamen.core.portion;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static verdamen.core.Doughs.line;

import java.util.Collections;
import java.util.List;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.Fault;
import verdamen.core.model.RefusedException;
import verdamen.core.portion.Order.NeededIngredient;
import verdamen.core.portion.Order.OrderItem;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepSpec;

/** Several formulas at a time. */
public class OrderTest {

    private static final FormulaSpec ROTI = Doughs.roti(262);
    private static final FormulaSpec TORTILLA = Doughs.spec(
                    "tortilla", line("wheat-atta", 200), line("water", 90), line("salt-fine", 4), LineSpec.ofPrep("c"))
            .withPreps(List.of(new ChainSpec(
                    "c",
                    null,
                    "courgette-raw",
                    300.0,
                    null,
                    List.of(
                            StepSpec.of(StepKind.GRATE),
                            StepSpec.of(StepKind.PRESS).running(100)))));

    private static Order order(OrderItem... items) {
        return Order.of(List.of(items), 0.01, Doughs.BOOK);
    }

    private static NeededIngredient needed(Order order, String code) {
        return order.ingredients().stream()
                .filter(each -> each.ingredient().equals(code))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void whatIsNeededIsThatOfEachFormulaTogetherAsItIsBought() {
        Order order = order(new OrderItem(ROTI, 26), new OrderItem(TORTILLA, 10));
        Scaling roti = Scaling.of(new ScalingQuestion(ROTI, null, 26, null, null, null, 0.01), Doughs.BOOK);
        Scaling tortilla = Scaling.of(new ScalingQuestion(TORTILLA, null, 10, null, null, null, 0.01), Doughs.BOOK);
        assertEquals(order.formulas().get(0).factor(), roti.factor(), 1e-9);
        assertEquals(order.formulas().get(0).pieces(), 26);
        assertEquals(order.doughGrams(), roti.doughGrams() + tortilla.doughGrams(), 1e-9);
        NeededIngredient atta = needed(order, "wheat-atta");
        assertEquals(atta.of().get(0), 400 * roti.factor(), 0.01);
        assertEquals(atta.of().get(1), 200 * tortilla.factor(), 0.01);
        assertEquals(atta.grams(), atta.of().get(0) + atta.of().get(1), 1e-9);
        assertEquals(
                needed(order, "courgette-raw").grams(), 300 * tortilla.factor(), 0.02, "as bought, not as pressed");
        assertEquals(needed(order, "courgette-raw").of().get(0), 0.0);
        double before = Double.MAX_VALUE;
        for (NeededIngredient each : order.ingredients()) {
            assertTrue(each.grams() <= before);
            before = each.grams();
        }
    }

    @Test
    public void theSameFormulaTwiceIsAsMuchAsBothTogether() {
        Order twice = order(new OrderItem(ROTI, 10), new OrderItem(ROTI, 16));
        assertEquals(
                needed(twice, "water").grams(),
                needed(order(new OrderItem(ROTI, 26)), "water").grams(),
                0.05);
    }

    @Test
    public void whatCannotBeOrderedIsNamedWithItsPlace() {
        FormulaSpec none = Doughs.spec("roti", line("wheat-atta", 0));
        RefusedException refused = expectThrows(
                RefusedException.class,
                () -> order(
                        new OrderItem(ROTI, 0),
                        new OrderItem(ROTI, null),
                        new OrderItem(none, 4),
                        new OrderItem(ROTI, 5)));
        assertEquals(
                refused.faults().stream().map(Fault::field).toList(),
                List.of("items[0].pieces", "items[1].pieces", "items[2].lines"));
        expectThrows(RefusedException.class, () -> Order.of(List.of(), null, Doughs.BOOK));
        expectThrows(
                RefusedException.class,
                () -> Order.of(Collections.nCopies(31, new OrderItem(ROTI, 5)), null, Doughs.BOOK));
    }
}
