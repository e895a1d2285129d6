package verdamen.server.rework;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.core.rework.Carried;
import verdamen.core.rework.Compared;
import verdamen.core.rework.Proposal;
import verdamen.core.rework.Rework;
import verdamen.core.rework.SubstitutionSpec;
import verdamen.server.balance.BalanceAnswer;
import verdamen.server.balance.BalanceService;
import verdamen.server.pantry.PantryService;

/** One thing in the place of another, with what goes along. */
@RestController
@RequestMapping("/api/rework")
class ReworkController {

    private final BalanceService balances;
    private final PantryService pantry;

    ReworkController(BalanceService balances, PantryService pantry) {
        this.balances = balances;
        this.pantry = pantry;
    }

    /**
     * What takes the place of what.
     *
     * @param formula the formula
     * @param changes the substitutions, all made at once
     * @param without codes of what does not go along
     * @param weighable whether masses are wanted as a kitchen scale shows them
     */
    record SubstituteRequest(
            FormulaSpec formula,
            @Within(Limit.LINES) @Nullable List<SubstitutionSpec> changes,
            @Nullable List<String> without,
            @Nullable Boolean weighable) {}

    /**
     * The reworked formula.
     *
     * @param formula the reworked formula
     * @param base the balance of the formula as it was
     * @param balance the balance of the reworked formula
     * @param proposals what goes along, with its reasons; what was left out too
     * @param compared what came in and went out
     */
    record SubstituteAnswer(
            FormulaSpec formula,
            BalanceAnswer base,
            BalanceAnswer balance,
            List<Proposal> proposals,
            Compared compared) {}

    /** The formula with substitutions made, and its balance beside that of the formula as it was. */
    @PostMapping("/substitute")
    SubstituteAnswer substitute(@RequestBody SubstituteRequest request) {
        Faults faults = new Faults();
        List<SubstitutionSpec> changes = faults.atMost("changes", request.changes(), Limit.LINES);
        faults.require(!changes.isEmpty(), "changes", FaultCode.MISSING, null);
        Set<Carried> without = without(request.without(), faults);
        faults.refuse();
        Rework exact = Rework.of(request.formula(), changes, without, pantry.pantry());
        Rework rework = Boolean.TRUE.equals(request.weighable()) ? exact.weighable(request.formula()) : exact;
        return new SubstituteAnswer(
                rework.formula(),
                balances.balance(request.formula()),
                balances.balance(rework.formula()),
                rework.proposals(),
                Compared.of(balances.read(request.formula()), balances.read(rework.formula())));
    }

    private static Set<Carried> without(@Nullable List<String> codes, Faults faults) {
        Set<Carried> without = EnumSet.noneOf(Carried.class);
        for (String code : faults.atMost("without", codes, Limit.LINES)) {
            Carried carried = faults.choice("without", code, Carried.class);
            if (carried != null) {
                without.add(carried);
            }
        }
        return without;
    }
}
