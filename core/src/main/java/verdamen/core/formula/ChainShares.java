package verdamen.core.formula;

import verdamen.core.prep.Chain;

/** How much of what a preparation chain gives goes into lines. */
public final class ChainShares {

    private ChainShares() {}

    /**
     * What is left of a chain when every line has taken its share, g; 0 when a line takes all there is. Below 0 when the lines
     * ask for more than there is.
     */
    public static double leftGrams(FormulaSpec spec, Chain chain) {
        double taken = 0;
        for (LineSpec line : spec.linesOrNone()) {
            if (line != null && chain.key().equals(line.prep())) {
                if (line.grams() == null) {
                    return 0;
                }
                taken += line.grams();
            }
        }
        return chain.result().grams() - taken;
    }
}
