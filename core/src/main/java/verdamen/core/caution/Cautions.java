package verdamen.core.caution;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import verdamen.core.caution.CautionCause.Kind;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Kneading;
import verdamen.core.formula.Line;
import verdamen.core.formula.MixedStage;
import verdamen.core.formula.OpenLine;
import verdamen.core.formula.Phase;
import verdamen.core.formula.PhaseKind;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.formula.Sticking;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep.Used;
import verdamen.core.model.Limit;
import verdamen.core.model.Table;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Role;
import verdamen.core.prep.Chain;
import verdamen.core.prep.LiquidUse;
import verdamen.core.prep.StepResult;

/** Finds the cautions that apply to a formula. */
public final class Cautions {

    private static final List<CautionRule> RULES = Table.read(Cautions.class, "cautions", Cautions::rule);
    private static final int CAUSE_LENGTH = Limit.CAUTION_CAUSE.mostCount();

    private final Formula formula;
    private final List<Caution> found = new ArrayList<>();

    private Cautions(Formula formula) {
        this.formula = formula;
    }

    /** A rule of the table. */
    record CautionRule(String code, Trigger trigger, List<String> match, String station, List<Used> coefficients) {}

    private static CautionRule rule(Table.Row row) {
        return new CautionRule(
                row.text("code"),
                row.choice("trigger", Trigger.class),
                row.list("match"),
                row.text("station"),
                row.list("coefficients").stream()
                        .map(Coefficient::valueOf)
                        .map(Used::of)
                        .toList());
    }

    static List<CautionRule> rules() {
        return RULES;
    }

    /** All cautions of a formula, acknowledged ones too, in the order of the table. */
    public static List<Caution> of(Formula formula) {
        Cautions cautions = new Cautions(formula);
        RULES.forEach(cautions::look);
        return List.copyOf(cautions.found);
    }

    private void look(CautionRule rule) {
        switch (rule.trigger()) {
            case FLOUR -> ingredients(rule, each -> each.role() == Role.FLOUR);
            case INGREDIENT -> ingredients(rule, each -> rule.match().contains(each.code()));
            case GROUP -> ingredients(rule, each -> rule.match().contains(each.group()));
            case ALLERGEN -> ingredients(rule, each -> each.allergens().stream().anyMatch(rule.match()::contains));
            case STEP ->
                steps(rule, (chain, step) -> rule.match().contains(step.kind().code()));
            case COOLED ->
                steps(
                        rule,
                        (chain, step) -> step.kind().heats()
                                && (rule.match().contains(chain.bought().code())
                                        || rule.match().contains(chain.bought().group())));
            case KEPT_LIQUID -> keptLiquid(rule);
            case MACHINE -> when(rule, formula.kneading() == Kneading.MACHINE, "kneading", Kind.KNEADING, "machine");
            case HOT_WATER -> hotWater(rule);
            case PUFFS ->
                when(
                        rule,
                        formula.style().puffs(),
                        "style",
                        Kind.STYLE,
                        formula.style().code());
            case HEAT -> {
                String heat = formula.method().heat().code();
                when(rule, rule.match().contains(heat), "heat", Kind.HEAT, heat);
            }
            case SHEETS ->
                when(rule, formula.method().sticking() == Sticking.SHEETS, "sticking", Kind.STICKING, "sheets");
            case CHILLED -> chilled(rule);
        }
    }

    private void hotWater(CautionRule rule) {
        Double hottest = formula.waterTemperatureC();
        String at = "waterTemperatureC";
        for (MixedStage mixed : formula.stages()) {
            Double liquid = mixed.stage().waterTemperatureC();
            if (liquid != null && (hottest == null || liquid > hottest)) {
                hottest = liquid;
                at = "stages[" + mixed.stage().number() + "].waterTemperatureC";
            }
        }
        if (hottest != null && hottest >= Coefficient.HOT_WATER_FROM.value()) {
            String key = "water " + Math.round(hottest) + " °C";
            add(rule, at, key, List.of(CautionCause.ofWater(hottest)));
        }
    }

