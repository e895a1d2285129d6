package verdamen.server.pantry;

import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Range;
import verdamen.core.pantry.FlourByTheCup;
import verdamen.core.pantry.MeasureWeight;

/**
 * The kitchen's measures with what weigh-ins have taught about them.
 *
 * @param measures every measure, the book's first
 * @param calibrations what was learned, one for each measure and ingredient weighed
 * @param weighIns every weigh-in, the newest first
 * @param flourByTheCup what a cup of flour weighs here against the book's density
 */
public record MeasuresDocument(
        List<MeasureItem> measures,
        List<Calibration> calibrations,
        List<WeighInItem> weighIns,
        FlourByTheCup flourByTheCup) {

    /**
     * A measure.
     *
     * @param code its code
     * @param name its name
     * @param plural its plural
     * @param kind mass, volume or count
     * @param millilitres its volume as it counts here, ml
     * @param bookMillilitres its volume in the book, ml; null for the kitchen's own vessel
     * @param grams its mass, g, for a mass
     * @param relativeSdPct typical standard deviation of one, %
     * @param ownVessel whether it is the kitchen's own
     * @param notes what to know
     */
    public record MeasureItem(
            String code,
            String name,
            String plural,
            String kind,
            @Nullable Double millilitres,
            @Nullable Double bookMillilitres,
            @Nullable Double grams,
            double relativeSdPct,
            boolean ownVessel,
            String notes) {}

    /**
     * What weigh-ins have taught of a measure.
     *
     * @param measure code of the measure
     * @param ingredient code of what was weighed; plain water for the volume of a vessel
     * @param ingredientName its name
     * @param meanGrams mean mass of one, g
     * @param sdGrams standard deviation of one, g
     * @param count number of weigh-ins
     * @param typicalGrams what it would be taken for without them, g; null when nothing is known
     */
    public record Calibration(
            String measure,
            String ingredient,
            String ingredientName,
            double meanGrams,
            double sdGrams,
            int count,
            @Nullable Double typicalGrams) {}

    /** One weigh-in. */
    public record WeighInItem(
            long id,
            String measure,
            String ingredient,
            String ingredientName,
            double grams,
            double count,
            OffsetDateTime weighedAt) {}

    /**
     * What so many of a measure weigh.
     *
     * @param grams g
     * @param sd standard deviation, g
     * @param range its 80 % range, g
     * @param source where it comes from
     * @param weighIns how many weigh-ins it rests on
     */
    public record Amount(double grams, double sd, Range range, MeasureWeight.Source source, int weighIns) {}
}
