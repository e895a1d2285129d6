package verdamen.server.formula;

import java.net.URI;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Formulas over the API. */
@RestController
@RequestMapping("/api/formulas")
class FormulaController {

    private final FormulaService formulas;

    FormulaController(FormulaService formulas) {
        this.formulas = formulas;
    }

    /** Every formula by its newest version. */
    @GetMapping
    List<FormulaSummary> list() {
        return formulas.list();
    }

    /** Saves a new formula. */
    @PostMapping
    ResponseEntity<FormulaDocument> create(@RequestBody SaveRequest request) {
        return created(formulas.create(request));
    }

    /** A formula with its newest version. */
    @GetMapping("/{id}")
    FormulaDocument newest(@PathVariable long id) {
        return formulas.newest(id);
    }

    /** A formula with one of its versions. */
    @GetMapping("/{id}/versions/{number}")
    FormulaDocument version(@PathVariable long id, @PathVariable int number) {
        return formulas.version(id, number);
    }

    /** Saves a new version. */
    @PostMapping("/{id}/versions")
    ResponseEntity<FormulaDocument> save(@PathVariable long id, @RequestBody SaveRequest request) {
        return created(formulas.save(id, request));
    }

    /** Sets where a formula stands in the kitchen's work. */
    @PutMapping("/{id}/state")
    FormulaDocument setState(@PathVariable long id, @RequestBody StateRequest request) {
        return formulas.setState(id, request.state());
    }

    private static ResponseEntity<FormulaDocument> created(FormulaDocument document) {
        URI location = URI.create("/api/formulas/" + document.id() + "/versions/"
                + document.version().number());
        return ResponseEntity.created(location).body(document);
    }
}
