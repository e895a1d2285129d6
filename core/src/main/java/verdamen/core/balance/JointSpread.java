package verdamen.core.balance;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import verdamen.core.pantry.Behaviour;
import verdamen.core.pantry.LearnedTogether;

/**
 * What it adds to a variance, or takes from it, that flours of a dough were learned from the same batches: 2 Σ ρ s_a s_b over
 * their pairs, s the standard deviation of what a flour drinks. A flour measured for a line is not the kitchen's.
 */
final class JointSpread {

    private final List<LearnedTogether> pairs = new ArrayList<>();
    private final Set<WaterAccount> accounts = new LinkedHashSet<>();

    JointSpread(List<WaterAccount> all, List<LearnedTogether> learned) {
        if (learned.isEmpty()) {
            return;
        }
        Set<String> here = new HashSet<>();
        all.stream().filter(JointSpread::isKitchens).forEach(each -> here.add(code(each)));
        Set<String> paired = new HashSet<>();
        for (LearnedTogether pair : learned) {
            if (here.contains(pair.flour()) && here.contains(pair.other())) {
                pairs.add(pair);
                paired.addAll(List.of(pair.flour(), pair.other()));
            }
        }
        all.stream()
                .filter(each -> isKitchens(each) && paired.contains(code(each)))
                .forEach(accounts::add);
    }

    /** Whether this is a flour that was learned with another one of the dough. */
    boolean has(WaterAccount account) {
        return accounts.contains(account);
    }

    /** What is to be added to the variance of what is drunk at a moment, g²; below 0 when the flours' errors cancel out. */
    double variance(Moment at) {
        if (pairs.isEmpty()) {
            return 0;
        }
        Map<String, Double> deviations = new HashMap<>();
        for (WaterAccount account : accounts) {
            deviations.merge(code(account), deviation(account, at), Double::sum);
        }
        double sum = 0;
        for (LearnedTogether pair : pairs) {
            sum += 2 * pair.correlation() * deviations.get(pair.flour()) * deviations.get(pair.other());
        }
        return sum;
    }

    private static double deviation(WaterAccount account, Moment at) {
        Behaviour behaviour = account.row().behaviour();
        return behaviour == null ? 0 : account.drinks(at) * account.row().absorptionRelativeSd(behaviour);
    }

    private static boolean isKitchens(WaterAccount account) {
        DoughRow row = account.row();
        return row.grams() > 0
                && row.behaviour() != null
                && (row.starterHalf() || row.line().measured().absorptionSdPct() == null);
    }

    private static String code(WaterAccount account) {
        return account.row().ingredient().code();
    }
}
