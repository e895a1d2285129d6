package verdamen.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import verdamen.core.plan.OnTrays.TrayTime;
import verdamen.core.plan.RunningDay.Expected;
import verdamen.core.plan.RunningDay.Scheduled;
import verdamen.core.plan.RunningDay.Standing;

/** What places a day that is run takes up, and when there is room again; how long something goes on is known only once it is over. */
final class Room {

    private final PlanDay day;
    private final Map<String, Scheduled> planned;
    private final Map<String, Expected> expected;

    /**
     * @param planned every task as it was planned last, by its key
     * @param expected the tasks that were begun or can be expected, by their keys; more come as they are known
     */
    Room(PlanDay day, Map<String, Scheduled> planned, Map<String, Expected> expected) {
        this.day = day;
        this.planned = planned;
        this.expected = expected;
    }

    /** The first minute from which there is room for a task until it is done; a place that is too small anyway is no reason to wait. */
    int first(Scheduled as, int from) {
        List<Span> others = takenUp();
        Spans spans = new Spans(others);
        return Stream.concat(
                        Stream.of(from),
                        others.stream().map(Span::to).filter(end -> end > from).sorted())
                .filter(start ->
                        wouldTakeUp(as, start).stream().allMatch(span -> spans.hasRoom(span, day.there(span.place()))))
                .findFirst()
                .orElse(from);
    }

    /** When balls lie on trays, of doughs that are not rolled yet. */
    List<TrayTime> trayTimes() {
        return day.onTrays().stream()
                .filter(on -> !isOver(on.to()))
                .map(on -> on.at(at(on.from()), at(on.to())))
                .toList();
    }

    /** When more of a place is taken up than there is, place by place. */
    List<TooMuch> tooMuch() {
        return new Spans(takenUp()).tooMuch(day::there);
    }

    private List<Span> takenUp() {
        List<Span> spans = new ArrayList<>();
        expected.values().stream()
                .filter(each -> each.standing() != Standing.DONE)
                .forEach(each -> each.takesUp()
                        .forEach((place, amount) -> spans.add(new Span(place, amount, each.start(), each.end()))));
        for (OnTrays on : day.onTrays()) {
            if (expected.containsKey(on.from().task()) && !isOver(on.to())) {
                spans.add(new Span(Place.TRAY, on.trays(), at(on.from()), until(on)));
            }
        }
        return spans;
    }

    private boolean isOver(Link.Moment moment) {
        Expected each = expected.get(moment.task());
        return each != null && each.standing() == Standing.DONE;
    }

    /** Until when balls lie on trays; as long as planned where the task that ends it is still to come. */
    private int until(OnTrays on) {
        return expected.containsKey(on.to().task()) ? at(on.to()) : at(on.from()) + plannedMinutes(on);
    }

    /** What a task takes up if it begins then; with its first ball the trays of its dough. */
    private List<Span> wouldTakeUp(Scheduled as, int start) {
        List<Span> spans = new ArrayList<>();
        as.takesUp().forEach((place, amount) -> spans.add(new Span(place, amount, start, start + as.minutes())));
        for (OnTrays on : day.onTrays()) {
            if (on.from().task().equals(as.task())) {
                int from = on.from().in(start, start + as.minutes());
                spans.add(new Span(Place.TRAY, on.trays(), from, from + plannedMinutes(on)));
            }
        }
        return spans;
    }

    private int at(Link.Moment moment) {
        Expected each = expected.get(moment.task());
        return moment.in(each.start(), each.end());
    }

    private int plannedMinutes(OnTrays on) {
        return planned(on.to()) - planned(on.from());
    }

    private int planned(Link.Moment moment) {
        Scheduled as = Objects.requireNonNull(planned.get(moment.task()));
        return moment.in(as.start(), as.end());
    }
}
