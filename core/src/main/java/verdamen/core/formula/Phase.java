package verdamen.core.formula;

/**
 * A stretch of time between kneading and rolling.
 *
 * @param kind what happens
 * @param minutes how long, minutes
 * @param temperatureC for a chilling, the temperature of the fridge, °C
 */
public record Phase(PhaseKind kind, double minutes, double temperatureC) {}
