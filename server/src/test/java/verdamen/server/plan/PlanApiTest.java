package verdamen.server.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.StringReader;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** Plans over the API. */
public class PlanApiTest extends ServerTest {

    private static final String BENCH =
            "{\"name\": \"Bench\", \"comes\": %d, \"goes\": 780, \"roles\": [\"prep\", \"dough\", \"shape\", \"cook\"]}";

    private static String asked(int from, int pans, String servings) {
        return "{\"servings\": [%s], \"workers\": [%s], \"pans\": %d, \"ovens\": 1, \"mixers\": 1, \"fridgeLitres\": 40}"
                .formatted(servings, BENCH.formatted(from), pans);
    }

    private static String roti(int pieces, int due) {
        return "{\"formula\": 3, \"pieces\": %d, \"due\": %d}".formatted(pieces, due);
    }

    /** The plan once it is done. */
    private Answer planned(String asked) throws InterruptedException {
        String id = postJson("/api/plan", asked).expect(200).at("/id").asString();
        Answer answer = getJson("/api/plan/" + id).expect(200);
        while (List.of("waiting", "solving", "explaining")
                .contains(answer.at("/stage").asString())) {
            Thread.sleep(20);
            answer = getJson("/api/plan/" + id).expect(200);
        }
        assertEquals(answer.at("/stage").asString(), "done");
        return answer;
    }

    @Test
    public void aServingIsPlannedBackFromItsTime() throws InterruptedException {
        Answer answer = planned(asked(360, 1, roti(12, 720)));
        assertEquals(answer.at("/servings/0/pieces").asInt(), 12);
        assertEquals(answer.at("/plan/late").asInt(), 0);
        assertTrue(answer.at("/plan/proved").asBoolean());
        JsonNode tasks = answer.at("/plan/tasks");
        List<String> kinds = new ArrayList<>();
        tasks.forEach(task -> kinds.add(task.at("/kind").asString()));
        assertTrue(kinds.containsAll(List.of("set-out", "mix", "divide", "roll", "cook", "keep")), kinds.toString());
        assertEquals(tasks.get(tasks.size() - 1).at("/end").asInt(), 720);
        assertEquals(
                tasks.get(0).at("/start").asInt(), answer.at("/plan/begins").asInt());
        JsonNode roll = tasks.get(kinds.indexOf("roll"));
        JsonNode band = answer.at("/plan/rolled/0");
        assertTrue(roll.at("/start").asInt() >= band.at("/first").asInt());
        assertTrue(roll.at("/end").asInt() <= band.at("/last").asInt());
        assertEquals(answer.at("/clash").size(), 0);
    }

    @Test
    public void whatADayNeedsIsToldWithWhatIsPutAside() throws InterruptedException {
        String serving = "{\"formula\": 3, \"pieces\": 12, \"due\": 720, \"splits\": [{\"storage\": \"freezer-bag\","
                + " \"pieces\": 5}]}";
        Answer answer = planned(asked(360, 1, serving + ", " + roti(8, 720)));
        Answer lists =
                getJson("/api/plan/" + answer.at("/id").asString() + "/lists").expect(200);
        JsonNode need = lists.at("/lists/needs/0");
        assertEquals(need.at("/needed/of").size(), 2);
        assertEquals(
                need.at("/needed/grams").asDouble(),
                need.at("/needed/of/0").asDouble() + need.at("/needed/of/1").asDouble(),
                1e-9);
        assertEquals(lists.at("/lists/bowls").size(), 2);
        assertEquals(lists.at("/lists/kept/0/kept/pieces").asInt(), 7);
        assertEquals(lists.at("/lists/kept/1/kept/pieces").asInt(), 5);
        assertEquals(lists.at("/lists/kept/1/kept/storage/code").asString(), "freezer-bag");
        int cooked = 0;
        for (JsonNode task : answer.at("/plan/tasks")) {
            boolean own = task.at("/serving").asString().equals("s1");
            cooked = own && task.at("/kind").asString().equals("cook")
                    ? task.at("/end").asInt()
                    : cooked;
        }
        assertTrue(lists.at("/lists/kept/0/useBy").asInt() > cooked);
        getJson("/api/plan/none/lists").expect(404);
        Answer wrong = postJson("/api/plan", asked(360, 1, serving.replace("5}", "0}")))
                .expect(422);
        assertEquals(wrong.at("/field").asString(), "splits[0].pieces");
    }

    @Test
    public void fewerPiecesAreProposedWhereTheyHelp() throws InterruptedException {
        Answer answer = planned(asked(520, 1, roti(40, 720)));
        assertFalse(answer.at("/clash").isEmpty());
        assertTrue(answer.at("/allTried").asBoolean());
        JsonNode fewer = null;
        for (JsonNode way : answer.at("/waysOut")) {
            fewer = way.at("/fewer").isObject() ? way : fewer;
        }
        assertEquals(fewer.at("/fewer/asked").asInt(), 40);
        int pieces = fewer.at("/fewer/pieces").asInt();
        assertTrue(pieces > 0 && pieces < 40, fewer.toString());
        Answer mended = planned(fewer.at("/spec").toString());
        assertEquals(mended.at("/plan/late").asInt(), 0);
        assertEquals(mended.at("/clash").size(), 0);
        assertEquals(mended.at("/waysOut").size(), 0);
    }

