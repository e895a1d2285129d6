package verdamen.core.pantry;

import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;

/**
 * An ingredient of a kitchen's own as asked, not yet checked. Percentages are of 100 g as it is.
 *
 * @param name its name, 1 to 80 characters
 * @param role the part it plays in the model
 * @param group its family; left out for {@code own}
 * @param waterPct water, %
 * @param proteinPct protein, %
 * @param fatPct fat, %
 * @param carbPct carbohydrate with fibre and sugars, %
 * @param fibrePct fibre, %, no more than the carbohydrate
 * @param sugarsPct sugars, %, no more than the carbohydrate
 * @param ashPct minerals, %; left out for what is missing to 100, up to 2
 * @param sodiumMg sodium, mg in 100 g
 * @param bulkDensityGPerMl grams in a millilitre as spooned or poured
 * @param pieceGrams weight of one piece, g
 * @param pieceName what one piece is
 * @param allergens allergens to declare
 * @param wholeGrain whether it is whole grain
 * @param legume whether it is a pulse
 * @param glutenBearing whether its protein makes a dough network
 * @param fatState for a fat, how firm it usually is
 * @param absorptionPct for a flour, absorption at 14 % moisture, %
 * @param uptakeTauMin for a flour, time constant of uptake, minutes
 * @param glutenQuality for a flour, gluten quality, 0 to 1
 * @param notes how the values vary
 */
