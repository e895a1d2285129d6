package verdamen.server.notebook;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.server.formula.FormulaDocument;
import verdamen.server.formula.FormulaService;
import verdamen.server.formula.PutStanding;
import verdamen.server.formula.VersionStandings;
import verdamen.server.formula.VersionSummary;
import verdamen.server.notebook.NotebookBatch.OtherBatch;
import verdamen.server.notebook.NotebookMapper.VersionBatchRow;
import verdamen.server.notebook.VersionTree.TreeVersion;

/** Lays out the versions of a formula with their batches, and puts them up or down. */
@Service
class VersionTrees {

    private static final int BATCHES_OF_EACH = 8;

    private final NotebookMapper mapper;
    private final FormulaService formulas;
    private final VersionStandings standings;

    VersionTrees(NotebookMapper mapper, FormulaService formulas, VersionStandings standings) {
        this.mapper = mapper;
        this.formulas = formulas;
        this.standings = standings;
    }

    /**
     * The versions of a formula.
     *
     * @throws verdamen.server.problem.NotFoundException when there is none
     */
    @Transactional(readOnly = true)
    public VersionTree tree(long formula) {
        FormulaDocument document = formulas.newest(formula);
        Map<Integer, List<PutStanding>> steps =
                standings.steps(formula).stream().collect(Collectors.groupingBy(PutStanding::version));
        Map<Integer, List<VersionBatchRow>> batches = mapper.newestOfEachVersion(formula, BATCHES_OF_EACH).stream()
                .collect(Collectors.groupingBy(VersionBatchRow::version));
        return new VersionTree(
                formula,
                document.version().name(),
                document.state(),
                document.versions().stream()
                        .map(version -> version(
                                version,
                                steps.getOrDefault(version.number(), List.of()),
                                batches.getOrDefault(version.number(), List.of())))
                        .toList());
    }

    private static TreeVersion version(VersionSummary version, List<PutStanding> steps, List<VersionBatchRow> batches) {
        return new TreeVersion(
                version.number(),
                version.parentNumber(),
                version.note(),
                version.savedAt(),
                version.standing(),
                version.standing().next(),
                steps,
                batches.isEmpty() ? 0 : batches.get(0).made(),
                batches.stream()
                        .map(row -> new OtherBatch(row.id(), row.version(), row.startedAt(), row.verdict()))
                        .toList());
    }

    /** Promotes a version, releases it or sets it aside, and gives the tree as it is then. */
    @Transactional
    public VersionTree put(long formula, int version, @Nullable String standing, @Nullable String reason) {
        standings.put(formula, version, standing, reason);
        return tree(formula);
    }
}
