package verdamen.core.rework;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;

/**
 * What is varied in a trial series.
 *
 * @param change what is changed; its share is left out
 * @param shares the shares at which it is made, rising: two levels, or those that were picked
 */
public record TrialFactor(ChangeSpec change, List<Double> shares) {

    /** The factors as asked: several at two levels each, or one at shares that were picked. */
    static List<TrialFactor> read(@Nullable List<FactorSpec> asked, Faults faults) {
        List<FactorSpec> all = faults.atMost("factors", asked, Limit.TRIAL_FACTORS);
        faults.require(!all.isEmpty(), "factors", FaultCode.MISSING, null);
        List<TrialFactor> factors = new ArrayList<>();
        for (int at = 0; at < all.size(); at++) {
            FactorSpec each = all.get(at);
            String field = field(at) + ".";
            int before = faults.count();
            faults.require(each.change() != null, field + "change", FaultCode.MISSING, null);
            List<Double> shares = each.shares() == null ? levels(each, field, faults) : picked(each, field, faults);
            faults.require(each.shares() == null || all.size() == 1, field + "shares", FaultCode.CONTRADICTS, null);
            if (each.change() != null && faults.count() == before) {
                factors.add(new TrialFactor(each.change(), shares));
            }
        }
        return factors;
    }

    private static String field(int at) {
        return "factors[" + at + "]";
    }

    private static List<Double> levels(FactorSpec asked, String field, Faults faults) {
        int before = faults.count();
        Double share = asked.change() == null ? null : asked.change().share();
        double low = faults.needed(
                field + "lowShare", asked.lowShare() == null ? Double.valueOf(0) : asked.lowShare(), 0, 1);
        double high = faults.needed(field + "highShare", asked.highShare() == null ? share : asked.highShare(), 0, 1);
        if (faults.count() == before && low >= high) {
            faults.add(null, field + "highShare", FaultCode.TOO_SMALL, high, low);
        }
        return List.of(low, high);
    }

    private static List<Double> picked(FactorSpec asked, String field, Faults faults) {
        faults.require(asked.lowShare() == null, field + "lowShare", FaultCode.CONTRADICTS, asked.lowShare());
        faults.require(asked.highShare() == null, field + "highShare", FaultCode.CONTRADICTS, asked.highShare());
        List<Double> all = faults.atMost(field + "shares", asked.shares(), Limit.TRIAL_RUNGS);
        List<Double> shares = new ArrayList<>();
        for (int at = 0; at < all.size(); at++) {
            shares.add(faults.needed(field + "shares[" + at + "]", all.get(at), 0, 1));
        }
        List<Double> different = shares.stream().distinct().sorted().toList();
        if (different.size() < Limit.TRIAL_RUNGS.least()) {
            faults.add(null, field + "shares", FaultCode.TOO_SMALL, different.size(), Limit.TRIAL_RUNGS.least());
        }
        return different;
    }

    /** The change at a share, under its field's name. */
    AskedChange at(int place, double share) {
        return new AskedChange(field(place) + ".change", change.withShare(share));
    }

    double lowest() {
        return shares.get(0);
    }

    double highest() {
        return shares.get(shares.size() - 1);
    }

    double middle() {
        return (lowest() + highest()) / 2;
    }

    /** Half of the way from its lowest share to its highest. */
    double half() {
        return (highest() - lowest()) / 2;
    }
}
