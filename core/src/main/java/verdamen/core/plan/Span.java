package verdamen.core.plan;

/**
 * So much of a place that is taken up for a while.
 *
 * @param place the place
 * @param amount how much of it
 * @param from from which minute on
 * @param to until which minute, which is free again
 */
record Span(Place place, int amount, int from, int to) {

    boolean lies(int minute) {
        return from <= minute && minute < to;
    }

    boolean meets(int first, int last) {
        return from < last && first < to;
    }
}
