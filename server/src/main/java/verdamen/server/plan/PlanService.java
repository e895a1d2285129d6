package verdamen.server.plan;

import jakarta.annotation.PreDestroy;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.plan.DayLists;
import verdamen.core.plan.MovedTask.Broken;
import verdamen.core.plan.PlanSpec;
import verdamen.core.plan.PlanSpec.PinSpec;
import verdamen.core.plan.Solver;
import verdamen.server.kitchen.KitchenOfRequest;
import verdamen.server.pantry.LotService;
import verdamen.server.pantry.StockService;
import verdamen.server.plan.SavedDays.KeptPlan;
import verdamen.server.plan.SavedDays.SeenDay;
import verdamen.server.problem.NotFoundException;

/** Plans days, one after the other, off the request. */
@Service
class PlanService {

    private static final int MOST_WAITING = 8;
    private static final int MOST_KEPT = 50;

    private final DayWork work;
    private final KitchenOfRequest kitchen;
    private final PlanCalendar calendar;
    private final StockService stock;
    private final LotService lots;
    private final ThreadPoolExecutor solving =
            new ThreadPoolExecutor(1, 1, 0, TimeUnit.SECONDS, new ArrayBlockingQueue<>(MOST_WAITING));
    /** The newest jobs by kitchen and id; the oldest is forgotten. */
    private final Map<String, PlanJob> jobs = new LinkedHashMap<>();

    PlanService(DayWork work, KitchenOfRequest kitchen, PlanCalendar calendar, StockService stock, LotService lots) {
        this.calendar = calendar;
        this.work = work;
        this.kitchen = kitchen;
        this.stock = stock;
        this.lots = lots;
    }

    /** Gets ready to plan, off the request: somebody is about to ask. */
    void prepare() {
        if (solving.getQueue().isEmpty()) {
            solving.execute(Solver::prepare);
        }
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
        return begin(spec, work.of(spec));
    }

    /**
     * Begins to plan work that is known already.
     *
     * @throws RefusedException when too many are planned already
     */
    PlanState begin(PlanSpec spec, DayWork.Work asked) {
        String id = UUID.randomUUID().toString();
        PlanJob job = new PlanJob(id, spec, asked);
        try {
            solving.execute(job);
        } catch (RejectedExecutionException full) {
            throw Faults.refusal(null, "running", FaultCode.TOO_MANY, MOST_WAITING + 1);
        }
        keep(id, job);
        return job.state();
    }

    /** How far a plan is; null when it is not known, or forgotten. */
    @Nullable
    PlanState known(String id) {
        synchronized (jobs) {
            PlanJob job = jobs.get(key(id));
            return job == null ? null : job.state();
        }
    }

    /**
     * What a plan was asked for with.
     *
     * @throws NotFoundException when it is not known, or forgotten
     */
    PlanSpec spec(String id) {
        return job(id).spec();
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
     * @throws NotFoundException when it is not known, or forgotten
     */
    PlanState state(String id) {
        return job(id).state();
    }

    /**
     * Has a plan stop where it is.
     *
     * @throws NotFoundException when it is not known, or forgotten
     */
    PlanState cancel(String id) {
        PlanJob job = job(id);
        job.cancel();
        return job.state();
    }

    /**
     * What breaks when a task of a plan begins at another time and everything else stays.
     *
     * @throws NotFoundException when the plan is not known, or forgotten
     * @throws RefusedException when no time is given
     */
    List<Broken> breaks(String id, PinSpec moved) {
        Faults faults = new Faults();
        faults.require(moved.task() != null, "task", FaultCode.MISSING, null);
        faults.needed("start", moved.start() == null ? null : Double.valueOf(moved.start()), Limit.PLAN_MINUTE);
        faults.refuse();
        return job(id).breaks(Objects.requireNonNull(moved.task()), Objects.requireNonNull(moved.start()));
    }

    /**
     * A plan as an iCalendar file.
     *
     * @throws NotFoundException when it is not known, or forgotten
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
        KeptPlan plan = plan(state, faults);
        SeenDay seen = new SeenDay(id, "", Objects.requireNonNull(date), plan);
        return calendar.write(List.of(seen), worker);
    }

    /**
     * A plan as a CSV file: a row for every task.
     *
     * @throws NotFoundException when it is not known, or forgotten
     * @throws RefusedException when nothing is planned yet
     */
    String csv(String id) {
        return PlanCsv.write(plan(state(id), new Faults()));
    }

    /** What a planned day needs, with the names of the flour lots in it, by their ids. */
    record DayListsAnswer(DayLists lists, Map<Long, String> lots) {}

    /**
     * What a planned day needs beside its plan.
     *
     * @throws NotFoundException when it is not known, or forgotten
     * @throws RefusedException when nothing is planned yet
     */
    DayListsAnswer lists(String id) {
        PlanJob job = job(id);
        plan(job.state(), new Faults());
        DayLists lists = DayLists.of(job.made(), stock.byIngredient());
        Set<Long> carried =
                lists.needs().stream().flatMap(need -> need.lots().stream()).collect(Collectors.toSet());
        return new DayListsAnswer(
                lists,
                carried.isEmpty()
                        ? Map.of()
                        : lots.lots().stream()
                                .filter(lot -> carried.contains(lot.id()))
                                .collect(Collectors.toMap(LotService.Lot::id, LotService.Lot::name)));
    }

    private static KeptPlan plan(PlanState state, Faults faults) {
        faults.require(state.plan() != null, "plan", FaultCode.MISSING, null);
        faults.refuse();
        return new KeptPlan(state.servings(), Objects.requireNonNull(state.plan()));
    }

    private PlanJob job(String id) {
        synchronized (jobs) {
            PlanJob job = jobs.get(key(id));
            if (job == null) {
                throw new NotFoundException("There is no such plan, or it is forgotten: plan the day again.");
            }
            return job;
        }
    }
}
