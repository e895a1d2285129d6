package verdamen.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.formula.PhaseKind;
import verdamen.core.leavening.ReadyAt;
import verdamen.core.leavening.Rise;
import verdamen.core.leavening.YeastAmount;
import verdamen.core.model.Coefficient;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Scale;

/** Changes a formula so that it has risen at a time, or is rolled when it has. */
final class RiseEdits {

    private final FormulaSpec spec;
    private final Formula formula;
    private final Dough dough;

    RiseEdits(FormulaSpec spec, Formula formula) {
        this.spec = spec;
        this.formula = formula;
        this.dough = Dough.of(formula);
    }

    /** The yeast with which it is ready so many minutes after kneading at the latest, and is rolled then. */
    FormulaSpec yeastFor(int minutes) {
        ReadyAt.YeastFor yeast = ReadyAt.of(dough, minutes).yeast();
        refuse(yeast.limit(), minutes);
        Map<Integer, Double> grams = new HashMap<>();
        yeast.lines().forEach(line -> grams.put(line.line(), Scale.atLeast(line.grams())));
        return rolledAt(YeastAmount.weighed(spec, grams), minutes);
    }

    /** The place in which it is ready so many minutes after kneading, instead of its rest and phases. */
    FormulaSpec placeFor(int minutes) {
        ReadyAt.PlaceFor place = ReadyAt.of(dough, minutes).place();
        refuse(place.limit(), minutes);
        double celsius = Math.ceil(place.celsius() * 2) / 2;
        PhaseSpec phase = new PhaseSpec(kindAt(celsius).code(), (double) minutes, celsius);
        return spec.withMethod(spec.methodOrNone().withPhases(List.of(phase)));
    }

    private PhaseKind kindAt(double celsius) {
        double kitchen = formula.method().temperatures().kitchenC();
        if (celsius > kitchen) {
            return PhaseKind.WARM;
        }
        return celsius <= Coefficient.FRIDGE_MOST_C.value() ? PhaseKind.CHILL : PhaseKind.REST;
    }

    /** Its rest, or its last phase, as long as it takes to rise. */
    FormulaSpec untilRisen() {
        Integer minutes =
                Rise.of(dough, formula.timeline().temperature().staying()).minutesToTarget();
        if (minutes == null) {
            throw Faults.refusal(null, "edit.kind", FaultCode.OUT_OF_REACH, null);
        }
        return rolledAt(spec, minutes);
    }

    /** A formula rolled so many minutes after kneading: its rest, or the last of its phases, lasts until then. */
    private FormulaSpec rolledAt(FormulaSpec of, int minutes) {
        if (formula.timeline().phases().isEmpty()) {
            return of.withSettings(of.kneading(), of.fatTiming(), of.waterTemperatureC(), (double) minutes);
        }
        List<PhaseSpec> phases = new ArrayList<>(formula.timeline().phases().stream()
                .map(phase -> new PhaseSpec(phase.kind().code(), phase.minutes(), phase.temperatureC()))
                .toList());
        double before = phases.subList(0, phases.size() - 1).stream()
                .mapToDouble(phase -> phase.minutes() == null ? 0 : phase.minutes())
                .sum();
        PhaseSpec last = phases.remove(phases.size() - 1);
        if (minutes > before) {
            phases.add(new PhaseSpec(last.kind(), minutes - before, last.temperatureC()));
        }
        return of.withMethod(of.methodOrNone().withPhases(phases));
    }

    private static void refuse(ReadyAt.@Nullable Limit limit, int minutes) {
        if (limit != null) {
            throw Faults.refusal(null, "edit.minutes", FaultCode.OUT_OF_REACH, minutes);
        }
    }
}
