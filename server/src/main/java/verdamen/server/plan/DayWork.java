package verdamen.server.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import verdamen.core.bench.MadeFormula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.MethodSpec.TemperaturesSpec;
import verdamen.core.handling.RollingWindow;
import verdamen.core.method.WaterTemperature;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.core.plan.Overnight;
import verdamen.core.plan.Place;
import verdamen.core.plan.PlanDay;
import verdamen.core.plan.PlanQuestion;
import verdamen.core.plan.PlanQuestion.Wanted;
import verdamen.core.plan.PlanSpec;
import verdamen.core.plan.PlanSpec.ServingSpec;
import verdamen.core.plan.Worker;
import verdamen.core.portion.Scaling;
import verdamen.core.portion.ScalingQuestion;
import verdamen.server.formula.FormulaDocument;
import verdamen.server.formula.FormulaService;
import verdamen.server.pantry.PantryService;
import verdamen.server.plan.PlanState.PlannedServing;
import verdamen.server.problem.NotFoundException;

/** What there is to do on a day, from its formulas. */
@Component
class DayWork {

    private final FormulaService formulas;
    private final PantryService pantry;

    DayWork(FormulaService formulas, PantryService pantry) {
        this.formulas = formulas;
        this.pantry = pantry;
    }

    /**
     * The work of a day.
     *
     * @param day what there is to do
     * @param servings what is served, in the order asked
     * @param made what is made for each serving, by its key
     */
    record Work(PlanDay day, List<PlannedServing> servings, Map<String, MadeFormula> made) {

        /** The same servings with other things to do. */
        Work with(PlanDay other) {
            return new Work(other, servings, made);
        }
    }

    /**
     * The work that is asked for.
     *
     * @throws RefusedException naming what of it has a fault
     */
    Work of(PlanSpec spec) {
        Faults faults = new Faults();
        List<ServingSpec> asked = spec.readServings(faults);
        List<Worker> workers = spec.readWorkers(faults);
        Map<Place, Integer> places = spec.readPlaces(faults);
        Map<String, Integer> pins = spec.readPins(faults);
        Double kitchenC = spec.readKitchenC(faults);
        faults.refuse();
        List<Wanted> wanted = new ArrayList<>();
        List<PlannedServing> servings = new ArrayList<>();
        for (ServingSpec serving : asked) {
            add(serving, kitchenC, wanted, servings, faults);
        }
        faults.refuse();
        return new Work(
                PlanDay.of(new PlanQuestion(wanted, workers, places, Boolean.TRUE.equals(spec.careful()), pins)),
                servings,
                wanted.stream().collect(Collectors.toMap(Wanted::key, Wanted::made)));
    }

    private void add(
            ServingSpec asked,
            @Nullable Double kitchenC,
            List<Wanted> wanted,
            List<PlannedServing> servings,
            Faults faults) {
        int line = wanted.size();
        long formula = asked.formula() == null ? 0 : asked.formula();
        int due = asked.due() == null ? 0 : asked.due();
        String key = PlanSpec.key(line);
        try {
            FormulaDocument document =
                    asked.version() == null ? formulas.newest(formula) : formulas.version(formula, asked.version());
            MadeFormula made = MadeFormula.of(asWanted(document.formula(), asked, kitchenC), pantry.pantry());
            wanted.add(new Wanted(key, made, due));
            RollingWindow window = made.evaluation().window();
            servings.add(new PlannedServing(
                    key,
                    formula,
                    document.version().number(),
                    document.version().name(),
                    made.cooking().pieces(),
                    due,
                    window == null ? null : window.first(),
                    window == null ? null : window.last(),
                    WaterTemperature.of(made.formula()).useC()));
        } catch (NotFoundException gone) {
            faults.add(line, "formula", FaultCode.UNKNOWN_CODE, formula);
        } catch (RefusedException refused) {
            for (Fault fault : refused.faults()) {
                faults.add(line, fault.field(), fault.code(), fault.value());
            }
        }
    }

    private FormulaSpec asWanted(FormulaSpec spec, ServingSpec asked, @Nullable Double kitchenC) {
        Pantry book = pantry.pantry();
        Integer pieces = asked.pieces();
        FormulaSpec sized = pieces == null
                ? spec
                : Scaling.of(new ScalingQuestion(spec, null, pieces, null, null, null, null), book)
                        .formula();
        FormulaSpec there = kitchenC == null ? sized : inKitchen(sized, kitchenC);
        int due = asked.due() == null ? 0 : asked.due();
        return Boolean.TRUE.equals(asked.overnight()) ? Overnight.chilled(there, due, book) : there;
    }

    /** The formula on a day on which kitchen and flour are so warm. */
    private static FormulaSpec inKitchen(FormulaSpec spec, double kitchenC) {
        MethodSpec method = spec.method() == null ? MethodSpec.NONE : spec.method();
        TemperaturesSpec said = method.temperaturesOrNone();
        return spec.withMethod(method.withTemperatures(new TemperaturesSpec(
                said.doughC(), kitchenC, kitchenC, said.coldC(), said.hotC(), said.kneadMinutes())));
    }
}
