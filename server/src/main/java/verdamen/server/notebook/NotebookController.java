package verdamen.server.notebook;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.core.rework.TrialResult;

/** The notebook over the API. */
@RestController
@RequestMapping("/api/notebook")
class NotebookController {

    private final NotebookList list;
    private final NotebookService notebook;
    private final ComparisonService comparison;
    private final ScorecardService scorecard;
    private final VersionTrees trees;
    private final SavedFilters filters;

    NotebookController(
            NotebookList list,
            NotebookService notebook,
            ComparisonService comparison,
            ScorecardService scorecard,
            VersionTrees trees,
            SavedFilters filters) {
        this.trees = trees;
        this.filters = filters;
        this.list = list;
        this.notebook = notebook;
        this.comparison = comparison;
        this.scorecard = scorecard;
    }

    /** A page of batches. */
    @GetMapping
    NotebookPage page(@ParameterObject NotebookList.Parameters asked) {
        return list.page(asked);
    }

    /** The tags that batches have, the most used first. */
    @GetMapping("/tags")
    List<String> tags() {
        return list.tags();
    }

    /** The filters that the kitchen keeps. */
    @GetMapping("/filters")
    List<SavedFilter> filters() {
        return filters.all();
    }

    /** Keeps a filter; one of the same name gives way. */
    @PutMapping("/filters")
    List<SavedFilter> keep(@RequestBody SavedFilter filter) {
        return filters.keep(filter);
    }

    /** Forgets a filter. */
    @DeleteMapping("/filters")
    List<SavedFilter> forget(@RequestParam String name) {
        return filters.forget(name);
    }

    /** Batches or versions side by side: {@code b} and a batch's id, or {@code v}, a formula's id, {@code -} and a version's number. */
    @GetMapping("/compare")
    ComparisonAnswer compare(@RequestParam List<String> items) {
        return comparison.compare(items);
    }

    /** What the model predicts against what the last batches were. */
    @GetMapping("/scorecard")
    ScorecardAnswer scorecard(
            @RequestParam(required = false) @Nullable Long formula,
            @RequestParam(required = false) @Nullable Integer last,
            @RequestParam(defaultValue = "false") boolean byTheBook) {
        return scorecard.scorecard(formula, last, byTheBook);
    }

    /** The versions of a formula with their batches and verdicts. */
    @GetMapping("/formulas/{formula}")
    VersionTree tree(@PathVariable long formula) {
        return trees.tree(formula);
    }

    /**
     * What a version is to become.
     *
     * @param standing {@code trial}, {@code candidate}, {@code released}, {@code set-aside} or {@code draft}
     * @param reason why
     */
    record StandingRequest(
            @Nullable String standing,
            @Within(Limit.VERSION_NOTE) @Nullable String reason) {}

    /** Promotes a version, releases it or sets it aside. */
    @PutMapping("/formulas/{formula}/versions/{version}/standing")
    VersionTree put(@PathVariable long formula, @PathVariable int version, @RequestBody StandingRequest request) {
        return trees.put(formula, version, request.standing(), request.reason());
    }

    /** What a batch says as the result of a run of a trial series. */
    @GetMapping("/{id}/result")
    TrialResult result(@PathVariable long id) {
        return comparison.result(id);
    }

    /** A batch. */
    @GetMapping("/{id}")
    NotebookBatch batch(@PathVariable long id) {
        return notebook.batch(id);
    }
}
