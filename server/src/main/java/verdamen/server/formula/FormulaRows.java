package verdamen.server.formula;

import java.util.ArrayList;
import java.util.List;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.server.formula.FormulaMapper.LineRow;
import verdamen.server.formula.FormulaMapper.NewestRow;
import verdamen.server.formula.FormulaMapper.VersionRow;

/** Turns rows of the database into formulas as asked, and back. */
final class FormulaRows {

    private FormulaRows() {}

    static FormulaSpec spec(VersionRow row, List<LineRow> lines) {
        return new FormulaSpec(
                row.styleCode(),
                row.kneading(),
                row.fatTiming(),
                row.waterTemperatureC(),
                row.restMinutes(),
                row.sheetMm(),
                row.softnessTarget(),
                specs(lines));
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
                specs(lines));
    }

    static VersionSummary summary(VersionRow row) {
        return new VersionSummary(row.number(), row.parentNumber(), row.name(), row.note(), row.createdAt());
    }

    /** The rows of a formula that the core has read without a fault. */
    static List<LineRow> rows(long versionId, List<LineSpec> lines) {
        List<LineRow> rows = new ArrayList<>();
        for (LineSpec line : lines) {
            if (line.ingredient() == null || line.grams() == null) {
                throw new IllegalArgumentException("only a checked formula is saved");
            }
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
                    line.fatState()));
        }
        return rows;
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
                        row.fatState()))
                .toList();
    }
}