public record IngredientSpec(
        @Nullable String name,
        @Nullable String role,
        @Nullable String group,
        @Nullable Double waterPct,
        @Nullable Double proteinPct,
        @Nullable Double fatPct,
        @Nullable Double carbPct,
        @Nullable Double fibrePct,
        @Nullable Double sugarsPct,
        @Nullable Double ashPct,
        @Nullable Double sodiumMg,
        @Nullable Double bulkDensityGPerMl,
        @Nullable Double pieceGrams,
        @Nullable String pieceName,
        @Nullable List<String> allergens,
        @Nullable Boolean wholeGrain,
        @Nullable Boolean legume,
        @Nullable Boolean glutenBearing,
        @Nullable String fatState,
        @Nullable Double absorptionPct,
        @Nullable Double uptakeTauMin,
        @Nullable Double glutenQuality,
        @Nullable String notes) {

    /** The sheet of an ingredient as it is. */
    public static IngredientSpec of(Ingredient ingredient) {
        Composition holds = ingredient.composition();
        Behaviour behaviour = ingredient.behaviour();
        double rest = WHOLE - holds.waterPct() - holds.proteinPct() - holds.fatPct() - holds.carbPct();
        return new IngredientSpec(
                ingredient.name(),
                ingredient.role().code(),
                ingredient.group(),
                holds.waterPct(),
                holds.proteinPct(),
                holds.fatPct(),
                holds.carbPct(),
                holds.fibrePct(),
                holds.sugarsPct(),
                rest > TOLERANCE ? Double.valueOf(rest) : null,
                ingredient.sodiumMg(),
                ingredient.bulkDensityGPerMl(),
                ingredient.pieceGrams(),
                ingredient.pieceName(),
                ingredient.allergens(),
                ingredient.wholeGrain(),
                ingredient.legume(),
                ingredient.glutenBearing(),
                ingredient.fatState() == null ? null : ingredient.fatState().code(),
                behaviour == null ? null : Double.valueOf(behaviour.absorptionPct()),
                behaviour == null ? null : Double.valueOf(behaviour.uptakeTauMin()),
                behaviour == null ? null : Double.valueOf(behaviour.glutenQuality()),
                ingredient.notes());
    }

    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_NOTES = 500;
    private static final int LONGEST_WORD = 40;
    private static final double WHOLE = 100;
    private static final double TOLERANCE = 2;
    private static final double MOST_SODIUM_MG = 40_000;
    private static final double USUAL_TAU_MIN = 4;
    private static final double USUAL_PARTICLE_UM = 200;
    private static final String OWN_GROUP = "own";
    private static final String OWN_PREFIX = "own-";

    /** The code of a kitchen's own ingredient of this name. */
    public static String codeOf(String name) {
        return OWN_PREFIX
                + name.strip()
                        .toLowerCase(Locale.ROOT)
                        .replaceAll("[^\\p{L}\\p{N}]+", "-")
                        .replaceAll("^-|-$", "");
    }

    /** Finds everything that is impossible about it. */
    public Faults check() {
        Faults faults = new Faults();
        faults.text("name", name, LONGEST_NAME);
        faults.optionalText("group", group, LONGEST_WORD);
        faults.optionalText("pieceName", pieceName, LONGEST_WORD);
        faults.optionalText("notes", notes, LONGEST_NOTES);
        Role asked = faults.choice("role", role, Role.class);
        faults.needed("waterPct", waterPct, 0, WHOLE);
        faults.needed("proteinPct", proteinPct, 0, WHOLE);
        faults.needed("fatPct", fatPct, 0, WHOLE);
        double carb = faults.needed("carbPct", carbPct, 0, WHOLE);
        faults.number("fibrePct", fibrePct, 0, carb);
        faults.number("sugarsPct", sugarsPct, 0, carb);
        faults.number("ashPct", ashPct, 0, WHOLE);
        faults.number("sodiumMg", sodiumMg, 0, MOST_SODIUM_MG);
        faults.needed("bulkDensityGPerMl", bulkDensityGPerMl, 0.03, 3);
        faults.number("pieceGrams", pieceGrams, 0.01, 20_000);
        faults.number("absorptionPct", absorptionPct, 20, 1500);
        faults.number("uptakeTauMin", uptakeTauMin, 0.1, 120);
        faults.number("glutenQuality", glutenQuality, 0, 1);
        if (asked == Role.FLOUR) {
            faults.require(absorptionPct != null, "absorptionPct", FaultCode.MISSING, null);
        }
        if (asked == Role.FAT) {
            faults.choice("fatState", fatState, FatState.class);
        }
        if (faults.none()) {
            double sum = sum();
            faults.require(
                    Math.abs(sum - WHOLE) <= TOLERANCE,
                    "composition",
                    sum > WHOLE ? FaultCode.TOO_LARGE : FaultCode.TOO_SMALL,
                    Math.round(sum * 10) / 10.0);
        }
        return faults;
    }

    private double sum() {
        return orZero(waterPct) + orZero(proteinPct) + orZero(fatPct) + orZero(carbPct) + orZero(ashPct);
    }

    /**
     * The ingredient, under a code.
     *
     * @throws verdamen.core.model.RefusedException with everything impossible about it
     */
    public Ingredient read(String code) {
        check().refuse();
        Role checked = Coded.find(Role.class, String.valueOf(role)).orElseThrow();
        return new Ingredient(
                code,
                String.valueOf(name).strip(),
                checked,
                group == null || group.isBlank() ? OWN_GROUP : group.strip(),
                new Composition(
                        orZero(waterPct),
                        orZero(proteinPct),
                        orZero(fatPct),
                        orZero(carbPct),
                        orZero(fibrePct),
                        orZero(sugarsPct)),
                orZero(sodiumMg),
                orZero(bulkDensityGPerMl),
                pieceGrams,
                pieceName == null || pieceName.isBlank() ? null : pieceName.strip(),
                allergens == null ? List.of() : allergens,
                Boolean.TRUE.equals(wholeGrain),
                Boolean.TRUE.equals(legume),
                Boolean.TRUE.equals(glutenBearing),
                checked == Role.FAT
                        ? Coded.find(FatState.class, String.valueOf(fatState)).orElseThrow()
                        : null,
                behaviour(checked),
                notes == null ? "" : notes.strip());
    }

    private @Nullable Behaviour behaviour(Role checked) {
        boolean drinks = checked == Role.FLOUR || checked == Role.DRY_ADDITION || checked == Role.DAIRY;
        if (!drinks || absorptionPct == null) {
            return null;
        }
        return new Behaviour(
                absorptionPct,
                uptakeTauMin == null ? USUAL_TAU_MIN : uptakeTauMin,
                orZero(glutenQuality),
                USUAL_PARTICLE_UM,
                Confidence.LOW,
                "");
    }

    private static double orZero(@Nullable Double value) {
        return value == null ? 0 : value;
    }
}
