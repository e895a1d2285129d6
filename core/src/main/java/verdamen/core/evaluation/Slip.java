package verdamen.core.evaluation;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Term;

/**
 * A likely slip of the pen, the scale or the book. Never a fault: it can be set aside with a reason.
 *
 * @param key what it is about, the same as long as it is about the same thing; under it a remark is set aside
 * @param kind what is likely wrong
 * @param line index of the line it is about; null for the whole
 * @param words words it is about: a name, a temperature as written
 * @param terms the figures it rests on
 * @param setAsideFor the reason it was set aside for; null while it stands
 */
public record Slip(
        String key,
        Kind kind,
        @Nullable Integer line,
        List<String> words,
        List<Term> terms,
        @Nullable String setAsideFor) {

    /** What is likely wrong. */
    public enum Kind implements Coded {
        /** Far drier than the style could be. */
        MUCH_TOO_DRY("much-too-dry"),
        /** Far wetter than the style could be. */
        MUCH_TOO_WET("much-too-wet"),
        /** Hardly any salt in the dough. */
        LITTLE_SALT("little-salt"),
        /** More salt in the dough than one would eat. */
        MUCH_SALT("much-salt"),
        /** More salt in the filling than one would eat. */
        MUCH_SALT_IN_FILLING("much-salt-in-filling"),
        /** Baking soda in an amount usual for baking powder. */
        SODA_FOR_POWDER("soda-for-powder"),
        /** Baking soda that finds no acid, and will be tasted. */
        SODA_LEFT("soda-left"),
        /** More yeast than a dough takes. */
        MUCH_YEAST("much-yeast"),
        /** The dough is some round factor away from what its pieces say: tens, ounces for pounds, a doubled recipe. */
        TOTAL_BY_A_FACTOR("total-by-a-factor"),
        /** Pieces times their weight are not the dough. */
        PIECES_DISAGREE("pieces-disagree"),
        /** A temperature that makes sense only in the other scale. */
        OTHER_SCALE("other-scale"),
        /** The same ingredient twice. */
        TWICE("twice"),
        /** Named in the method, but not in the list. */
        NOT_IN_THE_LIST("not-in-the-list");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /** Copies words and figures so that a slip never changes. */
    public Slip {
        words = List.copyOf(words);
        terms = List.copyOf(terms);
    }
}
