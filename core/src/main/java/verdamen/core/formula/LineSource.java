package verdamen.core.formula;

/** Where a counted line comes from. */
public enum LineSource {
    /** Asked for as such. */
    ASKED,
    /** What a preparation chain put in beside the inclusion: salt, fat, spice, its own pressed liquid. */
    PREPARED,
    /** What the dough takes up from bench and hands. */
    BENCH
}
