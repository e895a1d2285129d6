package verdamen.core.portion;

import static verdamen.core.model.Symbol.*;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.Pieces;
import verdamen.core.formula.Portioning.SizeSpec;
import verdamen.core.handling.Disc;
import verdamen.core.handling.RolledDough;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Range;
import verdamen.core.model.Rule;
import verdamen.core.model.Share;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Pantry;

/**
 * How a dough is divided into pieces. Source: model page, sections 7 and 14.
 *
 * @param size the piece
 * @param doughGrams the dough, with what it takes up on the bench, g
 * @param pickupGrams what of it the bench and hands put in: dusting flour, water or oil, g
 * @param bowlLossGrams what of it stays on bowl and hands, g
 * @param usableGrams what is divided, g
 * @param count whole pieces of that size; 0 when the dough is not enough for one
 * @param statedCount how many the formula says there are; null when it does not say
 * @param shortGrams dough that is missing for as many as it says of the mass it says, g; 0 for none
 * @param leftover what is left over, and what it makes; null when nothing is
 * @param equal the dough in equal pieces without leftover: as many, and one more
 * @param weighing what a piece is off by when it is weighed
 * @param pan the largest piece for the pan asked about; null when none was
 * @param balls sizes of a ball in words
 * @param sizes pieces of several sizes; null when none were asked for
 * @param disc the piece to scale, with what is inside
 * @param steps how it is worked out
 */
