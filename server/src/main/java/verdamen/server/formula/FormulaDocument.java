package verdamen.server.formula;

import java.util.List;
import verdamen.core.formula.FormulaSpec;

/**
 * A formula with one of its versions and the list of all.
 *
 * @param id the formula
 * @param state where it stands in the kitchen's work
 * @param version the version shown
 * @param formula what the version holds
 * @param said what was said of the version when it was saved, and what is said now
 * @param latestNumber number of the newest version
 * @param versions all versions, the newest first
 */
public record FormulaDocument(
        long id,
        FormulaState state,
        VersionSummary version,
        FormulaSpec formula,
        SaidOfVersion said,
        int latestNumber,
        List<VersionSummary> versions) {}
