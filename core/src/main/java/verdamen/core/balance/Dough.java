package verdamen.core.balance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FatTiming;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.Role;

/**
 * The dough of a formula: its rows with what each brings and drinks. Fillings, surface lines and fat used only on the
 * surface are left out; a sourdough starter stands as half flour, half water.
 */
public final class Dough {

    private final Formula formula;
    private final List<DoughRow> rows;
    private final Map<Integer, List<DoughRow>> rowsByLine;
    private final DoughTotals totals;
    private final List<WaterAccount> accounts;
    /** Softness at whole minutes, each worked out once: window, curve and named moments all ask for them. */
    private final @Nullable Double[] softnessAt;

    private @Nullable SoftnessSpread spread;

    private Dough(Formula formula, List<DoughRow> rows) {
        this.formula = formula;
        this.rows = List.copyOf(rows);
        this.rowsByLine = rows.stream()
                .collect(Collectors.groupingBy(row -> row.line().index(), LinkedHashMap::new, Collectors.toList()));
        this.totals = new DoughTotals(formula, rows);
        double coating = totals.coating();
        double slower = totals.fatSlows();
        double salt = totals.saltPct();
        this.accounts = rows.stream()
                .map(row -> WaterAccount.of(row, RowWater.of(formula, row), coating, slower, salt))
                .toList();
        this.softnessAt = new Double[formula.timeline().horizon() + 1];
    }

    /** The dough of a formula. */
    public static Dough of(Formula formula) {
        return new Dough(formula, rowsOf(formula));
    }

    /** The rows of a formula's dough, in the order of its lines. */
    static List<DoughRow> rowsOf(Formula formula) {
        List<DoughRow> rows = new ArrayList<>();
        formula.lines().forEach(line -> rows.addAll(rowsOf(formula, line)));
        return rows;
    }

    /** The rows that a line stands for in the dough: none, one, or the two halves of a starter. */
    static List<DoughRow> rowsOf(Formula formula, Line line) {
        if (!isInDough(formula, line)) {
            return List.of();
        }
        if (!line.ingredient().isStarter()) {
            return List.of(
                    new DoughRow(line, line.ingredient(), line.grams(), sd(line.sdGrams(), line.grams()), false));
        }
        double half = line.grams() / 2;
        Double halfSd = line.sdGrams() == null ? null : line.sdGrams() / 2;
        return List.of(
                new DoughRow(line, formula.pantry().starterFlour(), half, sd(halfSd, half), true),
                new DoughRow(line, formula.pantry().plainWater(), half, sd(halfSd, half), true));
    }

    private static boolean isInDough(Formula formula, Line line) {
        boolean onSurface =
                formula.fatTiming() == FatTiming.SURFACE && line.ingredient().role() == Role.FAT;
        return line.part() == Part.DOUGH && !onSurface;
    }

    private static double sd(@Nullable Double given, double grams) {
        return given == null ? Line.weighedSdGrams(grams) : given;
    }

    /** The formula it comes from. */
    public Formula formula() {
        return formula;
    }

    /** Its rows, in the order of the lines. */
    public List<DoughRow> rows() {
        return rows;
    }

    /** W, the plain water it needs when it is rolled, g; below 0 when it has too much without any. */
    public double waterNeeded() {
        return totals.waterNeeded();
    }

    /** What its rows add up to. */
    public DoughTotals totals() {
        return totals;
    }

    /** Index of each line of it with the line, in the order of the lines. */
    public Map<Integer, Line> lines() {
        Map<Integer, Line> lines = new LinkedHashMap<>();
        rowsByLine.forEach((index, those) -> lines.put(index, those.get(0).line()));
        return lines;
    }

    /** The line of an index, which it has. */
    Line line(int index) {
        return Objects.requireNonNull(rowsByLine.get(index)).get(0).line();
    }

    /** It without a line. */
    public DoughTotals without(int line) {
        return totals.without(rowsByLine.getOrDefault(line, List.of()));
    }

    List<WaterAccount> accounts() {
        return accounts;
    }

    /** F, g of flour: the 100 % of baker's percentages. */
    public double flourGrams() {
        return totals.flourGrams();
    }

    /** Mass of the dough, g. */
    public double grams() {
        return totals.grams();
    }

    /** x, pure fat of the fat lines over flour; 0 without flour. */
    public double fatPerFlour() {
        return totals.fatPerFlour();
    }

    /** Grams of salt per 100 g flour; 0 without flour. */
    public double saltPct() {
        return totals.saltPct();
    }

