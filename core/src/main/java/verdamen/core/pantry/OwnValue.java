package verdamen.core.pantry;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;

/**
 * A figure of a kitchen's own over the book's.
 *
 * @param field which figure
 * @param value its value, in the field's unit
 * @param source where it comes from, such as "pack says"
 */
public record OwnValue(Field field, double value, String source) {

    /** A figure that a kitchen may know better than the book. */
    public enum Field implements Coded {
        WATER_PCT("waterPct", Limit.WATER_PCT),
        PROTEIN_PCT("proteinPct", Limit.PROTEIN_PCT),
        FAT_PCT("fatPct", Limit.COMPOSITION_PCT),
        CARB_PCT("carbPct", Limit.COMPOSITION_PCT),
        FIBRE_PCT("fibrePct", Limit.COMPOSITION_PCT),
        SUGARS_PCT("sugarsPct", Limit.COMPOSITION_PCT),
        SODIUM_MG("sodiumMg", Limit.SODIUM_MG),
        BULK_DENSITY("bulkDensityGPerMl", Limit.DENSITY),
        PIECE_GRAMS("pieceGrams", Limit.INGREDIENT_PIECE_GRAMS),
        ABSORPTION_PCT("absorptionPct", Limit.ABSORPTION_PCT),
        ABSORPTION_SD_PCT("absorptionSdPct", Limit.ABSORPTION_SD_PCT),
        UPTAKE_TAU_MIN("uptakeTauMin", Limit.UPTAKE_TAU_MIN),
        GLUTEN_QUALITY("glutenQuality", Limit.GLUTEN_QUALITY);

        private final String code;
        private final Limit limit;

        Field(String code, Limit limit) {
            this.code = code;
            this.limit = limit;
        }

        @Override
        public String code() {
            return code;
        }

        /** The figure of an ingredient; null when it has none. */
        public @Nullable Double of(Ingredient ingredient) {
            Composition holds = ingredient.composition();
            Behaviour behaviour = ingredient.behaviour();
            return switch (this) {
                case WATER_PCT -> holds.waterPct();
                case PROTEIN_PCT -> holds.proteinPct();
                case FAT_PCT -> holds.fatPct();
                case CARB_PCT -> holds.carbPct();
                case FIBRE_PCT -> holds.fibrePct();
                case SUGARS_PCT -> holds.sugarsPct();
                case SODIUM_MG -> ingredient.sodiumMg();
                case BULK_DENSITY -> ingredient.bulkDensityGPerMl();
                case PIECE_GRAMS -> ingredient.pieceGrams();
                case ABSORPTION_PCT -> behaviour == null ? null : Double.valueOf(behaviour.absorptionPct());
                case ABSORPTION_SD_PCT -> behaviour == null ? null : Double.valueOf(behaviour.absorptionSdPct());
                case UPTAKE_TAU_MIN -> behaviour == null ? null : Double.valueOf(behaviour.uptakeTauMin());
                case GLUTEN_QUALITY -> behaviour == null ? null : Double.valueOf(behaviour.glutenQuality());
            };
        }
    }

    private static final Set<Field> FOR_DRINKERS =
            EnumSet.of(Field.ABSORPTION_PCT, Field.ABSORPTION_SD_PCT, Field.UPTAKE_TAU_MIN, Field.GLUTEN_QUALITY);

    /** How far own values may move the sum of the composition from the book's, percentage points. */
    private static final double TOLERANCE = 2;

    /** Finds what is impossible about a value for an ingredient that has these own values already. */
    public Faults check(Ingredient book, Map<Field, Double> others) {
        Faults faults = new Faults();
        faults.number(field.code(), value, field.limit);
        boolean drinks = book.behaviour() != null;
        boolean forDrinkers = FOR_DRINKERS.contains(field);
        faults.require(!forDrinkers || drinks, field.code(), FaultCode.NOT_FOR_THIS_INGREDIENT, value);
        faults.text("source", source, Limit.SOURCE);
        if (faults.none()) {
            Map<Field, Double> all = new EnumMap<>(Field.class);
            all.putAll(others);
            all.put(field, value);
            Composition now = over(book, all).composition();
            double moved = sum(now) - sum(book.composition());
            faults.require(
                    Math.abs(moved) <= TOLERANCE,
                    "composition",
                    moved > 0 ? FaultCode.TOO_LARGE : FaultCode.TOO_SMALL,
                    Math.round((100 + moved) * 10) / 10.0);
            faults.require(now.fibrePct() <= now.carbPct(), "fibrePct", FaultCode.TOO_LARGE, now.fibrePct());
            faults.require(now.sugarsPct() <= now.carbPct(), "sugarsPct", FaultCode.TOO_LARGE, now.sugarsPct());
        }
        return faults;
    }

    private static double sum(Composition holds) {
        return holds.waterPct() + holds.proteinPct() + holds.fatPct() + holds.carbPct();
    }

    /** An ingredient with figures of the kitchen's own in place of the book's. */
    public static Ingredient over(Ingredient book, Map<Field, Double> own) {
        if (own.isEmpty()) {
            return book;
        }
        Composition holds = book.composition();
        Behaviour behaviour = book.behaviour();
        return new Ingredient(
                book.code(),
                book.name(),
                book.role(),
                book.group(),
                new Composition(
                        own.getOrDefault(Field.WATER_PCT, holds.waterPct()),
                        own.getOrDefault(Field.PROTEIN_PCT, holds.proteinPct()),
                        own.getOrDefault(Field.FAT_PCT, holds.fatPct()),
                        own.getOrDefault(Field.CARB_PCT, holds.carbPct()),
                        own.getOrDefault(Field.FIBRE_PCT, holds.fibrePct()),
                        own.getOrDefault(Field.SUGARS_PCT, holds.sugarsPct())),
                own.getOrDefault(Field.SODIUM_MG, book.sodiumMg()),
                own.getOrDefault(Field.BULK_DENSITY, book.bulkDensityGPerMl()),
                own.getOrDefault(Field.PIECE_GRAMS, book.pieceGrams()),
                book.pieceName(),
                book.allergens(),
                book.wholeGrain(),
                book.legume(),
                book.glutenBearing(),
                book.fatState(),
                behaviour == null ? null : over(behaviour, own),
                book.notes());
    }

    /** An absorption of the kitchen's own is as sure as the book's, as a share of it, unless it says how sure it is. */
    private static Behaviour over(Behaviour book, Map<Field, Double> own) {
        double absorption = own.getOrDefault(Field.ABSORPTION_PCT, book.absorptionPct());
        return new Behaviour(
                absorption,
                own.getOrDefault(Field.ABSORPTION_SD_PCT, book.absorptionRelativeSd() * absorption),
                own.getOrDefault(Field.UPTAKE_TAU_MIN, book.uptakeTauMin()),
                own.getOrDefault(Field.GLUTEN_QUALITY, book.glutenQuality()),
                book.particleUm(),
                book.hotAbsorptionPct(),
                book.confidence(),
                book.notes());
    }
}
