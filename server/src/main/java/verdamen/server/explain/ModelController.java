package verdamen.server.explain;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.explain.ModelBook;

/** How it is computed, over the API. */
@RestController
@RequestMapping("/api/model")
class ModelController {

    /** The model's page: every rule and every coefficient. */
    @GetMapping
    ModelBook model() {
        return ModelBook.book();
    }
}
