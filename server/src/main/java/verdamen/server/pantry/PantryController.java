package verdamen.server.pantry;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The pantry over the API. */
@RestController
class PantryController {

    private final PantryService pantry;

    PantryController(PantryService pantry) {
        this.pantry = pantry;
    }

    /** Everything a formula can be made from. */
    @GetMapping("/api/pantry")
    PantryDocument pantry() {
        return PantryDocument.of(pantry.pantry());
    }
}
