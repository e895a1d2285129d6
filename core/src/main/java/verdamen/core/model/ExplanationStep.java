package verdamen.core.model;

import java.util.List;

/**
 * One step of an explanation: a rule, what went in and what came out. Explanations are data; the wording belongs to the
 * screen.
 *
 * @param rule the rule that was applied
 * @param inputs what went in, in the order in which the rule names them
 * @param value what came out, in {@code unit}
 * @param unit the unit of the value
 */
public record ExplanationStep(Rule rule, List<Term> inputs, double value, Unit unit) {

    /** Copies the inputs so that a step never changes. */
    public ExplanationStep {
        inputs = List.copyOf(inputs);
    }
}
