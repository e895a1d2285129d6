package verdamen.core.leavening;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.core.Doughs;
import verdamen.core.WorkedCases;
import verdamen.core.WorkedCases.StationCase;
import verdamen.core.balance.Dough;

/** The worked cases of fermentation and of soda and powder. */
public class LeaveningCasesTest {

    /** The cases are rounded to 4 decimals. */
    private static final double ROUNDING = 0.00006;

    @DataProvider
    Object[][] fermentation() {
        return rows("fermentation", 10);
    }

    @DataProvider
    Object[][] soda() {
        return rows("leavening", 4);
    }

    private static Object[][] rows(String part, int count) {
        List<StationCase> cases = WorkedCases.station(part);
        assertEquals(cases.size(), count);
        return cases.stream().map(each -> new Object[] {each}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "fermentation")
    public void aDoughRisesAsInEachWorkedCase(StationCase worked) {
        List<FermentationQuestion.PlaceSpec> places = new ArrayList<>();
        worked.asked()
                .get("places")
                .forEach(place -> places.add(new FermentationQuestion.PlaceSpec(
                        place.get("minutes").asDouble(), place.get("celsius").asDouble())));
        Fermentation found = Fermentation.of(
                new FermentationQuestion(
                        worked.formula(), worked.asked().get("doughC").asDouble(), places),
                Doughs.BOOK);
        JsonNode expected = worked.expected();
        same(found.yeastPct(), expected.get("yeastPct"));
        same(found.maxRatio(), expected.get("maxRatio"));
        same(found.targetRatio(), expected.get("targetRatio"));
        whole(found.minutesToTarget(), expected.get("minutesToTarget"));
        whole(found.minutesPastBest(), expected.get("minutesPastBest"));
        whole(found.yeastDeadAt(), expected.get("yeastDeadAt"));
        assertEquals(
                found.canReachTarget(),
                expected.get("canReachTarget").isNull()
                        ? null
                        : Boolean.valueOf(expected.get("canReachTarget").asBoolean()));
        if (expected.get("ratioAt").isNull()) {
            assertNull(found.ratioAt());
            return;
        }
        Map<String, Double> ratios = Objects.requireNonNull(found.ratioAt());
        expected.get("ratioAt").properties().forEach(at -> same(ratios.get(at.getKey()), at.getValue()));
        same(found.doughCAt60(), expected.get("doughCAt60"));
    }

    @Test(dataProvider = "soda")
    public void sodaAndPowderWorkAsInEachWorkedCase(StationCase worked) {
        SodaAndPowder found = SodaAndPowder.of(Dough.of(Doughs.read(worked.formula())));
        same(found.sodaLeftGrams(), worked.expected().get("sodaLeftGrams"));
        same(found.sodaLeftPct(), worked.expected().get("sodaLeftPct"));
        same(found.acidMmol(), worked.expected().get("acidMmol"));
        same(found.gasMlPer100g(), worked.expected().get("gasMlPer100g"));
    }

    private static void same(@Nullable Double actual, JsonNode expected) {
        if (expected.isNull()) {
            assertNull(actual);
            return;
        }
        assertEquals(actual, expected.asDouble(), ROUNDING);
    }

    private static void whole(@Nullable Integer actual, JsonNode expected) {
        assertEquals(actual, expected.isNull() ? null : Integer.valueOf(expected.asInt()));
    }
}
