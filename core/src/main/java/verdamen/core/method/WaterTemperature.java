package verdamen.core.method;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.balance.DoughRow;
import verdamen.core.formula.Formula;
import verdamen.core.formula.HeatCapacity;
import verdamen.core.formula.Method;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Symbol;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;

/**
 * The temperature of the water for the dough temperature wanted, by heat balance: Σ m c (T − T_dough) + friction = 0.
 *
 * @param doughC dough temperature wanted, °C
 * @param waterGrams plain water it is for, g
 * @param waterC temperature that the water would need, °C; null without water
 * @param verdict whether that can be
 * @param limitC the limit that binds, °C; null when none does
 * @param reachedC dough temperature with the water at that limit, °C; null when none binds
 * @param hotGrams hot water of the mix, g; null when hot and cold cannot make it
 * @param coldGrams cold water of the mix, g
 * @param hotC temperature of the hot water, °C
 * @param coldC temperature of the cold water, °C
 * @param others what else could be warmed or cooled instead, the easiest first; empty when nothing binds
 * @param flourC the flour and what else stands in the kitchen, °C
 * @param kneadMinutes minutes of kneading that are counted
 * @param useC what to pour it at, to the degree; absent when no water does it
 * @param steps how it comes about
 */
public record WaterTemperature(
        double doughC,
        double waterGrams,
        @Nullable Double waterC,
        Verdict verdict,
        @Nullable Double limitC,
        @Nullable Double reachedC,
        @Nullable Double hotGrams,
        @Nullable Double coldGrams,
        double hotC,
        double coldC,
        double flourC,
        double kneadMinutes,
        @Nullable Double useC,
        List<Other> others,
        List<ExplanationStep> steps) {

    private static final String YEAST = "yeast";
    private static final double COLDEST_C = Coefficient.OTHERS_COLDEST_C.value();
    private static final double HOTTEST_C = Coefficient.OTHERS_HOTTEST_C.value();

    /** Whether the water can be brought to the temperature asked for. */
    public enum Verdict implements Coded {
        /** Hot and cold water can be mixed to it. */
        MIX("mix"),
        /** It lies above the hot water: heat it. */
        HEAT_IT("heat-it"),
        /** It lies below the cold water: ice is needed. */
        ICE("ice"),
        /** It would harm the yeast. */
        HARMS_YEAST("harms-yeast"),
        /** Water is not as hot as that. */
        TOO_HOT("too-hot"),
        /** Water is not as cold as that. */
        TOO_COLD("too-cold"),
        /** There is no plain water. */
        NO_WATER("no-water");

        private final String code;

        Verdict(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * Something else to warm or cool so that water at the limit does.
     *
     * @param line index of its line; absent for all flours together
     * @param ingredient its code; absent for all flours together
     * @param nowC its temperature now, °C
     * @param needsC the temperature it needs, °C
     */
    public record Other(@Nullable Integer line, @Nullable String ingredient, double nowC, double needsC) {}

    /** The water's temperature for a formula. */
    public static WaterTemperature of(Formula formula) {
        return new Finder(formula).find();
    }

    /** Works it out for one formula. */
    private static final class Finder {

        private final Formula formula;
        private final Method.Temperatures asked;
        private final Dough dough;
        private final double waterGrams;
        private final double waterHeat;
        private final double otherHeat;
        private final double otherC;
        private final double friction;

        private Finder(Formula formula) {
            this.formula = formula;
            this.asked = formula.method().temperatures();
            this.dough = Dough.of(formula);
            double inStages = grams(row -> row.isPlainWater() && row.line().stage() != null);
            double present = grams(Finder::isPoured);
            this.waterGrams = present > 0 ? present : Math.max(0, dough.waterNeeded() - inStages);
            this.waterHeat = waterGrams * Coefficient.HEAT_OF_WATER.value();
            this.otherHeat = others().stream().mapToDouble(this::heat).sum();
            double sum = others().stream()
                    .mapToDouble(row -> heat(row) * celsius(row))
                    .sum();
            this.otherC = otherHeat > 0 ? sum / otherHeat : asked.flourC();
            this.friction = asked.kneadMinutes() * formula.kneading().friction().value();
        }

        private double grams(Predicate<DoughRow> counts) {
            return dough.rows().stream()
                    .filter(counts)
                    .mapToDouble(DoughRow::grams)
                    .sum();
        }

        /** Whether it is water that is poured for the dough itself; that of the stages before stands already. */
        private static boolean isPoured(DoughRow row) {
            return row.isPlainWater() && row.line().stage() == null;
        }

        private List<DoughRow> others() {
            return dough.rows().stream()
                    .filter(row -> !isPoured(row) && !row.isFromBench())
                    .toList();
        }

        private double celsius(DoughRow row) {
            if (row.line().stage() != null) {
                return formula.stages().get(formula.stages().size() - 1).laterC();
            }
            Double own = row.line().measured().temperatureC();
            return own == null ? asked.flourC() : own;
        }

        /** Heat capacity of a row, J/K. */
        private double heat(DoughRow row) {
            return row.grams() * HeatCapacity.perGram(row.ingredient().role(), row.waterShare());
        }

        private WaterTemperature find() {
            if (waterHeat <= 0) {
                return new WaterTemperature(
                        asked.doughC(),
                        0,
                        null,
                        Verdict.NO_WATER,
                        null,
                        null,
                        null,
                        null,
                        asked.hotC(),
                        asked.coldC(),
                        asked.flourC(),
                        asked.kneadMinutes(),
                        null,
                        List.of(),
                        List.of());
            }
            double wanted = asked.doughC()
                    + (otherHeat * (asked.doughC() - otherC) - friction * (otherHeat + waterHeat)) / waterHeat;
            Verdict verdict = verdict(wanted);
            Double limit = switch (verdict) {
                case HARMS_YEAST -> Double.valueOf(Coefficient.YEAST_LIMIT_C.value());
                case TOO_HOT -> Double.valueOf(Coefficient.BOILING_C.value());
                case TOO_COLD -> Double.valueOf(Coefficient.ICE_WATER_C.value());
                default -> null;
            };
            boolean mixes = verdict == Verdict.MIX;
            double hot = waterGrams * (wanted - asked.coldC()) / (asked.hotC() - asked.coldC());
            List<ExplanationStep> steps = new ArrayList<>();
            steps.add(balance(wanted));
            if (mixes) {
                steps.add(mix(wanted, hot));
            }
            return new WaterTemperature(
                    asked.doughC(),
                    waterGrams,
                    wanted,
                    verdict,
                    limit,
                    limit == null ? null : Double.valueOf(doughAt(limit)),
                    mixes ? Double.valueOf(hot) : null,
                    mixes ? Double.valueOf(waterGrams - hot) : null,
                    asked.hotC(),
                    asked.coldC(),
                    asked.flourC(),
                    asked.kneadMinutes(),
                    use(verdict, wanted, limit),
                    limit == null ? List.of() : instead(wanted, limit),
                    steps);
        }

        /** What is poured, to a degree as a thermometer shows it: what is wanted, or the most that yeast bears. */
        private static @Nullable Double use(Verdict verdict, double wanted, @Nullable Double limit) {
            return switch (verdict) {
                case MIX, HEAT_IT, ICE -> Double.valueOf(Math.round(wanted));
                case HARMS_YEAST -> limit == null ? null : Double.valueOf(Math.round(limit));
                default -> null;
            };
        }

        private Verdict verdict(double wanted) {
            boolean yeast = dough.rows().stream()
                    .anyMatch(row -> row.ingredient().group().equals(YEAST)
                            || row.line().ingredient().isStarter());
            if (wanted > Coefficient.BOILING_C.value()) {
                return Verdict.TOO_HOT;
            }
            if (yeast && wanted > Coefficient.YEAST_LIMIT_C.value()) {
                return Verdict.HARMS_YEAST;
            }
            if (wanted < Coefficient.ICE_WATER_C.value()) {
                return Verdict.TOO_COLD;
            }
            if (wanted > asked.hotC()) {
                return Verdict.HEAT_IT;
            }
            return wanted < asked.coldC() ? Verdict.ICE : Verdict.MIX;
        }

        /** Dough temperature with the water at {@code celsius}. */
        private double doughAt(double celsius) {
            return (otherHeat * otherC + waterHeat * celsius) / (otherHeat + waterHeat) + friction;
        }

        /** What each flour together, or each other line with heat in it, would have to be at. */
        private List<Other> instead(double wanted, double limit) {
            double missing = waterHeat * (wanted - limit);
            List<Other> found = new ArrayList<>();
            double flourHeat = others().stream()
                    .filter(DoughRow::isFlour)
                    .mapToDouble(this::heat)
                    .sum();
            if (flourHeat > 0) {
                double now = others().stream()
                                .filter(DoughRow::isFlour)
                                .mapToDouble(row -> heat(row) * celsius(row))
                                .sum()
                        / flourHeat;
                add(found, new Other(null, null, now, now + missing / flourHeat));
            }
            for (DoughRow row : others()) {
                if (!row.isFlour() && row.line().isAsked() && heat(row) > 0) {
                    double now = celsius(row);
                    add(found, new Other(row.line().index(), row.ingredient().code(), now, now + missing / heat(row)));
                }
            }
            found.sort((one, two) ->
                    Double.compare(Math.abs(one.needsC() - one.nowC()), Math.abs(two.needsC() - two.nowC())));
            return found;
        }

        private static void add(List<Other> found, Other other) {
            if (other.needsC() >= COLDEST_C && other.needsC() <= HOTTEST_C) {
                found.add(other);
            }
        }

        private ExplanationStep balance(double wanted) {
            return ExplanationStep.of(
                    Rule.WATER_TEMPERATURE,
                    wanted,
                    Unit.CELSIUS,
                    Term.celsius(Symbol.DOUGH_TEMPERATURE, asked.doughC()),
                    new Term(Symbol.OTHER_HEAT, otherHeat, Unit.JOULES_PER_KELVIN),
                    Term.celsius(Symbol.OTHER_HEAT_TEMPERATURE, otherC),
                    new Term(Symbol.WATER_HEAT, waterHeat, Unit.JOULES_PER_KELVIN),
                    new Term(Symbol.FRICTION, friction, Unit.KELVINS));
        }

        private ExplanationStep mix(double wanted, double hot) {
            return ExplanationStep.of(
                    Rule.HOT_WATER_OF_MIX,
                    hot,
                    Unit.GRAMS,
                    Term.grams(Symbol.WATER_GRAMS, waterGrams),
                    Term.celsius(Symbol.TARGET_TEMPERATURE, wanted),
                    Term.celsius(Symbol.COLD_TEMPERATURE, asked.coldC()),
                    Term.celsius(Symbol.HOT_TEMPERATURE, asked.hotC()));
        }
    }
}
