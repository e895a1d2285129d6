package verdamen.server.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import verdamen.server.ServerTest;
import verdamen.server.json.JsonText;
import verdamen.server.plan.SavedDays.KeptPlan;

/** Days that are kept and run, over the API. */
public class DayApiTest extends ServerTest {

    private static final LocalDate DAY = LocalDate.now();
    private static final String TODAY = DAY.toString();

    private final List<Long> kept = new ArrayList<>();

    @AfterMethod
    public void forget() {
        kept.forEach(day -> delete("/api/days/" + day));
        kept.clear();
        clearTheBench();
    }

    private static String spec(int now, int due) {
        String worker = "{\"name\": \"%s\", \"comes\": %d, \"goes\": %d,"
                + " \"roles\": [\"prep\", \"dough\", \"shape\", \"cook\"]}";
        return ("{\"servings\": [{\"formula\": 1, \"pieces\": 24, \"due\": %d}, {\"formula\": 5, \"pieces\": 12, \"due\": %d}],"
                        + " \"workers\": [%s, %s], \"pans\": 3, \"ovens\": 1, \"mixers\": 0, \"fridgeLitres\": 40}")
                .formatted(
                        due,
                        due,
                        worker.formatted("Bench", now - 400, now + 400),
                        worker.formatted("Mill", now - 400, now + 400));
    }

    private static String day(UUID key, String name, String spec) {
        return "{\"key\": \"%s\", \"name\": \"%s\", \"day\": \"%s\", \"spec\": %s}".formatted(key, name, TODAY, spec);
    }

    private JsonNode keep(String name, String spec) {
        JsonNode saved = postJson("/api/days", day(UUID.randomUUID(), name, spec))
                .expect(200)
                .body();
        kept.add(saved.at("/id").asLong());
        return saved;
    }

    /** The minute of the day that is planned, which goes on after midnight: the tests may run over it. */
    private static int now() {
        return Math.toIntExact(
                Duration.between(DAY.atStartOfDay(), LocalDateTime.now()).toMinutes());
    }

    @Test
    public void aDayIsKeptOnceAndChangedOnlyAsItWasKnown() {
        UUID key = UUID.randomUUID();
        JsonNode saved = postJson("/api/days", day(key, "Fair", spec(600, 720)))
                .expect(200)
                .body();
        kept.add(saved.at("/id").asLong());
        JsonNode again = postJson("/api/days", day(key, "Fair", spec(600, 720)))
                .expect(200)
                .body();
        assertEquals(again.at("/id").asLong(), saved.at("/id").asLong());
        assertEquals(saved.at("/names/1").asString(), "Pumpkin and emmer roti");
        String path = "/api/days/" + saved.at("/id").asLong();
        String change = "{\"name\": \"Late fair\", \"day\": \"%s\", \"revision\": 1, \"spec\": %s}"
                .formatted(TODAY, spec(600, 800));
        JsonNode changed = putJson(path, change).expect(200).body();
        assertEquals(changed.at("/revision").asInt(), 2);
        assertEquals(changed.at("/spec/servings/0/due").asInt(), 800);
        Answer late = putJson(path, change).expect(409);
        assertTrue(
                late.at("/detail").asString().contains("Late fair"), late.body().toString());
        assertEquals(getJson(path).expect(200).at("/revision").asInt(), 2);
        delete(path).expect(200);
        getJson(path).expect(404);
    }

    @Test
    public void whatIsNoDayIsRefusedByField() {
        Answer none = postJson("/api/days", "{}").expect(422);
        List<String> fields = new ArrayList<>();
        none.at("/faults").forEach(fault -> fields.add(fault.at("/field").asString()));
        assertEquals(fields, List.of("name", "day", "key"));
        String wrong = day(UUID.randomUUID(), "Fair", spec(600, 99_999)).replace(TODAY, "some day");
        Answer refused = postJson("/api/days", wrong).expect(422);
        fields.clear();
        refused.at("/faults").forEach(fault -> fields.add(fault.at("/field").asString()));
        assertEquals(fields, List.of("day", "due", "due"));
    }

    @Test
    public void daysAreSearchedSortedAndPaged() {
        for (String name : List.of("Zander fair", "Apple fair", "Market 100%")) {
            keep(name, spec(600, 720));
        }
        JsonNode found = getJson("/api/days?search=fair&sort=name&down=false")
                .expect(200)
                .body();
        assertEquals(found.at("/total").asInt(), 2);
        assertEquals(found.at("/rows/0/name").asString(), "Apple fair");
        assertEquals(found.at("/rows/0/servings").asInt(), 2);
        JsonNode first = getJson("/api/days?search=fair&sort=name&down=false&limit=1")
                .expect(200)
                .body();
        JsonNode second = getJson("/api/days?search=fair&sort=name&down=false&limit=1&after="
                        + first.at("/next").asString())
                .expect(200)
                .body();
        assertEquals(second.at("/rows/0/name").asString(), "Zander fair");
        assertTrue(second.at("/next").isNull());
        assertEquals(getJson("/api/days?search=100%").expect(200).at("/total").asInt(), 1);
        String byDay = getJson("/api/days?limit=1").expect(200).at("/next").asString();
        assertEquals(
                getJson("/api/days?limit=1&after=" + byDay)
                        .expect(200)
                        .at("/rows")
                        .size(),
                1);
        assertEquals(
                getJson("/api/days?sort=weather")
                        .expect(422)
                        .at("/faults/0/field")
                        .asString(),
                "sort");
    }

