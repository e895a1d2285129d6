package verdamen.core.plan;

import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import verdamen.core.plan.Plan.Planned;

/**
 * How many minutes sooner a task of a plan can begin, with nothing else moving and nothing missed. A plan has everything as late as
 * can be: what cannot begin sooner either is critical.
 */
public final class Slack {

    private final PlanDay day;
    private final Plan plan;
    private final Map<String, Planned> byKey = new HashMap<>();

    private Slack(PlanDay day, Plan plan) {
        this.day = day;
        this.plan = plan;
        plan.tasks().forEach(each -> byKey.put(each.task().key(), each));
    }

    /** The minutes of each task, by its key; 0 for what is critical. */
    public static Map<String, Integer> of(PlanDay day, Plan plan) {
        Slack slack = new Slack(day, plan);
        Map<String, Integer> minutes = new TreeMap<>();
        for (Planned each : plan.tasks()) {
            minutes.put(each.task().key(), Math.max(0, slack.of(each)));
        }
        return minutes;
    }

    private int of(Planned one) {
        String key = one.task().key();
        if (day.pins().containsKey(key)) {
            return 0;
        }
        int minutes = one.start() - day.first();
        for (Link link : day.links()) {
            boolean from = link.from().task().equals(key);
            boolean to = link.to().task().equals(key);
            int passed = at(link.to()) - at(link.from());
            if (to && !from) {
                minutes = Math.min(minutes, passed - link.least());
            }
            if (from && !to && link.most() != null) {
                minutes = Math.min(minutes, link.most() - passed);
            }
        }
        for (Worker worker : day.workers()) {
            if (worker.name().equals(one.worker())) {
                minutes = Math.min(minutes, one.start() - worker.from());
                for (Planned other : plan.tasks()) {
                    if (worker.name().equals(other.worker()) && other.end() <= one.start()) {
                        minutes = Math.min(minutes, one.start() - other.end());
                    }
                }
            }
        }
        return Math.min(minutes, room(one, Math.max(0, minutes)));
    }

    private int at(Link.Moment moment) {
        Planned planned = byKey.get(moment.task());
        return moment.in(planned.start(), planned.end());
    }

    /** How far it can move, up to so many minutes, before what it takes up is taken up by others. */
    private int room(Planned one, int most) {
        String key = one.task().key();
        if (!new TakenUp(day, byKey).hasPart(key)) {
            return most;
        }
        Map<String, Planned> moved = new HashMap<>(byKey);
        for (int minutes = 1; minutes <= most; minutes++) {
            moved.put(key, one.sooner(minutes));
            if (!new TakenUp(day, moved).tooMuch(key).isEmpty()) {
                return minutes - 1;
            }
        }
        return most;
    }
}
