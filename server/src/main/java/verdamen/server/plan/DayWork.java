package verdamen.server.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import verdamen.core.bench.MadeFormula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.handling.RollingWindow;
import verdamen.core.method.WaterTemperature;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.core.plan.PlanDay;
import verdamen.core.plan.PlanQuestion;
import verdamen.core.plan.PlanQuestion.Wanted;
import verdamen.core.plan.PlanReading;
import verdamen.core.plan.PlanSpec;
import verdamen.core.plan.PlanSpec.ServingSpec;
import verdamen.core.plan.WantedFormula;
import verdamen.server.formula.FormulaService;
import verdamen.server.formula.FormulaService.AskedVersion;
import verdamen.server.formula.FormulaService.NamedVersion;
import verdamen.server.formula.StoredFormula;
import verdamen.server.pantry.PantryService;
import verdamen.server.plan.PlanState.PlannedServing;

/** What there is to do on a day, from its formulas. */
@Component
class DayWork {

    private final FormulaService formulas;
    private final StoredFormula stored;
    private final PantryService pantry;

    DayWork(FormulaService formulas, StoredFormula stored, PantryService pantry) {
        this.formulas = formulas;
        this.stored = stored;
        this.pantry = pantry;
    }

    /**
     * The work of a day.
     *
     * @param day what there is to do
     * @param servings what is served, in the order asked
     * @param question what the work follows from
     * @param pantry what its formulas are made from
     * @param whole whether that is all of its work, else what is left of it
     */
    record Work(PlanDay day, List<PlannedServing> servings, PlanQuestion question, Pantry pantry, boolean whole) {

        /** What is left of the work for the same servings. */
        Work left(PlanDay remaining) {
            return new Work(remaining, servings, question, pantry, false);
        }

        /** What is made for each serving, by its key. */
        Map<String, MadeFormula> made() {
            return question.wanted().stream().collect(Collectors.toMap(Wanted::key, Wanted::made));
        }
    }

    /**
     * The work that is asked for.
     *
     * @throws RefusedException naming what of it has a fault
     */
    Work of(PlanSpec spec) {
        Faults faults = new Faults();
        PlanReading asked = PlanReading.of(spec, faults);
        faults.refuse();
        List<Wanted> wanted = new ArrayList<>();
        List<PlannedServing> servings = new ArrayList<>();
        Map<Integer, NamedVersion> versions = formulas.asked(asked.servings().stream()
                .map(serving -> new AskedVersion(Objects.requireNonNull(serving.formula()), serving.version()))
                .toList());
        for (int line = 0; line < asked.servings().size(); line++) {
            ServingSpec serving = asked.servings().get(line);
            NamedVersion version = versions.get(line);
            if (version == null) {
                faults.add(line, "formula", FaultCode.UNKNOWN_CODE, serving.formula());
            } else {
                add(line, serving, version, asked.kitchenC(), wanted, servings, faults);
            }
        }
        faults.refuse();
        PlanQuestion question =
                new PlanQuestion(wanted, asked.workers(), asked.places(), asked.careful(), asked.pins(), asked.tray());
        return new Work(PlanDay.of(question), servings, question, pantry.pantry(), true);
    }

    private void add(
            int line,
            ServingSpec asked,
            NamedVersion version,
            @Nullable Double kitchenC,
            List<Wanted> wanted,
            List<PlannedServing> servings,
            Faults faults) {
        long formula = Objects.requireNonNull(asked.formula());
        int due = asked.due() == null ? 0 : asked.due();
        String key = PlanSpec.key(line);
        Pantry book = pantry.pantry();
        try {
            FormulaSpec spec = stored.read(version.documentVersion(), version.document());
            MadeFormula made = MadeFormula.of(WantedFormula.of(spec, asked, kitchenC, book), book);
            wanted.add(new Wanted(key, made, due, Boolean.TRUE.equals(asked.parBaked())));
            RollingWindow window = made.evaluation().window();
            servings.add(new PlannedServing(
                    key,
                    formula,
                    version.number(),
                    version.name(),
                    made.cooking().pieces(),
                    due,
                    window == null ? null : window.first(),
                    window == null ? null : window.last(),
                    WaterTemperature.of(made.formula()).useC()));
        } catch (RefusedException refused) {
            faults.addAll(line, refused.faults());
        }
    }
}
