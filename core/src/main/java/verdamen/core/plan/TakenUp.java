package verdamen.core.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import verdamen.core.plan.OnTrays.TrayTime;
import verdamen.core.plan.Plan.Planned;

/** What of each place is taken up when, in a plan. */
public final class TakenUp {

    private final PlanDay day;
    private final Map<String, Planned> byKey;
    private final List<Part> parts = new ArrayList<>();
    private final Spans spans;

    /** What is taken up, by tasks that begin and end it. */
    private record Part(Span span, String begunBy, String endedBy) {

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
                .forEach((place, amount) ->
                        parts.add(new Part(new Span(place, amount, each.start(), each.end()), key, key))));
        for (OnTrays on : day.onTrays()) {
            TrayTime time = at(on);
            parts.add(new Part(
                    new Span(Place.TRAY, time.trays(), time.from(), time.to()),
                    on.from().task(),
                    on.to().task()));
        }
        spans = new Spans(parts.stream().map(Part::span).toList());
    }

    private TrayTime at(OnTrays on) {
        return on.at(minute(on.from()), minute(on.to()));
    }

    private int minute(Link.Moment moment) {
        Planned planned = byKey.get(moment.task());
        return moment.in(planned.start(), planned.end());
    }

    /** When balls lie on trays. */
    public List<TrayTime> trayTimes() {
        return day.onTrays().stream().map(this::at).toList();
    }

    /** The most of a place that is taken up at a time. */
    public int most(Place place) {
        return spans.most(place);
    }

    /** When more of a place is taken up than there is, place by place. */
    public List<TooMuch> tooMuch() {
        return spans.tooMuch(day::there);
    }

    /** By how much more than there is, places are taken up while a task has a part in that. */
    Map<Place, Integer> tooMuch(String task) {
        Map<Place, Integer> over = new EnumMap<>(Place.class);
        for (Part part : parts) {
            Span own = part.span();
            if (part.isOf(task)) {
                int more = spans.most(own.place(), own.from(), own.to()) - day.there(own.place());
                if (more > 0) {
                    over.merge(own.place(), more, Math::max);
                }
            }
        }
        return over;
    }

    /** Whether a task takes up anything, or begins or ends that. */
    boolean hasPart(String task) {
        return parts.stream().anyMatch(each -> each.isOf(task));
    }
}
