package verdamen.server.pantry;

import java.util.List;
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
import verdamen.core.pantry.LotSpec;
import verdamen.core.pantry.MoistureSpec;
import verdamen.server.pantry.LotService.Lot;

/** Lots of flour over the API. */
@RestController
@RequestMapping("/api/pantry/lots")
class LotController {

    private final LotService lots;

    LotController(LotService lots) {
        this.lots = lots;
    }

    /** All lots, those in use first. */
    @GetMapping
    List<Lot> lots() {
        return lots.lots();
    }

    /** Saves a new lot. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    List<Lot> create(@RequestBody LotSpec request) {
        return lots.save(null, request);
    }

    /** Saves a lot again. Formulas that carry its figures keep them. */
    @PutMapping("/{id}")
    List<Lot> save(@PathVariable long id, @RequestBody LotSpec request) {
        return lots.save(id, request);
    }

    /** Deletes a lot. */
    @DeleteMapping("/{id}")
    List<Lot> delete(@PathVariable long id) {
        return lots.delete(id);
    }

    /** A moisture that was found, %, wet basis. */
    record MoistureAnswer(double moisturePct) {}

    /** The moisture of a flour, by drying a sample or from the air of its store. */
    @PostMapping("/moisture")
    MoistureAnswer moisture(@RequestBody MoistureSpec request) {
        return new MoistureAnswer(request.moisturePct());
    }
}
