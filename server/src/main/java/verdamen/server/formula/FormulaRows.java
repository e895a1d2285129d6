package verdamen.server.formula;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineOrigin;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.RecipeNotes;
import verdamen.server.formula.FormulaMapper.LineRow;
import verdamen.server.formula.FormulaMapper.NewestRow;
import verdamen.server.formula.FormulaMapper.SetAsideRow;
import verdamen.server.formula.FormulaMapper.VersionRow;

/** Turns rows of the database into formulas as asked, and back. */
final class FormulaRows {

    private static final LineOrigin NO_ORIGIN = new LineOrigin(null, null, null, null);

    private FormulaRows() {}

    static FormulaSpec spec(VersionRow row, List<LineRow> lines, List<SetAsideRow> setAsides) {
        return new FormulaSpec(
                row.styleCode(),
                row.kneading(),
                row.fatTiming(),
                row.waterTemperatureC(),
                row.restMinutes(),
                row.sheetMm(),
                row.softnessTarget(),
                specs(lines),
                notes(row, setAsides),
                Making.orNothing(row.making()).method(),
                Making.orNothing(row.making()).preps());
    }

    static FormulaSpec spec(NewestRow row, List<LineRow> lines) {
        return new FormulaSpec(
                row.styleCode(),
                row.kneading(),
                row.fatTiming(),
                row.waterTemperatureC(),
                row.restMinutes(),
                row.sheetMm(),
                row.softnessTarget(),
                specs(lines),
                null,
                Making.orNothing(row.making()).method(),
                Making.orNothing(row.making()).preps());
    }

    private static @Nullable RecipeNotes notes(VersionRow row, List<SetAsideRow> setAsides) {
        RecipeNotes notes = new RecipeNotes(
                row.pieces(),
                row.pieceGrams(),
                row.method(),
                setAsides.isEmpty()
                        ? null
                        : setAsides.stream()
                                .map(each -> new RecipeNotes.SetAside(each.slip(), each.reason()))
                                .toList(),
                Making.orNothing(row.making()).acknowledged());
        return notes.equals(RecipeNotes.NONE) ? null : notes;
    }

    static List<SetAsideRow> setAsides(long versionId, @Nullable RecipeNotes notes) {
        List<SetAsideRow> rows = new ArrayList<>();
        if (notes != null && notes.setAside() != null) {
            notes.setAside()
                    .forEach(each -> rows.add(new SetAsideRow(versionId, rows.size(), each.slip(), each.reason())));
        }
        return rows;
    }

    static VersionSummary summary(VersionRow row) {
        return new VersionSummary(row.number(), row.parentNumber(), row.name(), row.note(), row.createdAt());
    }

    /** The rows of a formula that the core has read without a fault. */
    static List<LineRow> rows(long versionId, List<LineSpec> lines) {
        List<LineRow> rows = new ArrayList<>();
        for (LineSpec line : lines) {
            LineOrigin origin = line.origin() == null ? NO_ORIGIN : line.origin();
            rows.add(new LineRow(
                    versionId,
                    rows.size(),
                    line.ingredient(),
                    line.grams(),
                    line.sd(),
                    line.part(),
                    line.form(),
                    line.waterPct(),
                    line.moisturePct(),
                    line.proteinPct(),
                    line.absorptionPct(),
                    line.absorptionSdPct(),
                    line.pieceMm(),
                    line.fatState(),
                    line.open(),
                    origin.text(),
                    origin.measure(),
                    origin.quantity(),
                    origin.lot(),
                    line.prep(),
                    line.stage(),
                    line.temperatureC()));
        }
        return rows;
    }

    private static @Nullable LineOrigin origin(LineRow row) {
        LineOrigin origin = new LineOrigin(row.sourceText(), row.measureCode(), row.quantity(), row.lotId());
        return origin.equals(NO_ORIGIN) ? null : origin;
    }

    private static List<LineSpec> specs(List<LineRow> lines) {
        return lines.stream()
                .map(row -> new LineSpec(
                        row.ingredientCode(),
                        row.grams(),
                        row.sd(),
                        row.part(),
                        row.formCode(),
                        row.waterPct(),
                        row.moisturePct(),
                        row.proteinPct(),
                        row.absorptionPct(),
                        row.absorptionSdPct(),
                        row.pieceMm(),
                        row.fatState(),
                        row.openness(),
                        origin(row),
                        row.prepKey(),
                        row.stage(),
                        row.temperatureC()))
                .toList();
    }
}
