package verdamen.core.balance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.WaterAccount.UptakeParts;
import verdamen.core.formula.FatTiming;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.Behaviour;
import verdamen.core.pantry.FatState;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Role;

/**
 * The dough of a formula: its rows with what each brings and drinks. Fillings, surface lines and fat used only on the
 * surface are left out; a sourdough starter stands as half flour, half water.
 */
public final class Dough {

    private static final double PERCENT = 100;

    private final Formula formula;
    private final List<DoughRow> rows;
    private final double flourGrams;
    private final double fatPerFlour;
    private final double saltPct;
    private final List<WaterAccount> accounts;

    private Dough(Formula formula, List<DoughRow> rows) {
        this.formula = formula;
        this.rows = List.copyOf(rows);
        this.flourGrams = rows.stream()
                .filter(DoughRow::countsAsFlour)
                .mapToDouble(DoughRow::grams)
                .sum();
        this.fatPerFlour = perFlour(rows.stream()
                .filter(row -> row.ingredient().role() == Role.FAT)
                .mapToDouble(row -> row.grams() * row.fatShare())
                .sum());
        this.saltPct = PERCENT
                * perFlour(rows.stream()
                        .filter(row -> row.ingredient().role() == Role.SALT)
                        .mapToDouble(DoughRow::grams)
                        .sum());
        this.accounts = rows.stream().map(this::account).toList();
    }

    /** The dough of a formula. */
    public static Dough of(Formula formula) {
        List<DoughRow> rows = new ArrayList<>();
        for (Line line : formula.lines()) {
            if (isInDough(formula, line)) {
                addRows(formula, line, rows);
            }
        }
        return new Dough(formula, rows);
    }

    private static boolean isInDough(Formula formula, Line line) {
        boolean onSurface =
                formula.fatTiming() == FatTiming.SURFACE && line.ingredient().role() == Role.FAT;
        return line.part() == Part.DOUGH && !onSurface;
    }

    private static void addRows(Formula formula, Line line, List<DoughRow> rows) {
        if (!line.ingredient().isStarter()) {
            rows.add(new DoughRow(line, line.ingredient(), line.grams(), sd(line.sdGrams(), line.grams()), false));
            return;
        }
        double half = line.grams() / 2;
        Double halfSd = line.sdGrams() == null ? null : line.sdGrams() / 2;
        rows.add(new DoughRow(line, formula.pantry().starterFlour(), half, sd(halfSd, half), true));
        rows.add(new DoughRow(line, formula.pantry().plainWater(), half, sd(halfSd, half), true));
    }

    private static double sd(@Nullable Double given, double grams) {
        return given == null ? Line.weighedSdGrams(grams) : given;
    }

    private WaterAccount account(DoughRow row) {
        Behaviour behaviour = row.behaviour();
        if (behaviour != null) {
            return drinker(row, behaviour);
        }
        double m = row.grams();
        double water = m * row.waterShare();
        double foodFat = Coefficient.FOOD_FAT_SOFTENING.value() * m * row.fatShare();
        return switch (row.ingredient().role()) {
            case INCLUSION -> inclusion(row, foodFat);
            case FAT -> fat(row, water);
            case DAIRY, LIQUID -> bringer(row, water + foodFat);
            case SWEETENER -> bringer(row, water + Coefficient.SUGAR_SOFTENING.value() * m * sugarShare(row));
            case SALT -> bringer(row, Coefficient.SALT_SOFTENING.value() * m);
            case FLOUR, DRY_ADDITION, SEED, LEAVENER, SEASONING -> bringer(row, water);
        };
    }

    private static WaterAccount bringer(DoughRow row, double grams) {
        return new WaterAccount(row, grams, 0, null, 0, 0, 0, null, 0);
    }

    private static WaterAccount fat(DoughRow row, double water) {
        double fat = row.grams() * row.fatShare();
        double lost = fat * (softening(row, false) - softening(row, true));
        return new WaterAccount(row, water + softening(row, false) * fat, 0, null, 0, 0, 0, null, lost);
    }

    private WaterAccount inclusion(DoughRow row, double foodFat) {
        Form form = row.line().form();
        if (form == null) {
            throw new IllegalStateException("an inclusion has a form once it is read");
        }
        double m = row.grams();
        return new WaterAccount(
                row,
                foodFat,
                m * row.waterShare(),
                Release.of(form, saltPct),
                m * row.solidsShare() * form.holdGPerGSolids(),
                0,
                0,
                null,
                0);
    }

    private WaterAccount drinker(DoughRow row, Behaviour behaviour) {
        double book = row.absorption(behaviour);
        double hot = row.starterHalf() ? 1 : Uptake.hotWaterFactor(formula.waterTemperatureC());
        boolean coats = row.isFlour() && !row.starterHalf();
        double coating = coats ? Uptake.coating(formula.fatTiming(), fatPerFlour) : 1;
        Double moisture = row.isFlour() ? Double.valueOf(moisture(row)) : null;
        double absorption = moisture == null ? book * hot : Uptake.absorptionAt(book * hot, moisture);
        double tau = row.starterHalf() ? 0 : behaviour.uptakeTauMin() * Uptake.tauFactor(formula, fatPerFlour);
        return new WaterAccount(
                row,
                0,
                0,
                null,
                0,
                row.grams() * absorption * coating,
                tau,
                new UptakeParts(book, hot, moisture, absorption, coating),
                0);
    }

