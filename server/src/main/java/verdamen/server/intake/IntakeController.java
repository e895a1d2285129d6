package verdamen.server.intake;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.intake.FoundAmount;
import verdamen.core.intake.StartingFormulas.Percentage;
import verdamen.core.model.Scale;
import verdamen.server.pantry.PantryService;
import verdamen.server.pantry.TaughtName;

/** Intake over the API. Nothing but names is saved. */
@RestController
@RequestMapping("/api/intake")
class IntakeController {

    private final IntakeService intake;
    private final PantryService pantry;

    IntakeController(IntakeService intake, PantryService pantry) {
        this.intake = intake;
        this.pantry = pantry;
    }

    /**
     * A recipe to read.
     *
     * @param text the recipe as pasted, at most 100,000 characters
     * @param style code of the style it is for, where that is known
     */
    record ParseRequest(@Nullable String text, @Nullable String style) {}

    /** A recipe as understood. */
    @PostMapping("/parse")
    IntakeAnswer parse(@RequestBody ParseRequest request) {
        return intake.answer(intake.parse(request.text(), request.style()));
    }

    /** A line to read. */
    record LineRequest(@Nullable String text, @Nullable String part) {}

    /** One line as understood. */
    @PostMapping("/line")
    IntakeAnswer.IntakeLine line(@RequestBody LineRequest request) {
        return IntakeAnswer.IntakeLine.of(intake.parseLine(request.text(), request.part()));
    }

    /**
     * What an unknown amount was found to be.
     *
     * @param grams g
     * @param sd its standard deviation, g
     * @param gramsLow lower end of its 80 % range, g
     * @param gramsHigh upper end of its 80 % range, g
     * @param follows whether it is water as the dough needs it, which follows what changes later
     */
    record FilledAnswer(double grams, double sd, double gramsLow, double gramsHigh, boolean follows) {}

    /** The amount of an open line. */
    @PostMapping("/fill")
    FilledAnswer fill(@RequestBody FillRequest request) {
        FoundAmount filled = intake.fill(request);
        return new FilledAnswer(
                Scale.shown(filled.grams()), filled.sd(), filled.low(), filled.high(), filled.follows());
    }

    /** The usual composition of a style. */
    record StyleStart(String style, double flourGrams) {}

    /** A formula with the usual composition of a style. */
    @PostMapping("/start/style")
    FormulaSpec startFromStyle(@RequestBody StyleStart request) {
        return intake.startFromStyle(request.style(), request.flourGrams());
    }

    /** Baker's percentages and the weight of the dough they are to make. */
    record PercentageStart(String style, double doughGrams, List<Percentage> lines) {}

    /** A formula from baker's percentages. */
    @PostMapping("/start/percentages")
    FormulaSpec startFromPercentages(@RequestBody PercentageStart request) {
        return intake.startFromPercentages(request.style(), request.doughGrams(), request.lines());
    }

    /** The names that this kitchen has taught. */
    @GetMapping("/names")
    List<TaughtName> names() {
        return pantry.names();
    }

    /** Remembers a name for an ingredient. */
    @PutMapping("/names")
    List<TaughtName> teach(@RequestBody TaughtName name) {
        return pantry.teach(List.of(name));
    }

    /** Forgets a name. */
    @DeleteMapping("/names")
    List<TaughtName> forget(@RequestParam String name) {
        return pantry.forget(name);
    }
}
