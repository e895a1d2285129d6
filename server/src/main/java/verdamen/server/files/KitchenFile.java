package verdamen.server.files;

import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import verdamen.core.cooking.BreadRecord;
import verdamen.core.pantry.IngredientSpec;
import verdamen.core.pantry.LotSpec;
import verdamen.core.revision.Said;
import verdamen.server.batch.ToldBatch;
import verdamen.server.formula.PutStanding;
import verdamen.server.formula.StoredFormula;
import verdamen.server.rework.ToldSeries;

/**
 * What stands in a file of Verdamen's own. A formula file holds formulas with all their versions and what they need; a
 * kitchen file holds everything of a kitchen. Both are one object whose sections are read one entry at a time, in this
 * order. Described by docs/formula-file.schema.json.
 */
final class KitchenFile {

    /** What a formula file calls itself. */
    static final String FORMULAS_FORMAT = "verdamen-formulas";

    /** What a kitchen file calls itself. */
    static final String KITCHEN_FORMAT = "verdamen-kitchen";

    /** The version of the format that is written, and the newest that is read. */
    static final int VERSION = 4;

    /** From this version on a file tells what was said of each version of a formula. */
    private static final int TELLS_WHAT_WAS_SAID = 4;

    private KitchenFile() {}

    /** The version of the formula documents in a file of a version. */
    static int documentVersion(int version) {
        return version < TELLS_WHAT_WAS_SAID ? Math.min(version, 2) : StoredFormula.VERSION;
    }

    /** An own ingredient. */
    record OwnIngredient(String code, IngredientSpec sheet) {}

    /** A figure of the kitchen's own over the book's, with its source. */
    record OwnFigure(String ingredient, String field, double value, String source) {}

    /** A price. */
    record FilePrice(String ingredient, double amount, String per) {}

    /** A vessel of the kitchen's own. */
    record FileVessel(String name, String plural, double millilitres) {}

    /** A weigh-in. */
    record FileWeighIn(
            String measure, @Nullable String ingredient, double grams, double count, OffsetDateTime weighedAt) {}

    /**
     * What a piece of own bread said.
     *
     * @param uid its identity, the same wherever its file is taken
     * @param notedAt when it was noted
     * @param record what it says
     */
    record FileBread(String uid, OffsetDateTime notedAt, BreadRecord record) {}

    /**
     * A lot of flour.
     *
     * @param id what lines of this file call it
     * @param uid its identity, the same wherever its file is taken
     * @param lot what it is
     */
    record FileLot(long id, String uid, LotSpec lot) {}

    /**
     * A formula.
     *
     * @param uid its identity, the same wherever its file is taken
     * @param state where it stands in the kitchen's work
     * @param versions its versions, the oldest first
     * @param batches its batches; absent in a formula file
     * @param trials its series of trials; absent in a formula file
     * @param standings how far its versions have come, step by step; absent in a formula file
     */
    record FileFormula(
            String uid,
            String state,
            List<FileVersion> versions,
            @Nullable List<ToldBatch> batches,
            @Nullable List<ToldSeries> trials,
            @Nullable List<PutStanding> standings) {}

    /**
     * A version.
     *
     * @param number its number in the kitchen it comes from
     * @param parent number of the version it was made from
     * @param name the formula's name in it
     * @param note what was changed and why
     * @param savedAt when it was saved
     * @param formula what it holds, as a document of the file's version
     * @param said what was said of it when it was saved; absent where that was not kept
     */
    record FileVersion(
            int number,
            @Nullable Integer parent,
            String name,
            String note,
            OffsetDateTime savedAt,
            JsonNode formula,
            @Nullable Said said) {}
}
