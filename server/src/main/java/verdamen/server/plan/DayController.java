package verdamen.server.plan;

import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.server.plan.DayRuns.TaskNote;
import verdamen.server.plan.SavedDays.DaySpec;

/** The days that are kept, over the API. */
@RestController
@RequestMapping("/api/days")
class DayController {

    private final SavedDays days;
    private final DayRuns runs;

    DayController(SavedDays days, DayRuns runs) {
        this.days = days;
        this.runs = runs;
    }

    /** A page of the days that are kept, or of those that are run just now. */
    @GetMapping
    DayPage days(
            @RequestParam(required = false) @Nullable String search,
            @RequestParam(defaultValue = "false") boolean running,
            @RequestParam(defaultValue = "day") String sort,
            @RequestParam(defaultValue = "true") boolean down,
            @RequestParam(required = false) @Nullable String after,
            @RequestParam(defaultValue = "50") int limit) {
        return days.page(search, running, sort, down, after, limit);
    }

    /** Keeps a day. */
    @PostMapping
    SavedDay keepDay(@RequestBody DaySpec day) {
        return days.keep(day);
    }

    /** A day that is kept. */
    @GetMapping("/{id}")
    SavedDay day(@PathVariable long id) {
        return days.day(id);
    }

    /** Keeps a day as it is now. */
    @PutMapping("/{id}")
    SavedDay changeDay(@PathVariable long id, @RequestBody DaySpec day) {
        return days.change(id, day);
    }

    /** Deletes a day; its batches stay. The newest days are told. */
    @DeleteMapping("/{id}")
    DayPage deleteDay(@PathVariable long id) {
        days.delete(id);
        return days.page(null, false, "day", true, null, 50);
    }

    /**
     * A plan of a day.
     *
     * @param plan its id
     */
    record PlanChoice(@Within(Limit.CODE) @Nullable String plan) {}

    /** Begins to run a day by a plan of it. */
    @PostMapping("/{id}/run")
    DayRunAnswer beginRun(@PathVariable long id, @RequestBody PlanChoice choice) {
        return runs.begin(id, choice.plan());
    }

    /** Where a day stands that is run. */
    @GetMapping("/{id}/run")
    DayRunAnswer run(@PathVariable long id) {
        return runs.answer(id);
    }

    /** Notes that a task was begun or done. */
    @PostMapping("/{id}/run/tasks")
    DayRunAnswer noteTask(@PathVariable long id, @RequestBody TaskNote note) {
        return runs.note(id, note);
    }

    /** Goes on by a better way that was found. */
    @PutMapping("/{id}/run")
    DayRunAnswer takePlan(@PathVariable long id, @RequestBody PlanChoice choice) {
        return runs.take(id, choice.plan());
    }

    /** Ends a day that is run; its batches stay. */
    @DeleteMapping("/{id}/run")
    SavedDay endRun(@PathVariable long id) {
        runs.end(id);
        return days.day(id);
    }
}
