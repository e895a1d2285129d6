package verdamen.core.plan;

import java.time.Duration;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Limit;
import verdamen.core.plan.PlanSpec.WorkerSpec;

/** Another way to get through a day, to be compared with the way that is asked for. */
public enum Alternative implements Coded {
    /** One more pan with its burner. */
    ONE_PAN_MORE("pan"),
    /** Somebody else who can do everything, as long as the first. */
    ONE_PERSON_MORE("person"),
    /** Everybody comes an hour sooner. */
    SOONER("sooner"),
    /** Every dough is made the evening before and chilled overnight, by somebody who is there then. */
    OVERNIGHT("overnight"),
    /** Every serving is cooked for the most part before, and finished when it is served. */
    PAR_BAKED("par-baked");

    private static final int MINUTES_PER_HOUR = 60;
    private static final int MINUTES_PER_DAY = (int) Duration.ofDays(1).toMinutes();

    private final String code;

    Alternative(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }

    /** What is asked for then; null when it makes no sense, as without anybody or without a fridge. */
    public @Nullable PlanSpec of(PlanSpec asked) {
        List<WorkerSpec> workers = workers(asked);
        boolean full = workers.size() >= Limit.WORKERS.mostCount();
        if (workers.isEmpty()) {
            return null;
        }
        WorkerSpec first = workers.get(0);
        return switch (this) {
            case ONE_PAN_MORE ->
                asked.pans() != null && asked.pans() >= Limit.PLAN_PLACES.mostCount()
                        ? null
                        : asked.withPlace(Place.PAN.code(), 1);
            case ONE_PERSON_MORE ->
                full
                        ? null
                        : asked.withWorkers(PlanSpec.and(
                                workers,
                                new WorkerSpec(
                                        free(workers, "Another"), first.comes(), first.goes(), PlanSpec.ALL_ROLES)));
            case SOONER ->
                asked.withWorkers(PlanSpec.each(
                        asked.workers(),
                        (number, worker) -> new WorkerSpec(
                                worker.name(),
                                PlanSpec.plus(worker.comes(), -MINUTES_PER_HOUR),
                                worker.goes(),
                                worker.roles())));
            case PAR_BAKED ->
                asked.withServings(PlanSpec.each(asked.servings(), (number, serving) -> serving.cookedBefore()));
            case OVERNIGHT ->
                full || asked.fridgeLitres() == null || asked.fridgeLitres() == 0
                        ? null
                        : asked.withServings(PlanSpec.each(
                                        asked.servings(), (number, serving) -> serving.chilledOvernight()))
                                .withWorkers(PlanSpec.and(workers, evening(workers, 0)));
        };
    }

    /** Everybody who is said to be there. */
    static List<WorkerSpec> workers(PlanSpec asked) {
        return asked.workers() == null
                ? List.of()
                : asked.workers().stream().filter(Objects::nonNull).toList();
    }

    /** Somebody who makes dough in the evening before bread is served, beside others. */
    static WorkerSpec evening(List<WorkerSpec> workers, int due) {
        int midnight = Math.floorDiv(due, MINUTES_PER_DAY) * MINUTES_PER_DAY;
        return new WorkerSpec(
                free(workers, "Evening"),
                midnight + PlanSpec.hour(Coefficient.PLAN_EVENING_FROM_HOUR) - MINUTES_PER_DAY,
                midnight + PlanSpec.hour(Coefficient.PLAN_EVENING_UNTIL_HOUR) - MINUTES_PER_DAY,
                List.of(Role.PREP.code(), Role.DOUGH.code()));
    }

    /** A name that nobody has yet. */
    private static String free(List<WorkerSpec> workers, String name) {
        String free = name;
        int number = 2;
        while (isTaken(workers, free)) {
            free = name + " " + number;
            number++;
        }
        return free;
    }

    private static boolean isTaken(List<WorkerSpec> workers, String name) {
        return workers.stream().anyMatch(worker -> name.equals(worker.name()));
    }
}
