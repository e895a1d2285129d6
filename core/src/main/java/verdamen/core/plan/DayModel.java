package verdamen.core.plan;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.plan.Plan.Gap;
import verdamen.core.plan.Plan.Planned;
import verdamen.core.plan.PlanTask.Way;

/** A day as the constraint solver sees it: what may be. */
final class DayModel {

    private final PlanDay day;
    private final Set<Demand> asked;
    private final CpModel model = new CpModel();
    private final Map<String, Vars> tasks = new LinkedHashMap<>();
    private @Nullable CpSolver found;
    private final Map<Place, Map<IntervalVar, Integer>> takenUp = new EnumMap<>(Place.class);

    /** What the solver decides of a task. */
    record Vars(PlanTask task, IntVar start, IntVar minutes, IntVar end, List<Literal> ways, List<Doer> doers) {}

    /** Somebody who may do it, and the how-manieth of all who are there. */
    record Doer(Worker worker, int number, Literal does) {}

    /**
     * @param asked what is asked of the plan; what is not among it need not hold
     */
    DayModel(PlanDay day, Set<Demand> asked) {
        this.day = day;
        this.asked = asked;
        day.tasks().forEach(this::add);
        day.links().forEach(this::add);
        if (day.there(Place.TRAY) != Place.ENOUGH) {
            day.onTrays().forEach(this::add);
        }
        Map<Worker, List<IntervalVar>> busy = new LinkedHashMap<>();
        tasks.values().forEach(task -> addDoers(task, busy));
        busy.values().forEach(model::addNoOverlap);
        addPlaces();
        day.pins().forEach((task, start) -> {
            if (tasks.containsKey(task) && asks(Demand.Kind.PIN, task)) {
                model.addEquality(tasks.get(task).start(), start);
            }
        });
        for (Serving serving : day.servings()) {
            if (asks(Demand.Kind.ON_TIME, serving.key())) {
                model.addLessOrEqual(tasks.get(serving.ready()).end(), serving.due());
            }
        }
    }

    CpModel model() {
        return model;
    }

    PlanDay day() {
        return day;
    }

    /** What is decided of a task. */
    Vars task(String key) {
        return tasks.get(key);
    }

    /** What is decided of every task, in the order of the day. */
    Collection<Vars> tasks() {
        return tasks.values();
    }

    /** The intervals in which a place is taken up, each with how much of it. */
    Map<IntervalVar, Integer> takenUp(Place place) {
        return takenUp.getOrDefault(place, Map.of());
    }

    private boolean asks(Demand.Kind kind, String subject) {
        return asked.contains(new Demand(kind, subject));
    }

    private void add(PlanTask task) {
        Integer begun = day.begun().starts().get(task.key());
        int first = begun == null ? day.first() : begun;
        IntVar start = model.newIntVar(first, begun == null ? day.last() : begun, task.key());
        IntVar end = model.newIntVar(first, day.last(), "");
        int shortest = task.ways().stream().mapToInt(Way::minutes).min().orElseThrow();
        int longest = task.ways().stream().mapToInt(Way::minutes).max().orElseThrow();
        IntVar minutes = model.newIntVar(shortest, longest, "");
        List<Literal> ways = new ArrayList<>();
        LinearExprBuilder takes = LinearExpr.newBuilder();
        for (Way way : task.ways()) {
            Literal chosen = task.ways().size() == 1 ? model.trueLiteral() : model.newBoolVar("");
            ways.add(chosen);
            takes.addTerm(chosen, way.minutes());
            way.takesUp()
                    .forEach((place, amount) -> takenUp.computeIfAbsent(place, none -> new LinkedHashMap<>())
                            .put(
                                    model.newOptionalIntervalVar(
                                            start, LinearExpr.constant(way.minutes()), end, chosen, ""),
                                    amount));
        }
        model.addExactlyOne(ways);
        model.addEquality(minutes, takes.build());
        model.newIntervalVar(start, minutes, end, "");
        tasks.put(task.key(), new Vars(task, start, minutes, end, ways, new ArrayList<>()));
    }

    private void add(Link link) {
        if (link.isWindow() && !asks(Demand.Kind.WINDOW, servingOf(link))) {
            model.addLessOrEqual(moment(link.from()), moment(link.to()));
            return;
        }
        LinearExpr passed = passed(link);
        model.addGreaterOrEqual(passed, link.least());
        if (link.most() != null) {
            model.addLessOrEqual(passed, link.most());
        }
    }

