package verdamen.core.plan;

import java.util.List;
import java.util.Optional;
import verdamen.core.plan.PlanTask.Kind;

/** The tasks of one serving, in the order in which they follow each other. */
record ServingTasks(List<PlanTask> all) {

    PlanTask one(Kind kind) {
        return first(kind).orElseThrow();
    }

    Optional<PlanTask> first(Kind kind) {
        return all.stream().filter(task -> task.kind() == kind).findFirst();
    }

    /** The stage that is mixed after one has stood; nothing when that is the dough itself. */
    Optional<PlanTask> stageAfter(PlanTask stand) {
        return all.stream()
                .skip(all.indexOf(stand) + 1L)
                .filter(task -> task.kind() == Kind.FIRST_STAGE)
                .findFirst();
    }

    /** The task with which the last ball is gone: what is pressed or cut may leave rolling out, then cooking takes its place. */
    PlanTask lastBall() {
        return first(Kind.ROLL).orElseGet(() -> one(Kind.COOK));
    }
}
