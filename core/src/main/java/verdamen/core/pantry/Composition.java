package verdamen.core.pantry;

import verdamen.core.model.Share;

/**
 * What 100 g of an ingredient hold, in grams.
 *
 * @param waterPct water
 * @param proteinPct protein
 * @param fatPct fat
 * @param carbPct carbohydrate, fibre included
 * @param fibrePct dietary fibre, part of {@code carbPct}
 * @param sugarsPct sugars, part of {@code carbPct}
 */
public record Composition(
        double waterPct, double proteinPct, double fatPct, double carbPct, double fibrePct, double sugarsPct) {

    /** Refuses shares outside 0 to 100 %. */
    public Composition {
        for (double pct : new double[] {waterPct, proteinPct, fatPct, carbPct, fibrePct, sugarsPct}) {
            if (!(pct >= 0 && pct <= 100)) {
                throw new IllegalArgumentException("a composition lies within 0 to 100 %, not " + pct);
            }
        }
    }

    /** Water as a share of the ingredient. */
    public Share waterShare() {
        return Share.ofPct(waterPct);
    }

    /** Protein as a share of the ingredient. */
    public Share proteinShare() {
        return Share.ofPct(proteinPct);
    }

    /** Fat as a share of the ingredient. */
    public Share fatShare() {
        return Share.ofPct(fatPct);
    }

    /** Starch as a share of the ingredient: carbohydrate that is neither fibre nor sugar. */
    public Share starchShare() {
        return Share.ofPct(Math.max(0, carbPct - fibrePct - sugarsPct));
    }

    /** Sugars as a share of the ingredient. */
    public Share sugarsShare() {
        return Share.ofPct(sugarsPct);
    }
}
