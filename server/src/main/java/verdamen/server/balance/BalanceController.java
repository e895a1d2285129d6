package verdamen.server.balance;

import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.DoughSheet;
import verdamen.core.formula.BakersPercentages;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.server.intake.IntakeService;
import verdamen.server.pantry.PantryService;

/** The balance over the API. Nothing is saved. */
@RestController
@RequestMapping("/api/balance")
class BalanceController {

    private final PantryService pantry;
    private final IntakeService intake;

    BalanceController(PantryService pantry, IntakeService intake) {
        this.pantry = pantry;
        this.intake = intake;
    }

    /** The balance of a formula. */
    @PostMapping
    BalanceAnswer balance(@RequestBody FormulaSpec formula) {
        Formula read = FormulaReader.read(formula, pantry.pantry());
        return BalanceAnswer.of(DoughSheet.of(read), intake.slips(read));
    }

    /** The grams of all lines after one is set to a baker's percentage. */
    @PostMapping("/percentage")
    PercentageAnswer percentage(@RequestBody PercentageRequest request) {
        return new PercentageAnswer(BakersPercentages.set(
                FormulaReader.read(request.formula(), pantry.pantry()), request.line(), request.pct()));
    }
}
