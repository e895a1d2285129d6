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
 * @param chosen code of the school that the formula follows now; null when none, or when its preparation
 *     chains follow several
 * @param now what the formula is as it is made now
 * @param options the schools with what each does to this formula
 */
public record Comparison(Question question, @Nullable String chosen, Effect now, List<Option> options) {

    /**
     * A school with its effect.
     *
     * @param school the school
     * @param effect what the dough would be; null when the formula cannot be made that way
     * @param applied the formula made that way
     */
    public record Option(School school, @Nullable Effect effect, FormulaSpec applied) {}

    /** Whether any school makes this formula another dough than it is now, or cannot be followed at all. */
    public boolean matters() {
        return options.stream().anyMatch(option -> !now.equals(option.effect()));
    }

    /**
     * What a way changes against the way the formula is made now.
     *
     * @param waterGrams water needed, g
     * @param windowFirstMinutes start of the window, minutes; null unless there is one both ways
     * @param windowLastMinutes end of it, minutes; null unless there is one both ways
     * @param gluten gluten strength, points
     * @param thinnestMm thinnest sheet, mm
     */
    public record Changes(
            double waterGrams,
            @Nullable Integer windowFirstMinutes,
            @Nullable Integer windowLastMinutes,
            double gluten,
            double thinnestMm) {

        /** From one way to another. */
        public static Changes of(Effect now, Effect then) {
            return new Changes(
                    then.waterGrams() - now.waterGrams(),
                    less(then.windowFirst(), now.windowFirst()),
                    less(then.windowLast(), now.windowLast()),
                    then.handling().gluten() - now.handling().gluten(),
                    then.handling().thinnestMm() - now.handling().thinnestMm());
        }

        private static @Nullable Integer less(@Nullable Integer then, @Nullable Integer now) {
            return then == null || now == null ? null : Integer.valueOf(then - now);
        }
    }

    /**
     * Every question for one formula. The school that it follows already is judged as the formula is, with its own
     * minutes, degrees and liquids; every other one as choosing it would make the formula.
     *
     * @throws RefusedException with all faults, when the formula has any
     */
    public static List<Comparison> of(FormulaSpec spec, Pantry pantry) {
        Formula formula = FormulaReader.read(spec, pantry);
        Effect now = Effect.of(formula);
        double usualRest = formula.style().restMin();
        List<Comparison> all = new ArrayList<>();
        for (Question question : Question.values()) {
            String chosen = SchoolChoice.chosen(spec, question, pantry, usualRest);
            List<Option> options = School.of(question).stream()
                    .map(school ->
                            school.code().equals(chosen) ? new Option(school, now, spec) : option(spec, school, pantry))
                    .toList();
            all.add(new Comparison(question, chosen, now, options));
        }
        return all;
    }

    /** A formula made in a school's way; it may have faults of its own. */
    public static FormulaSpec choose(FormulaSpec spec, School school, Pantry pantry) {
        return SchoolChoice.choose(spec, school, pantry);
    }

    private static Option option(FormulaSpec spec, School school, Pantry pantry) {
        FormulaSpec applied = SchoolChoice.choose(spec, school, pantry);
        try {
            return new Option(school, Effect.of(FormulaReader.read(applied, pantry)), applied);
        } catch (RefusedException impossible) {
            return new Option(school, null, applied);
        }
    }
}
