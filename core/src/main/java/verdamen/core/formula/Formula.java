package verdamen.core.formula;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Style;

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
 * @param lines the lines that count, in order
 * @param openLines the lines that do not count yet, in order
 * @param notes what the recipe says beside them
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
        RecipeNotes notes) {

    /** Copies the lines so that a formula never changes. */
    public Formula {
        lines = List.copyOf(lines);
        openLines = List.copyOf(openLines);
    }

    /** Minute after wetting at which the dough is judged: kneading end and rest. */
    public double rollAtMinute() {
        return kneading.endMinute() + restMinutes;
    }

    /** How many lines it has as asked, open ones included. */
    public int lineCount() {
        return lines.size() + openLines.size();
    }

    /** This formula with other lines that count. */
    public Formula withLines(List<Line> otherLines) {
        return new Formula(
                pantry,
                style,
                kneading,
                fatTiming,
                waterTemperatureC,
                restMinutes,
                sheetMm,
                softnessTarget,
                otherLines,
                openLines,
                notes);
    }
}
