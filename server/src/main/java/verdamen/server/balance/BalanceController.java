package verdamen.server.balance;

import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.balance.Balance;
import verdamen.core.formula.BakersPercentages;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.server.pantry.LotService;
import verdamen.server.pantry.LotService.Lot;
import verdamen.server.pantry.PantryService;

/** The balance over the API. Nothing is saved. */
@RestController
@RequestMapping("/api/balance")
class BalanceController {

    private final PantryService pantry;
    private final BalanceService balances;
    private final LotService lots;

    BalanceController(PantryService pantry, BalanceService balances, LotService lots) {
        this.pantry = pantry;
        this.balances = balances;
        this.lots = lots;
    }

    /** The balance of a formula. */
    @PostMapping
    BalanceAnswer balance(@RequestBody FormulaSpec formula) {
        return balances.balance(formula);
    }

    /** What the lots of a flour would do to the water needed: the book's flour first, then the newest lots. */
    @PostMapping("/lots")
    List<LotComparison> lots(@RequestBody LotsRequest request) {
        List<LineSpec> lines = request.formula().lines();
        LineSpec line = lines == null || request.line() < 0 || request.line() >= lines.size()
                ? null
                : lines.get(request.line());
        if (line == null || line.ingredient() == null) {
            throw new RefusedException(
                    List.of(new Fault(null, "line", FaultCode.UNKNOWN_CODE, String.valueOf(request.line()), null)));
        }
        double now = needed(request.formula());
        List<LotComparison> compared = new ArrayList<>();
        double book = needed(request, line.withLot(null, null));
        compared.add(new LotComparison(null, "", null, null, null, null, book, book - now));
        for (Lot lot : lots.lotsOf(line.ingredient())) {
            double with = needed(request, line.withLot(lot.moisturePct(), lot.proteinPct()));
            compared.add(new LotComparison(
                    lot.id(),
                    lot.name(),
                    lot.milledOn(),
                    lot.ageDays(),
                    lot.moisturePct(),
                    lot.proteinPct(),
                    with,
                    with - now));
        }
        return compared;
    }

    private double needed(LotsRequest request, LineSpec line) {
        List<LineSpec> lines = new ArrayList<>(request.formula().lines());
        lines.set(request.line(), line);
        return needed(request.formula().withLines(lines));
    }

    private double needed(FormulaSpec formula) {
        return Balance.of(FormulaReader.read(formula, pantry.pantry())).water().needed();
    }

    /** The grams of all lines after one is set to a baker's percentage. */
    @PostMapping("/percentage")
    PercentageAnswer percentage(@RequestBody PercentageRequest request) {
        return new PercentageAnswer(BakersPercentages.set(
                FormulaReader.read(request.formula(), pantry.pantry()), request.line(), request.pct()));
    }
}
