package verdamen.core.formula;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.Role;
import verdamen.core.prep.Cooling;

/**
 * The temperatures of a dough that is made in stages: at the beginning of each, by heat balance, Σ m c (T − T_dough) + friction
 * = 0, of what stands and of what comes in; until the next, by Newton's law. Source: model page, sections 2, 6 and 7.
 *
 * @param stages the stages before the dough itself
 * @param doughC the dough itself when it is mixed, °C
 */
record StageHeat(List<MixedStage> stages, double doughC) {

    /**
     * The temperatures of a dough's stages.
     *
     * @param before the stages before the dough itself; none for a dough of one, which comes to what is wanted
     * @param lines the lines of the dough
     * @param waterC temperature of the dough's own liquid, °C; absent when it is brought to what the dough wants
     */
    static StageHeat of(
            List<Stage> before,
            List<Line> lines,
            Kneading kneading,
            @Nullable Double waterC,
            Method.Temperatures temperatures) {
        if (before.isEmpty()) {
            return new StageHeat(List.of(), temperatures.doughC());
        }
        Bowl bowl = new Bowl(temperatures.flourC());
        List<MixedStage> mixed = new ArrayList<>();
        for (Stage stage : before) {
            bowl.add(linesOf(stage, lines), stage.waterTemperatureC());
            bowl.rub(stage.kneading(), stage.kneading().endMinute());
            double mixedC = bowl.celsius();
            bowl.stand(stage);
            mixed.add(new MixedStage(stage, mixedC, bowl.celsius()));
        }
        List<Line> own = linesOf(null, lines);
        // Water that is not there yet, in any stage, is still to be poured.
        boolean brought = waterC == null
                && (own.stream().anyMatch(StageHeat::isPlainWater)
                        || lines.stream().noneMatch(StageHeat::isPlainWater));
        if (brought) {
            bowl.addBroughtTo(own, temperatures, kneading);
        } else {
            bowl.add(own, waterC);
            bowl.rub(kneading, temperatures.kneadMinutes());
        }
        return new StageHeat(mixed, bowl.celsius());
    }

    private static List<Line> linesOf(@Nullable Stage stage, List<Line> lines) {
        return lines.stream()
                .filter(line -> line.part() == Part.DOUGH
                        && line.source() != LineSource.BENCH
                        && Objects.equals(line.stage(), stage))
                .toList();
    }

    private static boolean isPlainWater(Line line) {
        return line.ingredient().isPlainWater();
    }

    private static boolean isLiquid(Line line) {
        Role role = line.ingredient().role();
        return (role == Role.LIQUID || role == Role.DAIRY) && line.ingredient().behaviour() == null;
    }

    /** What stands in a bowl: its mass, heat capacity and temperature. */
    private static final class Bowl {

        private final double otherC;
        private double grams;
        private double capacity;
        private double celsius;

        private Bowl(double otherC) {
            this.otherC = otherC;
            this.celsius = otherC;
        }

        double celsius() {
            return celsius;
        }

        /** Puts lines in: their plain water, or else their other liquids, as warm as is said. */
        void add(List<Line> lines, @Nullable Double liquidC) {
            boolean water = lines.stream().anyMatch(StageHeat::isPlainWater);
            for (Line line : lines) {
                boolean main = water ? isPlainWater(line) : isLiquid(line);
                add(line, main && liquidC != null ? liquidC : otherC);
            }
        }

        private void add(Line line, double usualC) {
            Double own = line.measured().temperatureC();
            double heat = HeatCapacity.of(line);
            if (heat > 0) {
                celsius = (capacity * celsius + heat * (own == null ? usualC : own)) / (capacity + heat);
                capacity += heat;
            }
            grams += line.grams();
        }

        /**
         * Puts lines in with water as warm as it has to be for the dough wanted, or as far as water goes. Water that is not
         * weighed yet will be as warm.
         */
        void addBroughtTo(List<Line> lines, Method.Temperatures wanted, Kneading kneading) {
            lines.stream().filter(line -> !isPlainWater(line)).forEach(line -> add(line, otherC));
            double water = lines.stream()
                    .filter(StageHeat::isPlainWater)
                    .mapToDouble(HeatCapacity::of)
                    .sum();
            if (water <= 0) {
                celsius = wanted.doughC();
                return;
            }
            double rubbed = friction(kneading, wanted.kneadMinutes());
            boolean yeast = lines.stream().anyMatch(line -> line.ingredient().isAlive());
            double most = (yeast ? Coefficient.YEAST_LIMIT_C : Coefficient.BOILING_C).value();
            double needed =
                    wanted.doughC() + (capacity * (wanted.doughC() - celsius) - rubbed * (capacity + water)) / water;
            double poured = Math.max(Coefficient.ICE_WATER_C.value(), Math.min(most, needed));
            lines.stream().filter(StageHeat::isPlainWater).forEach(line -> add(line, poured));
            rub(kneading, wanted.kneadMinutes());
        }

        void rub(Kneading kneading, double minutes) {
            celsius += friction(kneading, minutes);
        }

        private static double friction(Kneading kneading, double minutes) {
            return minutes * kneading.friction().value();
        }

        void stand(Stage stage) {
            celsius = Cooling.inABowl(
                    celsius, stage.placeC(), stage.place() == StagePlace.FRIDGE, grams, stage.minutes());
        }
    }
}