    private void add(OnTrays on) {
        IntVar minutes = model.newIntVar(0, day.last() - earliest(), "");
        takenUp.computeIfAbsent(Place.TRAY, none -> new LinkedHashMap<>())
                .put(model.newIntervalVar(moment(on.from()), minutes, moment(on.to()), ""), on.trays());
    }

    /** The first minute in which something is done: before the day, when it was begun then. */
    private int earliest() {
        return Math.min(
                day.first(),
                day.begun().starts().values().stream()
                        .mapToInt(Integer::intValue)
                        .min()
                        .orElse(day.first()));
    }

    String servingOf(Link link) {
        return tasks.get(link.from().task()).task().serving();
    }

    /** The minutes that pass between the moments of a link. */
    LinearExpr passed(Link link) {
        return LinearExpr.newBuilder()
                .add(moment(link.to()))
                .addTerm(moment(link.from()), -1)
                .build();
    }

    private IntVar moment(Link.Moment moment) {
        Vars task = tasks.get(moment.task());
        return moment.end() ? task.end() : task.start();
    }

    private void addDoers(Vars task, Map<Worker, List<IntervalVar>> busy) {
        if (!task.task().byHand()) {
            return;
        }
        List<Literal> all = new ArrayList<>();
        for (int number = 0; number < day.workers().size(); number++) {
            Worker worker = day.workers().get(number);
            if (!worker.can(task.task())) {
                continue;
            }
            BoolVar does = model.newBoolVar("");
            all.add(does);
            task.doers().add(new Doer(worker, number, does));
            busy.computeIfAbsent(worker, none -> new ArrayList<>())
                    .add(model.newOptionalIntervalVar(task.start(), task.minutes(), task.end(), does, ""));
            Integer busyUntil = day.begun().busyUntil().get(worker.name());
            if (busyUntil != null) {
                model.addGreaterOrEqual(task.start(), busyUntil).onlyEnforceIf(does);
            }
            if (asks(Demand.Kind.HOURS, worker.name())) {
                model.addGreaterOrEqual(task.start(), worker.from()).onlyEnforceIf(does);
                model.addLessOrEqual(task.end(), worker.to()).onlyEnforceIf(does);
            }
        }
        model.addExactlyOne(all);
    }

    private void addPlaces() {
        day.placesNeeded().forEach((place, there) -> {
            if (!asks(Demand.Kind.PLACE, place.code())) {
                return;
            }
            CumulativeConstraint room = model.addCumulative(there);
            takenUp.get(place).forEach(room::addDemand);
        });
    }

    /** What was found of a figure when the solver was last hinted at. */
    int found(IntVar figure) {
        return Math.toIntExact(Objects.requireNonNull(found).value(figure));
    }

    /** Has the solver begin where it left off. */
    void hint(CpSolver solver) {
        found = solver;
        model.clearHints();
        for (Vars task : tasks.values()) {
            model.addHint(task.start(), solver.value(task.start()));
            if (task.ways().size() > 1) {
                task.ways().forEach(way -> hint(solver, way));
            }
            task.doers().forEach(doer -> hint(solver, doer.does()));
        }
    }

    private void hint(CpSolver solver, Literal literal) {
        model.addHint((BoolVar) literal, solver.booleanValue(literal) ? 1 : 0);
    }

    /** What the solver found. */
    Plan plan(CpSolver solver, @Nullable Gap gap) {
        List<Planned> planned = new ArrayList<>();
        for (Vars task : tasks.values()) {
            int way = 0;
            while (!solver.booleanValue(task.ways().get(way))) {
                way++;
            }
            planned.add(new Planned(
                    task.task(),
                    (int) solver.value(task.start()),
                    (int) solver.value(task.end()),
                    task.task().ways().get(way),
                    worker(task, solver)));
        }
        return Plan.of(day, planned, gap);
    }

    private static @Nullable String worker(Vars task, CpSolver solver) {
        return task.doers().stream()
                .filter(doer -> solver.booleanValue(doer.does()))
                .map(doer -> doer.worker().name())
                .findFirst()
                .orElse(null);
    }
}
