package verdamen.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import verdamen.core.model.Coded;
import verdamen.core.plan.Plan.Planned;

/**
 * A task of a plan that begins at another time while everything else stays: what of the day it breaks. Planned anew around it,
 * the rest may well find room.
 */
public final class MovedTask {

    private final PlanDay day;
    private final Map<String, Planned> byKey = new HashMap<>();
    private final List<Planned> others = new ArrayList<>();
    private final Planned moved;
    private final Map<What, Integer> broken = new LinkedHashMap<>();

    /** What is broken. */
    public enum Kind implements Coded {
        /** It lies before the task that it follows, or after the one that follows it. */
        ORDER("order"),
        /** It and another task are further from each other than they may be. */
        TOO_LONG("too-long"),
        /** A dough is rolled outside its window. */
        WINDOW("window"),
        /** The hands that do it do another task then. */
        HANDS("hands"),
        /** The hands that do it are not there. */
        HOURS("hours"),
        /** More of a place is taken up than there is. */
        PLACE("place"),
        /** A serving is not ready when it is served. */
        ON_TIME("on-time"),
        /** It lies outside of what is planned. */
        DAY("day");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    private record What(Kind kind, String subject) {}

    /**
     * Something that is broken.
     *
     * @param kind what
     * @param subject of what: the key of the other task or of the serving, the name of the worker, the code of the place
     * @param by by how much: minutes; of a place, how much more of it
     */
    public record Broken(Kind kind, String subject, int by) {}

    private MovedTask(PlanDay day, Plan plan, Planned task, int start) {
        this.day = day;
        moved = new Planned(task.task(), start, start + task.end() - task.start(), task.way(), task.worker());
        for (Planned each : plan.tasks()) {
            boolean isIt = each.task().key().equals(task.task().key());
            byKey.put(each.task().key(), isIt ? moved : each);
            if (!isIt) {
                others.add(each);
            }
        }
    }

    /**
     * What breaks, the same thing once; empty for nothing, or when there is no such task.
     *
     * @param task its key
     * @param start when it begins, minutes from the beginning of the day
     */
    public static List<Broken> breaks(PlanDay day, Plan plan, String task, int start) {
        Optional<Planned> there = plan.tasks().stream()
                .filter(each -> each.task().key().equals(task))
                .findFirst();
        return there.map(each -> new MovedTask(day, plan, each, start).breaks()).orElse(List.of());
    }

    private List<Broken> breaks() {
        add(Kind.DAY, "", Math.max(day.first() - moved.start(), moved.end() - day.last()));
        day.links().stream()
                .filter(link ->
                        link.from().task().equals(key()) || link.to().task().equals(key()))
                .forEach(this::addLink);
        addHands();
        new TakenUp(day, byKey).tooMuch(key()).forEach((place, by) -> add(Kind.PLACE, place.code(), by));
        for (Serving serving : day.servings()) {
            if (serving.ready().equals(key())) {
                add(Kind.ON_TIME, serving.key(), moved.end() - serving.due());
            }
        }
        return broken.entrySet().stream()
                .map(each -> new Broken(each.getKey().kind(), each.getKey().subject(), each.getValue()))
                .toList();
    }

    private String key() {
        return moved.task().key();
    }

    private void add(Kind kind, String subject, int by) {
        if (by > 0) {
            broken.merge(new What(kind, subject), by, Math::max);
        }
    }

    private void addLink(Link link) {
        String other = link.from().task().equals(key())
                ? link.to().task()
                : link.from().task();
        Integer most = link.most();
        int passed = at(link.to()) - at(link.from());
        if (link.isWindow()) {
            int over = most == null ? 0 : passed - most;
            add(Kind.WINDOW, moved.task().serving(), Math.max(link.least() - passed, over));
            return;
        }
        add(Kind.ORDER, other, link.least() - passed);
        if (most != null) {
            add(Kind.TOO_LONG, other, passed - most);
        }
    }

    private int at(Link.Moment moment) {
        Planned planned = byKey.get(moment.task());
        return moment.in(planned.start(), planned.end());
    }

    private void addHands() {
        for (Worker worker : day.workers()) {
            if (worker.name().equals(moved.worker())) {
                add(Kind.HOURS, worker.name(), Math.max(worker.from() - moved.start(), moved.end() - worker.to()));
                others.stream()
                        .filter(each -> worker.name().equals(each.worker()))
                        .forEach(each -> add(Kind.HANDS, each.task().key(), together(each)));
            }
        }
    }

    /** For how many minutes another task goes on meanwhile. */
    private int together(Planned other) {
        return Math.min(moved.end(), other.end()) - Math.max(moved.start(), other.start());
    }
}