    @Test
    public void whatATaskBreaksWhereItIsMovedIsTold() throws InterruptedException {
        Answer answer = planned(asked(360, 1, roti(12, 720)));
        String moved = "/api/plan/" + answer.at("/id").asString() + "/moved";
        JsonNode cook = null;
        for (JsonNode task : answer.at("/plan/tasks")) {
            cook = task.at("/kind").asString().equals("cook") ? task : cook;
        }
        String there = "{\"task\": \"%s\", \"start\": %d}";
        String key = cook.at("/key").asString();
        int start = cook.at("/start").asInt();
        assertEquals(
                postJson(moved, there.formatted(key, start)).expect(200).at("").size(), 0);
        Answer late = postJson(moved, there.formatted(key, start + 30)).expect(200);
        assertEquals(late.at("/0/kind").asString(), "order");
        assertTrue(late.at("/0/by").asInt() > 0 && late.at("/0/by").asInt() <= 30, late.toString());
        postJson(moved, "{}").expect(422);
        postJson(moved, there.formatted(key, 9_000_000)).expect(422);
        postJson("/api/plan/none/moved", there.formatted(key, start)).expect(404);
    }

    @Test
    public void whatIsImpossibleIsToldWithWhatWouldHelpAndThatHelps() throws InterruptedException {
        Answer answer = planned(asked(560, 1, roti(12, 720)));
        assertTrue(answer.at("/plan/late").asInt() > 0);
        assertTrue(answer.at("/clash").size() >= 1, answer.at("/clash").toString());
        assertFalse(answer.at("/waysOut").isEmpty());
        for (JsonNode way : answer.at("/waysOut")) {
            Answer mended = planned(way.at("/spec").toString());
            assertEquals(mended.at("/plan/late").asInt(), 0, way.toString());
            assertEquals(mended.at("/clash").size(), 0, way.toString());
        }
    }

    private static String withTrays(String asked, String trays) {
        return asked.replaceFirst("\\{", "{\"trays\": " + trays + ", ");
    }

    @Test
    public void ballsLieOnTraysAndTooFewAreTold() throws InterruptedException {
        String asked = asked(360, 1, roti(12, 720));
        JsonNode enough = planned(asked).at("/plan");
        assertEquals(enough.at("/trays").asInt(), 1);
        JsonNode on = enough.at("/onTrays/0");
        assertEquals(on.at("/serving").asString(), "s1");
        assertTrue(on.at("/perTray").asInt() >= 12 && on.at("/ballMm").asDouble() > 20, on.toString());
        for (JsonNode task : enough.at("/tasks")) {
            if (task.at("/kind").asString().equals("roll")) {
                assertEquals(on.at("/to").asInt(), task.at("/end").asInt());
            }
        }
        // Few lie on trays of 12 by 10 cm.
        Answer small = planned(withTrays(asked, "{\"count\": 3, \"longMm\": 120, \"shortMm\": 100}"));
        int trays = small.at("/plan/onTrays/0/trays").asInt();
        assertTrue(trays > 3, small.at("/plan/onTrays").toString());
        assertEquals(small.at("/clash/0/subject").asString(), "tray");
        JsonNode way = small.at("/waysOut/0");
        assertEquals(way.at("/gives/by").asInt(), trays - 3);
        assertEquals(way.at("/spec/trays/count").asInt(), trays);
        assertEquals(planned(way.at("/spec").toString()).at("/clash").size(), 0);
        Answer wrong = postJson("/api/plan", withTrays(asked, "{\"count\": -1, \"longMm\": 5}"))
                .expect(422);
        assertEquals(wrong.at("/faults/0/field").asString(), "trays.count");
        assertEquals(wrong.at("/faults/1/field").asString(), "trays.longMm");
    }

    @Test
    public void whatIsPinnedStays() throws InterruptedException {
        Answer free = planned(asked(360, 1, roti(12, 720)));
        String pins = ", \"pins\": [{\"task\": \"s1/pour\", \"start\": 540}]}";
        String asked = asked(360, 1, roti(12, 720));
        Answer pinned = planned(asked.substring(0, asked.length() - 1) + pins);
        JsonNode mix = null;
        for (JsonNode task : pinned.at("/plan/tasks")) {
            mix = task.at("/key").asString().equals("s1/pour") ? task : mix;
        }
        assertEquals(mix.at("/start").asInt(), 540);
        assertTrue(mix.at("/pinned").asBoolean());
        assertTrue(free.at("/plan/begins").asInt() > pinned.at("/plan/begins").asInt());
    }

