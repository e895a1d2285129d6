package verdamen.server.portion;

import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.cooking.CookQuestion;
import verdamen.core.cooking.Cooking;
import verdamen.core.cooking.Keeping;
import verdamen.core.cooking.KeepingQuestion;
import verdamen.core.portion.Portion;
import verdamen.core.portion.PortionQuestion;
import verdamen.core.portion.Scaling;
import verdamen.core.portion.ScalingQuestion;
import verdamen.core.portion.Shapes;
import verdamen.core.portion.ShapesQuestion;
import verdamen.server.pantry.PantryService;

/** A dough in pieces, in the pan and afterwards. Nothing is saved. */
@RestController
@RequestMapping("/api")
class PortionController {

    private final PantryService pantry;
    private final OrderService orders;

    PortionController(PantryService pantry, OrderService orders) {
        this.pantry = pantry;
        this.orders = orders;
    }

    /** How the dough is divided. */
    @PostMapping("/portion")
    Portion portion(@RequestBody PortionQuestion asked) {
        return Portion.of(asked, pantry.pantry());
    }

    /** The formula larger or smaller, as it is weighed. */
    @PostMapping("/portion/scale")
    Scaling scale(@RequestBody ScalingQuestion asked) {
        return Scaling.of(asked, pantry.pantry());
    }

    /** Several formulas at a time. */
    @PostMapping("/portion/order")
    OrderService.OrderAnswer order(@RequestBody OrderService.OrderRequest asked) {
        return orders.order(asked);
    }

    /** Pieces that are filled, layered or cut. */
    @PostMapping("/portion/shapes")
    Shapes shapes(@RequestBody ShapesQuestion asked) {
        return Shapes.of(asked, pantry.pantry());
    }

    /** How pieces are cooked. */
    @PostMapping("/cook")
    Cooking cook(@RequestBody CookQuestion asked) {
        return Cooking.of(asked, pantry.pantry());
    }

    /** How long they stay soft, or crisp. */
    @PostMapping("/keeping")
    Keeping keeping(@RequestBody KeepingQuestion asked) {
        return Keeping.of(asked, pantry.pantry());
    }
}
