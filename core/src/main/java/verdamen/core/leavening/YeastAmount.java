package verdamen.core.leavening;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.Scale;
import verdamen.core.model.Share;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Role;

/** The lines of yeast in a formula as asked; a starter is none of them, because its amount changes the dough. */
public final class YeastAmount {

    private YeastAmount() {}

    /** Whether an ingredient is yeast. */
    public static boolean isYeast(Ingredient ingredient) {
        return !ingredient.isStarter() && Leavener.instantEquivalent(ingredient) > 0;
    }

    /** So many grams of a yeast as instant yeast, g; 0 of what is none. */
    public static double asInstant(Ingredient ingredient, double grams) {
        return isYeast(ingredient) ? grams * Leavener.instantEquivalent(ingredient) : 0;
    }

    /** Yeast of the dough as instant yeast, % of its flour; 0 without either. */
    public static double pct(FormulaSpec spec, Pantry pantry) {
        double yeast = 0;
        double flour = 0;
        for (LineSpec line : spec.linesOrNone()) {
            Ingredient ingredient = counted(line, pantry).orElse(null);
            if (line == null || ingredient == null || line.grams() == null) {
                continue;
            }
            if (isYeast(ingredient)) {
                yeast += line.grams() * Leavener.instantEquivalent(ingredient);
            }
            if (ingredient.role() == Role.FLOUR) {
                flour += line.grams();
            }
        }
        return flour > 0 ? Share.of(yeast, flour).pct() : 0;
    }

    /** The formula with each line of yeast at so many times its weight. */
    public static FormulaSpec scaled(FormulaSpec spec, double factor, Pantry pantry) {
        Map<Integer, Double> grams = new TreeMap<>();
        for (int index = 0; index < spec.linesOrNone().size(); index++) {
            LineSpec line = spec.lineOrNull(index);
            if (line != null
                    && line.grams() != null
                    && counted(line, pantry).filter(YeastAmount::isYeast).isPresent()) {
                grams.put(index, Scale.shown(line.grams() * factor));
            }
        }
        return weighed(spec, grams);
    }

    /** The formula with some lines weighed. */
    public static FormulaSpec weighed(FormulaSpec spec, Map<Integer, Double> grams) {
        FormulaSpec after = spec;
        for (Map.Entry<Integer, Double> each : grams.entrySet()) {
            LineSpec line = after.lineOrNull(each.getKey());
            if (line != null) {
                after = after.withLine(each.getKey(), line.weighed(each.getValue()));
            }
        }
        return after;
    }

    private static Optional<Ingredient> counted(@Nullable LineSpec line, Pantry pantry) {
        boolean counts = line != null
                && line.open() == null
                && line.prep() == null
                && line.ingredient() != null
                && line.belongsToDough();
        return counts ? pantry.ingredient(line.ingredient()) : Optional.empty();
    }
}
