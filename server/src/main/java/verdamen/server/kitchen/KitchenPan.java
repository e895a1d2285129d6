package verdamen.server.kitchen;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * Something of the kitchen's own that a piece has to fit.
 *
 * @param kind {@code pan}, {@code press}, {@code cutter} or {@code peel}
 * @param name its name in the kitchen, 1 to 80 characters
 * @param diameterMm how wide it is, mm
 * @param burnerW power of the burner it stands on, W; absent for a usual one, and for what is not heated
 * @param material what it is made of, at most 80 characters
 */
public record KitchenPan(
        String kind,
        @Within(Limit.NAME) String name,
        @Within(Limit.PAN_MM) @Nullable Double diameterMm,
        @Within(Limit.BURNER_W) @Nullable Double burnerW,
        @Within(Limit.NAME) @Nullable String material) {}