    @Test
    public void wrongAnswersAreNamedByTheirLineAndField() {
        Answer answer = postJson("/api/plan", asked(800, 1, roti(12, 720) + ", {\"formula\": 99999, \"due\": 9999}"))
                .expect(422);
        List<String> faults = new ArrayList<>();
        answer.at("/faults")
                .forEach(fault ->
                        faults.add(fault.at("/line") + " " + fault.at("/field").asString() + " "
                                + fault.at("/code").asString()));
        assertEquals(faults, List.of("1 due too-large", "0 goes contradicts"));
        assertEquals(
                postJson("/api/plan", asked(360, 1, "{\"formula\": 99999, \"due\": 700}"))
                        .expect(422)
                        .at("/faults/0/code")
                        .asString(),
                "unknown-code");
        // What is wrong with a formula is told at its own line, also behind another that is wrong.
        Answer both = postJson(
                        "/api/plan",
                        asked(
                                360,
                                1,
                                "{\"formula\": 99999, \"due\": 700}, " + roti(12, 720)
                                        + ", {\"formula\": 99998, \"due\": 700}"))
                .expect(422);
        assertEquals(both.at("/faults/0/line").asInt(), 0);
        assertEquals(both.at("/faults/1/line").asInt(), 2);
        assertEquals(postJson("/api/plan", "{}").expect(422).at("/faults").size(), 2);
        getJson("/api/plan/none").expect(404);
        delete("/api/plan/none").expect(404);
    }

    @Test
    public void itBeginsWithWhatAPlanUsuallyHasAndCanBeCancelled() {
        JsonNode usual = getJson("/api/plan/usual").expect(200).body();
        assertEquals(usual.at("/servings").size(), 0);
        assertEquals(usual.at("/workers").size(), 1);
        String id = postJson("/api/plan", asked(360, 1, roti(12, 720)))
                .expect(200)
                .at("/id")
                .asString();
        assertTrue(List.of("waiting", "solving", "explaining", "done", "cancelled")
                .contains(delete("/api/plan/" + id).expect(200).at("/stage").asString()));
    }

    @Test
    public void theCalendarIsReadBackByTheLibrary() throws Exception {
        Answer answer = planned(asked(360, 1, roti(12, 720)));
        String id = answer.at("/id").asString();
        String text = getText("/api/plan/" + id + "/calendar?day=2026-12-01");
        List<VEvent> events =
                new CalendarBuilder().build(new StringReader(text)).getComponents(Component.VEVENT);
        List<JsonNode> byHand = new ArrayList<>();
        answer.at("/plan/tasks").forEach(task -> {
            if (!task.at("/worker").isNull()) {
                byHand.add(task);
            }
        });
        assertEquals(events.size(), byHand.size());
        LocalDateTime midnight = LocalDate.of(2026, 12, 1).atStartOfDay();
        for (int each = 0; each < events.size(); each++) {
            Instant start = midnight.plusMinutes(byHand.get(each).at("/start").asInt())
                    .atZone(ZoneId.systemDefault())
                    .toInstant();
            assertEquals(Instant.from(events.get(each).getDateTimeStart().getDate()), start);
        }
        String last = events.get(events.size() - 1).getSummary().getValue();
        assertTrue(last.startsWith("Stack and cover: "), last);
        assertEquals(
                new CalendarBuilder()
                        .build(new StringReader(getText("/api/plan/" + id + "/calendar?day=2026-12-01&worker=Nobody")))
                        .getComponents(Component.VEVENT)
                        .size(),
                0);
        getJson("/api/plan/" + id + "/calendar?day=tomorrow").expect(422);
        getJson("/api/plan/none/calendar?day=2026-12-01").expect(404);
    }

    @Test
    public void otherWaysCanBePlannedAndTheNightNeedsTheFridge() throws InterruptedException {
        JsonNode ways = postJson("/api/plan/alternatives", asked(360, 1, roti(12, 720)))
                .expect(200)
                .body();
        assertEquals(
                ways.valueStream().map(way -> way.at("/kind").asString()).toList(),
                List.of("pan", "person", "sooner", "overnight", "par-baked"));
        Answer night = planned(ways.at("/3/spec").toString());
        assertEquals(night.at("/missed").size(), 0);
        assertTrue(night.at("/plan/begins").asInt() < 0);
        assertTrue(night.at("/plan/fridgeLitres").asInt() > 0);
        assertEquals(
                postJson("/api/plan/alternatives", "{}")
                        .expect(422)
                        .at("/faults/0/field")
                        .asString(),
                "servings");
    }

    @Test
    public void onAWarmDayTheWaterIsPouredColder() throws InterruptedException {
        String cool = asked(360, 1, roti(12, 720)).replace("\"pans\"", "\"kitchenC\": 17, \"pans\"");
        String warm = cool.replace("\"kitchenC\": 17", "\"kitchenC\": 27");
        double coolWater = planned(cool).at("/servings/0/waterC").asDouble();
        double warmWater = planned(warm).at("/servings/0/waterC").asDouble();
        assertTrue(coolWater > warmWater + 5, coolWater + " °C and " + warmWater + " °C");
        Answer wrong = postJson("/api/plan", cool.replace("17", "900")).expect(422);
        assertEquals(wrong.at("/faults/0/field").asString(), "kitchenC");
    }
}
