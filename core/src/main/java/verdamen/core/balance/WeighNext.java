package verdamen.core.balance;

/**
 * The line that would narrow the water answer most if it were put on the scale.
 *
 * @param line index of the line
 * @param ingredient code of its ingredient
 * @param sd standard deviation of the water needed once it is weighed, g
 * @param low lower end of its 80 % range then, g; not clipped
 * @param high upper end then, g
 */
public record WeighNext(int line, String ingredient, double sd, double low, double high) {}
