package verdamen.core.handling;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.model.Share;
import verdamen.core.model.Table;
import verdamen.core.model.Unit;

/**
 * What went wrong: likely causes of a symptom, ranked by the formula's own figures. The rules are data: which causes a
 * symptom has, how much each weighs, what figure speaks for it and how it is corrected. The words belong to the screen.
 *
 * @param symptom the symptom
 * @param causes its causes, the likeliest first
 */
public record Diagnosis(Symptom symptom, List<Cause> causes) {

    private static final List<Symptom> SYMPTOMS =
            Table.read(Diagnosis.class, "symptoms", row -> new Symptom(row.text("code")));
    private static final List<CauseRule> RULES = Table.read(Diagnosis.class, "causes", Diagnosis::rule);

    /** Something seen at the bench, the griddle or the table. */
    public record Symptom(String code) {}

    /**
     * A rule: a cause that a symptom may have.
     *
     * @param symptom code of the symptom
     * @param cause code of the cause, unique within the symptom
     * @param driver what figure speaks for it
     * @param weight how often it is behind the symptom when its figure speaks for it fully, 0 to 1
     * @param correction how it is corrected
     */
    record CauseRule(String symptom, String cause, Driver driver, double weight, Correction correction) {}

    /**
     * A likely cause.
     *
     * @param code its code
     * @param likelihood how far this formula's figures speak for it, %
     * @param likely whether that is worth a look before the rest
     * @param fix how to correct it
     */
    public record Cause(String code, double likelihood, boolean likely, Fix fix) {}

    /**
     * A correction with its amount.
     *
     * @param correction what to do
     * @param amount how much, in {@code unit}; a change or a value to go to, by the correction; null when it has none
     * @param unit g, min, mm or °C
     * @param line index of the line it is done to
     * @param ingredient code of that line's ingredient
     */
    public record Fix(
            Correction correction,
            @Nullable Double amount,
            @Nullable Unit unit,
            @Nullable Integer line,
            @Nullable String ingredient) {}

    private static CauseRule rule(Table.Row row) {
        return new CauseRule(
                row.text("symptom"),
                row.text("cause"),
                Driver.valueOf(row.text("driver")),
                row.number("weight"),
                Correction.valueOf(row.text("correction")));
    }

    /** All symptoms, in the order of the table. */
    public static List<Symptom> symptoms() {
        return SYMPTOMS;
    }

    static List<CauseRule> rules() {
        return RULES;
    }

    /**
     * The likely causes of a symptom in a formula.
     *
     * @throws RefusedException when there is no such symptom
     */
    public static Diagnosis of(Formula formula, String code) {
        Symptom symptom = SYMPTOMS.stream()
                .filter(each -> each.code().equals(code))
                .findFirst()
                .orElseThrow(() ->
                        new RefusedException(List.of(new Fault(null, "symptom", FaultCode.UNKNOWN_CODE, code, null))));
        Evidence evidence = new Evidence(formula);
        Fixes fixes = new Fixes(evidence);
        List<Cause> causes = RULES.stream()
                .filter(rule -> rule.symptom().equals(code))
                .map(rule -> cause(rule, evidence, fixes))
                .sorted(Comparator.comparingDouble(Cause::likelihood).reversed())
                .toList();
        return new Diagnosis(symptom, causes);
    }

    private static Cause cause(CauseRule rule, Evidence evidence, Fixes fixes) {
        double likelihood = Share.ofFraction(rule.weight() * rule.driver().strength(evidence))
                .pct();
        boolean likely = likelihood >= Coefficient.CAUSE_LIKELY_PCT.value();
        return new Cause(rule.cause(), likelihood, likely, fixes.of(rule.correction()));
    }

    /** Every driver that no rule uses; empty when the table is complete. */
    static List<Driver> unused() {
        return Arrays.stream(Driver.values())
                .filter(driver -> RULES.stream().noneMatch(rule -> rule.driver() == driver))
                .toList();
    }
}
