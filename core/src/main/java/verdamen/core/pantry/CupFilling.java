package verdamen.core.pantry;

import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;

/** How a cup is filled with flour: a factor on the flour's density in the book, and how much one cup differs from another. */
public enum CupFilling implements Coded {
    /** Flour is spooned in and struck level: the book's density. */
    SPOONED("spooned", Coefficient.SPOONED_CUP, Coefficient.SPOONED_CUP_SD),
    /** The cup is dipped into the flour. */
    SCOOPED("scooped", Coefficient.SCOOPED_CUP, Coefficient.SCOOPED_CUP_SD),
    /** Nobody said. */
    NOT_TOLD("not-told", Coefficient.UNTOLD_CUP, Coefficient.UNTOLD_CUP_SD),
    /** Flour is sifted into it. */
    SIFTED("sifted", Coefficient.SIFTED_CUP, Coefficient.SPOONED_CUP_SD),
    /** Flour is pressed down in it. */
    PACKED("packed", Coefficient.PACKED_CUP, Coefficient.UNTOLD_CUP_SD);

    private final String code;
    private final Coefficient factor;
    private final Coefficient relativeSd;

    CupFilling(String code, Coefficient factor, Coefficient relativeSd) {
        this.code = code;
        this.factor = factor;
        this.relativeSd = relativeSd;
    }

    @Override
    public String code() {
        return code;
    }

    /** Factor on the density in the book. */
    public double factor() {
        return factor.value();
    }

    /** Relative standard deviation of one cup. */
    public double relativeSd() {
        return relativeSd.value();
    }
}
