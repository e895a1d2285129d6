package verdamen.core.rework;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is varied in a trial series, as asked: at two levels, or at shares that were picked.
 *
 * @param change what is changed
 * @param lowShare the lower share, 0 to 1; absent for 0, and when shares were picked
 * @param highShare the higher share, above {@code lowShare}, to 1; absent for the share of the change, and when shares were picked
 * @param shares two to twelve shares that were picked, for a series of one factor; absent for two levels
 */
public record FactorSpec(
        @Nullable ChangeSpec change,
        @Nullable Double lowShare,
        @Nullable Double highShare,
        @Nullable List<Double> shares) {}
