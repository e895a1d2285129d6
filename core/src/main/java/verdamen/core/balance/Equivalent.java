package verdamen.core.balance;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.RefusedException;
import verdamen.core.model.Share;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Role;
import verdamen.core.prep.TypicalSteps;

/**
 * What can stand for an ingredient of a line: dried for fresh at equal dry matter, one yeast for another at equal
 * strength, with what the change does to the water.
 *
 * @param ingredient code of what takes its place
 * @param name its name
 * @param grams how much of it, g
 * @param form form it goes in, for an inclusion
 * @param waterChangeGrams water needed afterwards less now, g
 * @param doughChangeGrams mass of the dough afterwards less now with the water set to what is needed, g
 */
public record Equivalent(
        String ingredient,
        String name,
        double grams,
        @Nullable String form,
        double waterChangeGrams,
        double doughChangeGrams) {

    private static final Map<String, Double> YEASTS = yeasts();
    private static final String DRY_PULSE = "dry-pulse";

    private static Map<String, Double> yeasts() {
        Map<String, Double> yeasts = new LinkedHashMap<>();
        yeasts.put("yeast-instant", 1.0);
        yeasts.put("yeast-active-dry", Coefficient.YEAST_ACTIVE_DRY.value());
        yeasts.put("yeast-fresh", Coefficient.YEAST_FRESH.value());
        return yeasts;
    }

    /**
     * Everything that can stand for a line.
     *
     * @throws RefusedException when there is no such line, or the formula has a fault
     */
    public static List<Equivalent> of(FormulaSpec spec, int line, Pantry pantry) {
        List<LineSpec> lines = spec.lines();
        LineSpec asked = lines == null || line < 0 || line >= lines.size() ? null : lines.get(line);
        if (lines == null || asked == null || asked.ingredient() == null || asked.grams() == null) {
            throw new RefusedException(
                    List.of(new Fault(null, "line", FaultCode.UNKNOWN_CODE, String.valueOf(line), null)));
        }
        Formula now = FormulaReader.read(spec, pantry);
        Ingredient from = pantry.ingredient(asked.ingredient()).orElseThrow();
        List<Equivalent> found = new ArrayList<>();
        for (Map.Entry<String, Double> other : equals(from, asked, pantry).entrySet()) {
            Ingredient to = pantry.ingredient(other.getKey()).orElseThrow();
            String form = form(from, to);
            LineSpec changed = inPlaceOf(asked, to, other.getValue(), form);
            List<LineSpec> after = new ArrayList<>(lines);
            after.set(line, changed);
            Formula then = FormulaReader.read(spec.withLines(after), pantry);
            double waterChange = needed(then) - needed(now);
            found.add(new Equivalent(
                    to.code(),
                    to.name(),
                    other.getValue(),
                    form,
                    waterChange,
                    other.getValue() - asked.grams() + waterChange));
        }
        return found;
    }

    /** The line with an ingredient that stands for its own; what was measured of that says nothing of the other. */
    private static LineSpec inPlaceOf(LineSpec line, Ingredient other, double grams, @Nullable String form) {
        return LineSpec.of(other.code(), grams)
                .withForm(form)
                .withPart(line.part())
                .withStage(line.stage())
                .withOrigin(line.origin() == null ? null : line.origin().withoutMeasure());
    }

    /**
     * The line with an ingredient that stands for its own.
     *
     * @throws RefusedException when there is no such line, or that cannot stand for it
     */
    public static LineSpec line(FormulaSpec spec, int line, String ingredient, Pantry pantry) {
        LineSpec asked = spec.lineOrNull(line);
        return of(spec, line, pantry).stream()
                .filter(each -> each.ingredient().equals(ingredient) && asked != null)
                .findFirst()
                .map(each -> inPlaceOf(asked, pantry.ingredient(ingredient).orElseThrow(), each.grams(), each.form()))
                .orElseThrow(() -> Faults.refusal(null, "ingredient", FaultCode.UNKNOWN_CODE, ingredient));
    }

    /** Whether anything can stand for an ingredient. */
    public static boolean isThereFor(Ingredient ingredient) {
        return YEASTS.containsKey(ingredient.code())
                || TypicalSteps.driedToFresh().containsKey(ingredient.code())
                || TypicalSteps.driedToFresh().containsValue(ingredient.code());
    }

    private static Map<String, Double> equals(Ingredient from, LineSpec line, Pantry pantry) {
        Map<String, Double> equal = new LinkedHashMap<>();
        double grams = line.grams() == null ? 0 : line.grams();
        Double strength = YEASTS.get(from.code());
        if (strength != null) {
            YEASTS.forEach((code, other) -> {
                if (!code.equals(from.code())) {
                    equal.put(code, grams * other / strength);
                }
            });
        }
        double dryMatter = grams * (1 - waterShare(from, line));
        TypicalSteps.driedToFresh().forEach((dried, fresh) -> {
            double kept = kept(pantry.ingredient(dried).orElseThrow());
            if (dried.equals(from.code())) {
                equal.put(fresh, dryMatter * kept / (1 - waterShare(pantry, fresh)));
            } else if (fresh.equals(from.code())) {
                equal.put(dried, dryMatter / kept / (1 - waterShare(pantry, dried)));
            }
        });
        return equal;
    }

    /** Dry matter that is left after boiling and draining. */
    private static double kept(Ingredient dried) {
        return dried.group().equals(DRY_PULSE) ? Coefficient.DRAINED_SOLIDS_KEPT.value() : 1;
    }

    private static double waterShare(Ingredient ingredient, LineSpec line) {
        Double measured = line.measuredOrNone().waterPct();
        return Share.ofPct(measured == null ? ingredient.composition().waterPct() : measured)
                .fraction();
    }

    private static double waterShare(Pantry pantry, String code) {
        return pantry.ingredient(code).orElseThrow().composition().waterShare().fraction();
    }

    /** Flakes become mash, and boiled pulses stay whole. */
    private static @Nullable String form(Ingredient from, Ingredient to) {
        if (to.role() != Role.INCLUSION) {
            return null;
        }
        return from.role() == Role.DRY_ADDITION ? "mash" : null;
    }

    private static double needed(Formula formula) {
        return DoughTotals.of(formula).waterNeeded();
    }
}
