package verdamen.server.rework;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.core.rework.ChangeSpec;
import verdamen.core.rework.FactorSpec;
import verdamen.core.rework.TrialResult;
import verdamen.core.rework.TrialSeries;

/** Series of trials over the API. */
@RestController
class TrialController {

    private final TrialService trials;

    TrialController(TrialService trials) {
        this.trials = trials;
    }

    /**
     * A series to make.
     *
     * @param name its name; absent for the names of what is varied
     * @param formula the formula that is varied
     * @param factors what is varied: two or three things at two levels each, or one whose shares were picked
     * @param beside what else is changed, in every run
     * @param centre whether each round has a run half way between all levels
     * @param rounds how many times everything is made, 1 to 3; absent for once
     * @param seed a name from which the order of the runs is drawn; absent for the series' own name
     * @param measures codes of what is to be measured; absent for all
     * @param without codes of what does not go along
     */
    record TrialRequest(
            @Within(Limit.NAME) @Nullable String name,
            FormulaSpec formula,
            @Within(Limit.TRIAL_FACTORS) @Nullable List<FactorSpec> factors,
            @Within(Limit.LINES) @Nullable List<ChangeSpec> beside,
            @Nullable Boolean centre,
            @Nullable Integer rounds,
            @Within(Limit.NAME) @Nullable String seed,
            @Nullable List<String> measures,
            @Nullable List<String> without) {}

    /** The runs that a series would have; nothing is kept. */
    @PostMapping("/api/rework/trials")
    TrialSeries plan(@RequestBody TrialRequest request) {
        return trials.plan(request);
    }

    /** The series of a formula, the newest first. */
    @GetMapping("/api/formulas/{formula}/trials")
    List<SeriesSummary> series(@PathVariable long formula) {
        return trials.ofFormula(formula);
    }

    /** Makes a series and keeps it. */
    @PostMapping("/api/formulas/{formula}/trials")
    SeriesAnswer make(@PathVariable long formula, @RequestBody TrialRequest request) {
        return trials.make(formula, request);
    }

    @GetMapping("/api/trials/{id}")
    SeriesAnswer one(@PathVariable long id) {
        return trials.one(id);
    }

    /** Keeps what came of a run, in the place of what was kept of it before. */
    @PutMapping("/api/trials/{id}/runs/{run}")
    SeriesAnswer fill(@PathVariable long id, @PathVariable int run, @RequestBody TrialResult result) {
        return trials.fill(id, run, result);
    }

    /** Deletes a series with its results; the answer is what is left. */
    @DeleteMapping("/api/trials/{id}")
    List<SeriesSummary> delete(@PathVariable long id) {
        return trials.delete(id);
    }
}
