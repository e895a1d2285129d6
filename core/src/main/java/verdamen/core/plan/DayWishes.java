package verdamen.core.plan;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearArgument;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import verdamen.core.plan.DayModel.Doer;
import verdamen.core.plan.DayModel.Vars;

/** What there is to wish for of a day: figures of its model that the solver makes as small, or as large, as can be. */
final class DayWishes {

    private final DayModel of;
    private final CpModel model;
    private final PlanDay day;
    private final Map<String, IntVar> lateBy = new LinkedHashMap<>();

    DayWishes(DayModel of) {
        this.of = of;
        model = of.model();
        day = of.day();
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
                        .filter(link -> link.isWindow() && of.servingOf(link).equals(subject))
                        .forEach(link -> missedBy(link, missed));
            case HOURS ->
                of.tasks().stream()
                        .flatMap(task -> task.doers().stream()
                                .filter(doer -> doer.worker().name().equals(subject))
                                .map(doer -> new Done(task, doer)))
                        .forEach(done -> missedBy(done, missed));
            case PLACE ->
                day.placesNeeded().forEach((place, there) -> {
                    if (place.code().equals(subject)) {
                        CumulativeConstraint room = model.addCumulative(
                                LinearExpr.newBuilder().add(missed).add(there).build());
                        of.takenUp(place).forEach(room::addDemand);
                    }
                });
            case PIN -> {
                IntVar start = of.task(subject).start();
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
        model.addGreaterOrEqual(sum(missed, of.passed(link)), link.least());
        if (link.most() != null) {
            model.addLessOrEqual(
                    LinearExpr.newBuilder()
                            .add(of.passed(link))
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
                        .add(of.task(serving.ready()).end())
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
            all.addTerm(of.task(serving.cooked()).end(), -1);
        }
        return all.build();
    }

    /** How many pairs of hands each serving goes through beyond its first, together. */
    LinearExpr handOvers() {
        LinearExprBuilder all = LinearExpr.newBuilder();
        for (Serving serving : day.servings()) {
            boolean byHand = false;
            for (Worker worker : day.workers()) {
                List<Literal> does = of.tasks().stream()
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
        model.addMinEquality(begins, of.tasks().stream().map(Vars::start).toArray(LinearArgument[]::new));
        return begins;
    }

    /** Among plans that are otherwise as good: everything as late as can be, the first worker before the others, fewest pans. */
    LinearExpr order() {
        LinearExprBuilder all = LinearExpr.newBuilder();
        int number = 0;
        // More than all workers and ways can make together, so that a minute counts before them.
        long minute = 1;
        for (Vars task : of.tasks()) {
            minute += task.doers().size() + task.ways().size();
        }
        for (Vars task : of.tasks()) {
            number++;
            all.addTerm(task.start(), minute * of.tasks().size() + number);
            for (Doer doer : task.doers()) {
                all.addTerm(doer.does(), -(long) doer.number());
            }
            for (int way = 0; way < task.ways().size(); way++) {
                all.addTerm(task.ways().get(way), -(long) way);
            }
        }
        return all.build();
    }
}
