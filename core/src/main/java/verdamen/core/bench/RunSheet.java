package verdamen.core.bench;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Water;
import verdamen.core.bench.BenchStep.Kind;
import verdamen.core.caution.Caution;
import verdamen.core.caution.CautionCause;
import verdamen.core.caution.Cautions;
import verdamen.core.cooking.Cooking;
import verdamen.core.formula.FatTiming;
import verdamen.core.formula.Formula;
import verdamen.core.formula.MixedStage;
import verdamen.core.formula.Phase;
import verdamen.core.formula.PhaseKind;
import verdamen.core.formula.Pieces;
import verdamen.core.formula.Stage;
import verdamen.core.model.Range;
import verdamen.core.prep.Chain;
import verdamen.core.prep.Heating;
import verdamen.core.prep.StepResult;

/**
 * A formula as it is made: what is weighed into which bowl, and what is done in which order.
 *
 * @param bowls what is weighed
 * @param steps what is done
 * @param leftOut steps that this formula leaves out
 * @param needs everything that is laid out before
 */
public record RunSheet(List<WeighedBowl> bowls, List<BenchStep> steps, List<BenchStep> leftOut, List<Need> needs) {

    /**
     * The run sheet of a formula.
     *
     * @param water what its dough needs
     * @param cooking how its pieces are cooked; null when they cannot be
     */
    public static RunSheet of(Formula formula, Water water, @Nullable Cooking cooking) {
        List<WeighedBowl> bowls = WeighedBowl.of(formula);
        OwnSteps own = OwnSteps.of(
                new Writer(formula, water, cooking, bowls).sheet(),
                formula.method().steps());
        List<BenchStep> steps = own.steps();
        return new RunSheet(
                bowls,
                steps,
                own.leftOut(),
                steps.stream().flatMap(step -> step.needs().stream()).distinct().toList());
    }

    /** What is said of a step before it stands among the others. */
    private record Told(
            Kind kind,
            @Nullable Double atMinute,
            @Nullable Double minutes,
            @Nullable Double celsius,
            @Nullable Double grams,
            @Nullable MixedStage stage) {

        static Told of(Kind kind) {
            return new Told(kind, null, null, null, null, null);
        }

        static Told ofStage(MixedStage mixed) {
            Stage stage = mixed.stage();
            Kind kind = switch (stage.kind()) {
                case SPONGE -> Kind.SPONGE;
                case SOAKER -> Kind.SOAKER;
                case SCALD -> Kind.SCALD;
            };
            return new Told(kind, null, stage.minutes(), stage.placeC(), null, mixed);
        }

        static Told at(Kind kind, double atMinute, @Nullable Double minutes, @Nullable Double celsius) {
            return new Told(kind, atMinute, minutes, celsius, null, null);
        }
    }

