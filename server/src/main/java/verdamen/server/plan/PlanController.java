package verdamen.server.plan;

import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.plan.PlanSpec;

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
        return PlanSpec.USUAL;
    }

    /** Begins to plan a day. */
    @PostMapping
    PlanState begin(@RequestBody PlanSpec spec) {
        return plans.begin(spec);
    }

    /** How far a plan is. */
    @GetMapping("/{id}")
    PlanState state(@PathVariable String id) {
        return plans.state(id);
    }

    /** Has a plan stop where it is. */
    @DeleteMapping("/{id}")
    PlanState cancel(@PathVariable String id) {
        return plans.cancel(id);
    }
}
