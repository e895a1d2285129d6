package verdamen.server.notebook;

import java.time.OffsetDateTime;
import java.util.List;
import verdamen.core.notebook.Scorecard;

/**
 * How far the model is to be trusted.
 *
 * @param batches the batches looked at, the oldest first
 * @param figures figure by figure, what was predicted and seen
 */
record ScorecardAnswer(List<ScoredBatch> batches, List<Scorecard.ScoredFigure> figures) {

    /**
     * A batch that was looked at.
     *
     * @param id its id
     * @param name name of its formula then
     * @param startedAt when it was begun
     */
    record ScoredBatch(long id, String name, OffsetDateTime startedAt) {}
}
