package verdamen.core.formula;

/**
 * A stretch of time between kneading and rolling.
 *
 * @param kind what happens
 * @param minutes how long, minutes
 * @param temperatureC how warm it is where the dough stands, °C
 */
public record Phase(PhaseKind kind, double minutes, double temperatureC) {}
