package verdamen.core.intake;

import java.util.List;
import verdamen.core.model.Coded;

/**
 * Why a line is not simply read; the wording belongs to the screen.
 *
 * @param kind what was found
 * @param words the words it is about
 */
public record Finding(Kind kind, List<String> words) {

    /** What there is to confirm, fill in or correct. */
    public enum Kind implements Coded {
        /** No ingredient of the pantry is named. */
        NO_INGREDIENT("no-ingredient", LineStatus.UNREAD),
        /** A flour or pulse that the words may mean; they say more than its name. */
        NEAR("near", LineStatus.UNREAD),
        /** A measure that this kitchen does not know. */
        UNKNOWN_MEASURE("unknown-measure", LineStatus.UNKNOWN_AMOUNT),
        /** Leaves or sprigs, counted and taken to be of a usual weight. */
        TYPICAL_LEAF("typical-leaf", LineStatus.CHECK),
        /** A dry pulse: it is soaked and boiled before it goes into a dough. */
        DRY_PULSE("dry-pulse", LineStatus.CHECK),
        /** The amount is left to the cook. */
        LEFT_OPEN("left-open", LineStatus.UNKNOWN_AMOUNT),
        /** No amount is stated. */
        NO_AMOUNT("no-amount", LineStatus.UNKNOWN_AMOUNT),
        /** A count of what has no known weight of a piece. */
        NO_PIECE_WEIGHT("no-piece-weight", LineStatus.UNKNOWN_AMOUNT),
        /** More than a dough could hold. */
        ABSURD_AMOUNT("absurd-amount", LineStatus.UNKNOWN_AMOUNT),
        /** A bare number was taken for grams. */
        TAKEN_FOR_GRAMS("taken-for-grams", LineStatus.CHECK),
        /** A word was taken for another: as written, as understood. */
        MISSPELT("misspelt", LineStatus.CHECK),
        /** Several ingredients to choose from; the first was taken. */
        ALTERNATIVE("alternative", LineStatus.CHECK),
        /** Which kind is left open; the usual one was taken. */
        GENERIC("generic", LineStatus.CHECK),
        /** Several ingredients in one name: each was given an equal share. */
        SHARED("shared", LineStatus.CHECK),
        /** A further amount that was not counted. */
        SECOND_AMOUNT("second-amount", LineStatus.CHECK),
        /** Words that were not understood. */
        WORDS_LEFT("words-left", LineStatus.CHECK);

        private final String code;
        private final LineStatus status;

        Kind(String code, LineStatus status) {
            this.code = code;
            this.status = status;
        }

        @Override
        public String code() {
            return code;
        }

        /** The status that it gives a line. */
        public LineStatus status() {
            return status;
        }
    }

    /** Copies the words so that a finding never changes. */
    public Finding {
        words = List.copyOf(words);
    }

    static Finding of(Kind kind, String... words) {
        return new Finding(kind, List.of(words));
    }
}
