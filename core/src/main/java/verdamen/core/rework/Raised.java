package verdamen.core.rework;

import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;

/**
 * A change that is raised rung by rung.
 *
 * @param field the field in which it was asked for
 * @param change what is changed
 * @param shares the share of each rung, rising
 * @param mostShare the most that what else is changed leaves
 */
record Raised(String field, ChangeSpec change, double[] shares, double mostShare) {

    /**
     * A raised change as asked; null, with its faults, when it is none.
     *
     * @param beside what else is changed: of a line that it takes from, less is left
     */
    static @Nullable Raised read(RaisedSpec asked, String within, List<ChangeSpec> beside, Faults faults) {
        int before = faults.count();
        double most = mostShare(asked.change(), beside);
        double from = faults.needed(within + "from", asked.from() == null ? Double.valueOf(0) : asked.from(), 0, most);
        double to = faults.needed(within + "to", asked.to() == null ? Double.valueOf(most) : asked.to(), 0, most);
        double rungs = faults.needed(
                within + "rungs",
                asked.rungs() == null ? Coefficient.REWORK_RUNGS.value() : Double.valueOf(asked.rungs()),
                Limit.RUNGS);
        faults.require(asked.change() != null, within + "change", FaultCode.MISSING, null);
        if (faults.count() == before && from >= to) {
            faults.add(null, within + "to", FaultCode.TOO_SMALL, to, from);
        }
        return asked.change() == null || faults.count() > before
                ? null
                : new Raised(within + "change", asked.change(), shares(from, to, (int) rungs), most);
    }

    private static double mostShare(@Nullable ChangeSpec change, List<ChangeSpec> beside) {
        if (change == null || change.line() == null) {
            return 1;
        }
        double taken = beside.stream()
                .filter(other -> change.line().equals(other.line()) && other.share() != null)
                .mapToDouble(ChangeSpec::share)
                .sum();
        return Math.max(0, 1 - taken);
    }

    private static double[] shares(double from, double to, int rungs) {
        return IntStream.range(0, rungs)
                .mapToDouble(at -> at == rungs - 1 ? to : from + (to - from) * at / (rungs - 1))
                .toArray();
    }

    /** The change at a share. */
    AskedChange at(double share) {
        return new AskedChange(field, change.withShare(share));
    }

    /** The change at its last rung: whatever can be refused of it is refused there. */
    AskedChange last() {
        return at(shares[shares.length - 1]);
    }
}
