package verdamen.server.method;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.balance.Equivalent;
import verdamen.core.caution.Caution;
import verdamen.core.caution.Cautions;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Sticking;
import verdamen.core.leavening.RiseCurve.Sponge;
import verdamen.core.method.Comparison;
import verdamen.core.method.Comparison.Changes;
import verdamen.core.method.Effect;
import verdamen.core.method.Question;
import verdamen.core.method.School;
import verdamen.core.method.WaterTemperature;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.server.pantry.PantryService;

/** The ways of making a dough over the API. Nothing is saved. */
@RestController
@RequestMapping("/api/method")
class MethodController {

    private final PantryService pantry;

    MethodController(PantryService pantry) {
        this.pantry = pantry;
    }

    /**
     * A school with what it would do.
     *
     * @param code its code
     * @param effect what the dough would be; null when it cannot be made that way
     * @param changes what that is against the present way; null when it cannot be made that way
     */
    record SchoolAnswer(
            String code, @Nullable Effect effect, @Nullable Changes changes) {}

    /**
     * A question with its schools.
     *
     * @param question the question
     * @param chosen code of the school the formula follows; null when none or several
     * @param matters whether any school would make another dough of it
     * @param schools the schools
     */
    record QuestionAnswer(Question question, @Nullable String chosen, boolean matters, List<SchoolAnswer> schools) {}

    /**
     * How a dough is made, and how it could be.
     *
     * @param now what the formula is as it is made now
     * @param questions every question with its schools
     * @param waterTemperature the water's temperature for the dough temperature wanted
     * @param sticking what stops sticking; null when nothing is counted
     * @param pickupGrams what the dough takes up, g
     * @param pickupWeighed whether that was weighed
     * @param kitchenC how warm the kitchen is, °C
     * @param sponge the sponge while it stands; null without one, or without yeast in it
     * @param cautions the cautions that apply
     */
    record MethodAnswer(
            Effect now,
            List<QuestionAnswer> questions,
            WaterTemperature waterTemperature,
            @Nullable Sticking sticking,
            double pickupGrams,
            boolean pickupWeighed,
            double kitchenC,
            @Nullable Sponge sponge,
            List<Caution> cautions) {}

    /** Every way of making a formula, side by side. */
    @PostMapping
    MethodAnswer method(@RequestBody FormulaSpec formula) {
        Pantry book = pantry.pantry();
        Formula read = FormulaReader.read(formula, book);
        List<Comparison> comparisons = Comparison.of(formula, book);
        return new MethodAnswer(
                comparisons.get(0).now(),
                comparisons.stream().map(MethodController::question).toList(),
                WaterTemperature.of(read),
                read.method().sticking(),
                read.method().pickupGrams(),
                read.method().pickupWeighed(),
                read.method().temperatures().kitchenC(),
                Sponge.of(read),
                Cautions.of(read));
    }

    private static QuestionAnswer question(Comparison comparison) {
        return new QuestionAnswer(
                comparison.question(),
                comparison.chosen(),
                comparison.matters(),
                comparison.options().stream()
                        .map(option -> new SchoolAnswer(
                                option.school().code(),
                                option.effect(),
                                option.effect() == null ? null : Changes.of(comparison.now(), option.effect())))
                        .toList());
    }

    /** A school to follow. */
    record ChoiceRequest(FormulaSpec formula, String question, String school) {}

    /** The formula made in a school's way. */
    @PostMapping("/choose")
    FormulaSpec choose(@RequestBody ChoiceRequest request) {
        School school = School.all().stream()
                .filter(each -> each.question().code().equals(request.question())
                        && each.code().equals(request.school()))
                .findFirst()
                .orElseThrow(() -> new RefusedException(
                        List.of(new Fault(null, "school", FaultCode.UNKNOWN_CODE, request.school(), null))));
        return Comparison.choose(request.formula(), school, pantry.pantry());
    }

    /** A line for which something else is wanted. */
    record EquivalentsRequest(FormulaSpec formula, int line) {}

    /** What can stand for a line: dried for fresh, one yeast for another. */
    @PostMapping("/equivalents")
    List<Equivalent> equivalents(@RequestBody EquivalentsRequest request) {
        return Equivalent.of(request.formula(), request.line(), pantry.pantry());
    }
}
