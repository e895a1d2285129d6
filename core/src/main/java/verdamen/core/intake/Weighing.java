package verdamen.core.intake;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Line;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.CupFilling;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.KitchenMeasures;
import verdamen.core.pantry.MeasureWeight;
import verdamen.core.pantry.Role;

/** Turns stated amounts of an ingredient into grams with their standard deviation. */
final class Weighing {

    static final String PIECE = "piece";
    private static final Set<String> SIZED = Set.of("piece", "bunch", "handful", "pinch", "knob");
    private static final double COUNTED_IN_GRAMS_FROM = Coefficient.BARE_GRAMS_FROM.value();
    private static final double COUNTED_IN_PIECES_UP_TO = Coefficient.BARE_PIECES_MOST.value();

    /**
     * A mass.
     *
     * @param grams g
     * @param sd its standard deviation, g
     */
    record Mass(double grams, double sd) {

        Mass plus(Mass other) {
            return new Mass(grams + other.grams, Math.hypot(sd, other.sd));
        }

        Mass minus(Mass other) {
            return new Mass(Math.max(0, grams - other.grams), Math.hypot(sd, other.sd));
        }
    }

    private final KitchenMeasures measures;
    private final @Nullable String fill;
    private final @Nullable String size;

    /**
     * Weighing for one line.
     *
     * @param fill how full its measures are: heaped, generous, level, scant or loose, or how it is filled with flour; null
     *     when not said
     * @param size how large its pieces are: small, medium or large; null when not said
     */
    Weighing(KitchenMeasures measures, @Nullable String fill, @Nullable String size) {
        this.measures = measures;
        this.fill = fill;
        this.size = size;
    }

    /** The mass of a stated amount, or nothing when the measure's weight for this ingredient is not known. */
    Optional<Mass> mass(StatedAmount stated, Ingredient ingredient) {
        if (isBareWeight(stated, ingredient)) {
            return Optional.of(weighed(stated, 1));
        }
        String measure = stated.measure() == null ? PIECE : stated.measure();
        if (measure.equals(PIECE) && isOtherPiece(stated.unit(), ingredient)) {
            return Optional.empty();
        }
        return measures.weightOf(measure, ingredient, ingredient.role() == Role.FLOUR ? filling() : null)
                .map(portion -> portion.source() == MeasureWeight.Source.MASS
                        ? weighed(stated, portion.grams())
                        : measured(stated, measure, portion));
    }

    /** Whether a number without a measure is to be taken for grams. */
    boolean isBareWeight(StatedAmount stated, Ingredient ingredient) {
        if (stated.measure() != null) {
            return false;
        }
        return ingredient.pieceGrams() == null
                ? stated.likely() >= COUNTED_IN_GRAMS_FROM
                : stated.likely() > COUNTED_IN_PIECES_UP_TO;
    }

    /** "2 stalks of potato": the pantry's piece of this ingredient is another one. */
    private static boolean isOtherPiece(@Nullable String unit, Ingredient ingredient) {
        if (unit == null || ingredient.pieceName() == null) {
            return ingredient.pieceName() == null;
        }
        String singular = Singular.of(Token.plainWord(unit));
        boolean anyPiece = List.of(PIECE, "pc").contains(singular);
        boolean sold = List.of("sachet", "packet", "cube").contains(singular)
                && List.of("sachet", "cube").contains(ingredient.pieceName());
        return !anyPiece && !sold && !ingredient.pieceName().contains(singular);
    }

    private static Mass weighed(StatedAmount stated, double gramsEach) {
        double grams = stated.likely() * gramsEach;
        double scale = Line.weighedSdGrams(grams);
        double worded = stated.vagueness() * grams;
        return new Mass(grams, Math.hypot(Math.hypot(scale, worded), stated.rangeSd() * gramsEach));
    }

    private Mass measured(StatedAmount stated, String measure, MeasureWeight portion) {
        double each = portion.grams() * fillFactor() * (SIZED.contains(measure) ? sizeFactor() : 1);
        double grams = stated.likely() * each;
        double relative = Math.hypot(Math.hypot(portion.relativeSd() * fillSdFactor(), fillSd()), stated.vagueness());
        return new Mass(grams, Math.hypot(grams * relative, stated.rangeSd() * each));
    }

    /** How the words say a measure of flour is filled; null when they do not. */
    private @Nullable CupFilling filling() {
        return fill == null ? null : Coded.find(CupFilling.class, fill).orElse(null);
    }

    private double fillFactor() {
        if (fill == null) {
            return 1;
        }
        return switch (fill) {
            case "heaped" -> Coefficient.HEAPED_FACTOR.value();
            case "generous" -> Coefficient.GENEROUS_FACTOR.value();
            case "scant" -> Coefficient.SCANT_FACTOR.value();
            case "loose" -> Coefficient.LOOSE_LEAVES.value();
            default -> 1;
        };
    }

    private double fillSd() {
        if (fill == null) {
            return 0;
        }
        return switch (fill) {
            case "heaped" -> Coefficient.HEAPED_SD.value();
            case "generous", "scant" -> Coefficient.GENEROUS_SD.value();
            default -> 0;
        };
    }

    private double fillSdFactor() {
        return "level".equals(fill) ? Coefficient.LEVEL_SD_FACTOR.value() : 1;
    }

    private double sizeFactor() {
        if (size == null) {
            return 1;
        }
        return switch (size) {
            case "small" -> Coefficient.SMALL_PIECE_FACTOR.value();
            case "large" -> Coefficient.LARGE_PIECE_FACTOR.value();
            default -> 1;
        };
    }
}
