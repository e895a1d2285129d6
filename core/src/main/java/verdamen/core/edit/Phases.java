package verdamen.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.formula.PhaseKind;
import verdamen.core.intake.Instruction;
import verdamen.core.intake.Instruction.Kind;
import verdamen.core.leavening.Rise;
import verdamen.core.pantry.Pantry;

/** The phases of a formula between kneading and rolling, beside those that a method in words speaks of. */
final class Phases {

    private final FormulaSpec spec;
    private final Pantry pantry;
    private final List<PhaseSpec> phases;

    Phases(FormulaSpec spec, Pantry pantry) {
        this.spec = spec;
        this.pantry = pantry;
        List<PhaseSpec> asked = spec.methodOrNone().phasesOrNone();
        this.phases = asked.isEmpty() && spec.restMinutes() != null
                ? List.of(new PhaseSpec(PhaseKind.REST.code(), spec.restMinutes(), null))
                : asked;
    }

    /** Whether a dough rises at all. */
    static boolean rises(Formula formula) {
        return minutesToTarget(formula) != null;
    }

    /** The phase that is what a method says; nothing when there is none. */
    Optional<PhaseSpec> standing(Instruction said) {
        String kind = kind(said.kind()).code();
        for (int place = 0; place < phases.size(); place++) {
            PhaseSpec phase = phases.get(place);
            boolean lasts = said.kind().isRise()
                    ? kind.equals(phase.kind()) && phase.equals(untilRisen(phases.subList(0, place), said.kind()))
                    : kind.equals(phase.kind()) && Objects.equals(phase.minutes(), said.value());
            if (lasts) {
                return Optional.of(phase);
            }
        }
        return Optional.empty();
    }

    /** The formula with what a method says, in its order: what is asked for now, and what stands already. */
    FormulaSpec with(List<Instruction> said, List<Instruction> asked) {
        List<PhaseSpec> after = new ArrayList<>();
        for (Instruction each : said) {
            boolean wanted = asked.contains(each);
            if (each.kind().isPhase() && (wanted || standing(each).isPresent())) {
                after.add(new PhaseSpec(kind(each.kind()).code(), each.value(), null));
            } else if (each.kind().isRise() && (wanted || standing(each).isPresent())) {
                PhaseSpec risen = untilRisen(after, each.kind());
                if (risen != null) {
                    after.add(risen);
                }
            }
        }
        boolean plain =
                after.size() == 1 && PhaseKind.REST.code().equals(after.get(0).kind());
        if (!plain) {
            return spec.withMethod(spec.methodOrNone().withPhases(after));
        }
        MethodSpec method = spec.methodOrNone().withPhases(null);
        return spec.withMethod(method.equals(MethodSpec.NONE) ? null : method)
                .withSettings(
                        spec.kneading(),
                        spec.fatTiming(),
                        spec.waterTemperatureC(),
                        after.get(0).minutes());
    }

    /** A rest after other phases that ends when the dough has risen; null when it has by then, or never does. */
    private @Nullable PhaseSpec untilRisen(List<PhaseSpec> before, Kind kind) {
        PhaseSpec trial = new PhaseSpec(kind(kind).code(), 1.0, null);
        List<PhaseSpec> with = new ArrayList<>(before);
        with.add(trial);
        Integer risen = minutesToTarget(
                FormulaReader.read(spec.withMethod(spec.methodOrNone().withPhases(with)), pantry));
        double left = risen == null ? 0 : risen - minutes(before);
        return left > 0 ? new PhaseSpec(trial.kind(), left, null) : null;
    }

    private static @Nullable Integer minutesToTarget(Formula formula) {
        return Rise.of(Dough.of(formula), formula.timeline().temperature().staying())
                .minutesToTarget();
    }

    private static double minutes(List<PhaseSpec> phases) {
        return phases.stream()
                .mapToDouble(phase -> phase.minutes() == null ? 0 : phase.minutes())
                .sum();
    }

    private static PhaseKind kind(Kind kind) {
        return switch (kind) {
            case WARM, RISE_WARM -> PhaseKind.WARM;
            case CHILL -> PhaseKind.CHILL;
            case KNEAD_AGAIN -> PhaseKind.KNEAD;
            default -> PhaseKind.REST;
        };
    }
}
