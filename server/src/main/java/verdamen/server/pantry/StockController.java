package verdamen.server.pantry;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.pantry.Stock;
import verdamen.server.pantry.StockService.StockOf;

/** What there is of ingredients, over the API. */
@RestController
@RequestMapping("/api/pantry/stock")
class StockController {

    private final StockService stock;

    StockController(StockService stock) {
        this.stock = stock;
    }

    /** What is known of every ingredient. */
    @GetMapping
    List<StockOf> stock() {
        return stock.stock();
    }

    /** Notes what there is of an ingredient; nothing known of it is forgotten. */
    @PutMapping("/{ingredient}")
    List<StockOf> noteStock(@PathVariable String ingredient, @RequestBody Stock request) {
        return stock.note(ingredient, request);
    }
}
