package verdamen.core.plan;

import org.jspecify.annotations.Nullable;

/** What would make a day possible by itself, all else being asked as it was. */
public sealed interface WayOut permits Remedy, FewerPieces, TwoBatches, OvernightDough {

    /** What is asked once it is taken; null when that cannot be asked for. */
    @Nullable
    PlanSpec taken(PlanSpec asked);
}
