package verdamen.core.rework;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.OptionalInt;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.evaluation.FormulaFigure;
import verdamen.core.evaluation.FormulaFigures;
import verdamen.core.formula.Facts;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.handling.RolledDough;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Faults;

/**
 * A change raised rung by rung, each rung with all that goes along, and the shares at which limits are crossed. Source: model
 * page, section 15.
 *
 * @param rungs the rungs, by rising share
 * @param limits the limits looked at
 * @param crossings where they are crossed, by rising share
 */
public record Ladder(List<Rung> rungs, List<FigureLimit> limits, List<Crossing> crossings) {

    private static final double WITHIN = Coefficient.REWORK_CROSSING_WITHIN.value();

    /**
     * A rung.
     *
     * @param share the share of the change
     * @param rework the formula there, and what goes along
     * @param evaluation its evaluation
     * @param facts its cost, allergens and nutrition
     * @param figures its figures
     * @param uncorrectedSoftness softness when rolled, were nothing but the change made; null when nothing drinks
     * @param broken the figures whose limit it does not keep
     */
    public record Rung(
            double share,
            Rework rework,
            Evaluation evaluation,
            Facts facts,
            FormulaFigures figures,
            @Nullable Double uncorrectedSoftness,
            List<FormulaFigure> broken) {}

    /**
     * A share at which a limit is crossed, to half a percent: the last share looked at that still keeps it, or the first
     * that keeps it again.
     *
     * @param figure the figure of the limit
     * @param share the share
     * @param breaks whether it is kept up to there; otherwise from there on
     */
    public record Crossing(FormulaFigure figure, double share, boolean breaks) {}

    /**
     * The ladder of a change.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    public static Ladder of(LadderQuestion asked, Stock stock) {
        BaseFormula base = BaseFormula.of(asked.formula(), stock.pantry());
        Faults faults = new Faults();
        Raised raised = Raised.read(asked.raised(), "", asked.beside(), faults);
        List<FigureLimit> kept = FigureLimit.read(asked.limits(), base.formula(), faults);
        faults.refuse();
        return new Climber(
                        base,
                        Objects.requireNonNull(raised),
                        AskedChange.all("beside", asked.beside()),
                        kept,
                        asked.without(),
                        stock)
                .ladder();
    }

    /**
     * The rung to which each of some formulas that were made belongs, by what went into it but for water; nothing for one that
     * belongs to none.
     */
    public List<OptionalInt> rungsOf(List<Formula> made) {
        List<Makings> own = rungs.stream()
                .map(rung -> Makings.of(rung.evaluation().formula()))
                .toList();
        return made.stream().map(each -> nearest(own, Makings.of(each))).toList();
    }

    private static OptionalInt nearest(List<Makings> rungs, Makings made) {
        int nearest = -1;
        double least = Coefficient.REWORK_BATCH_WITHIN.value();
        for (int at = 0; at < rungs.size(); at++) {
            double apart = rungs.get(at).apart(made);
            if (apart < least) {
                nearest = at;
                least = apart;
            }
        }
        return nearest < 0 ? OptionalInt.empty() : OptionalInt.of(nearest);
    }

    /** Works a ladder out. */
    private record Climber(
            BaseFormula base,
            Raised raised,
            List<AskedChange> beside,
            List<FigureLimit> limits,
            Set<Carried> without,
            Stock stock) {

        Ladder ladder() {
            // Refused as a whole, and not rung by rung.
            base.changed(AskedChange.before(raised.last(), beside));
            List<Rung> rungs = new ArrayList<>();
            for (double share : raised.shares()) {
                rungs.add(rung(share));
            }
            return new Ladder(rungs, limits, crossings(rungs));
        }

        private Rework reworked(double share) {
            return base.reworked(AskedChange.before(raised.at(share), beside), without);
        }

        private Rung rung(double share) {
            Rework rework = reworked(share);
            Evaluation evaluation = Evaluation.of(read(rework.formula()));
            Facts facts = Facts.of(evaluation.formula(), stock.prices());
            FormulaFigures figures = FormulaFigures.of(evaluation, facts);
            Formula uncorrected = read(base.changed(AskedChange.before(raised.at(share), beside)));
            return new Rung(
                    share,
                    rework,
                    evaluation,
                    facts,
                    figures,
                    RolledDough.of(uncorrected).handling().softness(),
                    FigureLimit.broken(limits, figures));
        }

        private Formula read(FormulaSpec spec) {
            return FormulaReader.read(spec, stock.pantry());
        }

        /**
         * Where limits are crossed. At 0 the formula is as it is, nothing set right: what only that changes is crossed by no
         * share, and is not looked at.
         */
        private List<Crossing> crossings(List<Rung> rungs) {
            List<Crossing> found = new ArrayList<>();
            for (int at = 1; at < rungs.size(); at++) {
                Rung below = rungs.get(at - 1);
                Rung above = rungs.get(at);
                double from = below.share() > 0 ? below.share() : Math.min(WITHIN, above.share());
                FormulaFigures foot = below.share() > 0 ? below.figures() : figuresAt(from);
                for (FigureLimit limit : limits) {
                    boolean kept = limit.isKept(foot);
                    if (kept != limit.isKept(above.figures())) {
                        found.add(crossing(limit, from, above.share(), kept));
                    }
                }
            }
            found.sort((one, other) -> Double.compare(one.share(), other.share()));
            return found;
        }

        private FormulaFigures figuresAt(double share) {
            return stock.figures(reworked(share).formula());
        }

        private Crossing crossing(FigureLimit limit, double below, double above, boolean breaks) {
            double low = below;
            double high = above;
            while (high - low > WITHIN) {
                double middle = (low + high) / 2;
                if (limit.isKept(figuresAt(middle)) == breaks) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
            return new Crossing(limit.figure(), breaks ? low : high, breaks);
        }
    }
}
