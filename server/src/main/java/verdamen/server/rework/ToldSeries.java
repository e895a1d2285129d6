package verdamen.server.rework;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.rework.TrialFactor;
import verdamen.core.rework.TrialResult;

/**
 * A series of trials as a file tells it, to be taken when it is not here yet.
 *
 * @param uid its identity, the same wherever its file is taken
 * @param name its name
 * @param seed the name from which the order of the runs was drawn
 * @param madeAt when it was made
 * @param factors what is varied
 * @param measures codes of what is measured
 * @param runs the runs, in the order in which they are made
 */
public record ToldSeries(
        String uid,
        String name,
        String seed,
        OffsetDateTime madeAt,
        List<TrialFactor> factors,
        List<String> measures,
        List<ToldRun> runs) {

    /** Three factors at two levels and their centre, or twelve rungs, each three times. */
    private static final int MOST_RUNS = 36;

    /**
     * A run as a file tells it.
     *
     * @param shares the share of each factor, 0 to 1
     * @param formula what is made, as a document of the file's version
     * @param result what came of it; absent when nothing was measured
     */
    public record ToldRun(
            List<Double> shares, JsonNode formula, @Nullable TrialResult result) {}

    private static final Pattern UUID = Pattern.compile("[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}");

    /** Whether it could have been made here: a name, factors that vary, and each run with a share of each of them. */
    boolean holdsTogether() {
        Faults faults = new Faults();
        faults.text("name", name, Limit.NAME);
        faults.text("seed", seed, Limit.NAME);
        boolean varied = factors.size() >= Limit.TRIAL_FACTORS.least()
                && factors.size() <= Limit.TRIAL_FACTORS.most()
                && factors.stream()
                        .allMatch(factor -> factor.shares().size() > 1 && areShares(factor.shares()) && rise(factor));
        return faults.none()
                && UUID.matcher(uid).matches()
                && varied
                && runs.size() <= MOST_RUNS
                && runs.stream().allMatch(run -> run.shares().size() == factors.size() && areShares(run.shares()));
    }

    private static boolean areShares(List<Double> shares) {
        return shares.stream().allMatch(share -> share != null && share >= 0 && share <= 1);
    }

    private static boolean rise(TrialFactor factor) {
        return factor.shares().get(0) < factor.shares().get(factor.shares().size() - 1);
    }
}
