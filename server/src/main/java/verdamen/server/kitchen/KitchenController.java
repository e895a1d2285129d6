package verdamen.server.kitchen;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The kitchen's settings over the API. */
@RestController
@RequestMapping("/api/kitchen")
class KitchenController {

    private final KitchenService kitchen;

    KitchenController(KitchenService kitchen) {
        this.kitchen = kitchen;
    }

    /** The settings as they are. */
    @GetMapping
    Kitchen kitchen() {
        return kitchen.kitchen();
    }

    /** Saves the settings. */
    @PutMapping
    Kitchen save(@RequestBody Kitchen settings) {
        return kitchen.save(settings);
    }
}
