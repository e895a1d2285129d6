package verdamen.core.rework;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;

/**
 * What is wanted of a blend.
 *
 * @param figure the figure
 * @param atLeast the least that is good enough; null for none
 * @param atMost the most that is good enough; null for none
 * @param about what to come near to; null for none
 */
record Wanted(
        BlendFigure figure,
        @Nullable Double atLeast,
        @Nullable Double atMost,
        @Nullable Double about) {

    /** Wants as asked. */
    static List<Wanted> read(@Nullable List<WantedSpec> asked, Faults faults) {
        List<Wanted> wanted = new ArrayList<>();
        List<WantedSpec> all = faults.atMost("wanted", asked, Limit.FIGURE_LIMITS);
        for (int at = 0; at < all.size(); at++) {
            Wanted each = read(all.get(at), "wanted[" + at + "].", faults);
            if (each != null) {
                wanted.add(each);
            }
        }
        return wanted;
    }

    private static @Nullable Wanted read(WantedSpec asked, String field, Faults faults) {
        int before = faults.count();
        BlendFigure figure = faults.choice(field + "figure", asked.figure(), BlendFigure.class);
        faults.number(field + "atLeast", asked.atLeast(), Limit.FIGURE);
        faults.number(field + "atMost", asked.atMost(), Limit.FIGURE);
        faults.number(field + "about", asked.about(), Limit.FIGURE);
        boolean any = asked.atLeast() != null || asked.atMost() != null || asked.about() != null;
        faults.require(any, field + "atLeast", FaultCode.MISSING, null);
        boolean both = asked.atLeast() != null && asked.atMost() != null;
        faults.require(
                !both || asked.atLeast() <= asked.atMost(), field + "atMost", FaultCode.CONTRADICTS, asked.atMost());
        boolean reached = asked.about() == null || figure != BlendFigure.STRENGTH;
        faults.require(reached, field + "about", FaultCode.CONTRADICTS, asked.about());
        return figure == null || faults.count() > before
                ? null
                : new Wanted(figure, asked.atLeast(), asked.atMost(), asked.about());
    }

    /** How far a value is from what is to come near to, in the unit of its figure; 0 when there is no such thing. */
    double away(double value) {
        return about == null ? 0 : Math.abs(value - about);
    }

    /** How much of what is good enough is missing, in the unit of its figure. */
    double missing(double value) {
        double low = atLeast == null ? 0 : Math.max(0, atLeast - value);
        double high = atMost == null ? 0 : Math.max(0, value - atMost);
        return low + high;
    }
}
