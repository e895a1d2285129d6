package verdamen.core.intake;

import verdamen.core.model.Coded;
import verdamen.core.model.Limit;

/**
 * A setting that the method of a recipe speaks of.
 *
 * @param kind which one
 * @param words the words that say so
 * @param value how much: minutes, °C, pieces, g, mm, or seconds a side; 0 for a rise
 */
public record Instruction(Kind kind, String words, double value) {

    /** Which settings a method can speak of. */
    public enum Kind implements Coded {
        /** Kneading by hand. */
        KNEAD("knead", Limit.KNEAD_MINUTES),
        /** Kneading by machine. */
        KNEAD_BY_MACHINE("knead-by-machine", Limit.KNEAD_MINUTES),
        /** A rest in the kitchen. */
        REST("rest", Limit.REST_MINUTES),
        /** A rest in a warm place. */
        WARM("warm", Limit.REST_MINUTES),
        /** A rest in the fridge. */
        CHILL("chill", Limit.REST_MINUTES),
        /** Kneading once more. */
        KNEAD_AGAIN("knead-again", Limit.REST_MINUTES),
        /** A rest in the kitchen until it has risen. */
        RISE("rise", Limit.REST_MINUTES),
        /** A rest in a warm place until it has risen. */
        RISE_WARM("rise-warm", Limit.REST_MINUTES),
        /** How warm the water is. */
        WATER("water", Limit.WATER_TEMPERATURE_C),
        /** How many pieces. */
        PIECES("pieces", Limit.PIECES),
        /** What one weighs. */
        PIECE_GRAMS("piece-grams", Limit.PIECE_GRAMS),
        /** How thin it is rolled. */
        SHEET("sheet", Limit.SHEET_MM),
        /** How wide it is rolled. */
        DIAMETER("diameter", Limit.DIAMETER_MM),
        /** How long a side is cooked. */
        SIDE("side", Limit.SIDE_SECONDS),
        /** How hot pan or oven is. */
        PAN("pan", Limit.PAN_C);

        private final String code;
        private final Limit limit;

        Kind(String code, Limit limit) {
            this.code = code;
            this.limit = limit;
        }

        @Override
        public String code() {
            return code;
        }

        /** Whether it happens between kneading and rolling and lasts a time that is said; there can be several. */
        public boolean isPhase() {
            return this == REST || this == WARM || this == CHILL || this == KNEAD_AGAIN;
        }

        /** Whether it is a rest that lasts until the dough has risen. */
        public boolean isRise() {
            return this == RISE || this == RISE_WARM;
        }

        /** Between which values it makes sense. */
        public Limit limit() {
            return limit;
        }
    }

    /** Whether a dough can have it: nobody kneads for 700 minutes. */
    public boolean isPossible() {
        return value >= kind.limit().least() && value <= kind.limit().most();
    }
}
