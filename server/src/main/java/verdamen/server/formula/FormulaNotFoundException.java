package verdamen.server.formula;

/** There is no such formula or version. */
public final class FormulaNotFoundException extends RuntimeException {

    /** No formula has this id, or no version of it this number. */
    public FormulaNotFoundException(String what) {
        super(what);
    }
}