    @Test
    public void theKitchensFileBringsDaysBackWithTheirFormulas() {
        JsonNode saved = keep("Fair to take along", spec(600, 720));
        JsonNode told = getJson("/api/files/kitchen")
                .expect(200)
                .at("/days")
                .valueStream()
                .filter(each -> each.at("/name").asString().equals("Fair to take along"))
                .findFirst()
                .orElseThrow();
        assertFalse(told.at("/formulas/0").asString().isEmpty());
        delete("/api/days/" + saved.at("/id").asLong()).expect(200);
        String gone = "\"" + told.at("/formulas/1").asString() + "\"";
        byte[] file = ("{\"format\": \"verdamen-kitchen\", \"version\": 3, \"formulas\": [], \"days\": ["
                        + told.toString().replace(gone, "\"" + UUID.randomUUID() + "\"") + "]}")
                .getBytes(StandardCharsets.UTF_8);
        postFile("/api/files/formulas", file).expect(200);
        postFile("/api/files/formulas", file).expect(200);
        JsonNode rows = getJson("/api/days?search=take along").expect(200).at("/rows");
        assertEquals(rows.size(), 1, "taken twice it is one");
        long id = rows.at("/0/id").asLong();
        kept.add(id);
        JsonNode back = getJson("/api/days/" + id).expect(200).body();
        assertEquals(
                back.at("/spec/servings/0").toString(),
                saved.at("/spec/servings/0").toString());
        Answer unknown = postJson("/api/plan", back.at("/spec").toString()).expect(422);
        assertEquals(
                unknown.at("/faults/0/field").asString(), "formula", "a formula that is not here is said beside it");
    }

    private String planned(JsonNode spec) throws InterruptedException {
        String id = postJson("/api/plan", spec.toString()).expect(200).at("/id").asString();
        while (List.of("waiting", "solving", "explaining")
                .contains(getJson("/api/plan/" + id).expect(200).at("/stage").asString())) {
            Thread.sleep(20);
        }
        return "{\"plan\": \"" + id + "\"}";
    }

    private JsonNode awaited(String path, Predicate<JsonNode> there) throws InterruptedException {
        JsonNode answer = getJson(path).expect(200).body();
        for (int tries = 0; tries < 500 && !there.test(answer); tries++) {
            Thread.sleep(20);
            answer = getJson(path).expect(200).body();
        }
        assertTrue(there.test(answer), answer.toString());
        return answer;
    }

