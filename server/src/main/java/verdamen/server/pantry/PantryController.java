package verdamen.server.pantry;

import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.pantry.IngredientSpec;

/** The pantry over the API. */
@RestController
@RequestMapping("/api/pantry")
class PantryController {

    private final PantryService pantry;

    PantryController(PantryService pantry) {
        this.pantry = pantry;
    }

    /** Everything a formula can be made from. */
    @GetMapping
    PantryDocument pantry() {
        return PantryDocument.of(pantry.kitchenPantry());
    }

    /** Saves a new ingredient of the kitchen's own. */
    @PostMapping("/ingredients")
    @ResponseStatus(HttpStatus.CREATED)
    PantryDocument create(@RequestBody IngredientSpec spec) {
        pantry.saveOwn(null, spec);
        return pantry();
    }

    /** Saves an ingredient of the kitchen's own again. */
    @PutMapping("/ingredients/{code}")
    PantryDocument save(@PathVariable String code, @RequestBody IngredientSpec spec) {
        pantry.saveOwn(code, spec);
        return pantry();
    }

    /** Takes an ingredient of the kitchen's own away. */
    @DeleteMapping("/ingredients/{code}")
    PantryDocument delete(@PathVariable String code) {
        pantry.deleteOwn(code);
        return pantry();
    }

    /**
     * A figure of the kitchen's own.
     *
     * @param field which figure
     * @param value its value; null for the book's again
     * @param source where it comes from
     */
    record ValueRequest(
            @Nullable String field,
            @Nullable Double value,
            @Nullable String source) {}

    /** Sets a figure of the kitchen's own over the book's. */
    @PutMapping("/ingredients/{code}/values")
    PantryDocument setValue(@PathVariable String code, @RequestBody ValueRequest request) {
        pantry.setValue(code, request.field(), request.value(), request.source());
        return pantry();
    }

    /**
     * A price.
     *
     * @param amount in the kitchen's currency; null for none
     * @param per {@code kg} or {@code l}
     */
    record PriceRequest(@Nullable Double amount, @Nullable String per) {}

    /** Sets the price of an ingredient. */
    @PutMapping("/ingredients/{code}/price")
    PantryDocument setPrice(@PathVariable String code, @RequestBody PriceRequest request) {
        pantry.setPrice(code, request.amount(), request.per());
        return pantry();
    }
}
