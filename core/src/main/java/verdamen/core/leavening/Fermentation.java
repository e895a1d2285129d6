package verdamen.core.leavening;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.formula.DoughTemperature;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.Place;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Table;
import verdamen.core.pantry.Pantry;

/**
 * How a dough with yeast rises. All minutes are counted from the end of kneading. Source: model page, section 10.
 *
 * @param yeastPct yeast as instant yeast, % of the flour; null without flour
 * @param maxRatio the most that it can rise to; null without flour
 * @param targetRatio the ratio that its style is rolled at
 * @param minutesToTarget when it has risen to that; null when not within a day
 * @param minutesPastBest when it is past its best; null when not within a day
 * @param yeastDeadAt when it is too hot for the yeast; null when it never is
 * @param canReachTarget whether this dough can hold a rise to its target at all; null without flour
 * @param ratioAt its volume against that when kneading ended, by minutes; null without flour
 * @param doughCAt60 its temperature after an hour, °C
 * @param steps how it is worked out
 */
public record Fermentation(
        @Nullable Double yeastPct,
        @Nullable Double maxRatio,
        double targetRatio,
        @Nullable Integer minutesToTarget,
        @Nullable Integer minutesPastBest,
        @Nullable Integer yeastDeadAt,
        @Nullable Boolean canReachTarget,
        @Nullable Map<String, Double> ratioAt,
        double doughCAt60,
        List<ExplanationStep> steps) {

    private static final int HOUR = 60;
    private static final List<Integer> TOLD =
            Table.read(Fermentation.class, "told_minutes", row -> Integer.valueOf((int) row.number("minutes")));

    /**
     * How a dough rises.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    public static Fermentation of(FermentationQuestion asked, Pantry pantry) {
        Formula formula = FormulaReader.read(asked.formula(), pantry);
        Faults faults = new Faults();
        faults.number("doughC", asked.doughC(), Limit.DOUGH_C);
        List<Place> places = places(asked, faults);
        faults.refuse();
        Dough dough = Dough.of(formula);
        DoughTemperature usual = formula.timeline().temperature();
        Rise rise = Rise.of(
                dough,
                new DoughTemperature(
                        asked.doughC() == null ? usual.startC() : asked.doughC(),
                        asked.places() == null ? usual.places() : places,
                        dough.grams()));
        return new Fermentation(
                rise.yeastPct(),
                rise.maxRatio(),
                rise.targetRatio(),
                rise.minutesToTarget(),
                rise.minutesPastBest(),
                rise.yeastDeadAt(),
                rise.canReachTarget(),
                ratios(rise),
                rise.celsius(HOUR),
                rise.hasYeast() ? rise.steps() : List.of());
    }

    private static List<Place> places(FermentationQuestion asked, Faults faults) {
        List<Place> places = new ArrayList<>();
        List<FermentationQuestion.PlaceSpec> specs = faults.atMost("places", asked.places(), Limit.PHASES);
        for (int at = 0; at < specs.size(); at++) {
            FermentationQuestion.PlaceSpec spec = specs.get(at);
            String path = "places[" + at + "].";
            places.add(new Place(
                    faults.needed(path + "minutes", spec == null ? null : spec.minutes(), Limit.REST_MINUTES),
                    faults.needed(path + "celsius", spec == null ? null : spec.celsius(), Limit.PLACE_C)));
        }
        faults.require(asked.places() == null || !places.isEmpty(), "places", FaultCode.MISSING, null);
        return places;
    }

    private static @Nullable Map<String, Double> ratios(Rise rise) {
        Map<String, Double> ratios = new LinkedHashMap<>();
        for (int minute : TOLD) {
            Double ratio = rise.ratio(minute);
            if (ratio == null) {
                return null;
            }
            ratios.put(String.valueOf(minute), ratio);
        }
        return ratios;
    }
}
