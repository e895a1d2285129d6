package verdamen.core;

import java.util.EnumMap;
import java.util.Map;
import org.apache.commons.jexl3.JexlBuilder;
import org.apache.commons.jexl3.JexlEngine;
import org.apache.commons.jexl3.JexlExpression;
import org.apache.commons.jexl3.MapContext;
import org.apache.commons.jexl3.introspection.JexlPermissions;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Term;

/** Works out the formulas of rules as they are written, with a library for expressions. */
final class FormulaText {

    /** The functions that a formula may use. */
    public static final class Functions {

        public double min(double one, double two) {
            return Math.min(one, two);
        }

        public double max(double one, double two) {
            return Math.max(one, two);
        }

        public double max(double one, double two, double three) {
            return Math.max(one, Math.max(two, three));
        }

        public double pow(double base, double exponent) {
            return Math.pow(base, exponent);
        }

        public double exp(double exponent) {
            return Math.exp(exponent);
        }

        public double ln(double of) {
            return Math.log(of);
        }

        public double sigmoid(double z) {
            return 1 / (1 + Math.exp(-z));
        }
    }

    private static final JexlEngine ENGINE = new JexlBuilder()
            .strict(true)
            .silent(false)
            .permissions(JexlPermissions.UNRESTRICTED)
            .namespaces(java.util.Collections.singletonMap(null, new Functions()))
            .create();
    private static final Map<Rule, JexlExpression> FORMULAS = new EnumMap<>(Rule.class);

    static {
        for (Rule rule : Rule.values()) {
            // Whole numbers would be divided as such.
            FORMULAS.put(
                    rule, ENGINE.createExpression(rule.formula().replaceAll("(?<![\\w.])(\\d+)(?![\\w.])", "$1.0")));
        }
    }

    private FormulaText() {}

    /** What the formula of a step's rule gives for its inputs; an input that is missing fails. */
    static double value(ExplanationStep step) {
        MapContext known = new MapContext();
        known.set("pi", Math.PI);
        for (Coefficient coefficient : step.rule().coefficients()) {
            known.set(coefficient.name(), coefficient.value());
        }
        for (Term term : step.inputs()) {
            known.set(term.symbol().name(), term.value());
        }
        return ((Number) FORMULAS.get(step.rule()).evaluate(known)).doubleValue();
    }
}
