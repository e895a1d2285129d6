package verdamen.server.pantry;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.pantry.Behaviour;
import verdamen.core.pantry.Composition;
import verdamen.core.pantry.Confidence;
import verdamen.core.pantry.FatState;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Role;

/** An ingredient as a row of the database, its behaviour beside it. */
record IngredientRow(
        String code,
        String name,
        String role,
        String family,
        double waterPct,
        double proteinPct,
        double fatPct,
        double carbPct,
        double fibrePct,
        double sugarsPct,
        double sodiumMg,
        double bulkDensityGPerMl,
        @Nullable Double pieceGrams,
        @Nullable String pieceName,
        String[] allergens,
        boolean wholeGrain,
        boolean legume,
        boolean glutenBearing,
        @Nullable String fatState,
        String notes,
        @Nullable Double absorptionPct,
        @Nullable Double uptakeTauMin,
        @Nullable Double glutenQuality,
        @Nullable Double particleUm,
        @Nullable String confidence,
        @Nullable String behaviourNotes,
        boolean own) {

    static IngredientRow of(Ingredient ingredient, boolean own) {
        Composition holds = ingredient.composition();
        Behaviour behaviour = ingredient.behaviour();
        return new IngredientRow(
                ingredient.code(),
                ingredient.name(),
                ingredient.role().code(),
                ingredient.group(),
                holds.waterPct(),
                holds.proteinPct(),
                holds.fatPct(),
                holds.carbPct(),
                holds.fibrePct(),
                holds.sugarsPct(),
                ingredient.sodiumMg(),
                ingredient.bulkDensityGPerMl(),
                ingredient.pieceGrams(),
                ingredient.pieceName(),
                ingredient.allergens().toArray(String[]::new),
                ingredient.wholeGrain(),
                ingredient.legume(),
                ingredient.glutenBearing(),
                ingredient.fatState() == null ? null : ingredient.fatState().code(),
                ingredient.notes(),
                behaviour == null ? null : behaviour.absorptionPct(),
                behaviour == null ? null : behaviour.uptakeTauMin(),
                behaviour == null ? null : behaviour.glutenQuality(),
                behaviour == null ? null : behaviour.particleUm(),
                behaviour == null ? null : behaviour.confidence().code(),
                behaviour == null ? null : behaviour.notes(),
                own);
    }

    Ingredient toIngredient() {
        return new Ingredient(
                code,
                name,
                choice(Role.class, role),
                family,
                new Composition(waterPct, proteinPct, fatPct, carbPct, fibrePct, sugarsPct),
                sodiumMg,
                bulkDensityGPerMl,
                pieceGrams,
                pieceName,
                List.of(allergens),
                wholeGrain,
                legume,
                glutenBearing,
                fatState == null ? null : choice(FatState.class, fatState),
                behaviour(),
                notes);
    }

    private @Nullable Behaviour behaviour() {
        if (absorptionPct == null
                || uptakeTauMin == null
                || glutenQuality == null
                || particleUm == null
                || confidence == null
                || behaviourNotes == null) {
            return null;
        }
        return new Behaviour(
                absorptionPct,
                uptakeTauMin,
                glutenQuality,
                particleUm,
                choice(Confidence.class, confidence),
                behaviourNotes);
    }

    private static <E extends Enum<E> & Coded> E choice(Class<E> type, String code) {
        return Coded.find(type, code)
                .orElseThrow(() -> new IllegalStateException("the database holds an unknown code: " + code));
    }
}
