package verdamen.core.pantry;

import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Confidence;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * An ingredient of a kitchen's own as asked, not yet checked. Percentages are of 100 g as it is.
 *
 * @param name its name, 1 to 80 characters
 * @param role the part it plays in the model
 * @param group its group; left out for {@code own}
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
        @Within(Limit.NAME) @Nullable String name,
        @Nullable String role,
        @Within(Limit.WORD) @Nullable String group,
        @Within(Limit.COMPOSITION_PCT) @Nullable Double waterPct,
        @Within(Limit.COMPOSITION_PCT) @Nullable Double proteinPct,
        @Within(Limit.COMPOSITION_PCT) @Nullable Double fatPct,
        @Within(Limit.COMPOSITION_PCT) @Nullable Double carbPct,
        @Nullable Double fibrePct,
        @Nullable Double sugarsPct,
        @Within(Limit.COMPOSITION_PCT) @Nullable Double ashPct,
        @Within(Limit.SODIUM_MG) @Nullable Double sodiumMg,
        @Within(Limit.DENSITY) @Nullable Double bulkDensityGPerMl,
        @Within(Limit.INGREDIENT_PIECE_GRAMS) @Nullable Double pieceGrams,
        @Within(Limit.WORD) @Nullable String pieceName,
        @Within(Limit.ALLERGENS) @Nullable List<String> allergens,
        @Nullable Boolean wholeGrain,
        @Nullable Boolean legume,
        @Nullable Boolean glutenBearing,
        @Nullable String fatState,
        @Within(Limit.ABSORPTION_PCT) @Nullable Double absorptionPct,
        @Within(Limit.UPTAKE_TAU_MIN) @Nullable Double uptakeTauMin,
        @Within(Limit.GLUTEN_QUALITY) @Nullable Double glutenQuality,
        @Within(Limit.NOTE) @Nullable String notes) {

    /** An ingredient as it would be asked for. */
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

    private static final double WHOLE = 100;
    private static final double TOLERANCE = 2;
    private static final double USUAL_TAU_MIN = Coefficient.OWN_FLOUR_TAU_MINUTES.value();
    private static final double USUAL_PARTICLE_UM = Coefficient.OWN_FLOUR_PARTICLE_UM.value();
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
        faults.text("name", name, Limit.NAME);
        faults.optionalText("group", group, Limit.WORD);
        faults.optionalText("pieceName", pieceName, Limit.WORD);
        faults.optionalText("notes", notes, Limit.NOTE);
        faults.atMost("allergens", allergens, Limit.ALLERGENS)
                .forEach(allergen -> faults.text("allergens", allergen, Limit.WORD));
        Role asked = faults.choice("role", role, Role.class);
        faults.needed("waterPct", waterPct, Limit.COMPOSITION_PCT);
        faults.needed("proteinPct", proteinPct, Limit.COMPOSITION_PCT);
        faults.needed("fatPct", fatPct, Limit.COMPOSITION_PCT);
        double carb = faults.needed("carbPct", carbPct, Limit.COMPOSITION_PCT);
        faults.number("fibrePct", fibrePct, 0, carb);
        faults.number("sugarsPct", sugarsPct, 0, carb);
        faults.number("ashPct", ashPct, Limit.COMPOSITION_PCT);
        faults.number("sodiumMg", sodiumMg, Limit.SODIUM_MG);
        faults.needed("bulkDensityGPerMl", bulkDensityGPerMl, Limit.DENSITY);
        faults.number("pieceGrams", pieceGrams, Limit.INGREDIENT_PIECE_GRAMS);
        faults.number("absorptionPct", absorptionPct, Limit.ABSORPTION_PCT);
        faults.number("uptakeTauMin", uptakeTauMin, Limit.UPTAKE_TAU_MIN);
        faults.number("glutenQuality", glutenQuality, Limit.GLUTEN_QUALITY);
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
                Confidence.LOW.relativeSd() * absorptionPct,
                uptakeTauMin == null ? USUAL_TAU_MIN : uptakeTauMin,
                orZero(glutenQuality),
                USUAL_PARTICLE_UM,
                null,
                Confidence.LOW,
                "");
    }

    private static double orZero(@Nullable Double value) {
        return value == null ? 0 : value;
    }
}
