package verdamen.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import verdamen.core.plan.Plan.Planned;
import verdamen.core.plan.PlanTask.Way;

/** Tries every plan of a short day, minute by minute, for the best: what the solver's answers are held against. */
final class EveryPlan {

    private final PlanDay day;
    private final Predicate<Demand> asked;
    private final Map<String, List<Link>> linksOf = new HashMap<>();
    private final List<Planned> placed = new ArrayList<>();
    private final Map<String, Planned> byKey = new HashMap<>();
    private int @Nullable [] best;

    private EveryPlan(PlanDay day, Predicate<Demand> asked) {
        this.day = day;
        this.asked = asked;
        for (Link link : day.links()) {
            linksOf.computeIfAbsent(link.from().task(), none -> new ArrayList<>())
                    .add(link);
            linksOf.computeIfAbsent(link.to().task(), none -> new ArrayList<>()).add(link);
        }
    }

    /** Minutes late, standing, hand-overs, and the beginning, of the best plan; null when there is none. */
    static int @Nullable [] best(PlanDay day) {
        return meeting(day, demand -> demand.kind() != Demand.Kind.ON_TIME);
    }

    /** The same of a plan that meets these demands, and need not meet others. */
    static int @Nullable [] meeting(PlanDay day, Predicate<Demand> asked) {
        EveryPlan every = new EveryPlan(day, asked);
        every.place(0);
        return every.best;
    }

    private boolean asks(Demand.Kind kind, String subject) {
        return asked.test(new Demand(kind, subject));
    }

    private void place(int next) {
        if (next == day.tasks().size()) {
            Plan plan = Plan.of(day, List.copyOf(placed), null);
            int[] found = {plan.late(), plan.standing(), plan.handOvers(), plan.begins()};
            int[] than = best;
            if (than == null || better(found, than)) {
                best = found;
            }
            return;
        }
        PlanTask task = day.tasks().get(next);
        List<@Nullable Worker> workers = new ArrayList<>();
        if (task.role() == null) {
            workers.add(null);
        } else {
            day.workers().stream()
                    .filter(each -> each.roles().contains(task.role()))
                    .forEach(workers::add);
        }
        for (Way way : task.ways()) {
            for (int start = day.last() - way.minutes(); start >= day.first(); start--) {
                for (Worker worker : workers) {
                    Planned planned =
                            new Planned(task, start, start + way.minutes(), way, worker == null ? null : worker.name());
                    if (fits(planned, worker)) {
                        placed.add(planned);
                        byKey.put(task.key(), planned);
                        place(next + 1);
                        placed.remove(placed.size() - 1);
                        byKey.remove(task.key());
                    }
                }
            }
        }
    }

    private static boolean better(int[] one, int[] other) {
        int at = Arrays.mismatch(one, other);
        return at >= 0 && (at == 3 ? one[at] > other[at] : one[at] < other[at]);
    }

    private boolean fits(Planned planned, @Nullable Worker worker) {
        String key = planned.task().key();
        if (worker != null
                && asks(Demand.Kind.HOURS, worker.name())
                && (planned.start() < worker.from() || planned.end() > worker.to())) {
            return false;
        }
        for (Serving serving : day.servings()) {
            if (serving.ready().equals(key)
                    && asks(Demand.Kind.ON_TIME, serving.key())
                    && planned.end() > serving.due()) {
                return false;
            }
        }
        for (Planned other : placed) {
            boolean together = other.start() < planned.end() && planned.start() < other.end();
            if (together && worker != null && worker.name().equals(other.worker())) {
                return false;
            }
        }
        return linksHold(planned) && thereIsRoom(planned) && thereAreTrays(planned) && canStillWin(planned);
    }

    private boolean linksHold(Planned planned) {
        byKey.put(planned.task().key(), planned);
        boolean hold = true;
        for (Link link : linksOf.getOrDefault(planned.task().key(), List.of())) {
            Planned from = byKey.get(link.from().task());
            Planned to = byKey.get(link.to().task());
            if (from != null && to != null) {
                int passed =
                        (link.to().end() ? to.end() : to.start()) - (link.from().end() ? from.end() : from.start());
                hold &= link.isWindow()
                                && !asks(Demand.Kind.WINDOW, planned.task().serving())
                        ? passed >= 0
                        : passed >= link.least() && (link.most() == null || passed <= link.most());
            }
        }
        byKey.remove(planned.task().key());
        return hold;
    }

    private boolean thereIsRoom(Planned planned) {
        for (Map.Entry<Place, Integer> up : planned.way().takesUp().entrySet()) {
            if (!asks(Demand.Kind.PLACE, up.getKey().code())) {
                continue;
            }
            for (int minute = planned.start(); minute < planned.end(); minute++) {
                int taken = up.getValue();
                for (Planned other : placed) {
                    if (other.start() <= minute && minute < other.end()) {
                        taken += other.way().takesUp().getOrDefault(up.getKey(), 0);
                    }
                }
                if (taken > day.places().getOrDefault(up.getKey(), 0)) {
                    return false;
                }
            }
        }
        return true;
    }

    private boolean thereAreTrays(Planned planned) {
        Integer there = day.places().get(Place.TRAY);
        if (there == null || !asks(Demand.Kind.PLACE, Place.TRAY.code())) {
            return true;
        }
        byKey.put(planned.task().key(), planned);
        int[] taken = new int[day.last() - day.first()];
        boolean enough = true;
        for (OnTrays on : day.onTrays()) {
            Planned from = byKey.get(on.from().task());
            Planned to = byKey.get(on.to().task());
            if (from != null && to != null) {
                for (int minute = from.start(); minute < to.end(); minute++) {
                    taken[minute - day.first()] += on.trays();
                    enough &= taken[minute - day.first()] <= there;
                }
            }
        }
        byKey.remove(planned.task().key());
        return enough;
    }

    /** What is already later than the best is not tried to its end. */
    private boolean canStillWin(Planned planned) {
        if (best == null) {
            return true;
        }
        int late = 0;
        for (Serving serving : day.servings()) {
            Planned ready = serving.ready().equals(planned.task().key()) ? planned : byKey.get(serving.ready());
            late += ready == null ? 0 : Math.max(0, ready.end() - serving.due());
        }
        return late <= best[0];
    }
}
