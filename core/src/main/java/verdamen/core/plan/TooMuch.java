package verdamen.core.plan;

/**
 * A while in which more of a place is taken up than there is.
 *
 * @param place the place
 * @param from from when, minutes from the beginning of the day
 * @param to until when
 * @param by how much more than there is
 */
public record TooMuch(Place place, int from, int to, int by) {}
