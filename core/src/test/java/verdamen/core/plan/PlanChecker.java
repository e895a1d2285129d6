package verdamen.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import verdamen.core.plan.Plan.Planned;

/** Looks at every minute at which something begins whether a plan keeps to what its day asks, without the solver. */
final class PlanChecker {

    private PlanChecker() {}

    /** What is broken, in words; empty for nothing. */
    static List<String> broken(PlanDay day, Plan plan) {
        List<String> broken = new ArrayList<>();
        Map<String, Planned> byKey = new HashMap<>();
        plan.tasks().forEach(each -> byKey.put(each.task().key(), each));
        if (byKey.size() != day.tasks().size()) {
            broken.add("some task is missing");
            return broken;
        }
        for (Planned each : plan.tasks()) {
            String key = each.task().key();
            if (each.end() - each.start() != each.way().minutes()
                    || !each.task().ways().contains(each.way())) {
                broken.add(key + " takes another time than it takes");
            }
            if (each.start() < day.first() || each.end() > day.last()) {
                broken.add(key + " lies outside the day");
            }
            if (each.task().byHand() != (each.worker() != null)) {
                broken.add(key + " has hands that it does not need, or none");
            }
        }
        for (Link link : day.links()) {
            int passed = at(byKey, link.to()) - at(byKey, link.from());
            if (passed < link.least() || link.most() != null && passed > link.most()) {
                broken.add(link + " has " + passed);
            }
        }
        for (Worker worker : day.workers()) {
            List<Planned> own = plan.tasks().stream()
                    .filter(each -> worker.name().equals(each.worker()))
                    .toList();
            for (Planned each : own) {
                if (each.start() < worker.from() || each.end() > worker.to() || !worker.can(each.task())) {
                    broken.add(worker.name() + " cannot do " + each.task().key() + " then");
                }
            }
        }
        // Nothing more is taken up than when the last of it began.
        for (int now : beginnings(day, plan, byKey)) {
            List<Planned> going = plan.tasks().stream()
                    .filter(each -> each.start() <= now && now < each.end())
                    .toList();
            for (Worker worker : day.workers()) {
                if (going.stream()
                                .filter(each -> worker.name().equals(each.worker()))
                                .count()
                        > 1) {
                    broken.add(worker.name() + " is in two places at " + now);
                }
            }
            for (Place place : Place.values()) {
                int taken = going.stream()
                        .mapToInt(each -> each.way().takesUp().getOrDefault(place, 0))
                        .sum();
                if (place == Place.TRAY) {
                    taken += day.onTrays().stream()
                            .filter(on -> at(byKey, on.from()) <= now && now < at(byKey, on.to()))
                            .mapToInt(OnTrays::trays)
                            .sum();
                    if (!day.places().containsKey(place)) {
                        continue;
                    }
                }
                if (taken > day.places().getOrDefault(place, 0)) {
                    broken.add(place + " is taken up " + taken + " times at " + now);
                }
            }
        }
        day.pins().forEach((task, start) -> {
            if (byKey.get(task).start() != start) {
                broken.add(task + " is not where it was pinned");
            }
        });
        return broken;
    }

    private static int[] beginnings(PlanDay day, Plan plan, Map<String, Planned> byKey) {
        return Stream.of(
                        IntStream.of(day.first()),
                        plan.tasks().stream().mapToInt(Planned::start),
                        day.onTrays().stream().mapToInt(on -> at(byKey, on.from())))
                .flatMapToInt(each -> each)
                .filter(minute -> day.first() <= minute && minute < day.last())
                .distinct()
                .toArray();
    }

    private static int at(Map<String, Planned> byKey, Link.Moment moment) {
        Planned planned = byKey.get(moment.task());
        return moment.end() ? planned.end() : planned.start();
    }
}
