package verdamen.core.rework;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.stream.DoubleStream;
import verdamen.core.evaluation.FormulaFigure;
import verdamen.core.evaluation.FormulaFigures;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Faults;

/**
 * Two changes raised at once, each rung of one with each rung of the other.
 *
 * @param cells the formulas, row by row: the second share rises slower; those that ask for more of a line than there is are
 *     left out
 * @param limits the limits looked at
 */
public record Field(List<Cell> cells, List<FigureLimit> limits) {

    /** A share beyond all of a line by rounding. */
    private static final double ROUNDING = 1e-9;

    /**
     * A formula of the field.
     *
     * @param share share of the first change
     * @param second share of the second change
     * @param formula the formula there, with all that goes along
     * @param figures its figures
     * @param broken the figures whose limit it does not keep
     */
    public record Cell(
            double share, double second, FormulaSpec formula, FormulaFigures figures, List<FormulaFigure> broken) {}

    /**
     * The field of two changes.
     *
     * @param second what is raised beside what the question raises
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    public static Field of(LadderQuestion asked, RaisedSpec second, Stock stock) {
        BaseFormula base = BaseFormula.of(asked.formula(), stock.pantry());
        Faults faults = new Faults();
        Raised one = Raised.read(asked.raised(), "", asked.beside(), faults);
        Raised other = Raised.read(second, "second.", asked.beside(), faults);
        List<FigureLimit> limits = FigureLimit.read(asked.limits(), base.formula(), faults);
        faults.refuse();
        return new Field(
                cells(base, Objects.requireNonNull(one), Objects.requireNonNull(other), limits, asked, stock), limits);
    }

    private static List<Cell> cells(
            BaseFormula base, Raised one, Raised other, List<FigureLimit> limits, LadderQuestion asked, Stock stock) {
        List<AskedChange> beside = AskedChange.all("beside", asked.beside());
        // Refused as a whole, and not cell by cell.
        base.changed(AskedChange.before(one.last(), beside));
        base.changed(AskedChange.before(other.last(), beside));
        boolean sameLine = one.change().line() != null
                && Objects.equals(one.change().line(), other.change().line());
        double all = one.mostShare() + ROUNDING;
        // Each cell is worked out on its own: all processors take part, and the order stays.
        return Arrays.stream(other.shares())
                .boxed()
                .flatMap(above -> DoubleStream.of(one.shares()).mapToObj(share -> new double[] {share, above}))
                .filter(shares -> !sameLine || shares[0] + shares[1] <= all)
                .toList()
                .parallelStream()
                .map(shares -> {
                    List<AskedChange> changes =
                            AskedChange.before(one.at(shares[0]), AskedChange.before(other.at(shares[1]), beside));
                    FormulaSpec formula =
                            base.reworked(changes, asked.without()).formula();
                    FormulaFigures figures = stock.figures(formula);
                    return new Cell(shares[0], shares[1], formula, figures, FigureLimit.broken(limits, figures));
                })
                .toList();
    }
}
