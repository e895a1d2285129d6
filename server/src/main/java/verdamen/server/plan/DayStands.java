package verdamen.server.plan;

import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Component;
import verdamen.core.bench.BenchEntry;
import verdamen.core.bench.BenchRun;
import verdamen.core.bench.MadeFormula;
import verdamen.core.plan.DayProgress;
import verdamen.core.plan.PlanSpec;
import verdamen.core.plan.RunningDay;
import verdamen.core.plan.RunningDay.Scheduled;
import verdamen.server.batch.BatchEntries;
import verdamen.server.json.JsonText;
import verdamen.server.kitchen.KitchenClock;
import verdamen.server.pantry.PantryService;
import verdamen.server.plan.DayMapper.DayRow;
import verdamen.server.problem.NotFoundException;

/** Reads where days stand that are run, from their schedules and from what was noted of their batches. */
@Component
class DayStands {

    private final DayWork work;
    private final BatchEntries noted;
    private final PantryService pantry;
    private final KitchenClock clock;
    private final JsonText json;

    DayStands(DayWork work, BatchEntries noted, PantryService pantry, KitchenClock clock, JsonText json) {
        this.work = work;
        this.noted = noted;
        this.pantry = pantry;
        this.clock = clock;
        this.json = json;
    }

    /**
     * How a day is run, as it is kept.
     *
     * @param uid its identity: run again, a day makes batches of its own
     * @param spec what is planned, with the versions that are made
     * @param schedule every task as it was planned last
     * @param batches ids of the batches that were begun, by the keys of their servings
     */
    record Run(String uid, PlanSpec spec, List<Scheduled> schedule, Map<String, Long> batches) {

        Run with(String serving, long batch) {
            Map<String, Long> all = new TreeMap<>(batches);
            all.put(serving, batch);
            return new Run(uid, spec, schedule, all);
        }

        Run with(List<Scheduled> other) {
            return new Run(uid, spec, other, batches);
        }
    }

    /** A day as it stands at a moment. */
    record Stand(
            DayRow row,
            Run run,
            DayWork.Work work,
            Map<String, BenchRun> runs,
            RunningDay running,
            KitchenClock.ClockReading clock) {

        int now() {
            return DayProgress.minute(midnight(row.day()), clock.now());
        }
    }

    /**
     * Where a day stands now.
     *
     * @throws NotFoundException when it is not run
     */
    Stand of(DayRow row) {
        if (row.run() == null) {
            throw new NotFoundException("\"" + row.name() + "\" is not run just now.");
        }
        Run run = json.read(row.run(), Run.class);
        DayWork.Work asked = work.of(run.spec());
        KitchenClock.ClockReading now = clock.read();
        ZonedDateTime midnight = midnight(row.day());
        Map<Long, List<BenchEntry>> entries = noted.counted(run.batches().values());
        Map<String, BenchRun> runs = new HashMap<>();
        run.batches().forEach((serving, batch) -> {
            List<BenchEntry> own = entries.get(batch);
            MadeFormula made = asked.made().get(serving);
            // One that was deleted at the bench is as if it had not been begun.
            if (own != null && made != null) {
                runs.put(serving, BenchRun.of(made, pantry.pantry(), own, now.now()));
            }
        });
        RunningDay running = new RunningDay(
                asked.day(),
                run.schedule(),
                DayProgress.of(asked.day(), runs, midnight),
                DayProgress.minute(midnight, now.now()));
        return new Stand(row, run, asked, runs, running, now);
    }

    private static ZonedDateTime midnight(LocalDate day) {
        return day.atStartOfDay(ZoneId.systemDefault());
    }
}
