package verdamen.server.formula;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.prep.ChainSpec;

/**
 * How a version's dough is made, as it stands in the database: one document that nobody searches in by column.
 *
 * @param method the method's settings
 * @param preps the preparation chains
 * @param acknowledged the cautions that were acknowledged
 */
public record Making(
        @Nullable MethodSpec method,
        @Nullable List<ChainSpec> preps,
        @Nullable List<RecipeNotes.Acknowledged> acknowledged) {

    private static final Making NOTHING = new Making(null, null, null);

    /** What a formula says of how it is made; null when it says nothing. */
    static @Nullable Making of(FormulaSpec spec) {
        RecipeNotes notes = spec.notes();
        Making making = new Making(spec.method(), spec.preps(), notes == null ? null : notes.acknowledged());
        return making.equals(NOTHING) ? null : making;
    }

    static Making orNothing(@Nullable Making making) {
        return making == null ? NOTHING : making;
    }
}
