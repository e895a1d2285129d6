package verdamen.core.plan;

import java.util.Set;

/**
 * Somebody who is there to work.
 *
 * @param name a role name, as in "Bench"
 * @param from from when, minutes from the beginning of the day that is planned; negative for the day before
 * @param to until when
 * @param roles what they can do
 */
public record Worker(String name, int from, int to, Set<Role> roles) {

    boolean can(PlanTask task) {
        return task.role() != null && roles.contains(task.role());
    }
}
