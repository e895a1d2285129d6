package verdamen.core.plan;

import org.jspecify.annotations.Nullable;
import verdamen.core.plan.PlanSpec.WorkerSpec;

/**
 * A way out of a clash: one demand gives so far, and all others are met.
 *
 * @param demand what gives
 * @param by by how much at least: minutes; of a place, how much more of it
 * @param before of a worker's hours, how many minutes sooner they begin
 * @param after of a worker's hours, how many minutes later they end
 */
public record Remedy(Demand demand, int by, int before, int after) implements WayOut {

    @Override
    public @Nullable PlanSpec taken(PlanSpec asked) {
        String subject = demand.subject();
        return switch (demand.kind()) {
            case ON_TIME -> asked.withServing(subject, serving -> serving.withDue(PlanSpec.plus(serving.due(), by)));
            case HOURS ->
                asked.withWorkers(PlanSpec.each(
                        asked.workers(),
                        (number, worker) -> subject.equals(worker.name())
                                ? new WorkerSpec(
                                        worker.name(),
                                        PlanSpec.plus(worker.comes(), -before),
                                        PlanSpec.plus(worker.goes(), after),
                                        worker.roles())
                                : worker));
            case PLACE -> asked.withPlace(subject, by);
            case PIN -> asked.withoutPin(subject);
            case WINDOW -> null;
        };
    }
}
