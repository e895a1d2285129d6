package verdamen.core.model;

import org.jspecify.annotations.Nullable;

/**
 * One input of a step of an explanation.
 *
 * @param symbol what it is
 * @param value its value, in {@code unit}
 * @param unit the unit of the value
 * @param coefficient name of the coefficient that it was taken from; null when it is none
 */
public record Term(
        Symbol symbol, double value, Unit unit, @Nullable String coefficient) {

    /** An input that is no coefficient. */
    public Term(Symbol symbol, double value, Unit unit) {
        this(symbol, value, unit, null);
    }

    /** An input that is a coefficient, chosen by how the dough is made. */
    public static Term of(Symbol symbol, Coefficient coefficient) {
        return new Term(symbol, coefficient.value(), coefficient.unit(), coefficient.name());
    }

    /** An input in a unit of its own. */
    public static Term of(Symbol symbol, double value, Unit unit) {
        return new Term(symbol, value, unit);
    }

    /** A mass in grams. */
    public static Term grams(Symbol symbol, double grams) {
        return new Term(symbol, grams, Unit.GRAMS);
    }

    /** A share or factor. */
    public static Term factor(Symbol symbol, double factor) {
        return new Term(symbol, factor, Unit.FACTOR);
    }

    /** A time in minutes. */
    public static Term minutes(Symbol symbol, double minutes) {
        return new Term(symbol, minutes, Unit.MINUTES);
    }

    /** A length in millimetres. */
    public static Term millimetres(Symbol symbol, double millimetres) {
        return new Term(symbol, millimetres, Unit.MILLIMETRES);
    }

    /** A figure per hundred. */
    public static Term percent(Symbol symbol, double percent) {
        return new Term(symbol, percent, Unit.PERCENT);
    }

    /** A plain count. */
    public static Term count(Symbol symbol, double count) {
        return new Term(symbol, count, Unit.COUNT);
    }

    /** A temperature in degrees Celsius. */
    public static Term celsius(Symbol symbol, double celsius) {
        return new Term(symbol, celsius, Unit.CELSIUS);
    }

    /** A softness. */
    public static Term softness(Symbol symbol, double softness) {
        return new Term(symbol, softness, Unit.SOFTNESS);
    }

    /** A gluten strength. */
    public static Term gluten(Symbol symbol, double points) {
        return new Term(symbol, points, Unit.GLUTEN_POINTS);
    }
}
