package verdamen.server.formula;

/**
 * A formula's new state.
 *
 * @param state where it stands in the kitchen's work
 */
public record StateRequest(FormulaState state) {}
