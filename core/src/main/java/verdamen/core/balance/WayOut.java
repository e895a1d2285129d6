package verdamen.core.balance;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One way out of too much water, computed alone.
 *
 * @param remedy what to do
 * @param line the inclusion it is done to; absent for more flour
 * @param grams how much, g: flour added, liquid pressed out, water cooked out, or inclusion left out; absent when it
 *     does not help at all
 * @param mostGrams how much there is to take, g; absent for more flour
 * @param obstacle why it cannot be done; absent when it can
 * @param changes what it does to the lines; empty when it cannot be done
 * @param afterNeededGrams plain water needed once it is done, from the whole balance run again, g; near 0. Absent when
 *     it cannot be done.
 * @param afterSoftness softness once it is done and what plain water the formula has is left out
 */
public record WayOut(
        Remedy remedy,
        @Nullable Integer line,
        @Nullable Double grams,
        @Nullable Double mostGrams,
        @Nullable Obstacle obstacle,
        List<LineChange> changes,
        @Nullable Double afterNeededGrams,
        @Nullable Double afterSoftness) {}
