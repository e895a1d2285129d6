package verdamen.core.rework;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.optim.MaxIter;
import org.hipparchus.optim.PointValuePair;
import org.hipparchus.optim.linear.LinearConstraint;
import org.hipparchus.optim.linear.LinearConstraintSet;
import org.hipparchus.optim.linear.LinearObjectiveFunction;
import org.hipparchus.optim.linear.NonNegativeConstraint;
import org.hipparchus.optim.linear.Relationship;
import org.hipparchus.optim.linear.SimplexSolver;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;

/**
 * The linear programme of a blend, solved by the library's simplex method: shares that add up to all, and for each want a
 * slack that says how much of it is missing. What is missing of an end weighs most, then what is away from what to come near
 * to, then the goal; so there is always an answer, and it misses something only when nothing else can be had.
 *
 * <p>Strength is a sum over the flours divided by a sum of their solids: strength ≥ s is Σ x (n − s · solids) ≥ 0, which is
 * linear.
 */
final class BlendProgram {

    private static final int ITERATIONS = (int) Coefficient.BLEND_ITERATIONS.value();
    private static final double ENDS_FIRST = Coefficient.BLEND_ENDS_WEIGHT.value();
    private static final double NEAR_SECOND = Coefficient.BLEND_NEAR_WEIGHT.value();

    private final List<BlendFlour> flours;
    private final List<LinearConstraint> constraints = new ArrayList<>();
    private final double[] costs;
    private int column;

    private BlendProgram(List<BlendFlour> flours, List<Wanted> wanted, @Nullable BlendFigure goal) {
        this.flours = flours;
        this.column = flours.size();
        this.costs = new double[flours.size() + slacks(wanted)];
        for (int at = 0; at < flours.size(); at++) {
            double figure = goal == null ? 0 : flours.get(at).figure(goal);
            costs[at] = goal == null ? 0 : goal.lessIsBetter() ? figure : -figure;
        }
        constraints.add(new LinearConstraint(row(flour -> 1, -1, 0), Relationship.EQ, 1));
        for (int at = 0; at < flours.size(); at++) {
            double[] one = new double[costs.length];
            one[at] = 1;
            constraints.add(
                    new LinearConstraint(one, Relationship.GEQ, flours.get(at).low()));
            constraints.add(
                    new LinearConstraint(one, Relationship.LEQ, flours.get(at).high()));
        }
        wanted.forEach(this::want);
    }

    /** Something of a flour. */
    private interface PerFlour {
        double of(BlendFlour flour);
    }

    /**
     * The best blend of some flours.
     *
     * @param shares the share of each, 0 to 1
     * @param worth what it costs in the programme, the less the better: what is missing, what is away, then the goal
     */
    record Solution(double[] shares, double worth) {}

    /** The best blend of some flours. */
    static Solution solved(List<BlendFlour> flours, List<Wanted> wanted, @Nullable BlendFigure goal) {
        BlendProgram program = new BlendProgram(flours, wanted, goal);
        PointValuePair best = new SimplexSolver()
                .optimize(
                        new MaxIter(ITERATIONS),
                        new LinearObjectiveFunction(program.costs, 0),
                        new LinearConstraintSet(program.constraints),
                        GoalType.MINIMIZE,
                        new NonNegativeConstraint(true));
        return new Solution(Arrays.copyOf(best.getPoint(), flours.size()), best.getValue());
    }

    private static int slacks(List<Wanted> wanted) {
        int slacks = 0;
        for (Wanted each : wanted) {
            slacks +=
                    (each.atLeast() == null ? 0 : 1) + (each.atMost() == null ? 0 : 1) + (each.about() == null ? 0 : 1);
        }
        return slacks;
    }

    private double[] row(PerFlour value, int slack, double factor) {
        double[] row = new double[costs.length];
        for (int at = 0; at < flours.size(); at++) {
            row[at] = value.of(flours.get(at));
        }
        if (slack >= 0) {
            row[slack] = factor;
        }
        return row;
    }

    private void want(Wanted wanted) {
        if (wanted.atLeast() != null) {
            int slack = slack(ENDS_FIRST);
            constraints.add(end(wanted.figure(), wanted.atLeast(), Relationship.GEQ, slack, 1));
        }
        if (wanted.atMost() != null) {
            int slack = slack(ENDS_FIRST);
            constraints.add(end(wanted.figure(), wanted.atMost(), Relationship.LEQ, slack, -1));
        }
        if (wanted.about() != null) {
            int slack = slack(NEAR_SECOND);
            constraints.add(end(wanted.figure(), wanted.about(), Relationship.GEQ, slack, 1));
            constraints.add(end(wanted.figure(), wanted.about(), Relationship.LEQ, slack, -1));
        }
    }

    private int slack(double weight) {
        costs[column] = weight;
        return column++;
    }

    private LinearConstraint end(BlendFigure figure, double end, Relationship side, int slack, double factor) {
        return figure == BlendFigure.STRENGTH
                ? new LinearConstraint(
                        row(flour -> flour.strengthPerGram() - end * flour.solidsPerGram(), slack, factor), side, 0)
                : new LinearConstraint(row(flour -> flour.figure(figure), slack, factor), side, end);
    }
}
