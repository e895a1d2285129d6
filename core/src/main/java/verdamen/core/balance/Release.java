package verdamen.core.balance;

import verdamen.core.model.Coefficient;
import verdamen.core.pantry.Form;

/**
 * How an inclusion lets go of its water over time.
 *
 * @param start r₀, share in play at once
 * @param end r₁, share in play in the end, with the dough's salt
 * @param tauMinutes τ_r, minutes
 */
record Release(double start, double end, double tauMinutes) {

    /**
     * The release of a form in a dough: r₁ = min(1, release_end · (1 + 0.10 · saltPct)), as salt draws water.
     *
     * @param saltPct grams of salt per 100 g flour
     */
    static Release of(Form form, double saltPct) {
        double end = Math.min(1, form.releaseEnd() * (1 + Coefficient.SALT_DRAW.value() * saltPct));
        return new Release(form.releaseStart(), end, form.releaseTauMin());
    }

    /** Share in play, r(t) = r₀ + (r₁ − r₀)(1 − exp(−t/τ_r)). */
    public double share(double minute) {
        return start + (end - start) * (1 - Math.exp(-minute / tauMinutes));
    }
}
