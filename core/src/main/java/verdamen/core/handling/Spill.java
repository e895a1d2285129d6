package verdamen.core.handling;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.DoughTotals;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;

/**
 * A line that was forgotten, or part of it spilled: what to put in again, with its range, and what the dough is without.
 *
 * @param line index of the line
 * @param ingredient its code
 * @param grams what to put in, g
 * @param low lower end of the 80 % range, g
 * @param high upper end of it, g
 * @param withoutSoftness softness when rolled if nothing is done; null when nothing drinks any more
 * @param withSoftness softness when rolled once it is put in; null when nothing drinks
 * @param withoutWaterGrams water needed if nothing is done less that of the formula, g
 */
public record Spill(
        int line,
        String ingredient,
        double grams,
        double low,
        double high,
        @Nullable Double withoutSoftness,
        @Nullable Double withSoftness,
        double withoutWaterGrams) {

    /**
     * What to put in again.
     *
     * @param share how much of the line is missing, above 0 to 1; 1 when it was forgotten
     * @param judged whether the share was judged by eye, not weighed
     * @throws RefusedException when there is no such line of the dough, or the share is none
     */
    public static Spill of(Formula formula, int index, double share, boolean judged) {
        Line line = formula.askedLines().stream()
                .filter(each -> each.index() == index && each.part() == Part.DOUGH)
                .findFirst()
                .orElseThrow(() -> refused("line", FaultCode.UNKNOWN_CODE, index, null));
        if (!(share > 0)) {
            throw refused("share", FaultCode.TOO_SMALL, share, 0.0);
        }
        if (share > 1) {
            throw refused("share", FaultCode.TOO_LARGE, share, 1.0);
        }
        double grams = share * line.grams();
        double weighing = line.sdGrams() == null ? Line.weighedSdGrams(grams) : share * line.sdGrams();
        double sd = Math.hypot(weighing, judged ? Coefficient.SPILLED_SD.value() * grams : 0);
        double half = Coefficient.RANGE_WIDTH.value() * sd;
        Formula without = formula.withLines(formula.lines().stream()
                .map(each -> each == line ? line.withGrams(line.grams() - grams) : each)
                .toList());
        double minute = formula.rollAtMinute();
        return new Spill(
                index,
                line.ingredient().code(),
                grams,
                Math.max(0, grams - half),
                Math.min(line.grams(), grams + half),
                DoughTotals.of(without).softness(minute),
                DoughTotals.of(formula).softness(minute),
                DoughTotals.of(without).waterNeeded() - DoughTotals.of(formula).waterNeeded());
    }

    private static RefusedException refused(String field, FaultCode code, Number value, @Nullable Double limit) {
        return new RefusedException(List.of(new Fault(null, field, code, value.toString(), limit)));
    }
}
