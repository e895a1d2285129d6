package verdamen.core.rework;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import verdamen.core.cooking.FoldTest;
import verdamen.core.model.Coded;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Style;

/**
 * What came of a run, as far as it was measured.
 *
 * @param waterGrams water that was really poured, g
 * @param feel code of the word for how it felt when rolled
 * @param sheetMm the sheet that was reached, mm
 * @param tears pieces that tore
 * @param rolling how it rolled, 1 to 9, 9 is best
 * @param puffPct pieces that puffed, %
 * @param fold {@code breaks}, {@code cracks} at the edge or {@code folds}, once it is cold
 * @param taste how it tastes, 1 to 9, 9 is best
 * @param failed whether it could not be made to its end
 * @param note what else there is to say
 */
public record TrialResult(
        @Nullable Double waterGrams,
        @Nullable String feel,
        @Nullable Double sheetMm,
        @Nullable Double tears,
        @Nullable Double rolling,
        @Nullable Double puffPct,
        @Nullable String fold,
        @Nullable Double taste,
        @Nullable Boolean failed,
        @Nullable String note) {

    /** Nothing measured yet. */
    public static final TrialResult NONE = new TrialResult(null, null, null, null, null, null, null, null, null, null);

    /**
     * It, when it can be.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    public TrialResult checked(Pantry pantry) {
        Faults faults = new Faults();
        faults.number("waterGrams", waterGrams, TrialMeasure.WATER.limit());
        faults.number("sheetMm", sheetMm, TrialMeasure.SHEET.limit());
        faults.number("tears", tears, TrialMeasure.TEARS.limit());
        faults.number("rolling", rolling, TrialMeasure.ROLLING.limit());
        faults.number("puffPct", puffPct, TrialMeasure.PUFF.limit());
        faults.number("taste", taste, TrialMeasure.TASTE.limit());
        faults.require(feel == null || feelOf(pantry).isPresent(), "feel", FaultCode.UNKNOWN_CODE, feel);
        faults.require(fold == null || foldTest().isPresent(), "fold", FaultCode.UNKNOWN_CODE, fold);
        String kept = faults.optionalText("note", note, Limit.NOTE);
        faults.refuse();
        return new TrialResult(
                waterGrams, feel, sheetMm, tears, rolling, puffPct, fold, taste, failed, kept.isEmpty() ? null : kept);
    }

    /**
     * A measure as a number, in its unit; null when it was not measured.
     *
     * @param style the style of what was made; null when it is not known any more, and with it what a word for softness means
     */
    @Nullable
    Double value(TrialMeasure measure, @Nullable Style style, Pantry pantry) {
        return switch (measure) {
            case WATER -> waterGrams;
            case FEEL ->
                style == null
                        ? null
                        : feelOf(pantry)
                                .map(word -> word.of(style).softnessMid())
                                .orElse(null);
            case SHEET -> sheetMm;
            case TEARS -> tears;
            case ROLLING -> rolling;
            case PUFF -> puffPct;
            case FOLD -> foldTest().map(test -> (double) test.counted()).orElse(null);
            case TASTE -> taste;
        };
    }

    private Optional<Feel> feelOf(Pantry pantry) {
        return pantry.feels().stream().filter(each -> each.code().equals(feel)).findFirst();
    }

    private Optional<FoldTest> foldTest() {
        return fold == null ? Optional.empty() : Coded.find(FoldTest.class, fold);
    }
}
