package verdamen.core.handling;

/**
 * How much one line moved a figure: the figure less what it would be without the line.
 *
 * @param line index of the line
 * @param ingredient code of the line's ingredient
 * @param change in the figure's unit; positive when the line raised it
 */
public record Influence(int line, String ingredient, double change) {}