    private void chilled(CautionRule rule) {
        List<Phase> chills = formula.timeline().phases().stream()
                .filter(phase -> phase.kind() == PhaseKind.CHILL)
                .toList();
        if (chills.isEmpty()) {
            return;
        }
        String key = chills.stream()
                .map(phase -> Math.round(phase.minutes()) + " min at " + Math.round(phase.temperatureC()) + " °C")
                .collect(Collectors.joining(", "));
        List<CautionCause> causes = chills.stream()
                .map(phase -> CautionCause.ofChill(phase.minutes(), phase.temperatureC()))
                .toList();
        add(rule, "phases", key, causes);
    }

    private void keptLiquid(CautionRule rule) {
        List<Chain> chains = formula.preps();
        for (int index = 0; index < chains.size(); index++) {
            Chain chain = chains.get(index);
            if (chain.use() == LiquidUse.KEPT && chain.liquid().caughtGrams() > 0) {
                add(
                        rule,
                        "preps[" + index + "].liquid",
                        chain.name() + ": " + "liquid kept",
                        List.of(CautionCause.of(Kind.KEPT_LIQUID, chain.bought().code())));
            }
        }
    }

    /** Whether a step matters. */
    private interface Matters {
        boolean test(Chain chain, StepResult step);
    }

    private void steps(CautionRule rule, Matters matters) {
        List<Chain> chains = formula.preps();
        for (int index = 0; index < chains.size(); index++) {
            Chain chain = chains.get(index);
            for (int step = 0; step < chain.steps().size(); step++) {
                if (matters.test(chain, chain.steps().get(step))) {
                    String kind = chain.steps().get(step).kind().code();
                    String ingredient = chain.bought().code();
                    add(
                            rule,
                            "preps[" + index + "].steps[" + step + "]",
                            ingredient + ", " + kind,
                            List.of(CautionCause.ofStep(kind, ingredient)));
                    break;
                }
            }
        }
    }

    /** A caution for ingredients names all of them as its cause: one more brings it back. */
    private void ingredients(CautionRule rule, Predicate<Ingredient> matters) {
        Map<String, String> places = new LinkedHashMap<>();
        for (Line line : formula.lines()) {
            if (matters.test(line.ingredient())) {
                places.putIfAbsent(line.ingredient().code(), "lines[" + line.index() + "]");
            }
        }
        for (OpenLine line : formula.openLines()) {
            if (line.ingredient() != null && matters.test(line.ingredient())) {
                places.putIfAbsent(line.ingredient().code(), "lines[" + line.index() + "]");
            }
        }
        List<Chain> chains = formula.preps();
        for (int index = 0; index < chains.size(); index++) {
            if (matters.test(chains.get(index).bought())) {
                places.putIfAbsent(chains.get(index).bought().code(), "preps[" + index + "]");
            }
        }
        if (!places.isEmpty()) {
            List<String> codes = places.keySet().stream().sorted().toList();
            List<CautionCause> causes = codes.stream()
                    .map(code -> CautionCause.of(Kind.INGREDIENT, code))
                    .toList();
            add(rule, places.values().iterator().next(), String.join(", ", codes), causes);
        }
    }

    private void when(CautionRule rule, boolean applies, String at, Kind kind, String code) {
        if (applies) {
            add(rule, at, code, List.of(CautionCause.of(kind, code)));
        }
    }

    private void add(CautionRule rule, String at, String cause, List<CautionCause> causes) {
        String kept = cause.length() > CAUSE_LENGTH ? cause.substring(0, CAUSE_LENGTH) : cause;
        RecipeNotes.Acknowledged read = formula.notes().acknowledgement(rule.code(), kept);
        found.add(new Caution(
                rule.code(),
                rule.station(),
                at,
                kept,
                causes,
                rule.coefficients(),
                read == null ? null : read.who(),
                read == null ? null : read.at()));
    }
}
