package verdamen.server.notebook;

import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.VersionStanding;
import verdamen.server.formula.FormulaState;
import verdamen.server.formula.PutStanding;
import verdamen.server.notebook.NotebookBatch.OtherBatch;

/**
 * The versions of a formula, what each was made from, how far it has come, and what was made of it.
 *
 * @param formula id of the formula
 * @param name its name in the newest version
 * @param state where it stands in the kitchen's work
 * @param versions its versions, the newest first
 */
record VersionTree(long formula, String name, FormulaState state, List<TreeVersion> versions) {

    /**
     * A version.
     *
     * @param number its number
     * @param parent number of the version it was made from; null for the first
     * @param note what was changed and why
     * @param savedAt when it was saved
     * @param standing how far it has come
     * @param next what it can become
     * @param steps how it came there, the oldest first
     * @param made how many batches were made of it
     * @param batches the newest of them
     */
    record TreeVersion(
            int number,
            @Nullable Integer parent,
            String note,
            OffsetDateTime savedAt,
            VersionStanding standing,
            List<VersionStanding> next,
            List<PutStanding> steps,
            long made,
            List<OtherBatch> batches) {}
}
