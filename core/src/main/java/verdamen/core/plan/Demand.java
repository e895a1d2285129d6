package verdamen.core.plan;

import verdamen.core.model.Coded;

/**
 * Something that is asked of a plan, and that can clash with others.
 *
 * @param kind what is asked
 * @param subject of what: the key of a serving or a task, the name of a worker, the code of a place
 */
public record Demand(Kind kind, String subject) {

    /** What is asked. */
    public enum Kind implements Coded {
        /** A serving is ready when it is served. */
        ON_TIME("on-time"),
        /** A dough is rolled inside its window. */
        WINDOW("window"),
        /** A worker works only while there. */
        HOURS("hours"),
        /** No more of a place is taken up than there is. */
        PLACE("place"),
        /** A task begins when it was pinned to. */
        PIN("pin");

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
