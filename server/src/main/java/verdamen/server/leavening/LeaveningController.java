package verdamen.server.leavening;

import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.balance.Dough;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.leavening.Fermentation;
import verdamen.core.leavening.FermentationQuestion;
import verdamen.core.leavening.SodaAndPowder;
import verdamen.server.pantry.PantryService;

/** The rise of a dough, and its soda and powder, for programs that ask for nothing else. Nothing is saved. */
@RestController
@RequestMapping("/api")
class LeaveningController {

    private final PantryService pantry;

    LeaveningController(PantryService pantry) {
        this.pantry = pantry;
    }

    /** How a dough with yeast rises in places of its own. */
    @PostMapping("/fermentation")
    Fermentation fermentation(@RequestBody FermentationQuestion asked) {
        return Fermentation.of(asked, pantry.pantry());
    }

    /**
     * Which formula's soda and powder.
     *
     * @param formula the formula
     */
    record LeaveningRequest(FormulaSpec formula) {}

    /** What soda and powder do in a dough. */
    @PostMapping("/leavening")
    SodaAndPowder leavening(@RequestBody LeaveningRequest asked) {
        return SodaAndPowder.of(Dough.of(FormulaReader.read(asked.formula(), pantry.pantry())));
    }
}