    /** Puts the steps in order. */
    private record Writer(
            Formula formula, Water water, @Nullable Cooking cooking, List<WeighedBowl> bowls) {

        List<BenchStep> sheet() {
            List<Told> told = told();
            Set<Kind> there = told.stream().map(Told::kind).collect(Collectors.toSet());
            Map<Kind, List<Caution>> cautions = new EnumMap<>(Kind.class);
            for (Caution caution : Cautions.of(formula)) {
                Kind at = place(caution);
                cautions.computeIfAbsent(there.contains(at) ? at : Kind.SET_UP, kind -> new ArrayList<>())
                        .add(caution);
            }
            Map<Kind, Integer> numbers = new EnumMap<>(Kind.class);
            List<BenchStep> steps = new ArrayList<>();
            for (Told each : told) {
                int number = numbers.merge(each.kind(), 1, Integer::sum);
                StepKindRow typical = StepKindRow.of(each.kind());
                steps.add(new BenchStep(
                        number == 1 ? each.kind().code() : each.kind().code() + "-" + number,
                        each.kind(),
                        each.atMinute(),
                        each.minutes(),
                        takes(each, typical),
                        each.celsius(),
                        each.grams(),
                        each.stage() == null ? null : StageStep.of(each.stage()),
                        typical.handsBusy(),
                        typical.needs(),
                        number == 1 ? cautions.getOrDefault(each.kind(), List.of()) : List.of(),
                        typical.canBeLeftOut(),
                        null));
            }
            return List.copyOf(steps);
        }

        /** The step at which a caution is read in time. */
        private Kind place(Caution caution) {
            CautionCause.Kind cause =
                    caution.causes().isEmpty() ? null : caution.causes().get(0).kind();
            return switch (caution.station()) {
                case "prep" -> Kind.PREPARE;
                case "portion" -> Kind.COOK;
                case "card" -> Kind.KEEP;
                default -> cause == null ? Kind.SET_UP : place(cause, caution.at());
            };
        }

        private Kind place(CautionCause.Kind cause, String at) {
            return switch (cause) {
                case KNEADING -> kneading();
                case HEAT -> Kind.COOK;
                case CHILL -> Kind.CHILL;
                case WATER -> at.startsWith("stages") ? Kind.SCALD : Kind.POUR;
                case STICKING -> Kind.ROLL;
                case STEP, KEPT_LIQUID -> Kind.PREPARE;
                case INGREDIENT, STYLE -> Kind.SET_UP;
            };
        }

        /** What the formula says of its minutes, else what is typical. */
        private Range takes(Told told, StepKindRow typical) {
            Double minutes = told.minutes();
            if (told.kind() == Kind.COOK) {
                double all = cooking == null || cooking.allMinutes() == null ? 0 : cooking.allMinutes();
                double off = cooking == null ? 0 : cooking.sideOneRange().low() / cooking.sideOneS();
                return new Range(all * off, all * (2 - off));
            }
            if (minutes != null && typical.minutes().high() == 0) {
                return new Range(minutes, minutes);
            }
            if (told.kind() == Kind.PREPARE) {
                return preparing(typical);
            }
            double times = switch (typical.per()) {
                case BATCH -> 1;
                case CHAIN -> formula.preps().size();
                case PIECE -> pieces();
            };
            return new Range(typical.minutes().low() * times, typical.minutes().high() * times);
        }

        /** Each chain's own minutes on the burner where they are known, and hands beside. */
        private Range preparing(StepKindRow typical) {
            double low = 0;
            double high = 0;
            for (Chain chain : formula.preps()) {
                double heatLow = 0;
                double heatHigh = 0;
                for (StepResult step : chain.steps()) {
                    Heating heating = step.heating();
                    heatLow += heating == null ? 0 : heating.range().low();
                    heatHigh += heating == null ? 0 : heating.range().high();
                }
                low += Math.max(typical.minutes().low(), heatLow);
                high += Math.max(typical.minutes().high(), typical.minutes().low() + heatHigh);
            }
            return new Range(low, high);
        }

        private double pieces() {
            Double count = Pieces.of(formula).count();
            return count == null ? 1 : count;
        }

        private List<Told> told() {
            List<Told> steps = new ArrayList<>();
            steps.add(Told.of(Kind.SET_UP));
            if (!formula.preps().isEmpty()) {
                steps.add(Told.of(Kind.PREPARE));
            }
            formula.stages().forEach(stage -> steps.add(Told.ofStage(stage)));
            steps.add(Told.of(Kind.MIX_DRY));
            mixing(steps);
            standing(steps);
            steps.add(Told.of(Kind.DIVIDE));
            if (has(WeighedBowl.Kind.FILLING)) {
                steps.add(Told.of(Kind.FILL));
            }
            steps.add(Told.at(Kind.ROLL, formula.rollAtMinute(), null, null));
            steps.add(Told.of(Kind.COOK));
            if (has(WeighedBowl.Kind.SURFACE)) {
                steps.add(Told.of(Kind.FINISH));
            }
            steps.add(Told.of(Kind.KEEP));
            return steps;
        }

        private boolean has(WeighedBowl.Kind kind) {
            return bowls.stream().anyMatch(bowl -> bowl.kind() == kind);
        }

        private Kind kneading() {
            return switch (formula.kneading()) {
                case HAND -> Kind.KNEAD_BY_HAND;
                case MACHINE -> Kind.KNEAD_BY_MACHINE;
                case JUST_COMBINED -> Kind.JUST_COMBINE;
            };
        }

        private void mixing(List<Told> steps) {
            boolean fat = has(WeighedBowl.Kind.FAT);
            if (fat && formula.fatTiming() == FatTiming.COAT_FIRST) {
                steps.add(Told.of(Kind.RUB_IN_FAT));
            }
            // No more than is weighed, so that what is poured and what is ready reach to the same end; what a stage
            // before has
            // had of the water is in the bowl already.
            double had = water.inStages();
            double poured = Math.min(Math.max(0, water.told().firstPour() - had), water.present() - had);
            double ready = Math.max(0, water.told().firstPour() + water.told().holdBack() - had - poured);
            steps.add(new Told(Kind.POUR, 0.0, null, formula.waterTemperatureC(), poured, null));
            if (has(WeighedBowl.Kind.INCLUSIONS)) {
                steps.add(Told.of(Kind.ADD_INCLUSIONS));
            }
            if (ready > 0) {
                steps.add(new Told(Kind.HOLD_BACK, null, null, null, ready, null));
            }
            double kneaded = formula.kneading().endMinute();
            steps.add(Told.at(
                    kneading(), 0, kneaded, formula.timeline().temperature().startC()));
            if (fat && formula.fatTiming() == FatTiming.LAST) {
                steps.add(Told.of(Kind.KNEAD_IN_FAT));
            }
        }

        private void standing(List<Told> steps) {
            double minute = formula.kneading().endMinute();
            List<Phase> phases = formula.timeline().phases();
            if (phases.isEmpty() && formula.restMinutes() > 0) {
                double kitchen = formula.method().temperatures().kitchenC();
                steps.add(Told.at(Kind.REST, minute, formula.restMinutes(), kitchen));
            }
            for (Phase phase : phases) {
                Double celsius = phase.kind() == PhaseKind.KNEAD ? null : Double.valueOf(phase.temperatureC());
                steps.add(Told.at(kind(phase.kind()), minute, phase.minutes(), celsius));
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
