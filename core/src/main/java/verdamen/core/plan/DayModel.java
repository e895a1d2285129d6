package verdamen.core.plan;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearArgument;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.plan.Plan.Planned;
import verdamen.core.plan.PlanTask.Way;

/** A day as the constraint solver sees it: what may be, and what there is to wish for. */
final class DayModel {

    private final PlanDay day;
    private final Set<Demand> asked;
    private final CpModel model = new CpModel();
    private final Map<String, Vars> tasks = new LinkedHashMap<>();
    private final Map<String, IntVar> lateBy = new LinkedHashMap<>();
    private @Nullable CpSolver found;
    private final Map<Place, Map<IntervalVar, Integer>> takenUp = new EnumMap<>(Place.class);

    /** What the solver decides of a task. */
    private record Vars(
            PlanTask task, IntVar start, IntVar minutes, IntVar end, List<Literal> ways, List<Doer> doers) {}

    /** Somebody who may do it. */
    private record Doer(Worker worker, int place, Literal does) {}

    /**
     * @param asked what is asked of the plan; what is not among it need not hold
     */
    DayModel(PlanDay day, Set<Demand> asked) {
        this.day = day;
        this.asked = asked;
        day.tasks().forEach(this::add);
        day.links().forEach(this::add);
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

    private boolean asks(Demand.Kind kind, String subject) {
        return asked.contains(new Demand(kind, subject));
    }

    private void add(PlanTask task) {
        IntVar start = model.newIntVar(day.first(), day.last(), task.key());
        IntVar end = model.newIntVar(day.first(), day.last(), "");
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

    private String servingOf(Link link) {
        return tasks.get(link.from().task()).task().serving();
    }

    private LinearExpr passed(Link link) {
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
        for (int place = 0; place < day.workers().size(); place++) {
            Worker worker = day.workers().get(place);
            if (!worker.can(task.task())) {
                continue;
            }
            BoolVar does = model.newBoolVar("");
            all.add(does);
            task.doers().add(new Doer(worker, place, does));
            busy.computeIfAbsent(worker, none -> new ArrayList<>())
                    .add(model.newOptionalIntervalVar(task.start(), task.minutes(), task.end(), does, ""));
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

    /** By how much a demand that is not asked is missed: minutes, or how much more of a place there has to be. */
    IntVar missedBy(Demand demand) {
        IntVar missed = model.newIntVar(0, day.last() - day.first(), "");
        String subject = demand.subject();
        switch (demand.kind()) {
            case ON_TIME ->
                day.servings().stream()
                        .filter(serving -> serving.key().equals(subject))
                        .forEach(serving -> model.addGreaterOrEqual(missed, late(serving)));
            case WINDOW ->
                day.links().stream()
                        .filter(link -> link.isWindow() && servingOf(link).equals(subject))
                        .forEach(link -> missedBy(link, missed));
            case HOURS ->
                tasks.values().stream()
                        .flatMap(task -> task.doers().stream()
                                .filter(doer -> doer.worker().name().equals(subject))
                                .map(doer -> new Done(task, doer)))
                        .forEach(done -> missedBy(done, missed));
            case PLACE ->
                day.placesNeeded().forEach((place, there) -> {
                    if (place.code().equals(subject)) {
                        CumulativeConstraint room = model.addCumulative(
                                LinearExpr.newBuilder().add(missed).add(there).build());
                        takenUp.get(place).forEach(room::addDemand);
                    }
                });
            case PIN -> {
                IntVar start = tasks.get(subject).start();
                int pinned = day.pins().get(subject);
                model.addAbsEquality(
                        missed, LinearExpr.newBuilder().add(start).add(-pinned).build());
            }
        }
        return missed;
    }

    /** A task that somebody may do. */
    private record Done(Vars task, Doer doer) {}

    private void missedBy(Done done, IntVar missed) {
        Worker worker = done.doer().worker();
        model.addGreaterOrEqual(sum(missed, done.task().start()), worker.from())
                .onlyEnforceIf(done.doer().does());
        model.addGreaterOrEqual(
                        LinearExpr.newBuilder()
                                .add(missed)
                                .addTerm(done.task().end(), -1)
                                .build(),
                        -worker.to())
                .onlyEnforceIf(done.doer().does());
    }

    private void missedBy(Link link, IntVar missed) {
        model.addGreaterOrEqual(sum(missed, passed(link)), link.least());
        if (link.most() != null) {
            model.addLessOrEqual(
                    LinearExpr.newBuilder()
                            .add(passed(link))
                            .addTerm(missed, -1)
                            .build(),
                    link.most());
        }
    }

    private static LinearExpr sum(LinearArgument one, LinearArgument other) {
        return LinearExpr.newBuilder().add(one).add(other).build();
    }

    /** Minutes that servings are late, together. */
    LinearExpr late() {
        LinearExprBuilder all = LinearExpr.newBuilder();
        day.servings().forEach(serving -> all.add(late(serving)));
        return all.build();
    }

    private IntVar late(Serving serving) {
        return lateBy.computeIfAbsent(serving.key(), key -> {
            IntVar late = model.newIntVar(0, day.last() - day.first(), "");
            model.addMaxEquality(late, new LinearArgument[] {
                LinearExpr.constant(0),
                LinearExpr.newBuilder()
                        .add(tasks.get(serving.ready()).end())
                        .add(-serving.due())
                        .build()
            });
            return late;
        });
    }

    /** Minutes from cooked to served, together. */
    LinearExpr standing() {
        LinearExprBuilder all = LinearExpr.newBuilder();
        for (Serving serving : day.servings()) {
            all.add(serving.due());
            all.add(late(serving));
            all.addTerm(tasks.get(serving.cooked()).end(), -1);
        }
        return all.build();
    }

    /** How many pairs of hands each serving goes through beyond its first, together. */
    LinearExpr handOvers() {
        LinearExprBuilder all = LinearExpr.newBuilder();
        for (Serving serving : day.servings()) {
            boolean byHand = false;
            for (Worker worker : day.workers()) {
                List<Literal> does = tasks.values().stream()
                        .filter(task -> task.task().serving().equals(serving.key()))
                        .flatMap(task -> task.doers().stream())
                        .filter(doer -> doer.worker().equals(worker))
                        .map(Doer::does)
                        .toList();
                if (does.isEmpty()) {
                    continue;
                }
                byHand = true;
                BoolVar any = model.newBoolVar("");
                model.addMaxEquality(any, does.toArray(LinearArgument[]::new));
                all.add(any);
            }
            all.add(byHand ? -1 : 0);
        }
        return all.build();
    }

    /** The minute at which work begins; the later, the better. */
    IntVar begins() {
        IntVar begins = model.newIntVar(day.first(), day.last(), "begins");
        model.addMinEquality(begins, tasks.values().stream().map(Vars::start).toArray(LinearArgument[]::new));
        return begins;
    }

    /** Among plans that are otherwise as good: everything as late as can be, the first worker before the others, fewest pans. */
    LinearExpr order() {
        LinearExprBuilder all = LinearExpr.newBuilder();
        int number = 0;
        long startWeight = 16L * tasks.size() * Math.max(1, day.workers().size());
        for (Vars task : tasks.values()) {
            number++;
            all.addTerm(task.start(), startWeight * tasks.size() + number);
            for (Doer doer : task.doers()) {
                all.addTerm(doer.does(), -(long) doer.place());
            }
            for (int way = 0; way < task.ways().size(); way++) {
                all.addTerm(task.ways().get(way), -(long) way);
            }
        }
        return all.build();
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
    Plan plan(CpSolver solver, boolean proved) {
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
        return Plan.of(day, planned, proved);
    }

    private static @Nullable String worker(Vars task, CpSolver solver) {
        return task.doers().stream()
                .filter(doer -> solver.booleanValue(doer.does()))
                .map(doer -> doer.worker().name())
                .findFirst()
                .orElse(null);
    }
}
