package verdamen.server.rework;

import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
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

    /**
     * A run as a file tells it.
     *
     * @param shares the share of each factor, 0 to 1
     * @param formula what is made, as a document of the file's version
     * @param result what came of it; absent when nothing was measured
     */
    public record ToldRun(
            List<Double> shares, JsonNode formula, @Nullable TrialResult result) {}
}
