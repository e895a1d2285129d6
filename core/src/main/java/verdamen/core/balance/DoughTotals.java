package verdamen.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.PacedSums.Paces;
import verdamen.core.formula.FilledPiece;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Share;
import verdamen.core.pantry.Behaviour;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Role;

/**
 * What the rows of a dough add up to. Everything a dough is judged by follows from these sums: rows that take up or let go
 * of water at one pace stand in one sum. So the dough at another minute, without a line or with another one costs the same
 * however many lines there are.
 */
public final class DoughTotals {

    private final Formula formula;
    private final List<Line> plainWater;
    private final double filling;
    private final PacedSums paced;
    private final List<SheetPiece> pieces;
    private double atOnce;
    private double lostWhenHard;
    private double held;
    private double flour;
    private double pulseFlour;
    private double fat;
    private double salt;
    private double grams;
    private double plainWaterBrings;
    private double networkProtein;
    private double solids;
    private double countedPieces;
    private double gel;
    private @Nullable Paces paces;

    /** The totals of a formula's dough. */
    public static DoughTotals of(Formula formula) {
        return new DoughTotals(formula, Dough.rowsOf(formula));
    }

    DoughTotals(Formula formula, List<DoughRow> rows) {
        this.formula = formula;
        this.plainWater = formula.lines().stream().filter(PlainWater::is).toList();
        this.filling = formula.lines().stream()
                .filter(line -> line.part() == Part.FILLING)
                .mapToDouble(Line::grams)
                .sum();
        this.paced = new PacedSums();
        this.pieces = new ArrayList<>();
        rows.forEach(row -> add(row, 1));
    }

    private DoughTotals(DoughTotals other, Formula formula) {
        this.formula = formula;
        this.plainWater = other.plainWater;
        this.filling = other.filling;
        this.paced = new PacedSums(other.paced);
        this.pieces = new ArrayList<>(other.pieces);
        this.atOnce = other.atOnce;
        this.lostWhenHard = other.lostWhenHard;
        this.held = other.held;
        this.flour = other.flour;
        this.pulseFlour = other.pulseFlour;
        this.fat = other.fat;
        this.salt = other.salt;
        this.grams = other.grams;
        this.plainWaterBrings = other.plainWaterBrings;
        this.networkProtein = other.networkProtein;
        this.solids = other.solids;
        this.countedPieces = other.countedPieces;
        this.gel = other.gel;
    }

    /** The dough without some of its rows: those of one line, of which one at most has pieces. */
    public DoughTotals without(List<DoughRow> rows) {
        DoughTotals less = new DoughTotals(this, formula);
        rows.forEach(row -> less.add(row, -1));
        return less;
    }

    /** The dough with a line in place of another, or beside what there is when there is no other. */
    public DoughTotals with(@Nullable Line before, Line after) {
        DoughTotals changed = new DoughTotals(this, formula);
        if (before != null) {
            Dough.rowsOf(formula, before).forEach(row -> changed.add(row, -1));
        }
        Dough.rowsOf(formula, after).forEach(row -> changed.add(row, 1));
        return changed;
    }

    /** The same dough judged by another formula, which differs in its rest or sheet only. */
    public DoughTotals judgedBy(Formula other) {
        return new DoughTotals(this, other);
    }

    /** The dough with so much plain water poured in, g, whatever it has now. */
    public DoughTotals withPlainWater(double poured) {
        DoughTotals changed = this;
        boolean done = false;
        for (Line line : plainWater) {
            changed = changed.with(line, line.withGrams(done ? 0 : poured));
            done = true;
        }
        return done || poured <= 0 ? changed : changed.with(null, PlainWater.line(formula, poured));
    }

    private void add(DoughRow row, int sign) {
        RowWater water = RowWater.of(formula, row);
        double signed = sign * row.grams();
        atOnce = PacedSums.sum(atOnce, sign * water.bringsAtOnce());
        lostWhenHard = PacedSums.sum(lostWhenHard, sign * water.lostWhenHard());
        held = PacedSums.sum(held, sign * water.held());
        grams = PacedSums.sum(grams, signed);
        flour = PacedSums.sum(flour, row.countsAsFlour() ? signed : 0);
        pulseFlour = PacedSums.sum(
                pulseFlour, row.countsAsFlour() && row.ingredient().legume() ? signed : 0);
        fat = PacedSums.sum(fat, sign * RowWater.pureFat(row));
        salt = PacedSums.sum(salt, row.ingredient().role() == Role.SALT ? signed : 0);
        plainWaterBrings = PacedSums.sum(plainWaterBrings, row.isPlainWater() ? sign * water.bringsAtOnce() : 0);
        solids = PacedSums.sum(solids, signed * row.solidsShare());
        gel = PacedSums.sum(gel, signed * row.gelShare(Uptake.scalding(formula.waterTemperatureC(row.line()))));
        Behaviour behaviour = row.behaviour();
        if (behaviour != null) {
            networkProtein = PacedSums.sum(networkProtein, signed * row.proteinShare() * behaviour.glutenQuality());
        }
        paced.add(water, row.line().headStartMinutes(), sign);
        pieces(row, sign);
    }

