package verdamen.core.model;

import java.util.ArrayList;
import java.util.List;

/**
 * One step of an explanation: a rule, what went in, the coefficients it used and what came out. Explanations are data; the
 * wording belongs to the screen.
 *
 * @param rule the rule that was applied
 * @param formula the rule's formula over the names of inputs and coefficients
 * @param inputs what went in, every symbol of the rule's formula
 * @param coefficients the coefficients that the formula names, and those that an input was taken from
 * @param value what came out, in {@code unit}
 * @param unit the unit of the value
 */
public record ExplanationStep(
        Rule rule, String formula, List<Term> inputs, List<Used> coefficients, double value, Unit unit) {

    /**
     * A coefficient that was used.
     *
     * @param code its name
     * @param value its value, in {@code unit}
     * @param unit its unit
     */
    public record Used(String code, double value, Unit unit) {

        /** A coefficient as it is shown. */
        public static Used of(Coefficient coefficient) {
            return new Used(coefficient.name(), coefficient.value(), coefficient.unit());
        }
    }

    /** Copies its lists so that a step never changes. */
    public ExplanationStep {
        inputs = List.copyOf(inputs);
        coefficients = List.copyOf(coefficients);
    }

    /** A step with the coefficients of its rule and of its inputs. */
    public static ExplanationStep of(Rule rule, double value, Unit unit, Term... inputs) {
        List<Used> used = new ArrayList<>(rule.used());
        for (Term input : inputs) {
            if (input.coefficient() != null) {
                used.add(Used.of(Coefficient.valueOf(input.coefficient())));
            }
        }
        return new ExplanationStep(rule, rule.formula(), List.of(inputs), used, value, unit);
    }
}
