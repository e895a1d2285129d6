package verdamen.server.formula;

import java.net.URI;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.server.formula.FormulaService.Saving;

/** Formulas over the API. */
@RestController
@RequestMapping("/api/formulas")
class FormulaController {

    private static final String KEY = "Idempotency-Key";

    private final FormulaService formulas;
    private final FormulaList list;
    private final FormulaBin bin;

    FormulaController(FormulaService formulas, FormulaList list, FormulaBin bin) {
        this.formulas = formulas;
        this.bin = bin;
        this.list = list;
    }

    /** A page of the formulas by their newest versions. */
    @GetMapping
    FormulaPage list(
            @RequestParam(required = false) @Nullable String search,
            @RequestParam(required = false) @Nullable String state,
            @RequestParam(defaultValue = "saved") String sort,
            @RequestParam(defaultValue = "true") boolean down,
            @RequestParam(required = false) @Nullable String after,
            @RequestParam(defaultValue = "50") int limit) {
        return list.page(search, state, sort, down, after, limit);
    }

    /** Saves a new formula. A save repeated with the same key is one save. */
    @PostMapping
    ResponseEntity<FormulaDocument> create(
            @RequestBody SaveRequest request, @RequestHeader(name = KEY, required = false) @Nullable String key) {
        return created(formulas.create(request, saving(key)));
    }

    /** The deleted formulas that can still be restored. */
    @GetMapping("/bin")
    List<FormulaBin.Binned> bin() {
        return bin.bin();
    }

    /** Deletes a formula: it stays in the bin for thirty days. Answers what is in the bin then. */
    @DeleteMapping("/{id}")
    List<FormulaBin.Binned> delete(@PathVariable long id) {
        bin.delete(id);
        return bin.bin();
    }

    /** Takes a formula out of the bin. */
    @PostMapping("/{id}/restore")
    FormulaDocument restore(@PathVariable long id) {
        bin.restore(id);
        return formulas.newest(id);
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

    /** What was said of each version when it was saved and what is said now, the newest first. */
    @GetMapping("/{id}/said")
    List<SaidOfVersion> said(@PathVariable long id) {
        return formulas.said(id);
    }

    /** Saves a new version. A save repeated with the same key is one save. */
    @PostMapping("/{id}/versions")
    ResponseEntity<FormulaDocument> save(
            @PathVariable long id,
            @RequestBody SaveRequest request,
            @RequestHeader(name = KEY, required = false) @Nullable String key) {
        return created(formulas.save(id, request, saving(key)));
    }

    /** Sets where a formula stands in the kitchen's work. */
    @PutMapping("/{id}/state")
    FormulaDocument setState(@PathVariable long id, @RequestBody StateRequest request) {
        return formulas.setState(id, request.state());
    }

    private static Saving saving(@Nullable String key) {
        if (key == null) {
            return Saving.NOW;
        }
        Faults faults = new Faults();
        String checked = faults.text(KEY, key, Limit.CODE);
        faults.refuse();
        return Saving.withKey(checked);
    }

    private static ResponseEntity<FormulaDocument> created(FormulaDocument document) {
        URI location = URI.create("/api/formulas/" + document.id() + "/versions/"
                + document.version().number());
        return ResponseEntity.created(location).body(document);
    }
}
