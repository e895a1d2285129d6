package verdamen.server.plan;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.bench.BenchEntry;
import verdamen.core.bench.BenchRun;
import verdamen.core.bench.EntryKind;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.core.plan.PlanSpec;
import verdamen.core.plan.PlanSpec.ServingSpec;
import verdamen.core.plan.PlanTask;
import verdamen.core.plan.RunningDay;
import verdamen.core.plan.RunningDay.Scheduled;
import verdamen.core.plan.RunningDay.Standing;
import verdamen.core.plan.WantedFormula;
import verdamen.server.batch.BatchBeginning;
import verdamen.server.batch.BatchBeginning.Size;
import verdamen.server.batch.BatchEntries;
import verdamen.server.json.JsonText;
import verdamen.server.plan.DayMapper.DayRow;
import verdamen.server.plan.DayRunAnswer.BetterWay;
import verdamen.server.plan.DayRunAnswer.RunServing;
import verdamen.server.plan.DayRunAnswer.RunTask;
import verdamen.server.plan.DayStands.Run;
import verdamen.server.plan.DayStands.Stand;
import verdamen.server.plan.PlanState.DayPlan;
import verdamen.server.plan.PlanState.DayTask;
import verdamen.server.plan.PlanState.PlannedServing;
import verdamen.server.plan.PlanState.RollBand;
import verdamen.server.problem.NotFoundException;

/** Runs days at the bench: each serving is a batch, and what is late moves what follows. */
@Service
class DayRuns {

    private final DayMapper mapper;
    private final DayStands stands;
    private final PlanService plans;
    private final BetterWays better;
    private final BatchBeginning beginning;
    private final BatchEntries noted;
    private final JsonText json;

    DayRuns(
            DayMapper mapper,
            DayStands stands,
            PlanService plans,
            BetterWays better,
            BatchBeginning beginning,
            BatchEntries noted,
            JsonText json) {
        this.mapper = mapper;
        this.stands = stands;
        this.plans = plans;
        this.better = better;
        this.beginning = beginning;
        this.noted = noted;
        this.json = json;
    }

    /**
     * Begins to run a day by a plan of it.
     *
     * @throws NotFoundException when there is no such day or plan
     * @throws verdamen.core.model.RefusedException when that is no plan of this day, or it is run already
     */
    @Transactional
    DayRunAnswer begin(long id, @Nullable String plan) {
        DayRow row = locked(id);
        Faults faults = new Faults();
        PlanState state = plans.state(plan == null ? "" : plan);
        PlanSpec spec = json.read(row.document(), PlanSpec.class);
        faults.require(row.run() == null, "run", FaultCode.TAKEN, row.name());
        faults.require(state.plan() != null, "plan", FaultCode.MISSING, null);
        faults.require(spec.equals(plans.spec(state.id())), "plan", FaultCode.CONTRADICTS, row.name());
        faults.refuse();
        PlanSpec made = spec.withVersions(
                state.servings().stream().map(PlannedServing::version).toList());
        String uid = UUID.randomUUID().toString();
        keep(id, new Run(uid, made, schedule(Objects.requireNonNull(state.plan()), List.of()), Map.of()));
        return answer(id);
    }

    /**
     * Where a day stands that is run.
     *
     * @throws NotFoundException when it is not run
     */
    @Transactional(readOnly = true)
    DayRunAnswer answer(long id) {
        Stand stand = stands.of(SavedDays.row(mapper.day(id), id));
        Map<String, Long> begun = stand.run().batches();
        // It may begin to look for one, which is told at once.
        BetterWay way = better.than(
                stand.row().uid(),
                stand.running(),
                () -> stand.work().left(stand.running().remaining()),
                stand.run().spec());
        return new DayRunAnswer(
                id,
                stand.row().name(),
                stand.row().day(),
                stand.clock(),
                stand.now(),
                stand.work().servings().stream()
                        .map(serving -> new RunServing(
                                serving, stand.runs().containsKey(serving.key()) ? begun.get(serving.key()) : null))
                        .toList(),
                stand.running().tasks().stream().map(DayRuns::told).toList(),
                rolled(stand),
                stand.running().trayTimes(),
                stand.running().tooMuch(),
                stand.running().missed(),
                better.isLooking(stand.row().uid()),
                way);
    }

    private static List<RollBand> rolled(Stand stand) {
        Map<String, Integer> wetted = new HashMap<>();
        stand.running().tasks().stream()
                .filter(each -> each.task().kind() == PlanTask.Kind.MIX)
                .forEach(each -> wetted.putIfAbsent(each.task().serving(), each.start()));
        return stand.work().servings().stream()
                .flatMap(serving -> RollBand.of(serving, wetted.getOrDefault(serving.key(), 0)).stream())
                .toList();
    }

    private static RunTask told(RunningDay.Expected each) {
        return new RunTask(
                each.task().key(),
                each.task().serving(),
                each.task().kind(),
                each.start(),
                each.end(),
                each.worker(),
                each.takesUp().entrySet().stream()
                        .collect(Collectors.toMap(place -> place.getKey().code(), Map.Entry::getValue)),
                each.standing(),
                each.task().canBeNoted(),
                each.planned(),
                each.moved(),
                each.holdsUp());
    }

