package verdamen.core.rework;

import org.jspecify.annotations.Nullable;

/** Hears how far a search is, and may stop it. */
@FunctionalInterface
public interface SearchProgress {

    /** Hears nothing and never stops. */
    SearchProgress NONE = (tried, planned, best) -> true;

    /**
     * Called again and again while it goes on.
     *
     * @param tried how many formulas were tried
     * @param planned how many will have been tried at its end
     * @param best the goal of the best formula so far that keeps all limits; null when there is none yet
     * @return whether it is to go on
     */
    boolean goesOn(int tried, int planned, @Nullable Double best);
}