    private void pieces(DoughRow row, int sign) {
        double mm = row.pieceMm();
        if (mm > Coefficient.COUNTED_PIECE.value()) {
            countedPieces = PacedSums.sum(countedPieces, sign * row.grams());
        }
        if (row.grams() <= 0) {
            return;
        }
        Form form = row.line().form();
        if (mm > 0 && form != null) {
            SheetPiece piece = new SheetPiece(row.line().index(), mm, form.pieceIsSoft(), row.grams());
            if (sign > 0) {
                pieces.add(piece);
            } else {
                pieces.remove(piece);
            }
        }
    }

    private double perFlour(double part) {
        return flour > 0 ? part / flour : 0;
    }

    /** The formula it is judged by: its style, sheet, target and timeline. */
    public Formula formula() {
        return formula;
    }

    /** F, g of flour: the 100 % of baker's percentages. */
    public double flourGrams() {
        return flour;
    }

    /** Mass of the dough, g. */
    public double grams() {
        return grams;
    }

    /** Mass of the formula's filling, g; 0 without one. */
    public double fillingGrams() {
        return filling;
    }

    /** A piece of it with its filling inside; nothing for pieces that have none. */
    public Optional<FilledPiece> filledPiece() {
        return filling > 0 ? FilledPiece.of(formula, grams, filling) : Optional.empty();
    }

    /** x, pure fat of the fat lines over flour; 0 without flour. */
    public double fatPerFlour() {
        return perFlour(fat);
    }

    /** p, pulse flours as a share of the flour; 0 without flour. */
    public double pulseShare() {
        return perFlour(pulseFlour);
    }

    /** Grams of salt per 100 g flour; 0 without flour. */
    public double saltPct() {
        return Share.ofFraction(perFlour(salt)).pct();
    }

    /** Σ m · protein · quality over all that has a behaviour, g. */
    double networkProteinGrams() {
        return networkProtein;
    }

    /** Σ m (1 − water − fat) over every row, g. */
    double solidsGrams() {
        return solids;
    }

    /** v, share of the dough that is inclusion in pieces above 0.5 mm. */
    public double pieceShare() {
        return grams > 0 ? countedPieces / grams : 0;
    }

    /** Non-fat solids of gelled starch, g: mashes and flakes, and flour as far as it was scalded. */
    double gelGrams() {
        return gel;
    }

    /** The piece that needs the thickest sheet; nothing when there are no pieces. */
    public Optional<SheetPiece> coarsest() {
        SheetPiece coarsest = null;
        double most = 0;
        for (SheetPiece piece : pieces) {
            double cubed = piece.coverCubed(grams);
            if (cubed > most) {
                most = cubed;
                coarsest = piece;
            }
        }
        return Optional.ofNullable(coarsest);
    }

    /** Largest hard, or soft, piece, mm; 0 for none. */
    public double largestPieceMm(boolean soft) {
        double largest = 0;
        for (SheetPiece piece : pieces) {
            largest = piece.soft() == soft ? Math.max(largest, piece.mm()) : largest;
        }
        return largest;
    }

    double coating() {
        return Uptake.coating(formula.fatTiming(), fatPerFlour());
    }

    /** How much fat rubbed in first slows every uptake. */
    double fatSlows() {
        return Uptake.fatSlows(formula.fatTiming(), fatPerFlour());
    }

    /** Grams of water-like plasticiser in play. */
    double bringsGrams(Moment at) {
        return (at.fatHardened() ? atOnce - lostWhenHard : atOnce) + paces().brings(at.working());
    }

    /** Grams of water taken up, at reference softness. */
    double drinksGrams(Moment at) {
        return held + paces().drinks(at.working()) + paces().branDrinks(at.working());
    }

    /** Share of all uptake that is done, 0 to 1, that of bran left out; 1 when nothing drinks. */
    double uptakeDone(Moment at) {
        double end = paces().drinksInTheEnd();
        return end > 0 ? paces().drinks(at.working()) / end : 1;
    }

    private Paces paces() {
        Paces known = paces;
        if (known == null) {
            known = paced.paces(coating(), fatSlows(), saltPct());
            paces = known;
        }
        return known;
    }

    /** Softness S(t) = Σ brings / Σ drinks at {@code minute} after wetting; null when nothing drinks. */
    public @Nullable Double softness(double minute) {
        Moment at = Moment.of(formula.timeline(), minute);
        double drinks = drinksGrams(at);
        return drinks > 0 ? bringsGrams(at) / drinks : null;
    }

    /** What all but the plain water brings, g. */
    double bringsWithoutPlainWater(Moment at) {
        return bringsGrams(at) - plainWaterBrings;
    }

    /** W = S* · D − B, the plain water needed, g. */
    double waterNeeded(Moment at) {
        return formula.softnessTarget() * drinksGrams(at) - bringsWithoutPlainWater(at);
    }

    /** W when the dough is rolled, g. */
    public double waterNeeded() {
        return waterNeeded(Moment.of(formula.timeline(), formula.rollAtMinute()));
    }
}
