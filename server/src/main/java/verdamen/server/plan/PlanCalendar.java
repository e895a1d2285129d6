package verdamen.server.plan;

import java.io.IOException;
import java.io.InputStream;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import verdamen.server.plan.PlanState.DayTask;
import verdamen.server.plan.PlanState.PlannedServing;
import verdamen.server.plan.SavedDays.KeptPlan;
import verdamen.server.plan.SavedDays.SeenDay;

/** A plan as an iCalendar file: an event for everything that is done by hand, at moments in UTC. */
@Component
class PlanCalendar {

    private static final String PRODUCT = "-//Verdamen//Plan//EN";

    private final Map<String, String> tasks;

    PlanCalendar(JsonMapper json) {
        try (InputStream words = PlanCalendar.class.getResourceAsStream("/words/tasks.json")) {
            tasks = json.readValue(
                    Objects.requireNonNull(words, "no words of tasks").readAllBytes(), new TypeReference<>() {});
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /**
     * The file.
     *
     * @param days the days, where the server stands; one without a plan is there as a whole
     * @param worker only what this worker does; null for everything that is done by hand
     */
    String write(List<SeenDay> days, @Nullable String worker) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId(PRODUCT));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        days.forEach(day -> add(day, worker, calendar));
        StringWriter text = new StringWriter();
        try {
            new CalendarOutputter(false).output(calendar, text);
        } catch (IOException unwritable) {
            throw new UncheckedIOException(unwritable);
        }
        return text.toString();
    }

    private void add(SeenDay day, @Nullable String worker, Calendar calendar) {
        KeptPlan kept = day.plan();
        if (kept == null) {
            VEvent whole = new VEvent(day.day(), day.name());
            whole.add(new Uid(day.uid() + "@verdamen"));
            calendar.add(whole);
            return;
        }
        Map<String, String> names =
                kept.servings().stream().collect(Collectors.toMap(PlannedServing::key, PlannedServing::name));
        ZonedDateTime midnight = day.day().atStartOfDay(ZoneId.systemDefault());
        kept.plan().tasks().stream()
                .filter(task -> task.worker() != null && (worker == null || worker.equals(task.worker())))
                .map(task -> event(day.uid(), task, names.getOrDefault(task.serving(), ""), midnight))
                .forEach(calendar::add);
    }

    private VEvent event(String plan, DayTask task, String serving, ZonedDateTime midnight) {
        // Minutes of the clock on the wall: a day on which it is put forward has the same times.
        Instant start = midnight.toLocalDateTime()
                .plusMinutes(task.start())
                .atZone(midnight.getZone())
                .toInstant();
        Instant end = midnight.toLocalDateTime()
                .plusMinutes(task.end())
                .atZone(midnight.getZone())
                .toInstant();
        String what = tasks.getOrDefault(task.kind().code(), task.kind().code());
        VEvent event = new VEvent(start, end, what + ": " + serving);
        event.add(new Uid(plan + "/" + task.key() + "@verdamen"));
        event.add(new Description(String.valueOf(task.worker())));
        return event;
    }
}