    private static JsonNode task(JsonNode run, String key) {
        return run.at("/tasks")
                .valueStream()
                .filter(task -> task.at("/key").asString().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private static String note(String task, boolean done) {
        return "{\"key\": \"%s\", \"task\": \"%s\", \"done\": %s}".formatted(UUID.randomUUID(), task, done);
    }

    @Test
    public void aDayThatBeginsLateIsToldWhatMovesAndGoesOnABetterWay() throws InterruptedException {
        // Planned backwards from an hour from now, its first steps should have been begun half an hour ago.
        JsonNode saved = keep("Late lunch", spec(now(), now() + 60));
        String run = "/api/days/" + saved.at("/id").asLong() + "/run";
        getJson(run).expect(404);
        postJson(run, planned(saved.at("/spec"))).expect(200);
        JsonNode late = awaited(run, answer -> !answer.at("/better").isNull());
        assertTrue(task(late, "s1/set-up").at("/holdsUp").asBoolean());
        assertTrue(task(late, "s1/cook").at("/moved").asInt() > 20, late.toString());
        assertFalse(task(late, "s1/cook").at("/holdsUp").asBoolean());
        int before = missed(late.at("/missed"));
        assertTrue(
                missed(late.at("/better/missed")) < before, late.at("/better").toString());
        JsonNode change = late.at("/better/changes/0");
        String taken = "{\"plan\": \"" + late.at("/better/plan").asString() + "\"}";

        JsonNode better = putJson(run, taken).expect(200).body();
        int then = task(better, change.at("/task").asString()).at("/start").asInt();
        int to = change.at("/to").asInt();
        assertTrue(then == to || then == to + 1, "at " + then + ", said for " + to + ": a minute may go by");
        assertTrue(missed(better.at("/missed")) < before);

        JsonNode begun =
                postJson(run + "/tasks", note("s1/set-up", false)).expect(200).body();
        assertEquals(task(begun, "s1/set-up").at("/standing").asString(), "going");
        long batch = begun.at("/servings/0/batch").asLong();
        assertEquals(
                getJson("/api/bench/" + batch)
                        .expect(200)
                        .at("/run/steps/0/standing")
                        .asString(),
                "begun");
        JsonNode done =
                postJson(run + "/tasks", note("s1/set-up", true)).expect(200).body();
        assertEquals(task(done, "s1/set-up").at("/standing").asString(), "done");
        assertEquals(done.at("/servings/0/batch").asLong(), batch, "one serving is one batch");
        assertTrue(done.at("/servings/1/batch").isNull());
        putJson(run, taken).expect(422);

        assertFalse(delete(run).expect(200).at("/running").asBoolean());
        getJson(run).expect(404);
        getJson("/api/bench/" + batch).expect(200);

        postJson(run, planned(saved.at("/spec"))).expect(200);
        JsonNode again =
                postJson(run + "/tasks", note("s1/set-up", false)).expect(200).body();
        assertNotEquals(again.at("/servings/0/batch").asLong(), batch, "run again, it makes bread again");
    }

    @Autowired
    private JsonText json;

    @Test
    public void aPlanThatWasSavedBeforeTraysWereCountedIsStillRead() {
        String before = """
                {"servings": [{"key": "s1", "formula": 1, "version": 1, "name": "Roti", "pieces": 8.0, "due": 720}],
                 "plan": {"tasks": [{"key": "s1/roll", "serving": "s1", "kind": "roll", "role": "shape", "start": 600,
                     "end": 620, "worker": "Bench", "takesUp": {"pan": 1}, "sooner": 0, "pinned": false}],
                   "rolled": [], "late": 0, "standing": 3, "handOvers": 0, "begins": 600, "handsOn": 20,
                   "fridgeLitres": 0, "proved": true}}
                """;
        KeptPlan kept = json.read(before, KeptPlan.class);
        assertTrue(PlanCsv.write(kept).contains("600,620,roll,Roti,Bench,1,0,0,0,0,0"), PlanCsv.write(kept));
    }

    @Test
    public void theBatchOfAServingIsMadeAsTheDayAsksForIt() throws InterruptedException {
        // Served tomorrow: its dough is made this evening, in a warm kitchen.
        String spec = """
                {"servings": [{"formula": 1, "pieces": 12, "due": 2160, "overnight": true, "parBaked": true,
                   "splits": [{"storage": "freezer-bag", "pieces": 5}]}],
                 "workers": [{"name": "Bench", "comes": 0, "goes": 2400, "roles": ["prep", "dough", "shape", "cook"]}],
                 "pans": 2, "ovens": 1, "fridgeLitres": 40, "kitchenC": 27}
                """;
        JsonNode saved = keep("Breakfast", spec);
        String run = "/api/days/" + saved.at("/id").asLong() + "/run";
        JsonNode day = postJson(run, planned(saved.at("/spec"))).expect(200).body();
        JsonNode chill = day.at("/tasks")
                .valueStream()
                .filter(task -> task.at("/kind").asString().equals("chill"))
                .findFirst()
                .orElseThrow();
        long batch = postJson(run + "/tasks", note("s1/set-up", false))
                .expect(200)
                .at("/servings/0/batch")
                .asLong();
        Answer bench = getJson("/api/bench/" + batch).expect(200);
        JsonNode madeAs = bench.at("/batch/madeAs");
        int minutes = chill.at("/end").asInt() - chill.at("/start").asInt();
        assertEquals(madeAs.at("/chillMinutes").asInt(), minutes);
        assertEquals(madeAs.at("/kitchenC").asInt(), 27);
        assertTrue(madeAs.at("/parBaked").asBoolean());
        assertEquals(madeAs.at("/splits/0/pieces").asInt(), 5);
        // Its sheet has the chill, and every step that is noted by the day.
        List<String> steps = bench.at("/steps")
                .valueStream()
                .map(step -> step.at("/step/key").asString())
                .toList();
        assertTrue(steps.contains("chill"), steps.toString());
        assertTrue(steps.indexOf("chill") < steps.indexOf("divide"), steps.toString());
        JsonNode planned = getJson("/api/notebook/" + batch).expect(200).body();
        assertEquals(planned.at("/bench/batch/madeAs"), madeAs);
    }

    private static int missed(JsonNode list) {
        return list.valueStream().mapToInt(each -> each.at("/by").asInt()).sum();
    }

    @Test
    public void aStepOfTheBenchIsAStepOfTheDayAndADeletedBatchBeginsAgain() throws InterruptedException {
        JsonNode saved = keep("Early lunch", spec(now(), now() + 240));
        String run = "/api/days/" + saved.at("/id").asLong() + "/run";
        postJson(run, planned(saved.at("/spec"))).expect(200);
        JsonNode answer =
                postJson(run + "/tasks", note("s2/set-up", true)).expect(200).body();
        assertEquals(answer.at("/missed").size(), 0, "sooner is no harm");
        long batch = answer.at("/servings/1/batch").asLong();
        String at = getJson("/api/bench/" + batch).expect(200).at("/clock/now").asString();
        postJson(
                        "/api/bench/" + batch + "/entries",
                        "{\"entries\": [{\"key\": \"%s\", \"kind\": \"step\", \"step\": \"pour\", \"outcome\": \"begun\", \"at\": \"%s\"}]}"
                                .formatted(UUID.randomUUID(), at))
                .expect(200);
        assertEquals(
                task(getJson(run).expect(200).body(), "s2/pour").at("/standing").asString(), "going");
        delete("/api/batches/" + batch).expect(200);
        assertEquals(
                task(getJson(run).expect(200).body(), "s2/set-up")
                        .at("/standing")
                        .asString(),
                "to-do");
    }

    @Test
    public void onlyAPlanOfTheDayAsItIsCanBeRunAndOnlyOnce() throws InterruptedException {
        JsonNode saved = keep("Lunch", spec(600, 720));
        JsonNode other = keep("Other lunch", spec(600, 760));
        String run = "/api/days/" + saved.at("/id").asLong() + "/run";
        String wrong = planned(other.at("/spec"));
        assertEquals(postJson(run, wrong).expect(422).at("/faults/0/code").asString(), "contradicts");
        postJson(run, "{\"plan\": \"gone\"}").expect(404);
        String plan = planned(saved.at("/spec"));
        postJson(run, plan).expect(200);
        assertEquals(postJson(run, plan).expect(422).at("/faults/0/field").asString(), "run");
        assertEquals(
                postJson(run + "/tasks", note("s9/cook", true))
                        .expect(422)
                        .at("/faults/0/field")
                        .asString(),
                "task");
        assertEquals(getJson("/api/days?running=true").expect(200).at("/total").asInt(), 1);
    }

    private List<String> events(String feed) throws Exception {
        Calendar calendar =
                new CalendarBuilder().build(new StringReader(new String(getBytes(feed), StandardCharsets.UTF_8)));
        return calendar.<VEvent>getComponents(Component.VEVENT).stream()
                .map(event -> event.getSummary().getValue())
                .toList();
    }

    @Test
    public void theFeedHasEveryDayUntilItsAddressIsRevoked() throws Exception {
        String spec = spec(600, 720);
        String plan = planned(json(spec));
        String id = json(plan).at("/plan").asString();
        JsonNode saved = postJson(
                        "/api/days",
                        day(UUID.randomUUID(), "Fair", spec).replaceFirst("\\{", "{\"plan\": \"" + id + "\", "))
                .expect(200)
                .body();
        kept.add(saved.at("/id").asLong());
        keep("Not planned yet", spec);
        assertTrue(getJson("/api/days/feed").expect(200).at("/path").isNull());
        String first = postJson("/api/days/feed", "").expect(200).at("/path").asString();
        List<String> events = events(first);
        assertTrue(events.contains("Not planned yet"), "a day without a plan is there as a whole: " + events);
        assertTrue(events.contains("Cook: Pumpkin and emmer roti"), events.toString());
        assertFalse(events.contains("Fair"), "a day with a plan is there by its work");
        String second = postJson("/api/days/feed", "").expect(200).at("/path").asString();
        getJson(first).expect(404);
        assertEquals(events(second), events);
        assertTrue(delete("/api/days/feed").expect(200).at("/path").isNull());
        getJson(second).expect(404);

        String[] csv = new String(getBytes("/api/plan/" + id + "/csv"), StandardCharsets.UTF_8).split("\r\n");
        assertTrue(csv[0].startsWith("start_min,end_min,task,serving,worker,pans"), csv[0]);
        assertTrue(csv[0].endsWith(",fridge_litres,trays,sooner_min"), csv[0]);
        assertTrue(
                Arrays.stream(csv).anyMatch(row -> row.matches(".*,roll,.*,0,0,0,0,[1-9],\\d+")), "rolled from trays");
        JsonNode tasks = getJson("/api/plan/" + id).expect(200).at("/plan/tasks");
        assertEquals(csv.length - 1, tasks.size());
        assertTrue(
                csv[1].startsWith(tasks.at("/0/start").asInt() + ","
                        + tasks.at("/0/end").asInt() + "," + tasks.at("/0/kind").asString() + ","),
                csv[1]);
    }

    private static JsonNode json(String text) {
        return new JsonMapper().readTree(text);
    }
}
