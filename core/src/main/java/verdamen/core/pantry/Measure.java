package verdamen.core.pantry;

import org.jspecify.annotations.Nullable;

/**
 * A kitchen measure.
 *
 * @param code its code
 * @param name its name
 * @param plural its plural
 * @param kind {@code mass}, {@code volume} or {@code count}
 * @param millilitres its volume, ml, for a volume
 * @param grams its mass, g, for a mass
 * @param relativeSd relative standard deviation of an amount measured with it
 * @param notes what to know
 */
public record Measure(
        String code,
        String name,
        String plural,
        String kind,
        @Nullable Double millilitres,
        @Nullable Double grams,
        double relativeSd,
        String notes) {}
