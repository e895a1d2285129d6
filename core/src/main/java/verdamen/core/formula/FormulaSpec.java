package verdamen.core.formula;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.core.pantry.Aliases;
import verdamen.core.pantry.Aliases.Kind;
import verdamen.core.prep.ChainSpec;

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
 * @param method how the dough is made beyond that
 * @param preps the preparation chains of its inclusions
 * @param portion how its dough is divided, cooked and kept
 * @param stages the stages in which its dough is made, the last being the dough itself; absent for one
 */
public record FormulaSpec(
        @Nullable String style,
        @Nullable String kneading,
        @Nullable String fatTiming,
        @Within(Limit.WATER_TEMPERATURE_C) @Nullable Double waterTemperatureC,
        @Within(Limit.REST_MINUTES) @Nullable Double restMinutes,
        @Within(Limit.SHEET_MM) @Nullable Double sheetMm,
        @Within(Limit.SOFTNESS_TARGET) @Nullable Double softnessTarget,
        @Within(Limit.LINES) @Nullable List<@Nullable LineSpec> lines,
        @Nullable RecipeNotes notes,
        @Nullable MethodSpec method,
        @Within(Limit.CHAINS) @Nullable List<ChainSpec> preps,
        @Nullable Portioning portion,
        @Within(Limit.STAGES) @Nullable List<@Nullable StageSpec> stages) {

    /** A formula with notes, made in the usual way of nothing prepared. */
    public FormulaSpec(
            @Nullable String style,
            @Nullable String kneading,
            @Nullable String fatTiming,
            @Nullable Double waterTemperatureC,
            @Nullable Double restMinutes,
            @Nullable Double sheetMm,
            @Nullable Double softnessTarget,
            @Nullable List<@Nullable LineSpec> lines,
            @Nullable RecipeNotes notes) {
        this(
                style,
                kneading,
                fatTiming,
                waterTemperatureC,
                restMinutes,
                sheetMm,
                softnessTarget,
                lines,
                notes,
                null,
                null,
                null,
                null);
    }

    /** A formula without notes, made in the usual way of nothing prepared. */
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

    /** This formula with the codes that rows of the book have now, where it was saved with older ones. */
    public FormulaSpec withCurrentCodes(Aliases aliases) {
        List<@Nullable LineSpec> renamed = lines == null
                ? null
                : lines.stream()
                        .map(line -> line == null ? null : line.withCurrentCodes(aliases))
                        .toList();
        List<ChainSpec> chains = preps == null
                ? null
                : preps.stream().map(chain -> chain.withCurrentCodes(aliases)).toList();
        return new FormulaSpec(
                style == null ? null : aliases.current(Kind.STYLE, style),
                kneading,
                fatTiming,
                waterTemperatureC,
                restMinutes,
                sheetMm,
                softnessTarget,
                renamed,
                notes,
                method,
                chains,
                portion,
                stages);
    }

    /** This formula with other lines. */
    public FormulaSpec withLines(List<@Nullable LineSpec> otherLines) {
        List<@Nullable LineSpec> copied = Collections.unmodifiableList(new ArrayList<>(otherLines));
        return with(kneading, fatTiming, waterTemperatureC, restMinutes, sheetMm, copied, method, preps);
    }

    /** This formula with other settings that the balance has always known. */
    public FormulaSpec withSettings(
            @Nullable String otherKneading,
            @Nullable String otherFatTiming,
            @Nullable Double otherWaterC,
            @Nullable Double otherRestMinutes) {
        return with(otherKneading, otherFatTiming, otherWaterC, otherRestMinutes, sheetMm, lines, method, preps);
    }

    /** This formula rolled to another sheet. */
    public FormulaSpec withSheet(@Nullable Double otherSheetMm) {
        return with(kneading, fatTiming, waterTemperatureC, restMinutes, otherSheetMm, lines, method, preps);
    }

    /** This formula made in another way. */
    public FormulaSpec withMethod(@Nullable MethodSpec otherMethod) {
        return with(kneading, fatTiming, waterTemperatureC, restMinutes, sheetMm, lines, otherMethod, preps);
    }

    /** This formula with other preparation chains. */
    public FormulaSpec withPreps(@Nullable List<ChainSpec> otherPreps) {
        return with(kneading, fatTiming, waterTemperatureC, restMinutes, sheetMm, lines, method, otherPreps);
    }

    /** This formula made in other stages; null for one. */
    public FormulaSpec withStages(@Nullable List<@Nullable StageSpec> others) {
        return new FormulaSpec(
                style,
                kneading,
                fatTiming,
                waterTemperatureC,
                restMinutes,
                sheetMm,
                softnessTarget,
                lines,
                notes,
                method,
                preps,
                portion,
                others);
    }

    /** This formula with other notes. */
    public FormulaSpec withNotes(@Nullable RecipeNotes otherNotes) {
        return new FormulaSpec(
                style,
                kneading,
                fatTiming,
                waterTemperatureC,
                restMinutes,
                sheetMm,
                softnessTarget,
                lines,
                otherNotes,
                method,
                preps,
                portion,
                stages);
    }

    /** This formula divided, cooked or kept otherwise. */
    public FormulaSpec withPortion(@Nullable Portioning otherPortion) {
        return new FormulaSpec(
                style,
                kneading,
                fatTiming,
                waterTemperatureC,
                restMinutes,
                sheetMm,
                softnessTarget,
                lines,
                notes,
                method,
                preps,
                otherPortion,
                stages);
    }

    private FormulaSpec with(
            @Nullable String otherKneading,
            @Nullable String otherFatTiming,
            @Nullable Double otherWaterC,
            @Nullable Double otherRestMinutes,
            @Nullable Double otherSheetMm,
            @Nullable List<@Nullable LineSpec> otherLines,
            @Nullable MethodSpec otherMethod,
            @Nullable List<ChainSpec> otherPreps) {
        return new FormulaSpec(
                style,
                otherKneading,
                otherFatTiming,
                otherWaterC,
                otherRestMinutes,
                otherSheetMm,
                softnessTarget,
                otherLines,
                notes,
                otherMethod,
                otherPreps,
                portion,
                stages);
    }

    /** Its lines, none when there is none. */
    public List<@Nullable LineSpec> linesOrNone() {
        return lines == null ? List.of() : lines;
    }

    /** Whether a line is wetted in the dough itself, not in a stage before it. */
    public boolean isOfDoughItself(LineSpec line) {
        Integer stage = line.stage();
        if (stage == null) {
            return true;
        }
        boolean two = stages == null && methodOrNone().firstStage() != null;
        return stage == (stages == null ? (two ? 1 : 0) : stages.size() - 1);
    }

    /** One of its lines; null when there is no such line. */
    public @Nullable LineSpec lineOrNull(int index) {
        List<@Nullable LineSpec> all = linesOrNone();
        return index < 0 || index >= all.size() ? null : all.get(index);
    }

    /** This formula with another line in the place of one. */
    public FormulaSpec withLine(int index, LineSpec line) {
        List<@Nullable LineSpec> others = new ArrayList<>(linesOrNone());
        others.set(index, line);
        return withLines(others);
    }

    /** How it is made, with nothing said when nothing is. */
    public MethodSpec methodOrNone() {
        return method == null ? MethodSpec.NONE : method;
    }

    /** What it says beside its lines, nothing when nothing is said. */
    public RecipeNotes notesOrNone() {
        return notes == null ? RecipeNotes.NONE : notes;
    }

    /** How it is divided, cooked and kept, with nothing said when nothing is. */
    public Portioning portionOrNone() {
        return portion == null ? Portioning.NONE : portion;
    }

    /** Its preparation chains, none when there is none. */
    public List<ChainSpec> prepsOrNone() {
        return preps == null ? List.of() : preps;
    }
}
