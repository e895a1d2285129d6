package verdamen.server.exchange;

import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.pantry.IngredientSpec;

/**
 * The formula file: formulas with all their versions, and the kitchen's own ingredients they use. Described by
 * docs/formula-file.schema.json.
 *
 * @param format always {@value #FORMAT}
 * @param version version of the format, now {@value #VERSION}
 * @param exportedAt when the file was written
 * @param ingredients own ingredients that the formulas use
 * @param formulas the formulas
 */
record FormulaFile(
        String format,
        int version,
        OffsetDateTime exportedAt,
        List<OwnIngredient> ingredients,
        List<FileFormula> formulas) {

    /** What a formula file calls itself. */
    static final String FORMAT = "verdamen-formulas";

    /** The version of the format that this program writes, and the newest it reads. */
    static final int VERSION = 1;

    /**
     * An own ingredient.
     *
     * @param code its code
     * @param sheet what it is
     */
    record OwnIngredient(String code, IngredientSpec sheet) {}

    /**
     * A formula.
     *
     * @param uid its identity, the same wherever its file is taken
     * @param state where it stands in the kitchen's work
     * @param versions its versions, the oldest first
     */
    record FileFormula(String uid, String state, List<FileVersion> versions) {}

    /**
     * A version.
     *
     * @param number its number in the kitchen it comes from
     * @param parent number of the version it was made from
     * @param name the formula's name in it
     * @param note what was changed and why
     * @param savedAt when it was saved
     * @param formula what it holds
     */
    record FileVersion(
            int number,
            @Nullable Integer parent,
            String name,
            String note,
            OffsetDateTime savedAt,
            FormulaSpec formula) {}
}
