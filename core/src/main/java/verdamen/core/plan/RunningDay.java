package verdamen.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.plan.DayProgress.Done;
import verdamen.core.plan.OnTrays.TrayTime;
import verdamen.core.plan.PlanTask.Kind;
import verdamen.core.plan.PlanTask.Way;
import verdamen.core.plan.Solved.Missed;

/**
 * A day while it is run: what is late moves what follows, in the order that was planned and with the same hands; nothing else
 * changes by itself. Times are whole minutes from the beginning of the day.
 */
public final class RunningDay {

    private final PlanDay day;
    private final DayProgress progress;
    private final int now;
    private final Map<String, Expected> expected = new LinkedHashMap<>();
    private final Room room;

    /**
     * A task as it was planned last.
     *
     * @param task its key
     * @param start when it begins
     * @param end when it is done
     * @param takesUp how much of each place it takes up
     * @param worker who does it; null without hands
     */
    public record Scheduled(
            String task,
            int start,
            int end,
            Map<Place, Integer> takesUp,
            @Nullable String worker) {

        int minutes() {
            return Math.max(1, end - start);
        }
    }

    /** Where a task stands. */
    public enum Standing implements Coded {
        /** It was not begun yet. */
        TO_DO("to-do"),
        /** It was begun. */
        GOING("going"),
        /** It is done. */
        DONE("done");

        private final String code;

