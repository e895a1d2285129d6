package verdamen.server.prep;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.model.Coded;
import verdamen.core.model.Faults;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.core.prep.Chain;
import verdamen.core.prep.ChainReader;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.ChainUse;
import verdamen.core.prep.LiquidUse;
import verdamen.server.balance.BalanceAnswer;
import verdamen.server.balance.BalanceService;
import verdamen.server.pantry.PantryService;
import verdamen.server.problem.Problem.ProblemFault;

/** The Prep station over the API. Nothing is saved. */
@RestController
@RequestMapping("/api/prep")
class PrepController {

    private final PantryService pantry;
    private final BalanceService balances;
    private final KitchenYields yields;

    PrepController(PantryService pantry, BalanceService balances, KitchenYields yields) {
        this.pantry = pantry;
        this.yields = yields;
        this.balances = balances;
    }

    /** How much is needed of what a chain gives, g. */
    record Need(String key, double grams) {}

    /**
     * The chains of a formula.
     *
     * @param formula the formula
     * @param needs what is needed of them, to reckon backwards
     */
    record PrepRequest(FormulaSpec formula, @Nullable List<Need> needs) {}

    /**
     * The chains, worked out, each by itself: one with a fault does not hide the others.
     *
     * @param chains each chain as asked; null for one with a fault
     * @param faults the faults of all chains, each with its place
     * @param balance the balance of the formula; null when it cannot be balanced yet
     * @param balanceFaults why not
     */
    record PrepAnswer(
            List<@Nullable ChainAnswer> chains,
            List<ProblemFault> faults,
            @Nullable BalanceAnswer balance,
            List<ProblemFault> balanceFaults) {}

    /** Every chain of a formula, and the balance that follows. */
    @PostMapping
    PrepAnswer prep(@RequestBody PrepRequest request) {
        FormulaSpec formula = request.formula();
        Map<String, Double> needs = new HashMap<>();
        if (request.needs() != null) {
            request.needs().forEach(need -> needs.put(need.key(), need.grams()));
        }
        Pantry book = pantry.pantry();
        LiquidUse usual = usual(formula.methodOrNone());
        Faults faults = new Faults();
        List<@Nullable Chain> read = new ArrayList<>();
        List<ChainSpec> specs = formula.prepsOrNone();
        for (int index = 0; index < specs.size(); index++) {
            ChainSpec chain = specs.get(index);
            ChainUse use = FormulaReader.use(chain, formula, usual, book);
            read.add(ChainReader.read(chain, use, book, faults, "preps[" + index + "]")
                    .orElse(null));
        }
        KitchenYields.Known known =
                yields.known(read.stream().filter(Objects::nonNull).toList());
        List<@Nullable ChainAnswer> chains = new ArrayList<>();
        for (Chain chain : read) {
            chains.add(chain == null ? null : ChainAnswer.of(formula, chain, book, needs.get(chain.key()), known));
        }
        try {
            return new PrepAnswer(chains, ProblemFault.listed(faults.all()), balances.balance(formula), List.of());
        } catch (RefusedException refused) {
            return new PrepAnswer(
                    chains, ProblemFault.listed(faults.all()), null, ProblemFault.listed(refused.faults()));
        }
    }

    private static LiquidUse usual(MethodSpec method) {
        return method.pressedLiquid() == null
                ? LiquidUse.DISCARDED
                : Coded.find(LiquidUse.class, method.pressedLiquid()).orElse(LiquidUse.DISCARDED);
    }
}
