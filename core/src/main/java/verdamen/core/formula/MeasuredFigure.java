package verdamen.core.formula;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Limit;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Role;

/** The figures of {@link Measured}: what each is called, its allowed range, and the ingredients to which it applies. */
public enum MeasuredFigure implements Coded {
    WATER_PCT("waterPct", Measured::waterPct, Limit.WATER_PCT, MeasuredFigure::isMoist),
    MOISTURE_PCT("moisturePct", Measured::moisturePct, Limit.MOISTURE_PCT, isOf(Role.FLOUR)),
    PROTEIN_PCT("proteinPct", Measured::proteinPct, Limit.PROTEIN_PCT, ingredient -> true),
    ABSORPTION_PCT(
            "absorptionPct",
            Measured::absorptionPct,
            Limit.ABSORPTION_PCT,
            ingredient -> ingredient.behaviour() != null),
    ABSORPTION_SD_PCT(
            "absorptionSdPct",
            Measured::absorptionSdPct,
            Limit.ABSORPTION_SD_PCT,
            ingredient -> ingredient.behaviour() != null),
    PIECE_MM("pieceMm", Measured::pieceMm, Limit.PIECE_MM, isOf(Role.INCLUSION)),
    TEMPERATURE_C("temperatureC", Measured::temperatureC, Limit.LINE_TEMPERATURE_C, ingredient -> true);

    private final String code;
    private final Function<Measured, @Nullable Double> value;
    private final Limit limit;
    private final Predicate<Ingredient> applies;

    MeasuredFigure(
            String code, Function<Measured, @Nullable Double> value, Limit limit, Predicate<Ingredient> applies) {
        this.code = code;
        this.value = value;
        this.limit = limit;
        this.applies = applies;
    }

    @Override
    public String code() {
        return code;
    }

    /** Its value in {@code measured}; null when it was not measured. */
    public @Nullable Double of(Measured measured) {
        return value.apply(measured);
    }

    /** The range it must lie in. */
    Limit limit() {
        return limit;
    }

    /** Whether it means anything for an ingredient. */
    public boolean appliesTo(Ingredient ingredient) {
        return applies.test(ingredient);
    }

    /** Whether a line that a preparation chain fills has it from there, so that measuring it contradicts the chain. */
    boolean isGivenByPreparation() {
        return this != TEMPERATURE_C;
    }

    /** The figures that can be measured of an ingredient. */
    public static List<MeasuredFigure> of(Ingredient ingredient) {
        return Arrays.stream(values())
                .filter(figure -> figure.appliesTo(ingredient))
                .toList();
    }

    private static boolean isMoist(Ingredient ingredient) {
        return ingredient.role() != Role.FLOUR && ingredient.role() != Role.DRY_ADDITION;
    }

    private static Predicate<Ingredient> isOf(Role role) {
        return ingredient -> ingredient.role() == role;
    }
}
