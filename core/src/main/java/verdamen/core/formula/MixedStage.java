package verdamen.core.formula;

/**
 * A stage before the dough itself with its temperatures, by heat balance and by Newton's law.
 *
 * @param stage the stage
 * @param mixedC when it is mixed: what stands from the stages before, and what comes in, °C
 * @param laterC when the next stage begins, °C
 */
public record MixedStage(Stage stage, double mixedC, double laterC) {}
