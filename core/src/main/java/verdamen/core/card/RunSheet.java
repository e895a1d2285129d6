package verdamen.core.card;

import java.util.ArrayList;
import java.util.List;
import verdamen.core.balance.Water;
import verdamen.core.card.BenchStep.Kind;
import verdamen.core.formula.FatTiming;
import verdamen.core.formula.FirstStage;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Method;
import verdamen.core.formula.Phase;
import verdamen.core.formula.PhaseKind;

/**
 * A formula as it is made: what is weighed into which bowl, and what is done in which order.
 *
 * @param bowls what is weighed
 * @param steps what is done
 */
public record RunSheet(List<Bowl> bowls, List<BenchStep> steps) {

    /** The run sheet of a formula whose dough needs so much water. */
    public static RunSheet of(Formula formula, Water water) {
        List<Bowl> bowls = Bowl.of(formula);
        return new RunSheet(bowls, new Writer(formula, water, bowls).steps());
    }

    /** Puts the steps in order. */
    private record Writer(Formula formula, Water water, List<Bowl> bowls) {

        List<BenchStep> steps() {
            List<BenchStep> steps = new ArrayList<>();
            if (!formula.preps().isEmpty()) {
                steps.add(BenchStep.of(Kind.PREPARE));
            }
            firstStage(steps);
            steps.add(BenchStep.of(Kind.MIX_DRY));
            mixing(steps);
            standing(steps);
            steps.add(BenchStep.of(Kind.DIVIDE));
            if (has(Bowl.Kind.FILLING)) {
                steps.add(BenchStep.of(Kind.FILL));
            }
            steps.add(BenchStep.at(Kind.ROLL, formula.rollAtMinute(), null, null));
            steps.add(BenchStep.of(Kind.COOK));
            if (has(Bowl.Kind.SURFACE)) {
                steps.add(BenchStep.of(Kind.FINISH));
            }
            steps.add(BenchStep.of(Kind.KEEP));
            return List.copyOf(steps);
        }

        private boolean has(Bowl.Kind kind) {
            return bowls.stream().anyMatch(bowl -> bowl.kind() == kind);
        }

        private void firstStage(List<BenchStep> steps) {
            Method method = formula.method();
            if (method.firstStage() != null && has(Bowl.Kind.FIRST_STAGE)) {
                Kind kind = method.firstStage() == FirstStage.SPONGE ? Kind.SPONGE : Kind.SOAKER;
                steps.add(new BenchStep(kind, null, method.standingMinutes(), method.standingC(), null));
            }
        }

        private void mixing(List<BenchStep> steps) {
            boolean fat = has(Bowl.Kind.FAT);
            if (fat && formula.fatTiming() == FatTiming.COAT_FIRST) {
                steps.add(BenchStep.of(Kind.RUB_IN_FAT));
            }
            // No more than is weighed, so that what is poured and what is ready reach to the same end.
            double poured = Math.min(water.firstPour(), water.present());
            double ready = Math.max(0, water.firstPour() + water.holdBack() - poured);
            steps.add(new BenchStep(Kind.POUR, 0.0, null, formula.waterTemperatureC(), poured));
            if (has(Bowl.Kind.INCLUSIONS)) {
                steps.add(BenchStep.of(Kind.ADD_INCLUSIONS));
            }
            if (ready > 0) {
                steps.add(new BenchStep(Kind.HOLD_BACK, null, null, null, ready));
            }
            double kneaded = formula.kneading().endMinute();
            Kind kneading = switch (formula.kneading()) {
                case HAND -> Kind.KNEAD_BY_HAND;
                case MACHINE -> Kind.KNEAD_BY_MACHINE;
                case JUST_COMBINED -> Kind.JUST_COMBINE;
            };
            steps.add(BenchStep.at(
                    kneading, 0, kneaded, formula.method().temperatures().doughC()));
            if (fat && formula.fatTiming() == FatTiming.LAST) {
                steps.add(BenchStep.of(Kind.KNEAD_IN_FAT));
            }
        }

        private void standing(List<BenchStep> steps) {
            double minute = formula.kneading().endMinute();
            List<Phase> phases = formula.timeline().phases();
            if (phases.isEmpty() && formula.restMinutes() > 0) {
                double kitchen = formula.method().temperatures().kitchenC();
                steps.add(BenchStep.at(Kind.REST, minute, formula.restMinutes(), kitchen));
            }
            for (Phase phase : phases) {
                Double celsius = phase.kind() == PhaseKind.KNEAD ? null : Double.valueOf(phase.temperatureC());
                steps.add(BenchStep.at(kind(phase.kind()), minute, phase.minutes(), celsius));
                minute += phase.minutes();
            }
        }

        private static Kind kind(PhaseKind phase) {
            return switch (phase) {
                case REST -> Kind.REST;
                case WARM -> Kind.WARM;
                case CHILL -> Kind.CHILL;
                case KNEAD -> Kind.KNEAD_AGAIN;
            };
        }
    }
}
