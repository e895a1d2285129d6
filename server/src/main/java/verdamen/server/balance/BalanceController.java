package verdamen.server.balance;

import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.balance.LotComparison;
import verdamen.core.formula.BakersPercentages;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
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
    List<ComparedLot> lots(@RequestBody LotsRequest request) {
        List<Lot> there = lots.lotsOf(LotComparison.flour(request.formula(), request.line()));
        List<LotComparison> compared = LotComparison.of(
                request.formula(),
                request.line(),
                there.stream()
                        .map(lot -> new LotComparison.Lot(lot.moisturePct(), lot.proteinPct()))
                        .toList(),
                pantry.pantry());
        List<ComparedLot> answer = new ArrayList<>(List.of(ComparedLot.of(null, compared.get(0))));
        for (int index = 0; index < there.size(); index++) {
            answer.add(ComparedLot.of(there.get(index), compared.get(index + 1)));
        }
        return answer;
    }

    /** The grams of all lines after one is set to a baker's percentage. */
    @PostMapping("/percentage")
    PercentageAnswer percentage(@RequestBody PercentageRequest request) {
        return new PercentageAnswer(BakersPercentages.set(
                FormulaReader.read(request.formula(), pantry.pantry()), request.line(), request.pct()));
    }
}
