package verdamen.core.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import verdamen.core.plan.OnTrays.TrayTime;
import verdamen.core.plan.Plan.Planned;

/** What of each place is taken up when, in a plan. */
final class TakenUp {

    private final PlanDay day;
    private final Map<String, Planned> byKey;
    private final List<Span> spans = new ArrayList<>();

    /** So much of a place, from a minute until another, by tasks that begin and end it. */
    private record Span(Place place, int amount, int from, int to, String begunBy, String endedBy) {

        boolean isOf(String task) {
            return begunBy.equals(task) || endedBy.equals(task);
        }
    }

    /**
     * @param byKey every task with its time, by its key
     */
    TakenUp(PlanDay day, Map<String, Planned> byKey) {
        this.day = day;
        this.byKey = byKey;
        byKey.forEach((key, each) -> each.way()
                .takesUp()
                .forEach((place, amount) -> spans.add(new Span(place, amount, each.start(), each.end(), key, key))));
        for (OnTrays on : day.onTrays()) {
            TrayTime time = at(on);
            spans.add(new Span(
                    Place.TRAY,
                    time.trays(),
                    time.from(),
                    time.to(),
                    on.from().task(),
                    on.to().task()));
        }
    }

    /** From when to when balls lie on trays. */
    TrayTime at(OnTrays on) {
        return on.at(minute(on.from()), minute(on.to()));
    }

    private int minute(Link.Moment moment) {
        Planned planned = byKey.get(moment.task());
        return moment.end() ? planned.end() : planned.start();
    }

    /** The most of a place that is taken up at a time. */
    int most(Place place) {
        return most(place, Integer.MIN_VALUE, Integer.MAX_VALUE);
    }

    /** The most is taken up when something was just begun. */
    private int most(Place place, int from, int to) {
        List<Span> there = spans.stream()
                .filter(each -> each.place() == place && each.from() < to && from < each.to())
                .toList();
        return there.stream()
                .flatMapToInt(each -> IntStream.of(Math.max(from, each.from())))
                .map(minute -> there.stream()
                        .filter(each -> each.from() <= minute && minute < each.to())
                        .mapToInt(Span::amount)
                        .sum())
                .max()
                .orElse(0);
    }

    /** By how much more than there is, places are taken up while a task has a part in that. */
    Map<Place, Integer> tooMuch(String task) {
        Map<Place, Integer> over = new EnumMap<>(Place.class);
        for (Span own : spans) {
            if (own.isOf(task)) {
                int more = most(own.place(), own.from(), own.to()) - day.there(own.place());
                if (more > 0) {
                    over.merge(own.place(), more, Math::max);
                }
            }
        }
        return over;
    }

    /** Whether a task takes up anything, or begins or ends that. */
    boolean hasPart(String task) {
        return spans.stream().anyMatch(each -> each.isOf(task));
    }
}
