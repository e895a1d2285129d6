package verdamen.server.method;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.balance.Exchange;
import verdamen.core.caution.Caution;
import verdamen.core.caution.Cautions;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Sticking;
import verdamen.core.method.Comparison;
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
     * @param name what it is called
     * @param reason why one does it and what speaks against it
     * @param effect what the dough would be; null when it cannot be made that way
     * @param changes what that is against the present way; null when one of both is not known
     */
    record SchoolAnswer(
            String code,
            String name,
            String reason,
            @Nullable Effect effect,
            @Nullable Changes changes) {}

    /**
     * What changes against the present way.
     *
     * @param waterGrams water needed, g
     * @param windowFirstMinutes start of the window; null when one of both has none
     * @param windowLastMinutes end of it
     * @param gluten gluten strength
     * @param thinnestMm thinnest sheet, mm
     */
    record Changes(
            double waterGrams,
            @Nullable Integer windowFirstMinutes,
            @Nullable Integer windowLastMinutes,
            double gluten,
            double thinnestMm) {

        static @Nullable Changes of(@Nullable Effect then, @Nullable Effect now) {
            if (then == null || now == null) {
                return null;
            }
            return new Changes(
                    then.waterGrams() - now.waterGrams(),
                    less(then.windowFirst(), now.windowFirst()),
                    less(then.windowLast(), now.windowLast()),
                    then.handling().gluten() - now.handling().gluten(),
                    then.handling().minSheetMm() - now.handling().minSheetMm());
        }

        private static @Nullable Integer less(@Nullable Integer then, @Nullable Integer now) {
            return then == null || now == null ? null : Integer.valueOf(then - now);
        }
    }

    /**
     * A question with its schools.
     *
     * @param question the question
     * @param chosen code of the school the formula follows; null when nothing is chosen
     * @param schools the schools
     */
    record QuestionAnswer(Question question, @Nullable String chosen, List<SchoolAnswer> schools) {}

    /**
     * How a dough is made, and how it could be.
     *
     * @param questions every question with its schools
     * @param waterTemperature the water's temperature for the dough temperature wanted
     * @param sticking what stops sticking; null when nothing is counted
     * @param pickupGrams what the dough takes up, g
     * @param pickupWeighed whether that was weighed
     * @param cautions the cautions that apply
     * @param defers what every caution defers to
     */
    record MethodAnswer(
            List<QuestionAnswer> questions,
            WaterTemperature waterTemperature,
            @Nullable Sticking sticking,
            double pickupGrams,
            boolean pickupWeighed,
            List<Caution> cautions,
            String defers) {}

    /** Every way of making a formula, side by side. */
    @PostMapping
    MethodAnswer method(@RequestBody FormulaSpec formula) {
        Pantry book = pantry.pantry();
        Formula read = FormulaReader.read(formula, book);
        return new MethodAnswer(
                Comparison.of(formula, book).stream()
                        .map(MethodController::question)
                        .toList(),
                WaterTemperature.of(read),
                read.method().sticking(),
                read.method().pickupGrams(),
                read.method().pickupWeighed(),
                Cautions.of(read),
                Cautions.DEFERS);
    }

    private static QuestionAnswer question(Comparison comparison) {
        Effect now = comparison.options().stream()
                .filter(option -> option.school().code().equals(comparison.chosen()))
                .map(Comparison.Option::effect)
                .findFirst()
                .orElse(null);
        return new QuestionAnswer(
                comparison.question(),
                comparison.chosen(),
                comparison.options().stream()
                        .map(option -> new SchoolAnswer(
                                option.school().code(),
                                option.school().name(),
                                option.school().reason(),
                                option.effect(),
                                Changes.of(option.effect(), now)))
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

    /** A line to exchange. */
    record ExchangeRequest(FormulaSpec formula, int line) {}

    /** What can stand for a line: dried for fresh, one yeast for another. */
    @PostMapping("/exchanges")
    List<Exchange> exchanges(@RequestBody ExchangeRequest request) {
        return Exchange.of(request.formula(), request.line(), pantry.pantry());
    }
}
