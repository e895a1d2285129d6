package verdamen.core.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.IntSummaryStatistics;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import verdamen.core.model.Coefficient;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;

/**
 * A day's work as it is to be planned: what is done, how that hangs together, who and what is there. All times are whole
 * minutes from the beginning of the day that is planned; they are negative on the day before.
 *
 * @param tasks what is done, each under a key of its own
 * @param links how tasks stand to each other
 * @param onTrays which balls lie on trays when
 * @param servings what is served when
 * @param workers who is there
 * @param places how much there is of each place; what is missing was not counted
 * @param pins tasks, by their keys, that begin at a time the user chose
 * @param first nothing begins before
 * @param last nothing ends later
 * @param begun what was begun already, and stays as it is
 */
public record PlanDay(
        List<PlanTask> tasks,
        List<Link> links,
        List<OnTrays> onTrays,
        List<Serving> servings,
        List<Worker> workers,
        Map<Place, Integer> places,
        Map<String, Integer> pins,
        int first,
        int last,
        Begun begun) {

    private static final int MINUTES_PER_HOUR = 60;

    /**
     * The day of a question.
     *
     * @throws verdamen.core.model.RefusedException when there is work that nobody who is there can do
     */
    public static PlanDay of(PlanQuestion asked) {
        List<PlanTask> tasks = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        List<OnTrays> onTrays = new ArrayList<>();
        List<Serving> servings = new ArrayList<>();
        for (PlanQuestion.Wanted wanted : asked.wanted()) {
            ServingWork work =
                    new ServingWork(wanted, asked.careful(), asked.places().getOrDefault(Place.PAN, 0));
            tasks.addAll(work.tasks());
            links.addAll(work.links());
            work.onTrays(asked.tray()).ifPresent(onTrays::add);
            servings.add(work.serving());
        }
        Faults faults = new Faults();
        for (Role role : Role.values()) {
            boolean needed = tasks.stream().anyMatch(task -> task.role() == role);
            boolean there =
                    asked.workers().stream().anyMatch(worker -> worker.roles().contains(role));
            faults.require(!needed || there, "roles", FaultCode.MISSING, role.code());
        }
        faults.refuse();
        IntSummaryStatistics times = IntStream.concat(
                        asked.wanted().stream().mapToInt(PlanQuestion.Wanted::due),
                        asked.workers().stream().flatMapToInt(worker -> IntStream.of(worker.from(), worker.to())))
                .summaryStatistics();
        Set<String> keys = tasks.stream().map(PlanTask::key).collect(Collectors.toSet());
        Map<String, Integer> pins = new LinkedHashMap<>(asked.pins());
        pins.keySet().retainAll(keys);
        int reach = Math.max(MINUTES_PER_HOUR * (int) Coefficient.PLAN_REACH_HOURS.value(), longest(tasks));
        return new PlanDay(
                List.copyOf(tasks),
                List.copyOf(links),
                List.copyOf(onTrays),
                List.copyOf(servings),
                asked.workers(),
                asked.places(),
                pins,
                times.getMin() - reach,
                times.getMax() + reach,
                Begun.NOTHING);
    }

    /** The minutes of the serving that takes longest, one task after the other: a dough may rest for a day. */
    private static int longest(List<PlanTask> tasks) {
        Map<String, Integer> minutes = new LinkedHashMap<>();
        for (PlanTask task : tasks) {
            int most =
                    task.ways().stream().mapToInt(PlanTask.Way::minutes).max().orElse(0);
            minutes.merge(task.serving(), most, Integer::sum);
        }
        return minutes.values().stream().mapToInt(Integer::intValue).max().orElse(0);
    }

    /** How many minutes pass at least between the end of a task and what it is needed for, as what was boiled cools; 0 for none. */
    public int waitsAfter(String task) {
        return links.stream()
                .filter(link -> link.from().task().equals(task)
                        && link.from().end()
                        && !link.to().end())
                .mapToInt(Link::least)
                .max()
                .orElse(0);
    }

    /** Everything that is asked of the plan and can clash. */
    List<Demand> demands() {
        Map<String, PlanTask> byKey = tasksByKey();
        List<Demand> demands = new ArrayList<>();
        servings.forEach(serving -> demands.add(new Demand(Demand.Kind.ON_TIME, serving.key())));
        for (String serving : new TreeSet<>(links.stream()
                .filter(Link::isWindow)
                .map(link -> byKey.get(link.from().task()).serving())
                .toList())) {
            demands.add(new Demand(Demand.Kind.WINDOW, serving));
        }
        workers.forEach(worker -> demands.add(new Demand(Demand.Kind.HOURS, worker.name())));
        placesNeeded().keySet().forEach(place -> demands.add(new Demand(Demand.Kind.PLACE, place.code())));
        new TreeSet<>(pins.keySet()).forEach(task -> demands.add(new Demand(Demand.Kind.PIN, task)));
        return demands;
    }

    private Map<String, PlanTask> tasksByKey() {
        Map<String, PlanTask> byKey = new LinkedHashMap<>();
        tasks.forEach(task -> byKey.put(task.key(), task));
        return byKey;
    }

    /** How much there is of each place that something takes up, none where the kitchen has none; without those of which there is enough. */
    Map<Place, Integer> placesNeeded() {
        Map<Place, Integer> needed = new EnumMap<>(Place.class);
        for (PlanTask task : tasks) {
            for (PlanTask.Way way : task.ways()) {
                way.takesUp().keySet().forEach(place -> needed.put(place, there(place)));
            }
        }
        if (!onTrays.isEmpty()) {
            needed.put(Place.TRAY, there(Place.TRAY));
        }
        needed.values().removeIf(there -> there == Place.ENOUGH);
        return needed;
    }

    /** How much there is of a place. */
    int there(Place place) {
        return places.getOrDefault(place, place.uncounted());
    }

    /** What a plan takes up when. */
    public TakenUp takenUp(Plan plan) {
        return new TakenUp(this, plan.byKey());
    }
}
