package verdamen.core.balance;

/**
 * How to give what is held back: some equal additions, then the remainder.
 *
 * @param full number of equal additions
 * @param eachGrams mass of each, g
 * @param lastGrams the remainder, g; 0 for none
 */
public record Additions(int full, double eachGrams, double lastGrams) {}
