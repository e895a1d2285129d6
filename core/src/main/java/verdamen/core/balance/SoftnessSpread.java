package verdamen.core.balance;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.pantry.Behaviour;

/**
 * How uncertain the softness of a dough is, from the weighing of every row and the absorption of every flour. Rows that
 * take up or let go of water at one pace stand in one sum, so that a minute costs the same however many lines there are:
 * with u the share taken up and r the share in play, a row adds ((S·held + S·end·u − once − water·r)/m · sd)², and a flour
 * (S·end·u · relative sd)² beside it.
 */
final class SoftnessSpread {

    /** A pace: of uptake or of release; both null for what does neither. */
    private record Pace(
            @Nullable Double uptakeTau, @Nullable Release release, double headStart) {}

    /** Sums over the rows of a pace, each weighed by (sd/m)²: of the products of what is held, brought, and moves. */
    private static final class Sums {

        private final Pace pace;
        private double heldHeld;
        private double heldOnce;
        private double heldMoves;
        private double onceOnce;
        private double onceMoves;
        private double movesMoves;
        private double hardHeld;
        private double hardOnce;
        private double hardMoves;
        private double absorbed;

        private Sums(Pace pace) {
            this.pace = pace;
        }

        private void add(WaterAccount account) {
            DoughRow row = account.row();
            double weight = row.sdGrams() * row.sdGrams() / (row.grams() * row.grams());
            double once = account.bringsAtOnce();
            double hard = once - account.lostWhenHard();
            double moves = account.drinksInTheEnd() > 0 ? account.drinksInTheEnd() : account.releasable();
            heldHeld += weight * account.held() * account.held();
            heldOnce += weight * account.held() * once;
            heldMoves += weight * account.held() * moves;
            onceOnce += weight * once * once;
            onceMoves += weight * once * moves;
            movesMoves += weight * moves * moves;
            hardHeld += weight * account.held() * hard;
            hardOnce += weight * hard * hard;
            hardMoves += weight * hard * moves;
            Behaviour behaviour = row.behaviour();
            if (behaviour != null) {
                double off = account.drinksInTheEnd() * row.absorptionRelativeSd(behaviour);
                absorbed += off * off;
            }
        }

        /** Σ ((S·held − once + k·moves)/m · sd)² with k = S·u of what drinks, −r of what lets go. */
        private double variance(Moment at, double softness) {
            double wet = at.working() + pace.headStart();
            Double tau = pace.uptakeTau();
            Release release = pace.release();
            double uptake = tau == null ? 0 : softness * (tau == 0 ? 1 : Uptake.share(wet, tau));
            double k = tau != null ? uptake : release != null ? -release.share(wet) : 0;
            double withOnce = at.fatHardened() ? hardHeld : heldOnce;
            double both = at.fatHardened() ? hardOnce : onceOnce;
            double once = at.fatHardened() ? hardMoves : onceMoves;
            double weighed = softness * softness * heldHeld
                    + both
                    + k * k * movesMoves
                    - 2 * softness * withOnce
                    + 2 * softness * k * heldMoves
                    - 2 * k * once;
            return weighed + uptake * uptake * absorbed;
        }
    }

    private final List<Sums> paces;

    SoftnessSpread(List<WaterAccount> accounts) {
        Map<Pace, Sums> sums = new HashMap<>();
        for (WaterAccount account : accounts) {
            if (account.row().grams() > 0) {
                sums.computeIfAbsent(paceOf(account), Sums::new).add(account);
            }
        }
        this.paces = new ArrayList<>(sums.values());
    }

    private static Pace paceOf(WaterAccount account) {
        boolean drinks = account.uptakeParts() != null;
        return new Pace(
                drinks ? Double.valueOf(account.uptakeTau()) : null,
                account.release(),
                account.row().line().headStartMinutes());
    }

    /** Variance of what is brought less the softness times what is drunk, g²; over drinks² it is that of the softness. */
    double variance(Moment at, double softness) {
        double variance = 0;
        for (Sums pace : paces) {
            variance += pace.variance(at, softness);
        }
        return Math.max(0, variance);
    }
}
