package verdamen.core.formula;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Style;
import verdamen.core.prep.Chain;

/**
 * A checked formula, its settings filled in from its style. Made by {@link FormulaReader}.
 *
 * @param pantry where its ingredients come from
 * @param style the style of flatbread
 * @param kneading how it is kneaded
 * @param fatTiming when fat goes in
 * @param waterTemperatureC temperature of the main liquid, °C; absent for tepid
 * @param restMinutes rest between kneading and rolling, minutes
 * @param sheetMm rolled thickness, mm
 * @param softnessTarget softness to aim for
 * @param lines the lines that count, in order, none of what stands beside, with what their preparations and the bench put in
 * @param openLines the lines that do not count yet, in order
 * @param lineCount how many lines it has as asked, open ones included
 * @param notes what the recipe says beside them
 * @param method how it is made beyond kneading, fat and rest
 * @param timeline what happens until it is rolled
 * @param preps its preparation chains, worked out
 * @param portion how it is divided, cooked and kept
 * @param stages the stages before the dough itself, in order; none for one dough
 */
public record Formula(
        Pantry pantry,
        Style style,
        Kneading kneading,
        FatTiming fatTiming,
        @Nullable Double waterTemperatureC,
        double restMinutes,
        double sheetMm,
        double softnessTarget,
        List<Line> lines,
        List<OpenLine> openLines,
        int lineCount,
        RecipeNotes notes,
        Method method,
        Timeline timeline,
        List<Chain> preps,
        Portioning portion,
        List<MixedStage> stages) {

    /** Copies the lines so that a formula never changes. */
    public Formula {
        lines = List.copyOf(lines);
        openLines = List.copyOf(openLines);
        preps = List.copyOf(preps);
        stages = List.copyOf(stages);
    }

    /** Minute after wetting at which the dough is judged: kneading end and rest. */
    public double rollAtMinute() {
        return kneading.endMinute() + restMinutes;
    }

    /** Temperature of the liquid with which a line is wetted, °C: that of its stage; null for tepid. */
    public @Nullable Double waterTemperatureC(Line line) {
        Stage stage = line.stage();
        return stage == null ? waterTemperatureC : stage.waterTemperatureC();
    }

    /** How a line is mixed: as its stage is. */
    public Kneading kneading(Line line) {
        Stage stage = line.stage();
        return stage == null ? kneading : stage.kneading();
    }

    /** Its lines as they were asked for, without what preparations and the bench put in. */
    public List<Line> askedLines() {
        return lines.stream().filter(Line::isAsked).toList();
    }

    /** This formula with other lines that count. */
    public Formula withLines(List<Line> otherLines) {
        return with(otherLines, sheetMm, restMinutes, timeline);
    }

    /** This formula divided, cooked or kept otherwise. */
    public Formula withPortion(Portioning other) {
        return new Formula(
                pantry,
                style,
                kneading,
                fatTiming,
                waterTemperatureC,
                restMinutes,
                sheetMm,
                softnessTarget,
                lines,
                openLines,
                lineCount,
                notes,
                method,
                timeline,
                preps,
                other,
                stages);
    }

    /** This formula rolled to another sheet, mm. */
    public Formula withSheet(double otherSheetMm) {
        return with(lines, otherSheetMm, restMinutes, timeline);
    }

    /** This formula with one rest of another length, minutes. */
    public Formula withRest(double otherRestMinutes) {
        return with(lines, sheetMm, otherRestMinutes, timeline.withRest(otherRestMinutes));
    }

    private Formula with(List<Line> otherLines, double otherSheetMm, double otherRestMinutes, Timeline otherTimeline) {
        return new Formula(
                pantry,
                style,
                kneading,
                fatTiming,
                waterTemperatureC,
                otherRestMinutes,
                otherSheetMm,
                softnessTarget,
                otherLines,
                openLines,
                lineCount,
                notes,
                method,
                otherTimeline,
                preps,
                portion,
                stages);
    }
}
