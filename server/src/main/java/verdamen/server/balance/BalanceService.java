package verdamen.server.balance;

import org.springframework.stereotype.Service;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.formula.Facts;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.RefusedException;
import verdamen.server.intake.IntakeService;
import verdamen.server.pantry.PantryService;

/** Balances formulas with this kitchen's pantry, prices and names. */
@Service
public class BalanceService {

    private final PantryService pantry;
    private final IntakeService intake;

    BalanceService(PantryService pantry, IntakeService intake) {
        this.pantry = pantry;
        this.intake = intake;
    }

    /**
     * The balance of a formula.
     *
     * @throws RefusedException with all faults, when the formula has any
     */
    public BalanceAnswer balance(FormulaSpec formula) {
        return balance(formula, Evaluation.of(read(formula)));
    }

    /** The balance of a formula that was evaluated already. */
    public BalanceAnswer balance(FormulaSpec formula, Evaluation evaluation) {
        return BalanceAnswer.of(
                formula, evaluation, intake.slips(evaluation.dough()), Facts.of(evaluation.formula(), pantry.prices()));
    }

    /**
     * A formula, checked.
     *
     * @throws RefusedException with all faults, when the formula has any
     */
    public Formula read(FormulaSpec formula) {
        return FormulaReader.read(formula, pantry.pantry());
    }
}
