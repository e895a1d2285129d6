package verdamen.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * A change that is asked of a formula.
 *
 * @param kind what to do
 * @param line index of the line it is done to
 * @param remedy for a way out, which one
 * @param ingredient for an equivalent, an addition or a new chain, code of the ingredient
 * @param lot for a lot, its id; absent for the book's flour
 * @param moisturePct for a lot, its moisture, %
 * @param proteinPct for a lot, its protein, %
 * @param chain for a step, index of its preparation chain
 * @param step for a step, its index in the chain
 * @param phase for a phase, its kind
 * @param minutes for a time to be ready at, minutes after kneading
 * @param grams for what is needed of a chain, how much, g
 * @param said for what the method says, places among its settings
 */
public record FormulaEdit(
        @Nullable String kind,
        @Nullable Integer line,
        @Nullable String remedy,
        @Nullable String ingredient,
        @Nullable Long lot,
        @Nullable Double moisturePct,
        @Nullable Double proteinPct,
        @Nullable Integer chain,
        @Nullable Integer step,
        @Nullable String phase,
        @Within(Limit.READY_MINUTES) @Nullable Integer minutes,
        @Within(Limit.GRAMS) @Nullable Double grams,
        @Within(Limit.REMARKS) @Nullable List<Integer> said) {

    /** What can be asked. */
    public enum Kind implements Coded {
        /** The plain water of the dough becomes what is needed, as a scale shows it. */
        SET_WATER("set-water"),
        /** The water gets the temperature that the dough temperature wanted asks for, or the most it can bear. */
        SET_WATER_TEMPERATURE("set-water-temperature"),
        /** A way out of too much water in the dough is taken. */
        TAKE_WAY_OUT("take-way-out"),
        /** A way out of a filling that is too wet is taken. */
        TAKE_FILLING_WAY_OUT("take-filling-way-out"),
        /** Another ingredient stands for that of a line. */
        USE_EQUIVALENT("use-equivalent"),
        /** A line carries a flour lot's figures, or the book's again. */
        USE_LOT("use-lot"),
        /** What a line weighs is bought, and a preparation chain fills the line. */
        PREPARE_LINE("prepare-line"),
        /** A preparation chain is begun. */
        ADD_CHAIN("add-chain"),
        /** So much is bought, and everything weighed in proportion, that as much as is needed comes out of a chain. */
        PREPARE_FOR("prepare-for"),
        /** What is usually put in at a step is put in. */
        ADD_TO_STEP("add-to-step"),
        /** A phase of its usual length follows the others. */
        ADD_PHASE("add-phase"),
        /** As much yeast as makes it ready at a time. */
        YEAST_FOR("yeast-for"),
        /** The place that makes it ready at a time. */
        PLACE_FOR("place-for"),
        /** It rests until it has risen. */
        REST_UNTIL_RISEN("rest-until-risen"),
        /** Settings that the method in words speaks of become the formula's. */
        TAKE_SAID("take-said");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }
}
