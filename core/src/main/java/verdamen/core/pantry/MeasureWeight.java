package verdamen.core.pantry;

import verdamen.core.model.Coded;

/**
 * What one kitchen measure of an ingredient weighs.
 *
 * @param grams mass of one, g
 * @param relativeSd relative standard deviation of a single one
 * @param source where that comes from
 * @param weighIns how many weigh-ins it rests on; 0 for the book's value
 */
public record MeasureWeight(double grams, double relativeSd, Source source, int weighIns) {

    /** Where the weight of a measure comes from. */
    public enum Source implements Coded {
        /** A unit of mass: weighed. */
        MASS("mass"),
        /** The ingredient itself was weighed in this measure. */
        WEIGHED_IN("weighed-in"),
        /** The vessel's volume is the kitchen's own, the density the book's. */
        OWN_VESSEL("own-vessel"),
        /** Volume and density of the book. */
        BOOK("book"),
        /** The book's weight of a piece. */
        PIECE("piece");

        private final String code;

        Source(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }
}
