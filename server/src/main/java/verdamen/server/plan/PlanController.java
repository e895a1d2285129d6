package verdamen.server.plan;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.model.Faults;
import verdamen.core.plan.Alternative;
import verdamen.core.plan.MovedTask.Broken;
import verdamen.core.plan.PlanSpec;
import verdamen.core.plan.PlanSpec.PinSpec;

/** Plans over the API. */
@RestController
@RequestMapping("/api/plan")
class PlanController {

    private final PlanService plans;

    PlanController(PlanService plans) {
        this.plans = plans;
    }

    /** What a plan begins with. */
    @GetMapping("/usual")
    PlanSpec usual() {
        plans.prepare();
        return PlanSpec.USUAL;
    }

    /** Begins to plan a day. */
    @PostMapping
    PlanState begin(@RequestBody PlanSpec spec) {
        return plans.begin(spec);
    }

    /**
     * Another way to get through a day.
     *
     * @param kind what is different
     * @param spec what is asked for then
     */
    record AlternativeDay(Alternative kind, PlanSpec spec) {}

    /** Other ways to get through a day, each to be planned by itself. */
    @PostMapping("/alternatives")
    List<AlternativeDay> alternatives(@RequestBody PlanSpec spec) {
        Faults faults = new Faults();
        spec.checked(faults);
        faults.refuse();
        List<AlternativeDay> days = new ArrayList<>();
        for (Alternative kind : Alternative.values()) {
            PlanSpec other = kind.of(spec);
            if (other != null) {
                days.add(new AlternativeDay(kind, other));
            }
        }
        return days;
    }

    /** How far a plan is. */
    @GetMapping("/{id}")
    PlanState state(@PathVariable String id) {
        return plans.state(id);
    }

    /** What a planned day needs beside its plan: what is taken or bought, weighed, and kept. */
    @GetMapping("/{id}/lists")
    PlanService.DayListsAnswer lists(@PathVariable String id) {
        return plans.lists(id);
    }

    /** What breaks when a task of a plan begins at another time and everything else stays. */
    @PostMapping("/{id}/moved")
    List<Broken> moved(@PathVariable String id, @RequestBody PinSpec moved) {
        return plans.breaks(id, moved);
    }

    /**
     * A plan as an iCalendar file.
     *
     * @param day the day that is planned, as in 2026-03-31
     * @param worker only what this worker does; absent for everything that is done by hand
     */
    @GetMapping(value = "/{id}/calendar", produces = "text/calendar")
    ResponseEntity<String> calendar(
            @PathVariable String id,
            @RequestParam String day,
            @RequestParam(required = false) @Nullable String worker) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("verdamen-plan.ics")
                                .build()
                                .toString())
                .body(plans.calendar(id, day, worker));
    }

    /** A plan as a CSV file: a row for every task. */
    @GetMapping(value = "/{id}/csv", produces = "text/csv")
    ResponseEntity<String> csv(@PathVariable String id) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("verdamen-plan.csv")
                                .build()
                                .toString())
                .body(plans.csv(id));
    }

    /** Has a plan stop where it is. */
    @DeleteMapping("/{id}")
    PlanState cancel(@PathVariable String id) {
        return plans.cancel(id);
    }
}
