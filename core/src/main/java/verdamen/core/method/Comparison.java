package verdamen.core.method;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;

/**
 * The schools of a question side by side for one formula.
 *
 * @param question the question
 * @param chosen code of the school that the formula follows now; null when nothing is chosen
 * @param options the schools with what each does to this formula
 */
public record Comparison(Question question, @Nullable String chosen, List<Option> options) {

    /**
     * A school with its effect.
     *
     * @param school the school
     * @param effect what the dough would be; null when the formula cannot be made that way
     * @param applied the formula made that way
     */
    public record Option(School school, @Nullable Effect effect, FormulaSpec applied) {}

    /**
     * Every question for one formula.
     *
     * @throws RefusedException with all faults, when the formula has any
     */
    public static List<Comparison> of(FormulaSpec spec, Pantry pantry) {
        Formula formula = FormulaReader.read(spec, pantry);
        double usualRest = formula.style().restMin();
        List<Comparison> all = new ArrayList<>();
        for (Question question : Question.values()) {
            List<Option> options = School.of(question).stream()
                    .map(school -> option(spec, school, pantry))
                    .toList();
            all.add(new Comparison(question, Choosing.chosen(spec, question, pantry, usualRest), options));
        }
        return all;
    }

    /** A formula made in a school's way; it may have faults of its own. */
    public static FormulaSpec choose(FormulaSpec spec, School school, Pantry pantry) {
        return Choosing.choose(spec, school, pantry);
    }

    private static Option option(FormulaSpec spec, School school, Pantry pantry) {
        FormulaSpec applied = Choosing.choose(spec, school, pantry);
        try {
            return new Option(school, Effect.of(FormulaReader.read(applied, pantry)), applied);
        } catch (RefusedException impossible) {
            return new Option(school, null, applied);
        }
    }
}
