package verdamen.server.rework;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.rework.Blend;
import verdamen.core.rework.BlendFlourSpec;
import verdamen.core.rework.BlendQuestion;
import verdamen.core.rework.Carried;
import verdamen.core.rework.ChangeSpec;
import verdamen.core.rework.Compared;
import verdamen.core.rework.Field;
import verdamen.core.rework.Ladder;
import verdamen.core.rework.LadderQuestion;
import verdamen.core.rework.Match;
import verdamen.core.rework.MatchQuestion;
import verdamen.core.rework.Most;
import verdamen.core.rework.MostQuestion;
import verdamen.core.rework.RaisedSpec;
import verdamen.core.rework.Rework;
import verdamen.core.rework.SearchProgress;
import verdamen.core.rework.Stock;
import verdamen.server.balance.BalanceService;
import verdamen.server.json.JsonText;
import verdamen.server.learning.FinishedBatch;
import verdamen.server.learning.FinishedBatches;
import verdamen.server.pantry.LotService;
import verdamen.server.pantry.PantryService;
import verdamen.server.rework.LadderAnswer.MadeBatch;
import verdamen.server.rework.ReworkController.BlendRequest;
import verdamen.server.rework.ReworkController.LadderRequest;
import verdamen.server.rework.ReworkController.MatchRequest;
import verdamen.server.rework.ReworkController.MostRequest;
import verdamen.server.rework.ReworkController.SubstituteRequest;

/** Reworks formulas with this kitchen's pantry and prices. */
@Service
class ReworkService {

    private final BalanceService balances;
    private final PantryService pantry;
    private final LotService lots;
    private final FinishedBatches finished;
    private final JsonText json;

    ReworkService(
            BalanceService balances, PantryService pantry, LotService lots, FinishedBatches finished, JsonText json) {
        this.lots = lots;
        this.json = json;
        this.finished = finished;
        this.balances = balances;
        this.pantry = pantry;
    }

