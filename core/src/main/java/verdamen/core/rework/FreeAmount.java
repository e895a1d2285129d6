package verdamen.core.rework;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.prep.Chain;

/**
 * A line whose amount may move.
 *
 * @param line index of the line
 * @param low the least it may be, g
 * @param high the most it may be, g, above {@code low}
 */
public record FreeAmount(int line, double low, double high) {

    private static final double TWICE = 2;

    /** The amounts that may move, as asked; each line once, and not the water, which follows. */
    static List<FreeAmount> read(@Nullable List<FreeSpec> asked, BaseFormula base, Faults faults) {
        List<FreeSpec> all = faults.atMost("free", asked, Limit.FREE_AMOUNTS);
        faults.require(!all.isEmpty(), "free", FaultCode.MISSING, null);
        List<FreeAmount> amounts = new ArrayList<>();
        for (int at = 0; at < all.size(); at++) {
            FreeAmount amount = read(all.get(at), "free[" + at + "].", base, faults);
            boolean again = amount != null && amounts.stream().anyMatch(other -> other.line() == amount.line());
            faults.require(!again, "free[" + at + "].line", FaultCode.TAKEN, amount == null ? null : amount.line());
            if (amount != null) {
                amounts.add(amount);
            }
        }
        return amounts;
    }

    private static @Nullable FreeAmount read(FreeSpec asked, String field, BaseFormula base, Faults faults) {
        Line line = line(asked, field, base.formula(), faults);
        if (line == null) {
            return null;
        }
        int before = faults.count();
        double low = asked.low() == null ? 0 : asked.low();
        double most = most(line, base);
        double high = asked.high() == null ? Math.min(TWICE * line.grams(), most) : asked.high();
        faults.number(field + "low", low, Limit.GRAMS);
        faults.number(field + "high", high, Limit.GRAMS.least(), most);
        if (faults.count() == before && low >= high) {
            faults.add(null, field + "high", FaultCode.TOO_SMALL, high, low);
        }
        return faults.count() > before ? null : new FreeAmount(line.index(), low, high);
    }

    /** The most there can be of a line: of a prepared one what its chain gives and other lines leave. */
    private static double most(Line line, BaseFormula base) {
        double most = Limit.GRAMS.most();
        for (Chain chain : base.formula().preps()) {
            if (chain.key().equals(line.prep())) {
                most = chain.result().grams() - takenByOthers(line, base.spec());
            }
        }
        return most;
    }

    private static double takenByOthers(Line line, FormulaSpec spec) {
        double taken = 0;
        for (int at = 0; at < spec.linesOrNone().size(); at++) {
            LineSpec other = spec.lineOrNull(at);
            boolean same = other != null && at != line.index() && Objects.equals(line.prep(), other.prep());
            taken += same && other.grams() != null ? other.grams() : 0;
        }
        return taken;
    }

    private static @Nullable Line line(FreeSpec asked, String field, Formula formula, Faults faults) {
        if (asked.line() == null) {
            faults.add(null, field + "line", FaultCode.MISSING, null);
            return null;
        }
        Optional<Line> line = formula.askedLines().stream()
                .filter(each -> each.index() == asked.line())
                .findFirst();
        if (line.isEmpty()) {
            faults.add(null, field + "line", FaultCode.UNKNOWN_CODE, asked.line());
        } else if (line.get().ingredient().isPlainWater()) {
            faults.add(null, field + "line", FaultCode.NOT_FOR_THIS_INGREDIENT, asked.line());
            return null;
        }
        return line.orElse(null);
    }

    /** The amount at a place between its ends, 0 to 1. */
    double at(double place) {
        return low + place * (high - low);
    }
}
