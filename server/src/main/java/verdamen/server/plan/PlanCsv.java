package verdamen.server.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import verdamen.core.plan.OnTrays.TrayTime;
import verdamen.core.plan.Place;
import verdamen.server.csv.CsvFile;
import verdamen.server.plan.PlanState.DayTask;
import verdamen.server.plan.PlanState.PlannedServing;
import verdamen.server.plan.SavedDays.KeptPlan;

/** A plan as a CSV file: a row for every task, its times as minutes from the beginning of the day. */
final class PlanCsv {

    private static final List<String> HEADINGS = List.of(
            "start_min",
            "end_min",
            "task",
            "serving",
            "worker",
            "pans",
            "ovens",
            "mixers",
            "fridge_litres",
            "trays",
            "sooner_min");

    private PlanCsv() {}

    static String write(KeptPlan kept) {
        Map<String, String> names =
                kept.servings().stream().collect(Collectors.toMap(PlannedServing::key, PlannedServing::name));
        List<List<@Nullable Object>> rows = new ArrayList<>();
        for (DayTask task : kept.plan().tasks()) {
            List<@Nullable Object> row = new ArrayList<>();
            row.add(task.start());
            row.add(task.end());
            row.add(task.kind().code());
            row.add(names.get(task.serving()));
            row.add(task.worker());
            for (Place place : Place.values()) {
                row.add(place == Place.TRAY ? trays(task, kept) : task.takesUp().getOrDefault(place, 0));
            }
            row.add(task.sooner());
            rows.add(row);
        }
        return CsvFile.write(HEADINGS, rows);
    }

    /** On how many trays the balls of a task's dough lie while it goes on. */
    private static int trays(DayTask task, KeptPlan kept) {
        List<TrayTime> all =
                kept.plan().onTrays() == null ? List.of() : kept.plan().onTrays();
        return all.stream()
                .filter(each ->
                        each.serving().equals(task.serving()) && each.from() < task.end() && task.start() < each.to())
                .mapToInt(TrayTime::trays)
                .max()
                .orElse(0);
    }
}
