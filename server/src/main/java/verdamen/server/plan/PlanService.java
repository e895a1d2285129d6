package verdamen.server.plan;

import jakarta.annotation.PreDestroy;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import verdamen.core.bench.MadeFormula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.handling.RollingWindow;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.core.plan.Place;
import verdamen.core.plan.PlanDay;
import verdamen.core.plan.PlanQuestion;
import verdamen.core.plan.PlanQuestion.Wanted;
import verdamen.core.plan.PlanSpec;
import verdamen.core.plan.PlanSpec.ServingSpec;
import verdamen.core.plan.Worker;
import verdamen.core.portion.Scaling;
import verdamen.core.portion.ScalingQuestion;
import verdamen.server.formula.FormulaDocument;
import verdamen.server.formula.FormulaNotFoundException;
import verdamen.server.formula.FormulaService;
import verdamen.server.kitchen.KitchenOfRequest;
import verdamen.server.pantry.PantryService;
import verdamen.server.plan.PlanState.DayPlan;
import verdamen.server.plan.PlanState.PlannedServing;

/** Plans days, one after the other, off the request. */
@Service
class PlanService {

    private static final int MOST_WAITING = 8;
    private static final int MOST_KEPT = 50;

    private final FormulaService formulas;
    private final PantryService pantry;
    private final KitchenOfRequest kitchen;
    private final PlanCalendar calendar;
    private final ThreadPoolExecutor solving =
            new ThreadPoolExecutor(1, 1, 0, TimeUnit.SECONDS, new ArrayBlockingQueue<>(MOST_WAITING));
    /** The newest jobs by kitchen and id; the oldest is forgotten. */
    private final Map<String, PlanJob> jobs = new LinkedHashMap<>();

    PlanService(FormulaService formulas, PantryService pantry, KitchenOfRequest kitchen, PlanCalendar calendar) {
        this.calendar = calendar;
        this.formulas = formulas;
        this.pantry = pantry;
        this.kitchen = kitchen;
    }

    @PreDestroy
    void stop() {
        solving.shutdownNow();
        synchronized (jobs) {
            jobs.values().forEach(PlanJob::cancel);
        }
    }

    /**
     * Begins to plan a day.
     *
     * @throws RefusedException naming what of it has a fault, or when too many are planned already
     */
    PlanState begin(PlanSpec spec) {
        Faults faults = new Faults();
        List<ServingSpec> asked = spec.readServings(faults);
        List<Worker> workers = spec.readWorkers(faults);
        Map<Place, Integer> places = spec.readPlaces(faults);
        Map<String, Integer> pins = spec.readPins(faults);
        faults.refuse();
        List<Wanted> wanted = new ArrayList<>();
        List<PlannedServing> servings = new ArrayList<>();
        for (ServingSpec serving : asked) {
            add(serving, wanted, servings, faults);
        }
        faults.refuse();
        PlanDay day = PlanDay.of(new PlanQuestion(wanted, workers, places, Boolean.TRUE.equals(spec.careful()), pins));
        String id = UUID.randomUUID().toString();
        PlanJob job = new PlanJob(id, spec, day, servings);
        try {
            solving.execute(job);
        } catch (RejectedExecutionException full) {
            throw Faults.refusal(null, "running", FaultCode.TOO_MANY, MOST_WAITING + 1);
        }
        keep(id, job);
        return job.state();
    }

    private void keep(String id, PlanJob job) {
        synchronized (jobs) {
            jobs.put(key(id), job);
            if (jobs.size() > MOST_KEPT) {
                String oldest = jobs.keySet().iterator().next();
                jobs.remove(oldest).cancel();
            }
        }
    }

    private String key(String id) {
        return kitchen.id() + " " + id;
    }

    /**
     * How far a plan is.
     *
     * @throws FormulaNotFoundException when it is not known, or forgotten
     */
    PlanState state(String id) {
        return job(id).state();
    }

    /**
     * Has a plan stop where it is.
     *
     * @throws FormulaNotFoundException when it is not known, or forgotten
     */
    PlanState cancel(String id) {
        PlanJob job = job(id);
        job.cancel();
        return job.state();
    }

    /**
     * A plan as an iCalendar file.
     *
     * @throws FormulaNotFoundException when it is not known, or forgotten
     * @throws RefusedException when the day is none, or nothing is planned yet
     */
    String calendar(String id, String day, @Nullable String worker) {
        PlanState state = state(id);
        Faults faults = new Faults();
        LocalDate date = null;
        try {
            date = LocalDate.parse(day);
        } catch (DateTimeParseException none) {
            faults.add(null, "day", FaultCode.UNREADABLE, day);
        }
        DayPlan plan = state.plan();
        faults.require(plan != null, "plan", FaultCode.MISSING, null);
        faults.refuse();
        return calendar.write(state, Objects.requireNonNull(plan), Objects.requireNonNull(date), worker);
    }

    private PlanJob job(String id) {
        synchronized (jobs) {
            PlanJob job = jobs.get(key(id));
            if (job == null) {
                throw new FormulaNotFoundException("There is no such plan, or it is forgotten: plan the day again.");
            }
            return job;
        }
    }

    private void add(ServingSpec asked, List<Wanted> wanted, List<PlannedServing> servings, Faults faults) {
        int line = wanted.size();
        long formula = asked.formula() == null ? 0 : asked.formula();
        int due = asked.due() == null ? 0 : asked.due();
        String key = PlanSpec.key(line);
        try {
            FormulaDocument document =
                    asked.version() == null ? formulas.newest(formula) : formulas.version(formula, asked.version());
            MadeFormula made = MadeFormula.of(sized(document.formula(), asked.pieces()), pantry.pantry());
            wanted.add(new Wanted(key, made, due));
            RollingWindow window = made.evaluation().window();
            servings.add(new PlannedServing(
                    key,
                    formula,
                    document.version().number(),
                    document.version().name(),
                    made.cooking().pieces(),
                    due,
                    window == null ? null : window.first(),
                    window == null ? null : window.last()));
        } catch (FormulaNotFoundException gone) {
            faults.add(line, "formula", FaultCode.UNKNOWN_CODE, formula);
        } catch (RefusedException refused) {
            for (Fault fault : refused.faults()) {
                faults.add(line, fault.field(), fault.code(), fault.value());
            }
        }
    }

    private FormulaSpec sized(FormulaSpec spec, @Nullable Integer pieces) {
        Pantry book = pantry.pantry();
        return pieces == null
                ? spec
                : Scaling.of(new ScalingQuestion(spec, null, pieces, null, null, null, null), book)
                        .formula();
    }
}
