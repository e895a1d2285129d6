package verdamen.core.balance;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.pantry.Behaviour;

/**
 * How uncertain the softness of a dough is, from the weighing of every line and the absorption of every flour. A row's
 * part, S·drinks − brings, is a sum of amounts that move with time at its pace; lines of one pace stand in one table of the
 * products of these amounts, so that a minute costs the same however many lines there are.
 */
final class SoftnessSpread {

    /** The amounts of a row, each with a factor of its own at a minute. */
    private enum Amount {
        HELD,
        BROUGHT_AT_ONCE,
        LOST_WHEN_HARD,
        TAKEN_UP,
        TAKEN_UP_BY_BRAN,
        LET_GO
    }

    private static final int AMOUNTS = Amount.values().length;

    /** A pace: of uptake or of release; both null for what does neither. */
    private record Pace(
            @Nullable Double uptakeTau, @Nullable Release release, double headStart) {}

    /** Σ weight · amount · amount over the lines of a pace, of weighing and absorption; the half with i ≤ j. */
    private static final class Products {

        private final Pace pace;
        private final double[][] sums = new double[AMOUNTS][AMOUNTS];

        private Products(Pace pace) {
            this.pace = pace;
        }

        private void add(double[] amounts, double weight) {
            for (int i = 0; i < AMOUNTS; i++) {
                for (int j = i; j < AMOUNTS; j++) {
                    sums[i][j] += (i == j ? 1 : 2) * weight * amounts[i] * amounts[j];
                }
            }
        }

        private double variance(Moment at, double softness) {
            double wet = at.working() + pace.headStart();
            Double tau = pace.uptakeTau();
            Release release = pace.release();
            double[] factors = {
                softness,
                -1,
                at.fatHardened() ? 1 : 0,
                tau == null ? 0 : softness * (tau == 0 ? 1 : Uptake.share(wet, tau)),
                softness * Uptake.branShare(wet),
                release == null ? 0 : -release.share(wet)
            };
            double sum = 0;
            for (int i = 0; i < AMOUNTS; i++) {
                double row = 0;
                for (int j = i; j < AMOUNTS; j++) {
                    row += sums[i][j] * factors[j];
                }
                sum += factors[i] * row;
            }
            return sum;
        }
    }

    private final List<Products> paces;
    private final JointSpread joint;

    SoftnessSpread(List<WaterAccount> accounts, JointSpread joint) {
        this.joint = joint;
        Map<Integer, List<WaterAccount>> lines = new LinkedHashMap<>();
        for (WaterAccount account : accounts) {
            if (account.row().grams() > 0) {
                lines.computeIfAbsent(account.row().line().index(), line -> new ArrayList<>())
                        .add(account);
            }
        }
        Map<Pace, Products> sums = new HashMap<>();
        lines.values().forEach(line -> add(line, sums));
        this.paces = new ArrayList<>(sums.values());
    }

    /** A line weighs wrong as a whole: the halves of a starter err together, and neither moves with time. */
    private static void add(List<WaterAccount> line, Map<Pace, Products> sums) {
        Products products = sums.computeIfAbsent(paceOf(line.get(0)), Products::new);
        double[] whole = new double[AMOUNTS];
        for (WaterAccount account : line) {
            double[] amounts = amounts(account);
            for (int i = 0; i < AMOUNTS; i++) {
                whole[i] += amounts[i];
            }
            Behaviour behaviour = account.row().behaviour();
            if (behaviour != null) {
                double[] drunk = new double[AMOUNTS];
                for (Amount amount : List.of(Amount.HELD, Amount.TAKEN_UP, Amount.TAKEN_UP_BY_BRAN)) {
                    drunk[amount.ordinal()] = amounts[amount.ordinal()];
                }
                double relative = account.row().absorptionRelativeSd(behaviour);
                products.add(drunk, relative * relative);
            }
        }
        DoughRow row = line.get(0).row();
        double relative = row.sdGrams() / row.grams();
        products.add(whole, relative * relative);
    }

    private static double[] amounts(WaterAccount account) {
        boolean soaked = account.uptakeParts() != null && account.uptakeTau() == 0;
        return new double[] {
            account.held() + (soaked ? account.drinksInTheEnd() : 0),
            account.bringsAtOnce(),
            account.lostWhenHard(),
            soaked ? 0 : account.drinksInTheEnd(),
            account.branInTheEnd(),
            account.releasable()
        };
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
        double variance = softness * softness * joint.variance(at);
        for (Products pace : paces) {
            variance += pace.variance(at, softness);
        }
        return Math.max(0, variance);
    }
}
