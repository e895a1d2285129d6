package verdamen.core.rework;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.Scale;
import verdamen.core.pantry.Pantry;

/**
 * A formula in which some things stand in the place of others, with all that goes along: salt, fat and leavener keep their
 * share of the flour, kneading and rest suit the new flours, the water brings it to its target, and the sheet is no thinner
 * than it holds. Source: model page, section 15.
 *
 * @param formula the reworked formula
 * @param proposals what goes along, what was left out too
 */
public record Rework(FormulaSpec formula, List<Proposal> proposals) {

    /**
     * A formula reworked.
     *
     * @param asked what takes the place of what, or comes in; at least one
     * @param without what does not go along
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    public static Rework of(FormulaSpec spec, List<ChangeSpec> asked, Set<Carried> without, Pantry pantry) {
        return BaseFormula.of(spec, pantry).reworked(AskedChange.all("changes", asked), without);
    }

    /**
     * The same with masses as a kitchen scale shows them.
     *
     * @param base the formula it comes from: what did not change stays to the last digit
     */
    public Rework weighable(FormulaSpec base) {
        List<@Nullable LineSpec> before = base.linesOrNone();
        List<@Nullable LineSpec> lines = formula.linesOrNone().stream()
                .map(line -> line == null || line.grams() == null || before.contains(line)
                        ? line
                        : line.withGrams(Scale.shown(line.grams())))
                .toList();
        Double piece = formula.notesOrNone().pieceGrams();
        boolean samePiece = Objects.equals(piece, base.notesOrNone().pieceGrams());
        FormulaSpec weighable = formula.withLines(lines);
        return new Rework(
                piece == null || samePiece
                        ? weighable
                        : weighable.withNotes(formula.notesOrNone().withPieceGrams(Scale.shown(piece))),
                proposals.stream().map(Proposal::weighable).toList());
    }
}
