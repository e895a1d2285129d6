package verdamen.core.leavening;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Table;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Role;

/**
 * What an ingredient does to the rise of a dough, per gram: its yeast, and the acid and base that make gas.
 *
 * @param code code of the ingredient
 * @param instantEquivalent grams of instant yeast that do as much
 * @param acidMmol acid, mmol
 * @param baseMmol base, mmol
 */
record Leavener(String code, double instantEquivalent, double acidMmol, double baseMmol) {

    private static final List<Leavener> TABLE = Table.read(Leavener.class, "leavening", Leavener::read);
    private static final Map<String, Leavener> BY_CODE =
            TABLE.stream().collect(Collectors.toMap(Leavener::code, Function.identity()));

    private static Leavener read(Table.Row row) {
        return new Leavener(
                row.text("code"),
                row.number("instant_equivalent"),
                row.number("acid_mmol_per_g"),
                row.number("base_mmol_per_g"));
    }

    /** Every row of the table. */
    static List<Leavener> all() {
        return TABLE;
    }

    /** The row of an ingredient; null for what does nothing to the rise, or only as any flour does. */
    static @Nullable Leavener of(Ingredient ingredient) {
        return BY_CODE.get(ingredient.code());
    }

    /** Grams of instant yeast that a gram of an ingredient stands for. */
    static double instantEquivalent(Ingredient ingredient) {
        Leavener row = of(ingredient);
        return row == null ? 0 : row.instantEquivalent();
    }

    /** Acid of a gram that is there for soda, mmol: a powder keeps its own; flours have a little each. */
    static double acidForSoda(Ingredient ingredient) {
        Leavener row = of(ingredient);
        if (row != null) {
            return row.isPowder() ? 0 : row.acidMmol();
        }
        if (ingredient.role() != Role.FLOUR) {
            return 0;
        }
        if (ingredient.legume()) {
            return Coefficient.ACID_OF_LEGUME_FLOUR.value();
        }
        return (ingredient.wholeGrain() ? Coefficient.ACID_OF_WHOLE_GRAIN : Coefficient.ACID_OF_WHITE_FLOUR).value();
    }

    /** Whether it is soda: a base without an acid of its own. */
    boolean isSoda() {
        return baseMmol > 0 && acidMmol == 0;
    }

    /** Whether it is baking powder: a base with as much acid beside it. */
    boolean isPowder() {
        return baseMmol > 0 && acidMmol > 0;
    }

    /** Whether it is an acid that can be put in for soda. */
    boolean isAcid() {
        return acidMmol > 0 && baseMmol == 0;
    }
}
