package verdamen.server.rework;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.rework.Carried;
import verdamen.core.rework.ChangeSpec;
import verdamen.core.rework.Compared;
import verdamen.core.rework.Field;
import verdamen.core.rework.Ladder;
import verdamen.core.rework.LadderQuestion;
import verdamen.core.rework.Most;
import verdamen.core.rework.MostQuestion;
import verdamen.core.rework.RaisedSpec;
import verdamen.core.rework.Rework;
import verdamen.core.rework.Stock;
import verdamen.server.balance.BalanceService;
import verdamen.server.pantry.PantryService;
import verdamen.server.rework.ReworkController.LadderRequest;
import verdamen.server.rework.ReworkController.MostRequest;
import verdamen.server.rework.ReworkController.SubstituteRequest;

/** Reworks formulas with this kitchen's pantry and prices. */
@Service
class ReworkService {

    private final BalanceService balances;
    private final PantryService pantry;

    ReworkService(BalanceService balances, PantryService pantry) {
        this.balances = balances;
        this.pantry = pantry;
    }

    /** A formula with changes made, beside the formula as it was. */
    SubstituteAnswer substitute(SubstituteRequest asked) {
        FormulaSpec spec = asked.formula();
        Faults faults = new Faults();
        List<ChangeSpec> changes = faults.atMost("changes", asked.changes(), Limit.LINES);
        faults.require(!changes.isEmpty(), "changes", FaultCode.MISSING, null);
        Set<Carried> without = without(asked.without(), faults);
        faults.refuse();
        Rework exact = Rework.of(spec, changes, without, pantry.pantry());
        Rework rework = Boolean.TRUE.equals(asked.weighable()) ? exact.weighable(spec) : exact;
        Evaluation base = Evaluation.of(balances.read(spec));
        Evaluation after = Evaluation.of(balances.read(rework.formula()));
        return new SubstituteAnswer(
                rework.formula(),
                balances.balance(spec, base),
                balances.balance(rework.formula(), after),
                rework.proposals(),
                Compared.of(base.formula(), after.formula()));
    }

    /** A change raised rung by rung, or two as a field. */
    LadderAnswer ladder(LadderRequest asked) {
        Faults faults = new Faults();
        LadderQuestion question = new LadderQuestion(
                asked.formula(),
                new RaisedSpec(asked.change(), asked.from(), asked.to(), asked.rungs()),
                faults.atMost("beside", asked.beside(), Limit.LINES),
                asked.limits(),
                without(asked.without(), faults));
        faults.refuse();
        if (asked.second() != null) {
            return LadderAnswer.ofField(Field.of(question, asked.second(), stock()));
        }
        Ladder ladder = Ladder.of(question, stock());
        Formula base = balances.read(asked.formula());
        return new LadderAnswer(
                ladder.rungs().stream().map(rung -> answer(rung, base)).toList(),
                ladder.limits(),
                ladder.crossings(),
                null);
    }

    /** As much of something as a dough can take. */
    MostAnswer most(MostRequest asked) {
        Faults faults = new Faults();
        Set<Carried> without = without(asked.without(), faults);
        faults.refuse();
        Most most = Most.of(
                new MostQuestion(asked.formula(), asked.goal(), asked.free(), asked.limits(), without), stock());
        return MostAnswer.of(most, balances.balance(asked.formula()), balances.balance(most.formula()));
    }

    private Stock stock() {
        return new Stock(pantry.pantry(), pantry.prices());
    }

    private LadderAnswer.Rung answer(Ladder.Rung rung, Formula base) {
        Compared compared = Compared.of(base, rung.evaluation().formula());
        return new LadderAnswer.Rung(
                rung.share(),
                rung.rework().formula(),
                balances.balance(rung.rework().formula(), rung.evaluation()),
                rung.rework().proposals(),
                rung.uncorrectedSoftness(),
                rung.broken(),
                compared.allergensGained(),
                compared.cautionsGained());
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
