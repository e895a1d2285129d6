package verdamen.core.balance;

import java.util.function.Predicate;
import verdamen.core.formula.Formula;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;

/**
 * A kind of dough by how far off the model is known to be: what practised cooks called right for doughs of that kind, against what
 * the model asked for. Of several that fit, the one that is known worst counts.
 */
public enum DoughKind implements Coded {
    /** Flour of any grain, with nothing wet but liquids and dairy. */
    PLAIN("plain", Coefficient.ACCURACY_PLAIN_PCT),
    /** With a purée, or with vegetables in pieces. */
    PUREE("puree", Coefficient.ACCURACY_PUREE_PCT),
    /** With mashed potato, roots or pulses, or with potato flakes. */
    MASH("mash", Coefficient.ACCURACY_MASH_PCT),
    /** Mostly meal without gluten, with hot liquid. */
    HOT_MEAL("hot-meal", Coefficient.ACCURACY_HOT_MEAL_PCT),
    /** So wet that it is pressed or spread, never rolled. */
    PRESSED("pressed", Coefficient.ACCURACY_PRESSED_PCT);

    private final String code;
    private final Coefficient off;

    DoughKind(String code, Coefficient off) {
        this.code = code;
        this.off = off;
    }

    @Override
    public String code() {
        return code;
    }

    /** How far off the water asked for is known to be, % of the flour either way. */
    public Coefficient off() {
        return off;
    }

    /** The kind of a dough. */
    static DoughKind of(Dough dough) {
        DoughKind worst = PLAIN;
        for (DoughKind kind : values()) {
            worst = kind.off.value() > worst.off.value() && kind.fits(dough) ? kind : worst;
        }
        return worst;
    }

    private boolean fits(Dough dough) {
        Formula formula = dough.formula();
        double few = Coefficient.ACCURACY_INCLUSION_LEAST.value() * dough.flourGrams();
        return switch (this) {
            case PLAIN -> true;
            case PUREE -> grams(dough, DoughRow::isInclusion) > few;
            case MASH -> grams(dough, row -> !row.isFlour() && row.gelShare(0) > 0) > few;
            case HOT_MEAL ->
                grams(
                                dough,
                                row -> row.countsAsFlour()
                                        && !row.ingredient().glutenBearing()
                                        && Uptake.scalding(formula.waterTemperatureC(row.line())) > 0)
                        > dough.flourGrams() / 2;
            case PRESSED -> formula.style().softnessTarget() >= Coefficient.ACCURACY_PRESSED_FROM.value();
        };
    }

    private static double grams(Dough dough, Predicate<DoughRow> counts) {
        return dough.rows().stream().filter(counts).mapToDouble(DoughRow::grams).sum();
    }
}