    /** All water, the flours' own included, as a share of the dough; 0 for an empty one. */
    public double waterShare() {
        double water = rows.stream().mapToDouble(Dough::waterGrams).sum();
        return grams() > 0 ? water / grams() : 0;
    }

    /** Grams of water-like plasticiser in play at {@code minute} after wetting. */
    public double bringsGrams(double minute) {
        return bringsGrams(moment(minute));
    }

    double bringsGrams(Moment at) {
        return totals.bringsGrams(at);
    }

    /** Grams of water taken up at {@code minute} after wetting, at reference softness. */
    public double drinksGrams(double minute) {
        return drinksGrams(moment(minute));
    }

    double drinksGrams(Moment at) {
        return totals.drinksGrams(at);
    }

    /** A moment in this dough's life. */
    Moment moment(double minute) {
        return Moment.of(formula.timeline(), minute);
    }

    /** Softness S(t) = Σ brings / Σ drinks; null when nothing drinks. */
    public @Nullable Double softness(double minute) {
        int whole = (int) minute;
        if (whole != minute || whole < 0 || whole >= softnessAt.length) {
            return totals.softness(minute);
        }
        Double known = softnessAt[whole];
        if (known == null) {
            known = totals.softness(minute);
            softnessAt[whole] = known;
        }
        return known;
    }

    /**
     * A change in what a line brings or drinks between two moments.
     *
     * @param line the line
     * @param grams how much more, g
     */
    public record Shift(Line line, double grams) {}

    /** The line that drinks most between two minutes; null when nothing drinks any more. */
    public @Nullable Shift strongestDrinker(double from, double to) {
        Moment start = moment(from);
        Moment end = moment(to);
        return most(account -> account.drinks(end) - account.drinks(start));
    }

    /** The line that lets go of most water between two minutes; null when nothing does. */
    public @Nullable Shift strongestReleaser(double from, double to) {
        Moment start = moment(from);
        Moment end = moment(to);
        return most(account -> account.brings(end) - account.brings(start));
    }

    private @Nullable Shift most(ToDoubleFunction<WaterAccount> grams) {
        return accounts.stream()
                .map(account -> new Shift(account.row().line(), grams.applyAsDouble(account)))
                .filter(shift -> shift.grams() > 0)
                .max(Comparator.comparingDouble(Shift::grams))
                .orElse(null);
    }

    /** Share of all uptake that is done at {@code minute}, 0 to 1; 1 when nothing drinks. */
    public double uptakeDone(double minute) {
        return totals.uptakeDone(moment(minute));
    }

    /** When the slowest of what drinks has 95 % of its water, minutes after wetting: 2.08 τ′; 0 when nothing drinks. */
    public double minutesToDrink() {
        double slowest =
                accounts.stream().mapToDouble(WaterAccount::uptakeTau).max().orElse(0);
        return slowest
                * Math.log(
                        Coefficient.UPTAKE_SHORTFALL_AT_WETTING.value() / Coefficient.UPTAKE_SHORTFALL_RESTED.value());
    }

    /** Water that a gram more of the flour, shared as the flours are, takes up at {@code minute}, g; 0 without flour. */
    public double flourDrinksPerGram(double minute) {
        Moment at = moment(minute);
        double drinks = accounts.stream()
                .filter(account -> account.row().countsAsFlour())
                .mapToDouble(account -> account.drinks(at))
                .sum();
        return flourGrams() > 0 ? drinks / flourGrams() : 0;
    }

    /**
     * Standard deviation of the softness at {@code minute}, from the weighing of every row and the absorption of every
     * flour: σ_S² = Σ ((S·drinks − brings)/m · sd)² + Σ (S · drinks · relative sd)², over D², and what flours learned from
     * the same batches change of it. 0 when nothing drinks.
     */
    public double softnessSd(double minute) {
        Double softness = softness(minute);
        if (softness == null) {
            return 0;
        }
        SoftnessSpread known = spread;
        if (known == null) {
            known = new SoftnessSpread(accounts, jointSpread());
            spread = known;
        }
        Moment at = moment(minute);
        return Math.sqrt(known.variance(at, softness)) / drinksGrams(at);
    }

    /** What flours of this dough that were learned from the same batches change of its spread. */
    JointSpread jointSpread() {
        return new JointSpread(accounts, formula.pantry().learnedTogether());
    }

    /** Water of a row as it was weighed in, g: a flour's at its lot's moisture, or 14 %. */
    private static double waterGrams(DoughRow row) {
        return row.grams() * (row.isFlour() ? RowWater.moisture(row) : row.waterShare());
    }
}
