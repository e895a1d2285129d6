package verdamen.core.pantry;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An ingredient with its typical values.
 *
 * @param code its code, unique in the pantry
 * @param name its name, in the trade's words
 * @param role the part it plays in the model
 * @param group its group within the role
 * @param composition what 100 g hold
 * @param sodiumMg sodium, mg in 100 g
 * @param bulkDensityGPerMl grams in a millilitre as spooned, poured or loosely filled
 * @param pieceGrams weight of one piece, g, where it comes in pieces
 * @param pieceName what one piece is
 * @param allergens allergens to declare
 * @param wholeGrain whether it is whole grain
 * @param legume whether it is a pulse
 * @param glutenBearing whether its protein makes a dough network
 * @param fatState for a fat, how firm it usually is
 * @param behaviour how it drinks; absent for what does not
 * @param notes how the values vary
 */
public record Ingredient(
        String code,
        String name,
        Role role,
        String group,
        Composition composition,
        double sodiumMg,
        double bulkDensityGPerMl,
        @Nullable Double pieceGrams,
        @Nullable String pieceName,
        List<String> allergens,
        boolean wholeGrain,
        boolean legume,
        boolean glutenBearing,
        @Nullable FatState fatState,
        @Nullable Behaviour behaviour,
        String notes) {

    /** Code, and group, of the liquid that is pressed out of something. */
    public static final String PRESSED_LIQUID = "pressed-liquid";

    private static final String WATER_GROUP = "water";
    private static final double ALL = 100;
    private static final String STARTER_GROUP = "sourdough";
    private static final String YEAST_GROUP = "yeast";

    /** Refuses a flour without a behaviour and a fat without a state. */
    public Ingredient {
        allergens = List.copyOf(allergens);
        if (role == Role.FLOUR && behaviour == null) {
            throw new IllegalArgumentException("flour " + code + " needs its behaviour");
        }
        if ((role == Role.FAT) != (fatState != null)) {
            throw new IllegalArgumentException("a fat, and only a fat, has a state: " + code);
        }
    }

    /** This ingredient, behaving otherwise in a dough. */
    public Ingredient withBehaviour(Behaviour other) {
        return new Ingredient(
                code,
                name,
                role,
                group,
                composition,
                sodiumMg,
                bulkDensityGPerMl,
                pieceGrams,
                pieceName,
                allergens,
                wholeGrain,
                legume,
                glutenBearing,
                fatState,
                other,
                notes);
    }

    /** By its code: sets of ingredients are made often, and no two of a pantry share one. */
    @Override
    public int hashCode() {
        return code.hashCode();
    }

    /** Whether it is plain water, the line that the balance answers. */
    public boolean isPlainWater() {
        return role == Role.LIQUID && group.equals(WATER_GROUP) && composition.waterPct() == ALL;
    }

    /** Whether it is liquid that was pressed out of something. */
    public boolean isPressedLiquid() {
        return group.equals(PRESSED_LIQUID);
    }

    /** Whether it is a sourdough starter, which counts as half flour, half water. */
    public boolean isStarter() {
        return role == Role.LEAVENER && group.equals(STARTER_GROUP);
    }

    /** Whether it is alive, and dies of heat: yeast or a sourdough starter. */
    public boolean isAlive() {
        return group.equals(YEAST_GROUP) || isStarter();
    }

    /** Whether it takes up water like a flour does: it has a row among the behaviours, or is a starter. */
    public boolean drinksLikeFlour() {
        return behaviour != null || isStarter();
    }

    /** What it is made of on the screen. */
    public Material material() {
        return switch (role) {
            case FLOUR, DRY_ADDITION -> Material.FLOUR;
            case LIQUID -> Material.WATER;
            case DAIRY -> behaviour == null ? Material.WATER : Material.OTHER;
            case FAT -> Material.FAT;
            case INCLUSION -> Material.INCLUSION;
            case SEED, SWEETENER, LEAVENER, SALT, SEASONING -> Material.OTHER;
        };
    }
}
