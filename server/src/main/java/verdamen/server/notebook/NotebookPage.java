package verdamen.server.notebook;

import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A page of the notebook.
 *
 * @param rows its batches
 * @param next where the next page begins; null when this is the last
 * @param total how many there are in all
 */
record NotebookPage(List<NotebookRow> rows, @Nullable String next, long total) {

    /**
     * A batch in the notebook.
     *
     * @param id its id
     * @param formula id of its formula
     * @param version the version it was made from
     * @param name the formula's name then
     * @param factor how many times of it
     * @param startedAt when it was begun
     * @param finishedAt when it was finished; null while it goes on
     * @param verdict how it came out; null when nobody has said
     * @param said what was said about that; empty for nothing
     * @param tags its tags
     * @param practice whether it was begun by a clock that was not right
     */
    record NotebookRow(
            long id,
            long formula,
            int version,
            String name,
            double factor,
            OffsetDateTime startedAt,
            @Nullable OffsetDateTime finishedAt,
            @Nullable String verdict,
            String said,
            List<String> tags,
            boolean practice) {}
}