public record Portion(
        PieceSize size,
        double doughGrams,
        double pickupGrams,
        double bowlLossGrams,
        double usableGrams,
        int count,
        @Nullable Double statedCount,
        double shortGrams,
        @Nullable SizedPieces leftover,
        List<SizedPieces> equal,
        PieceWeighing weighing,
        @Nullable SizedPieces pan,
        List<BallPieces> balls,
        @Nullable MixedPieces sizes,
        Disc disc,
        List<ExplanationStep> steps) {

    /**
     * Pieces of one size at the sheet.
     *
     * @param count how many
     * @param grams dough of each, g
     * @param diameterMm how wide each is, mm
     */
    public record SizedPieces(int count, double grams, double diameterMm) {}

    /**
     * What weighing a piece leaves open.
     *
     * @param stepGrams to what the scale weighs, g
     * @param grams from the lightest to the heaviest piece that it shows as the same, g
     * @param diameterMm how wide they are at the sheet, mm
     * @param offPct how much one of them is off at most, % of the piece
     */
    public record PieceWeighing(double stepGrams, Range grams, Range diameterMm, double offPct) {}

    /**
     * A ball's size in words.
     *
     * @param ball the size
     * @param pieces as many as the dough makes, with their diameter
     */
    public record BallPieces(BallSize ball, SizedPieces pieces) {}

    /**
     * Pieces of several sizes.
     *
     * @param asked as asked, with their diameters
     * @param neededGrams dough for them, g
     * @param leftGrams what is left of the dough, g; below 0 when it is not enough
     * @param fitted the same numbers in the same proportion, of all the dough
     */
    public record MixedPieces(
            List<SizedPieces> asked, double neededGrams, double leftGrams, List<SizedPieces> fitted) {}

    /**
     * How the dough of a formula is divided.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    public static Portion of(PortionQuestion asked, Pantry pantry) {
        Formula formula = FormulaReader.read(asked.formula(), pantry);
        Faults faults = new Faults();
        faults.number("stepGrams", asked.stepGrams(), Limit.SCALE_STEP);
        double usable = Pieces.usableGrams(formula);
        faults.require(usable > 0, "lines", FaultCode.MISSING, null);
        faults.refuse();
        return new Divider(formula, asked, usable, PieceSize.of(formula, asked.formula())).portion();
    }

    /** The largest pieces that fit a pan, at the formula's sheet: as many as its dough makes. */
    static SizedPieces inPan(Formula formula, double panMm) {
        double diameter = panMm - Coefficient.PAN_EDGE_MM.value();
        double grams = formula.style().discGrams(diameter, formula.sheetMm()) / Pieces.withFilling(formula);
        return new SizedPieces((int) Math.floor(Pieces.usableGrams(formula) / grams + 1e-9), grams, diameter);
    }

    /** Divides a dough. */
    private record Divider(Formula formula, PortionQuestion asked, double usable, PieceSize size) {

        Portion portion() {
            // A stated number of pieces divides the dough without rest: rounding does not take one away.
            int count = (int) Math.floor(usable / size.grams() + 1e-9);
            double left = usable - count * size.grams();
            double dough = usable / (1 - Coefficient.BOWL_LOSS.value());
            Double stated = formula.notes().pieces();
            Double each = formula.notes().pieceGrams();
            return new Portion(
                    size,
                    dough,
                    formula.method().sticking() == null ? 0 : formula.method().pickupGrams(),
                    dough - usable,
                    usable,
                    count,
                    stated,
                    stated == null || each == null ? 0 : Math.max(0, stated * each - usable),
                    left < Coefficient.LEFTOVER_LEAST.value() * size.grams() ? null : sized(1, left),
                    equal(count),
                    weighing(size.grams()),
                    formula.portion().panMm() == null
                            ? null
                            : inPan(formula, formula.portion().panMm()),
                    BallSize.all().stream()
                            .map(ball -> new BallPieces(ball, fill(ball.grams())))
                            .toList(),
                    formula.portion().sizesOrNone().isEmpty()
                            ? null
                            : mixed(formula.portion().sizesOrNone()),
                    Disc.of(RolledDough.of(formula.withSheet(size.sheetMm())), size.grams()),
                    steps(dough));
        }

        private SizedPieces sized(int count, double grams) {
            double whole = grams * Pieces.withFilling(formula);
            return new SizedPieces(count, grams, formula.style().discDiameterMm(whole, size.sheetMm()));
        }

        private SizedPieces fill(double grams) {
            return sized((int) Math.floor(usable / grams + 1e-9), grams);
        }

        private List<SizedPieces> equal(int count) {
            SizedPieces more = sized(count + 1, usable / (count + 1));
            return count == 0 ? List.of(more) : List.of(sized(count, usable / count), more);
        }

        private PieceWeighing weighing(double grams) {
            double step = asked.stepGrams() == null ? Coefficient.SCALE_STEP.value() : asked.stepGrams();
            double light = Math.max(0, grams - step / 2);
            double heavy = grams + step / 2;
            return new PieceWeighing(
                    step,
                    new Range(light, heavy),
                    new Range(sized(1, light).diameterMm(), sized(1, heavy).diameterMm()),
                    Share.of(step / 2, grams).pct());
        }

        private MixedPieces mixed(List<SizeSpec> specs) {
            List<SizedPieces> sizes = specs.stream()
                    .map(spec -> sized(Objects.requireNonNull(spec.count()), Objects.requireNonNull(spec.grams())))
                    .toList();
            double needed = sizes.stream()
                    .mapToDouble(each -> each.count() * each.grams())
                    .sum();
            return new MixedPieces(
                    sizes,
                    needed,
                    usable - needed,
                    needed <= 0
                            ? List.of()
                            : sizes.stream()
                                    .map(each -> sized(each.count(), each.grams() * usable / needed))
                                    .toList());
        }

        private List<ExplanationStep> steps(double dough) {
            List<ExplanationStep> steps = new ArrayList<>(size.steps());
            steps.add(ExplanationStep.of(Rule.USABLE_DOUGH, usable, Unit.GRAMS, Term.grams(DOUGH, dough)));
            steps.add(ExplanationStep.of(
                    Rule.PIECES_OF_DOUGH,
                    usable / size.grams(),
                    Unit.COUNT,
                    Term.grams(USABLE, usable),
                    Term.grams(PIECE_GRAMS, size.grams())));
            return steps;
        }
    }
}
