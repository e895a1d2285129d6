package verdamen.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;

/**
 * A formula after an edit.
 *
 * @param formula the formula
 * @param changes the lines whose mass changed or that are new
 */
public record EditedFormula(FormulaSpec formula, List<MassChange> changes) {

    /**
     * A line whose mass changed.
     *
     * @param line its index
     * @param ingredient code of its ingredient; absent for one that a preparation chain fills
     * @param before its mass before, g; absent when it was open or not there
     * @param after its mass now, g; absent for all that its chain gives
     */
    public record MassChange(
            int line,
            @Nullable String ingredient,
            @Nullable Double before,
            @Nullable Double after) {}

    static EditedFormula of(FormulaSpec before, FormulaSpec after) {
        List<MassChange> changes = new ArrayList<>();
        for (int line = 0; line < after.linesOrNone().size(); line++) {
            LineSpec was = before.lineOrNull(line);
            LineSpec is = after.lineOrNull(line);
            if (is != null && (was == null || !Objects.equals(was.grams(), is.grams()))) {
                changes.add(new MassChange(line, is.ingredient(), was == null ? null : was.grams(), is.grams()));
            }
        }
        return new EditedFormula(after, List.copyOf(changes));
    }
}
