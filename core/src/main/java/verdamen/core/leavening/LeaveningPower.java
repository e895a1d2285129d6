package verdamen.core.leavening;

import verdamen.core.pantry.Ingredient;

/** How strong a leavener is, against another. */
public final class LeaveningPower {

    private LeaveningPower() {}

    /**
     * What a gram of a leavener has of what it shares with another: g of instant yeast that do as much, or mmol of the base
     * that makes its gas; 0 when they have nothing in common.
     */
    public static double inCommon(Ingredient of, Ingredient other) {
        Leavener one = Leavener.of(of);
        Leavener two = Leavener.of(other);
        if (one == null || two == null) {
            return 0;
        }
        return one.instantEquivalent() > 0 && two.instantEquivalent() > 0 ? one.instantEquivalent() : one.baseMmol();
    }
}