    private static double moisture(DoughRow row) {
        Double measured = row.starterHalf() ? null : row.line().measured().moisturePct();
        return measured == null ? Coefficient.FLOUR_MOISTURE.value() : measured / PERCENT;
    }

    /** Grams of water a gram of this row's fat stands for; soft fat hardens in the cold, oil does not. */
    static double softening(DoughRow row, boolean cold) {
        FatState state = row.line().fatState();
        if (state == null) {
            throw new IllegalStateException("a fat has a state once it is read");
        }
        return (cold && state == FatState.SOFT ? FatState.SOLID : state).softening();
    }

    static double sugarShare(DoughRow row) {
        return row.ingredient().composition().sugarsPct() / PERCENT;
    }

    private double perFlour(double grams) {
        return flourGrams > 0 ? grams / flourGrams : 0;
    }

    /** The formula it comes from. */
    public Formula formula() {
        return formula;
    }

    /** Its rows, in the order of the lines. */
    public List<DoughRow> rows() {
        return rows;
    }

    List<WaterAccount> accounts() {
        return accounts;
    }

    /** F, g of flour: the 100 % of baker's percentages. */
    public double flourGrams() {
        return flourGrams;
    }

    /** Mass of the dough, g. */
    public double grams() {
        return rows.stream().mapToDouble(DoughRow::grams).sum();
    }

    /** x, pure fat of the fat lines over flour; 0 without flour. */
    public double fatPerFlour() {
        return fatPerFlour;
    }

    /** Grams of salt per 100 g flour; 0 without flour. */
    public double saltPct() {
        return saltPct;
    }

    /** Grams of water-like plasticiser in play at {@code minute} after wetting. */
    public double bringsGrams(double minute) {
        return bringsGrams(moment(minute));
    }

    double bringsGrams(Moment at) {
        double sum = 0;
        for (WaterAccount account : accounts) {
            sum += account.brings(at);
        }
        return sum;
    }

    /** Grams of water taken up at {@code minute} after wetting, at reference softness. */
    public double drinksGrams(double minute) {
        return drinksGrams(moment(minute));
    }

    double drinksGrams(Moment at) {
        double sum = 0;
        for (WaterAccount account : accounts) {
            sum += account.drinks(at);
        }
        return sum;
    }

    /** A moment in this dough's life. */
    Moment moment(double minute) {
        return Moment.of(formula.timeline(), minute);
    }

    /** Softness S(t) = Σ brings / Σ drinks; null when nothing drinks. */
    public @Nullable Double softness(double minute) {
        Moment at = moment(minute);
        double drinks = drinksGrams(at);
        return drinks > 0 ? bringsGrams(at) / drinks : null;
    }

    /**
     * A change in what a line brings or drinks between two moments.
     *
     * @param line the line
     * @param grams how much more, g
     */
    public record Shift(Line line, double grams) {}

    /** The line that drinks most between two minutes; null when nothing drinks any more. */
    public @Nullable Shift thirstiest(double from, double to) {
        return most(account -> account.drinks(moment(to)) - account.drinks(moment(from)));
    }

    /** The line that lets go of most water between two minutes; null when nothing does. */
    public @Nullable Shift weepiest(double from, double to) {
        return most(account -> account.brings(moment(to)) - account.brings(moment(from)));
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
        Moment at = moment(minute);
        double end = accounts.stream().mapToDouble(WaterAccount::drinksInTheEnd).sum();
        double now = accounts.stream()
                .mapToDouble(account -> account.drinksInTheEnd() * account.uptakeShare(at))
                .sum();
        return end > 0 ? now / end : 1;
    }

    /** Water that a gram more of the flour, shared as the flours are, takes up at {@code minute}, g; 0 without flour. */
    public double flourDrinksPerGram(double minute) {
        Moment at = moment(minute);
        double drinks = accounts.stream()
                .filter(account -> account.row().countsAsFlour())
                .mapToDouble(account -> account.drinks(at))
                .sum();
        return flourGrams > 0 ? drinks / flourGrams : 0;
    }

    /**
     * Standard deviation of the softness at {@code minute}, from the weighing of every row and the absorption of every
     * flour: σ_S² = Σ ((S·drinks − brings)/m · sd)² + Σ (S · drinks · relative sd)², over D². 0 when nothing drinks.
     */
    public double softnessSd(double minute) {
        Moment at = moment(minute);
        double drinks = drinksGrams(at);
        if (drinks <= 0) {
            return 0;
        }
        double softness = bringsGrams(at) / drinks;
        double variance = 0;
        for (WaterAccount account : accounts) {
            DoughRow row = account.row();
            if (row.grams() <= 0) {
                continue;
            }
            double drunk = account.drinks(at);
            double weighed = (softness * drunk - account.brings(at)) / row.grams() * row.sdGrams();
            Behaviour behaviour = row.behaviour();
            double absorbed = behaviour == null ? 0 : softness * drunk * row.absorptionRelativeSd(behaviour);
            variance += weighed * weighed + absorbed * absorbed;
        }
        return Math.sqrt(variance) / drinks;
    }

    /** Water of a row as it was weighed in, g: a flour's at its lot's moisture, or 14 %. */
    double waterGrams(DoughRow row) {
        return row.grams() * (row.isFlour() ? moisture(row) : row.waterShare());
    }
}