        Standing(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * A task as it was, or can be expected.
     *
     * @param task the task
     * @param start when it began, or will
     * @param end when it was done, or will be
     * @param takesUp how much of each place it takes up
     * @param worker who does it; null without hands
     * @param standing where it stands
     * @param planned when it was planned to begin
     * @param moved by how many minutes it ends later than planned; negative for sooner
     * @param holdsUp whether it is late by itself, and not only for what it waits for
     */
    public record Expected(
            PlanTask task,
            int start,
            int end,
            Map<Place, Integer> takesUp,
            @Nullable String worker,
            Standing standing,
            int planned,
            int moved,
            boolean holdsUp) {}

    /**
     * @param day the day's work
     * @param schedule every task as it was planned last
     * @param progress how far the tasks are
     * @param now what time it is
     */
    public RunningDay(PlanDay day, List<Scheduled> schedule, DayProgress progress, int now) {
        this.day = day;
        this.progress = progress;
        this.now = now;
        Map<String, Scheduled> planned = new HashMap<>();
        room = new Room(day, planned, expected);
        schedule.forEach(each -> planned.put(each.task(), each));
        List<Planned> all = new ArrayList<>();
        for (PlanTask task : day.tasks()) {
            all.add(new Planned(task, planned.computeIfAbsent(task.key(), none -> unplanned(task))));
        }
        all.sort(Comparator.comparingInt(each -> each.as().start()));
        all.forEach(this::addBegun);
        all.stream().filter(each -> !expected.containsKey(each.task().key())).forEach(this::addMoved);
    }

    private record Planned(PlanTask task, Scheduled as) {}

    /** A task that nobody planned, as the kitchen has changed what there is to do: it can begin now. */
    private Scheduled unplanned(PlanTask task) {
        Way way = task.ways().get(0);
        String worker = day.workers().stream()
                .filter(each -> each.can(task))
                .map(Worker::name)
                .findFirst()
                .orElse(null);
        return new Scheduled(task.key(), now, now + way.minutes(), way.takesUp(), task.byHand() ? worker : null);
    }

    /** Every task, in the order in which they began or will. */
    public List<Expected> tasks() {
        return expected.values().stream()
                .sorted(Comparator.comparingInt(Expected::start)
                        .thenComparing(each -> each.task().key()))
                .toList();
    }

    private void addBegun(Planned planned) {
        PlanTask task = planned.task();
        Scheduled as = planned.as();
        Done done = task.kind() == Kind.HEAT_OVEN ? heated(planned) : progress.of(task.key());
        Integer began = done.began();
        if (began == null) {
            return;
        }
        Integer ended = done.ended();
        int due = began + as.minutes();
        int end = ended != null ? Math.max(began, ended) : Math.max(due, now);
        expected.put(
                task.key(),
                new Expected(
                        task,
                        began,
                        end,
                        as.takesUp(),
                        as.worker(),
                        ended == null ? Standing.GOING : Standing.DONE,
                        as.start(),
                        end - as.end(),
                        ended == null && (due < now || began > as.start())));
    }

    /** Nobody notes that an oven heats: it does from when it was planned to. */
    private Done heated(Planned planned) {
        Scheduled as = planned.as();
        return as.start() > now ? Done.NOT_BEGUN : new Done(as.start(), as.end() > now ? null : as.end());
    }

    /** A task that was not begun: as planned, or as soon as what it waits for allows. */
    private void addMoved(Planned planned) {
        PlanTask task = planned.task();
        Scheduled as = planned.as();
        int minutes = as.minutes();
        int waitsUntil = waitsUntil(task, minutes);
        int handsFrom = as.worker() == null ? waitsUntil : handsFree(as.worker());
        int from = goesOnSooner(task) ? waitsUntil : as.start();
        int start = room.first(as, Math.max(Math.max(from, now), Math.max(waitsUntil, handsFrom)));
        boolean holdsUp = start > as.start() && start == now && waitsUntil <= as.start() && handsFrom <= as.start();
        expected.put(
                task.key(),
                new Expected(
                        task,
                        start,
                        start + minutes,
                        as.takesUp(),
                        as.worker(),
                        Standing.TO_DO,
                        as.start(),
                        start - as.start(),
                        holdsUp));
    }

    /** What goes on without hands follows at once what was done, or will be done, sooner than planned; an oven is heated when it was planned to be. */
    private boolean goesOnSooner(PlanTask task) {
        return !task.byHand()
                && task.kind() != Kind.HEAT_OVEN
                && day.links().stream()
                        .filter(link -> link.to().task().equals(task.key())
                                && !link.to().end())
                        .map(link -> expected.get(link.from().task()))
                        .anyMatch(before ->
                                before != null && (before.standing() != Standing.TO_DO || before.moved() < 0));
    }

    /** When what comes before a task lets it begin. */
    private int waitsUntil(PlanTask task, int minutes) {
        int from = Integer.MIN_VALUE;
        for (Link link : day.links()) {
            if (link.to().task().equals(task.key())
                    && expected.containsKey(link.from().task())) {
                int to = at(link.from()) + link.least();
                from = Math.max(from, link.to().end() ? to - minutes : to);
            }
        }
        return from;
    }

    private int at(Link.Moment moment) {
        Expected each = expected.get(moment.task());
        return moment.in(each.start(), each.end());
    }

    /** When somebody has done everything that comes before. */
    private int handsFree(String worker) {
        return expected.values().stream()
                .filter(each -> worker.equals(each.worker()) && each.standing() != Standing.DONE)
                .mapToInt(Expected::end)
                .max()
                .orElse(Integer.MIN_VALUE);
    }

    /** When balls lie on trays, of doughs that are not rolled yet. */
    public List<TrayTime> trayTimes() {
        return room.trayTimes();
    }

    /** When more of a place is taken up than there is, place by place. */
    public List<TooMuch> tooMuch() {
        return room.tooMuch();
    }

    /** What is missed if it goes on like this: servings that are late, doughs past their windows, work after somebody has gone. */
    public List<Missed> missed() {
        Map<Demand, Integer> by = new LinkedHashMap<>();
        for (Serving serving : day.servings()) {
            miss(
                    by,
                    Demand.Kind.ON_TIME,
                    serving.key(),
                    expected.get(serving.ready()).end() - serving.due());
        }
        for (Link link : day.links()) {
            Integer most = link.most();
            if (link.isWindow()
                    && most != null
                    && expected.get(link.to().task()).standing() != Standing.DONE) {
                String serving = expected.get(link.from().task()).task().serving();
                miss(by, Demand.Kind.WINDOW, serving, at(link.to()) - at(link.from()) - most);
            }
        }
        for (Worker worker : day.workers()) {
            expected.values().stream()
                    .filter(each -> worker.name().equals(each.worker()) && each.standing() != Standing.DONE)
                    .forEach(each -> miss(by, Demand.Kind.HOURS, worker.name(), each.end() - worker.to()));
        }
        return by.entrySet().stream()
                .map(each -> new Missed(each.getKey(), each.getValue()))
                .toList();
    }

    private static void miss(Map<Demand, Integer> by, Demand.Kind kind, String subject, int minutes) {
        if (minutes > 0) {
            by.merge(new Demand(kind, subject), minutes, Math::max);
        }
    }

    /** What is left of the day, to be planned anew around what was begun. */
    public PlanDay remaining() {
        Map<String, Integer> starts = new HashMap<>();
        Map<String, Integer> busyUntil = new HashMap<>();
        List<PlanTask> tasks = new ArrayList<>();
        for (PlanTask task : day.tasks()) {
            Expected each = expected.get(task.key());
            if (each.standing() == Standing.TO_DO) {
                tasks.add(task);
                continue;
            }
            boolean going = each.standing() == Standing.GOING;
            int minutes = Math.max(1, each.end() - each.start());
            starts.put(task.key(), each.end() - minutes);
            Way way = new Way(minutes, going ? each.takesUp() : Map.of());
            tasks.add(new PlanTask(task.key(), task.serving(), task.kind(), null, List.of(way), task.steps()));
            if (going && each.worker() != null) {
                busyUntil.merge(each.worker(), each.end(), Math::max);
            }
        }
        Map<String, Integer> pins = new LinkedHashMap<>(day.pins());
        pins.entrySet().removeIf(pin -> starts.containsKey(pin.getKey()) || pin.getValue() < now);
        return new PlanDay(
                tasks,
                day.links().stream()
                        .filter(link -> !starts.containsKey(link.to().task()))
                        .map(link -> starts.containsKey(link.from().task()) ? stillHolding(link) : link)
                        .toList(),
                day.onTrays().stream()
                        .filter(on -> expected.get(on.to().task()).standing() != Standing.DONE)
                        .toList(),
                day.servings(),
                day.workers(),
                day.places(),
                pins,
                now,
                Math.max(day.last(), now + day.last() - day.first()),
                new Begun(starts, busyUntil));
    }

    /** A wait that is over its most already can only be ended as soon as can be. */
    private Link stillHolding(Link link) {
        Integer most = link.most();
        return most == null || link.isWindow() || at(link.from()) + most >= now
                ? link
                : new Link(link.from(), link.to(), link.least(), null, false);
    }
}
