package verdamen.server.handling;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Water;
import verdamen.core.caution.Caution;
import verdamen.core.caution.Cautions;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.handling.BenchAdvice;
import verdamen.core.handling.Diagnosis;
import verdamen.core.handling.FeelGuide;
import verdamen.core.handling.FormulaHandling;
import verdamen.core.handling.PutIn;
import verdamen.core.handling.RolledDough;
import verdamen.core.handling.Spill;
import verdamen.core.leavening.ReadyAt;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Style;
import verdamen.server.balance.BalanceService;
import verdamen.server.batch.BatchService;
import verdamen.server.pantry.PantryService;

/** How a dough handles, what to do now and what went wrong, over the API. Nothing is saved. */
@RestController
@RequestMapping("/api/handling")
class HandlingController {

    private final BalanceService balances;
    private final BatchService batches;
    private final PantryService pantry;

    HandlingController(BalanceService balances, BatchService batches, PantryService pantry) {
        this.balances = balances;
        this.batches = batches;
        this.pantry = pantry;
    }

    /**
     * How a dough handles.
     *
     * @param dough the rolling window, the figures with what would help, the piece to scale
     * @param style the style, with its window and limits
     * @param softnessTarget softness aimed for
     * @param waterNeededGrams plain water it needs in all, g; below 0 when it has too much without any
     * @param waterMissingGrams plain water still missing, g; below 0 for too much
     * @param waterToSetGrams what it needs, as a scale shows it, g
     * @param waterIsOff whether that is more than one addition at the bench, and worth saying
     * @param riskLimitPct a risk from here on closes the rolling window, %
     * @param kitchenC how warm the kitchen is where it rests, °C
     * @param feels the feel words, from dry to wet, as a dough of this style is told by them
     * @param cautions the cautions that apply
     */
    record HandlingAnswer(
            FormulaHandling dough,
            Style style,
            double softnessTarget,
            double waterNeededGrams,
            double waterMissingGrams,
            double waterToSetGrams,
            boolean waterIsOff,
            double riskLimitPct,
            double kitchenC,
            List<Feel> feels,
            List<Caution> cautions) {}

    /** How a formula's dough handles. */
    @PostMapping
    HandlingAnswer handling(@RequestBody FormulaSpec formula) {
        Formula read = balances.read(formula);
        RolledDough dough = RolledDough.of(read);
        Water water = Balance.water(dough.dough());
        return new HandlingAnswer(
                FormulaHandling.of(dough),
                read.style(),
                read.softnessTarget(),
                water.needed(),
                water.missing(),
                water.toSet(),
                water.isOff(),
                Coefficient.RISK_LIMIT.value(),
                read.method().temperatures().kitchenC(),
                read.pantry().feels(read.style()),
                Cautions.of(read));
    }

    /**
     * How the dough feels now.
     *
     * @param formula the formula; not looked at for a batch
     * @param batch id of the batch that is felt: what is in its bowl counts; absent for a dough of the formula
     * @param minute whole minutes since water met flour
     * @param feel code of the feel word
     * @param given how much water or flour is put in, g; absent for as much as is advised
     */
    record NowRequest(
            FormulaSpec formula,
            @Nullable Long batch,
            int minute,
            String feel,
            @Nullable Double given) {}

    /** What to do now. */
    @PostMapping("/now")
    BenchAdvice now(@RequestBody NowRequest request) {
        FormulaSpec bowl = request.batch() == null ? request.formula() : batches.inTheBowl(request.batch());
        return BenchAdvice.of(bowl, pantry.pantry(), request.minute(), request.feel(), request.given());
    }

    /**
     * What was put into a dough.
     *
     * @param formula the formula
     * @param additions what was put in
     */
    record PutInRequest(FormulaSpec formula, List<PutIn> additions) {}

    /** The formula with what was put in; it may have faults of its own. */
    @PostMapping("/put-in")
    FormulaSpec putIn(@RequestBody PutInRequest request) {
        return PutIn.into(request.formula(), request.additions());
    }

    /**
     * Something forgotten or spilled.
     *
     * @param formula the formula
     * @param line index of the line
     * @param share how much of it is missing, above 0 to 1
     * @param judged whether that was judged by eye
     */
    record SpillRequest(
            FormulaSpec formula,
            int line,
            double share,
            @Nullable Boolean judged) {}

    /** What to put in again. */
    @PostMapping("/spill")
    Spill spill(@RequestBody SpillRequest request) {
        return Spill.of(
                balances.read(request.formula()),
                request.line(),
                request.share(),
                Boolean.TRUE.equals(request.judged()));
    }

    /**
     * A time to be ready at.
     *
     * @param formula the formula
     * @param minutes minutes after kneading
     */
    record ReadyRequest(
            FormulaSpec formula,
            @Within(Limit.READY_MINUTES) @Nullable Integer minutes) {}

    /** The yeast, or the place, that makes the dough ready at a time. */
    @PostMapping("/ready")
    ReadyAt ready(@RequestBody ReadyRequest request) {
        Faults faults = new Faults();
        Double asked = request.minutes() == null ? null : Double.valueOf(request.minutes());
        double minutes = faults.needed("minutes", asked, Limit.READY_MINUTES);
        faults.refuse();
        return ReadyAt.of(Dough.of(balances.read(request.formula())), (int) minutes);
    }

    /** A symptom seen. */
    record SymptomRequest(FormulaSpec formula, String symptom) {}

    /** What likely went wrong. */
    @PostMapping("/diagnosis")
    Diagnosis diagnosis(@RequestBody SymptomRequest request) {
        return Diagnosis.of(balances.read(request.formula()), request.symptom());
    }

    /**
     * How to tell by hand and eye.
     *
     * @param guide feel words, end points and drill
     * @param symptoms what can go wrong
     */
    record GuideAnswer(FeelGuide guide, List<Diagnosis.Symptom> symptoms) {}

    /** The feel guide. */
    @GetMapping("/guide")
    GuideAnswer guide() {
        return new GuideAnswer(FeelGuide.of(pantry.pantry()), Diagnosis.symptoms());
    }
}