    /** A formula with changes made, beside the formula as it was. */
    SubstituteAnswer substitute(SubstituteRequest asked) {
        FormulaSpec spec = asked.formula();
        Faults faults = new Faults();
        List<ChangeSpec> changes = faults.atMost("changes", asked.changes(), Limit.LINES);
        faults.require(!changes.isEmpty(), "changes", FaultCode.MISSING, null);
        Set<Carried> without = CarriedCodes.read(asked.without(), faults);
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
                CarriedCodes.read(asked.without(), faults));
        faults.refuse();
        if (asked.second() != null) {
            return LadderAnswer.ofField(Field.of(question, asked.second(), stock()));
        }
        Ladder ladder = Ladder.of(question, stock());
        Formula base = balances.read(asked.formula());
        Map<Integer, List<MadeBatch>> made = made(ladder);
        return new LadderAnswer(
                IntStream.range(0, ladder.rungs().size())
                        .mapToObj(at -> answer(ladder.rungs().get(at), base, made.getOrDefault(at, List.of())))
                        .toList(),
                ladder.limits(),
                ladder.crossings(),
                null);
    }

    /** As much of something as a dough can take. */
    MostAnswer most(MostRequest asked) {
        return answer(prepared(asked).find(SearchProgress.NONE), asked);
    }

    /** The same, to be looked for while somebody listens. */
    MostSearch search(MostRequest asked) {
        return new MostSearch(prepared(asked), most -> answer(most, asked), json);
    }

    private Most.Prepared prepared(MostRequest asked) {
        Faults faults = new Faults();
        Set<Carried> without = CarriedCodes.read(asked.without(), faults);
        faults.refuse();
        return Most.prepared(
                new MostQuestion(asked.formula(), asked.goal(), asked.of(), asked.free(), asked.limits(), without),
                stock());
    }

    private MostAnswer answer(Most most, MostRequest asked) {
        return MostAnswer.of(most, balances.balance(asked.formula()), balances.balance(most.formula()));
    }

    /** Flours mixed so that the blend has what is wanted of it, in the place of a formula's flours. */
    BlendAnswer blend(BlendRequest asked) {
        Faults faults = new Faults();
        Set<Carried> without = CarriedCodes.read(asked.without(), faults);
        faults.refuse();
        Blend exact = Blend.of(
                new BlendQuestion(
                        asked.formula(), asked.flours(), asked.wanted(), asked.goal(), asked.atMostFlours(), without),
                stock());
        Blend blend = Boolean.TRUE.equals(asked.weighable()) ? exact.weighable(asked.formula()) : exact;
        return BlendAnswer.of(
                blend,
                balances.balance(asked.formula()),
                balances.balance(blend.rework().formula()));
    }

    /** What is at hand for a blend. */
    List<BlendFlourSpec> floursAtHand(FormulaSpec formula) {
        List<BlendFlourSpec> inUse = lots.lots().stream()
                .filter(lot -> !lot.usedUp())
                .map(lot -> BlendFlourSpec.ofLot(lot.ingredient(), lot.id(), lot.moisturePct(), lot.proteinPct()))
                .toList();
        return Blend.atHand(formula, inUse, pantry.pantry());
    }

    /** Ways back to how a formula was after something had to change. */
    MatchAnswer match(MatchRequest asked) {
        Faults faults = new Faults();
        Set<Carried> without = CarriedCodes.read(asked.without(), faults);
        faults.refuse();
        Match match = Match.of(
                new MatchQuestion(asked.formula(), asked.out(), asked.allergen(), asked.lots(), asked.near(), without),
                stock());
        Formula base = balances.read(asked.formula());
        Map<String, Double> near = new LinkedHashMap<>();
        match.near().forEach((figure, value) -> near.put(figure.code(), value));
        return new MatchAnswer(
                balances.balance(asked.formula()),
                near,
                match.proposals().stream()
                        .map(each -> way(each, base, asked.formula(), Boolean.TRUE.equals(asked.weighable())))
                        .toList());
    }

    private MatchAnswer.Way way(Match.Matched matched, Formula base, FormulaSpec spec, boolean weighable) {
        Rework rework = weighable ? matched.rework().weighable(spec) : matched.rework();
        Evaluation evaluation = Evaluation.of(balances.read(rework.formula()));
        return new MatchAnswer.Way(
                matched.changes(),
                rework.formula(),
                balances.balance(rework.formula(), evaluation),
                rework.proposals(),
                Compared.of(base, evaluation.formula()),
                matched.distance(),
                matched.unpriced());
    }

    private Stock stock() {
        return new Stock(pantry.pantry(), pantry.prices());
    }

    /** The kitchen's finished batches by the rung to which they belong. */
    private Map<Integer, List<MadeBatch>> made(Ladder ladder) {
        List<FinishedBatch> batches = new ArrayList<>();
        List<Formula> formulas = new ArrayList<>();
        for (FinishedBatch batch : finished.newest()) {
            read(batch).ifPresent(formula -> {
                batches.add(batch);
                formulas.add(formula);
            });
        }
        List<OptionalInt> rungs = ladder.rungsOf(formulas);
        Map<Integer, List<MadeBatch>> made = new HashMap<>();
        for (int at = 0; at < batches.size(); at++) {
            MadeBatch batch = MadeBatch.of(batches.get(at));
            rungs.get(at)
                    .ifPresent(rung -> made.computeIfAbsent(rung, none -> new ArrayList<>())
                            .add(batch));
        }
        return made;
    }

    /** What was in the bowl; nothing when what it was made of is gone from the pantry. */
    private Optional<Formula> read(FinishedBatch batch) {
        try {
            return Optional.of(balances.read(batch.inTheBowl()));
        } catch (RefusedException noLongerRead) {
            return Optional.empty();
        }
    }

    private LadderAnswer.Rung answer(Ladder.Rung rung, Formula base, List<MadeBatch> made) {
        Compared compared = Compared.of(base, rung.evaluation().formula());
        return new LadderAnswer.Rung(
                rung.share(),
                rung.rework().formula(),
                balances.balance(rung.rework().formula(), rung.evaluation()),
                rung.rework().proposals(),
                rung.uncorrectedSoftness(),
                rung.broken(),
                compared.allergensGained(),
                compared.cautionsGained(),
                made);
    }
}
