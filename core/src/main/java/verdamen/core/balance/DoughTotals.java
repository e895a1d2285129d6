package verdamen.core.balance;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.RowWater.Drinker;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
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

    /** What is left of a sum after its last row is gone: rounding. */
    private static final double NOTHING = 1e-9;

    /** A pace of taking up water. */
    private record Uptaking(double tau, boolean coats, double headStart) {}

    /** A pace of bran: every bran has one time constant, and all of it is flour that fat can coat. */
    private record Bran(double headStart) {}

    /** A pace of letting go of water. */
    private record Releasing(Form form, double headStart) {}

    private final Formula formula;
    private final List<Line> plainWater;
    private final Map<Uptaking, Double> uptaking;
    private final Map<Releasing, Double> releasing;
    private final Map<Bran, Double> bran;
    private final List<SheetPiece> pieces;
    private double atOnce;
    private double lostWhenHard;
    private double held;
    private double flour;
    private double fat;
    private double salt;
    private double grams;
    private double plainWaterBrings;
    private double networkProtein;
    private double solids;
    private double countedPieces;
    private double gel;
    private @Nullable Paces paces;

    /**
     * The paces with all that does not change with time worked out: what is taken up or let go in the end, and how fast.
     *
     * @param drinks g taken up in the end, pace by pace
     * @param drinkTau its time constant, minutes; 0 for what is soaked already
     * @param drinkStart minutes of a head start
     * @param bran g that bran takes up beside, pace by pace
     * @param branStart minutes of a head start
     * @param releases g of water in inclusions, pace by pace
     * @param release how its share in play grows
     * @param releaseStart minutes of a head start
     */
    private record Paces(
            double[] drinks,
            double[] drinkTau,
            double[] drinkStart,
            double[] bran,
            double[] branStart,
            double[] releases,
            Release[] release,
            double[] releaseStart) {

        double drinks(double working) {
            double sum = 0;
            for (int i = 0; i < drinks.length; i++) {
                sum += drinks[i] * (drinkTau[i] == 0 ? 1 : Uptake.share(working + drinkStart[i], drinkTau[i]));
            }
            return sum;
        }

        double branDrinks(double working) {
            double sum = 0;
            for (int i = 0; i < bran.length; i++) {
                sum += bran[i] * Uptake.branShare(working + branStart[i]);
            }
            return sum;
        }

        double brings(double working) {
            double sum = 0;
            for (int i = 0; i < releases.length; i++) {
                sum += releases[i] * release[i].share(working + releaseStart[i]);
            }
            return sum;
        }
    }

    /** The totals of a formula's dough. */
    public static DoughTotals of(Formula formula) {
        return new DoughTotals(formula, Dough.rowsOf(formula));
    }

    DoughTotals(Formula formula, List<DoughRow> rows) {
        this.formula = formula;
        this.plainWater = formula.lines().stream().filter(PlainWater::is).toList();
        this.uptaking = new HashMap<>();
        this.releasing = new HashMap<>();
        this.bran = new HashMap<>();
        this.pieces = new ArrayList<>();
        rows.forEach(row -> add(row, 1));
    }

    private DoughTotals(DoughTotals other, Formula formula) {
        this.formula = formula;
        this.plainWater = other.plainWater;
        this.uptaking = new HashMap<>(other.uptaking);
        this.releasing = new HashMap<>(other.releasing);
        this.bran = new HashMap<>(other.bran);
        this.pieces = new ArrayList<>(other.pieces);
        this.atOnce = other.atOnce;
        this.lostWhenHard = other.lostWhenHard;
        this.held = other.held;
        this.flour = other.flour;
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
        atOnce = sum(atOnce, sign * water.bringsAtOnce());
        lostWhenHard = sum(lostWhenHard, sign * water.lostWhenHard());
        held = sum(held, sign * water.held());
        grams = sum(grams, signed);
        flour = sum(flour, row.countsAsFlour() ? signed : 0);
        fat = sum(fat, sign * RowWater.pureFat(row));
        salt = sum(salt, row.ingredient().role() == Role.SALT ? signed : 0);
        plainWaterBrings = sum(plainWaterBrings, row.isPlainWater() ? sign * water.bringsAtOnce() : 0);
        solids = sum(solids, signed * row.solidsShare());
        gel = sum(gel, signed * row.gelShare(Uptake.scalding(formula.waterTemperatureC())));
        Behaviour behaviour = row.behaviour();
        if (behaviour != null) {
            networkProtein = sum(networkProtein, signed * row.proteinShare() * behaviour.glutenQuality());
        }
        double headStart = row.line().headStartMinutes();
        Drinker drinker = water.drinker();
        if (drinker != null) {
            uptaking.merge(
                    new Uptaking(drinker.tau(), drinker.coats(), headStart), sign * drinker.grams(), DoughTotals::sum);
            if (drinker.bran() > 0) {
                bran.merge(new Bran(headStart), sign * drinker.bran(), DoughTotals::sum);
            }
        }
        if (water.form() != null) {
            releasing.merge(new Releasing(water.form(), headStart), sign * water.releasable(), DoughTotals::sum);
        }
        pieces(row, sign);
    }

    private void pieces(DoughRow row, int sign) {
        double mm = row.pieceMm();
        if (mm > Coefficient.COUNTED_PIECE.value()) {
            countedPieces = sum(countedPieces, sign * row.grams());
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

    private static double sum(double a, double b) {
        double sum = a + b;
        return Math.abs(sum) < NOTHING ? 0 : sum;
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

    /** x, pure fat of the fat lines over flour; 0 without flour. */
    public double fatPerFlour() {
        return perFlour(fat);
    }

    /** Grams of salt per 100 g flour; 0 without flour. */
    public double saltPct() {
        return Share.ofFraction(perFlour(salt)).pct();
    }

    /** Σ m · protein · quality over all that has a behaviour, g. */
    public double networkProteinGrams() {
        return networkProtein;
    }

    /** Σ m (1 − water − fat) over every row, g. */
    public double solidsGrams() {
        return solids;
    }

    /** v, share of the dough that is inclusion in pieces above 0.5 mm. */
    public double pieceShare() {
        return grams > 0 ? countedPieces / grams : 0;
    }

    /** Non-fat solids of gelled starch, g: mashes and flakes, and flour as far as it was scalded. */
    public double gelGrams() {
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

    double tauFactor() {
        return Uptake.tauFactor(formula, fatPerFlour());
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
        double end = Arrays.stream(paces().drinks()).sum();
        return end > 0 ? paces().drinks(at.working()) / end : 1;
    }

    private Paces paces() {
        Paces known = paces;
        if (known == null) {
            known = workedOut();
            paces = known;
        }
        return known;
    }

    private Paces workedOut() {
        Paces all = new Paces(
                new double[uptaking.size()],
                new double[uptaking.size()],
                new double[uptaking.size()],
                new double[bran.size()],
                new double[bran.size()],
                new double[releasing.size()],
                new Release[releasing.size()],
                new double[releasing.size()]);
        double coating = coating();
        double slower = tauFactor();
        int at = 0;
        for (Map.Entry<Uptaking, Double> part : uptaking.entrySet()) {
            Uptaking pace = part.getKey();
            all.drinks[at] = part.getValue() * (pace.coats() ? coating : 1);
            all.drinkTau[at] = pace.tau() * slower;
            all.drinkStart[at++] = pace.headStart();
        }
        at = 0;
        for (Map.Entry<Bran, Double> part : bran.entrySet()) {
            all.bran[at] = part.getValue() * coating;
            all.branStart[at++] = part.getKey().headStart();
        }
        double saltPct = saltPct();
        at = 0;
        for (Map.Entry<Releasing, Double> part : releasing.entrySet()) {
            all.releases[at] = part.getValue();
            all.release[at] = Release.of(part.getKey().form(), saltPct);
            all.releaseStart[at++] = part.getKey().headStart();
        }
        return all;
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
