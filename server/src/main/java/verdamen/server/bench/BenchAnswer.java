package verdamen.server.bench;

import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.BenchRun;
import verdamen.core.bench.BenchStep;
import verdamen.core.bench.WeighedBowl;
import verdamen.core.cooking.FirstPiece;
import verdamen.core.handling.InTheBowl;
import verdamen.core.handling.RollingPicture;
import verdamen.core.model.Range;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Style;
import verdamen.server.batch.Batch;
import verdamen.server.card.CardDocument.CardRun;
import verdamen.server.kitchen.KitchenClock;
import verdamen.server.photo.Photo;

/**
 * A batch at the bench.
 *
 * @param batch the batch
 * @param name name of its formula
 * @param clock the clock by which it is made
 * @param steps what is done, in order
 * @param bowls what is weighed
 * @param run where it stands
 * @param water how its water is poured
 * @param picture softness and spring-back of what is in the bowl, with the rolling window; null when it cannot be told
 * @param style its style
 * @param softnessTarget the softness aimed for
 * @param feels the words for a feel, from the firmest
 * @param bowl what is in the bowl; null when it cannot be told
 * @param cooking how its pieces are cooked
 * @param entries what was noted, in order, what was undone with it
 * @param photos its photographs
 */
public record BenchAnswer(
        Batch batch,
        String name,
        KitchenClock.ClockReading clock,
        List<WordedStep> steps,
        List<WeighedBowl> bowls,
        BenchRun run,
        BenchWater water,
        @Nullable RollingPicture picture,
        Style style,
        double softnessTarget,
        List<Feel> feels,
        @Nullable InTheBowl bowl,
        BenchCooking cooking,
        List<Batch.Kept> entries,
        List<Photo> photos) {

    /**
     * A step with its words.
     *
     * @param step the step
     * @param words what is done, paragraph by paragraph
     */
    record WordedStep(BenchStep step, List<List<CardRun>> words) {}

    /**
     * The run sheet of a formula.
     *
     * @param steps what is done, in order
     * @param leftOut what this formula leaves out
     */
    record SheetAnswer(List<WordedStep> steps, List<BenchStep> leftOut) {}

    /**
     * How the water is poured.
     *
     * @param ingredient code of the plain water
     * @param plannedGrams all that was weighed, g
     * @param firstPourGrams the first pour, g
     * @param readyGrams what is ready beyond it, g
     * @param eachGrams one addition of that, g
     */
    record BenchWater(
            String ingredient, double plannedGrams, double firstPourGrams, double readyGrams, double eachGrams) {}

    /**
     * How pieces are cooked.
     *
     * @param oven whether in an oven
     * @param panC surface of the pan, or the oven, °C
     * @param sideOneS seconds of the first side
     * @param sideOneRange their range
     * @param sideTwoS seconds of the second side; 0 for what is not turned
     * @param sideTwoRange their range
     * @param first the first piece as a trial
     */
    record BenchCooking(
            boolean oven,
            double panC,
            double sideOneS,
            Range sideOneRange,
            double sideTwoS,
            Range sideTwoRange,
            FirstPiece first) {}

    /**
     * A batch among those made just now.
     *
     * @param batch the batch
     * @param name name of its formula
     * @param current key of its current step; null when all are done
     * @param step kind of that step
     * @param next when something happens next; null when nothing is timed
     * @param timer name of what happens then: of a timer by hand; null for the step's own
     */
    record RunningBatch(
            Batch batch,
            String name,
            @Nullable String current,
            BenchStep.@Nullable Kind step,
            @Nullable OffsetDateTime next,
            @Nullable String timer) {}

    /**
     * The batches made just now, with the clock.
     *
     * @param clock the clock by which they are made
     * @param batches the batches, the oldest first
     */
    record RunningBatches(KitchenClock.ClockReading clock, List<RunningBatch> batches) {}
}