    /**
     * What was begun or done.
     *
     * @param key what it is noted under, given by who notes it: noted twice, it is one
     * @param task key of the task
     * @param done whether it is done, else it is begun
     */
    record TaskNote(
            @Within(Limit.CODE) @Nullable String key,
            @Within(Limit.CODE) @Nullable String task,
            boolean done) {}

    /**
     * Notes of a task's steps that they were begun or done, at the bench; its batch is begun with its first task.
     *
     * @throws NotFoundException when it is not run
     * @throws verdamen.core.model.RefusedException when there is no such task, or too many batches are made already
     */
    @Transactional
    DayRunAnswer note(long id, TaskNote note) {
        Stand stand = stands.of(locked(id));
        Faults faults = new Faults();
        String key = faults.uuid("key", note.key());
        PlanTask task = stand.work().day().tasks().stream()
                .filter(each -> each.key().equals(note.task()) && each.canBeNoted())
                .findFirst()
                .orElse(null);
        faults.require(task != null, "task", FaultCode.UNKNOWN_CODE, note.task());
        faults.refuse();
        Objects.requireNonNull(task);
        boolean begun = stand.runs().containsKey(task.serving());
        long batch = begun ? stand.run().batches().get(task.serving()) : beginBatch(stand, task.serving());
        if (!begun) {
            keep(id, stand.run().with(task.serving(), batch));
        }
        noted.note(batch, entries(stand, task, note.done(), key));
        return answer(id);
    }

    private long beginBatch(Stand stand, String serving) {
        PlannedServing planned = stand.work().servings().stream()
                .filter(each -> each.key().equals(serving))
                .findFirst()
                .orElseThrow();
        PlanSpec spec = stand.run().spec();
        ServingSpec asked = Objects.requireNonNull(Objects.requireNonNull(spec.servings())
                .get(stand.work().servings().indexOf(planned)));
        return beginning.begin(
                derived(stand.run().uid(), serving),
                planned.formula(),
                planned.version(),
                new Size(null, asked.pieces(), null, null),
                WantedFormula.madeAs(asked, spec.kitchenC()));
    }

    private static String derived(String key, String of) {
        return UUID.nameUUIDFromBytes((key + " " + of).getBytes(StandardCharsets.UTF_8))
                .toString();
    }

    /** Of what is begun, the first step is; of what is done, every one that was not done yet. */
    private static List<BenchEntry> entries(Stand stand, PlanTask task, boolean done, String key) {
        BenchRun run = stand.runs().get(task.serving());
        Set<String> over = run == null
                ? Set.of()
                : run.steps().stream()
                        .filter(step -> step.endedAt() != null)
                        .map(BenchRun.StepState::key)
                        .collect(Collectors.toSet());
        return task.steps().stream()
                .filter(step -> !over.contains(step))
                .limit(done ? task.steps().size() : 1)
                .map(step -> BenchEntry.of(
                                derived(key, step),
                                EntryKind.STEP,
                                stand.clock().now())
                        .withStep(step)
                        .withOutcome(done ? "done" : "begun"))
                .toList();
    }

    /**
     * Goes on by a better way that was found.
     *
     * @throws NotFoundException when it is not run, or there is no such plan any more
     * @throws verdamen.core.model.RefusedException when something was begun since that it does not know of
     */
    @Transactional
    DayRunAnswer take(long id, @Nullable String plan) {
        Stand stand = stands.of(locked(id));
        Faults faults = new Faults();
        faults.require(
                better.fits(stand.row().uid(), plan, stand.running()),
                "plan",
                FaultCode.CONTRADICTS,
                stand.row().name());
        faults.refuse();
        DayPlan taken =
                Objects.requireNonNull(plans.state(Objects.requireNonNull(plan)).plan());
        List<Scheduled> begun = stand.run().schedule().stream()
                .filter(each -> stand.running().tasks().stream()
                        .anyMatch(task -> task.task().key().equals(each.task()) && task.standing() != Standing.TO_DO))
                .toList();
        keep(id, stand.run().with(schedule(taken, begun)));
        return answer(id);
    }

    /**
     * Ends a day; its batches stay.
     *
     * @throws NotFoundException when there is none
     */
    @Transactional
    void end(long id) {
        locked(id);
        mapper.keepRun(id, null);
    }

    private static List<Scheduled> schedule(DayPlan plan, List<Scheduled> begun) {
        Map<String, Scheduled> all = new LinkedHashMap<>();
        for (DayTask task : plan.tasks()) {
            all.put(task.key(), new Scheduled(task.key(), task.start(), task.end(), task.takesUp(), task.worker()));
        }
        begun.forEach(each -> all.put(each.task(), each));
        return List.copyOf(all.values());
    }

    private void keep(long id, Run run) {
        mapper.keepRun(id, json.of(run));
    }

    private DayRow locked(long id) {
        return SavedDays.row(mapper.locked(id), id);
    }
}
