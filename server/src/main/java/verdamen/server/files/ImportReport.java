package verdamen.server.files;

import java.util.List;

/**
 * What came of importing a formula file.
 *
 * @param added names of the formulas that are new here
 * @param extended names of the formulas that got further versions
 * @param unchanged names of the formulas that were here already
 * @param ingredients names of the own ingredients that were added
 */
record ImportReport(List<String> added, List<String> extended, List<String> unchanged, List<String> ingredients) {}
