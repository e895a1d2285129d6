package verdamen.core.formula;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A formula as asked: codes and numbers, not yet checked. {@link FormulaReader} turns it into a {@link Formula}.
 *
 * @param style code of the style
 * @param kneading {@code hand} (default), {@code machine} or {@code just-combined}
 * @param fatTiming {@code with-water} (default), {@code coat-first}, {@code last} or {@code surface}
 * @param waterTemperatureC temperature of the main liquid, °C; absent for tepid
 * @param restMinutes rest between kneading and rolling, minutes; absent for the style's
 * @param sheetMm rolled thickness, mm; absent for the style's
 * @param softnessTarget softness to aim for; absent for the style's
 * @param lines the lines
 * @param notes what the recipe says beside them
 */
public record FormulaSpec(
        @Nullable String style,
        @Nullable String kneading,
        @Nullable String fatTiming,
        @Nullable Double waterTemperatureC,
        @Nullable Double restMinutes,
        @Nullable Double sheetMm,
        @Nullable Double softnessTarget,
        @Nullable List<@Nullable LineSpec> lines,
        @Nullable RecipeNotes notes) {

    /** A formula without notes. */
    public FormulaSpec(
            @Nullable String style,
            @Nullable String kneading,
            @Nullable String fatTiming,
            @Nullable Double waterTemperatureC,
            @Nullable Double restMinutes,
            @Nullable Double sheetMm,
            @Nullable Double softnessTarget,
            @Nullable List<@Nullable LineSpec> lines) {
        this(style, kneading, fatTiming, waterTemperatureC, restMinutes, sheetMm, softnessTarget, lines, null);
    }

    /** This formula with other lines. */
    public FormulaSpec withLines(List<LineSpec> otherLines) {
        return new FormulaSpec(
                style,
                kneading,
                fatTiming,
                waterTemperatureC,
                restMinutes,
                sheetMm,
                softnessTarget,
                List.copyOf(otherLines),
                notes);
    }
}
