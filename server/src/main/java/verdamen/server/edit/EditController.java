package verdamen.server.edit;

import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.edit.EditedFormula;
import verdamen.core.edit.FormulaEdit;
import verdamen.core.edit.FormulaEdits;
import verdamen.core.formula.FormulaSpec;
import verdamen.server.pantry.PantryService;

/** Changes of a formula that follow a rule of the job. Nothing is saved. */
@RestController
@RequestMapping("/api/edits")
class EditController {

    private final PantryService pantry;

    EditController(PantryService pantry) {
        this.pantry = pantry;
    }

    /**
     * A formula and what is to be done to it.
     *
     * @param formula the formula as it is
     * @param edit what to do
     */
    record EditRequest(FormulaSpec formula, FormulaEdit edit) {}

    /** The formula changed as asked. */
    @PostMapping
    EditedFormula edit(@RequestBody EditRequest request) {
        return FormulaEdits.apply(request.formula(), request.edit(), pantry.pantry());
    }
}
