package verdamen.server.portion;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.core.portion.Order;
import verdamen.server.formula.FormulaService;
import verdamen.server.formula.FormulaService.History;
import verdamen.server.pantry.PantryService;

/** Several formulas of the kitchen, each for so many pieces. Nothing is saved. */
@Service
class OrderService {

    private final FormulaService formulas;
    private final PantryService pantry;

    OrderService(FormulaService formulas, PantryService pantry) {
        this.formulas = formulas;
        this.pantry = pantry;
    }

    /**
     * A formula that is ordered, in its newest version.
     *
     * @param formula its id
     * @param pieces how many pieces
     */
    record OrderedItem(
            long formula, @Within(Limit.PIECES) @Nullable Integer pieces) {}

    /**
     * What is ordered.
     *
     * @param items the formulas
     * @param stepGrams to what a scale weighs, g; absent for a kitchen scale
     */
    record OrderRequest(
            @Within(Limit.ORDER_ITEMS) List<OrderedItem> items,
            @Within(Limit.SCALE_STEP) @Nullable Double stepGrams) {}

    /**
     * An order.
     *
     * @param names the name of each formula, in their order
     * @param versions the version of each
     * @param order what is made and needed
     */
    record OrderAnswer(List<String> names, List<Integer> versions, Order order) {}

    @Transactional(readOnly = true)
    public OrderAnswer order(OrderRequest asked) {
        Faults faults = new Faults();
        List<OrderedItem> items = faults.atMost("items", asked.items(), Limit.ORDER_ITEMS);
        faults.require(!items.isEmpty(), "items", FaultCode.MISSING, null);
        faults.refuse();
        Map<Long, History.Entry> newest = new LinkedHashMap<>();
        formulas.histories(
                items.stream().map(OrderedItem::formula).distinct().toList(),
                history -> newest.put(
                        history.id(), history.versions().get(history.versions().size() - 1)));
        List<String> names = new ArrayList<>();
        List<Integer> versions = new ArrayList<>();
        List<Order.OrderItem> ordered = new ArrayList<>();
        for (int at = 0; at < items.size(); at++) {
            OrderedItem item = items.get(at);
            History.Entry found = newest.get(item.formula());
            faults.require(found != null, "items[" + at + "].formula", FaultCode.UNKNOWN_CODE, item.formula());
            if (found != null) {
                names.add(found.version().name());
                versions.add(found.version().number());
                ordered.add(new Order.OrderItem(found.formula(), item.pieces()));
            }
        }
        faults.refuse();
        return new OrderAnswer(names, versions, Order.of(ordered, asked.stepGrams(), pantry.pantry()));
    }
}
