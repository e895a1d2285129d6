package verdamen.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.MadeFormula;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.core.plan.PlanQuestion.Wanted;
import verdamen.core.plan.PlanSpec.ServingSpec;
import verdamen.core.plan.PlanSpec.WorkerSpec;

/**
 * A way out of a clash: the dough of one serving made the evening before and chilled overnight, with which everything can be met.
 *
 * @param serving key of the serving
 * @param evening who has to be there then; null when somebody is
 */
public record OvernightDough(String serving, @Nullable WorkerSpec evening) implements WayOut {

    @Override
    public PlanSpec taken(PlanSpec spec) {
        PlanSpec chilled = spec.withServing(serving, ServingSpec::chilledOvernight);
        return evening == null ? chilled : chilled.withWorkers(PlanSpec.and(Alternative.workers(spec), evening));
    }

    /**
     * For each serving by itself, its dough made the evening before when everything can be met with that.
     *
     * @param asked what is asked
     * @param question the same, as it is planned
     * @param canBeMet whether everything that is asked of a day can be met
     */
    public static List<OvernightDough> of(
            PlanSpec asked, PlanQuestion question, Pantry pantry, Predicate<PlanDay> canBeMet) {
        List<OvernightDough> overnight = new ArrayList<>();
        List<ServingSpec> servings = asked.servings() == null ? List.of() : asked.servings();
        for (int number = 0; number < question.wanted().size(); number++) {
            Wanted wanted = question.wanted().get(number);
            if (!Boolean.TRUE.equals(servings.get(number).overnight())) {
                chilled(wanted, pantry)
                        .flatMap(chilled -> of(asked, question.with(chilled), chilled, canBeMet))
                        .ifPresent(overnight::add);
            }
        }
        return List.copyOf(overnight);
    }

    /** With those who are there, else with somebody more in the evening. */
    private static Optional<OvernightDough> of(
            PlanSpec asked, PlanQuestion chilled, Wanted wanted, Predicate<PlanDay> canBeMet) {
        OvernightDough byThem = new OvernightDough(wanted.key(), null);
        if (canBeMet.test(PlanDay.of(chilled))) {
            return Optional.of(byThem);
        }
        List<WorkerSpec> workers = Alternative.workers(asked);
        if (workers.size() >= Limit.WORKERS.mostCount()) {
            return Optional.empty();
        }
        OvernightDough byAnother = new OvernightDough(wanted.key(), Alternative.evening(workers, wanted.due()));
        List<Worker> there =
                PlanReading.of(byAnother.taken(asked), new Faults()).workers();
        return canBeMet.test(PlanDay.of(chilled.withWorkers(there))) ? Optional.of(byAnother) : Optional.empty();
    }

    private static Optional<Wanted> chilled(Wanted wanted, Pantry pantry) {
        try {
            MadeFormula made = MadeFormula.of(
                    WantedFormula.overnight(wanted.due()).of(wanted.made().spec(), pantry), pantry);
            return Optional.of(new Wanted(wanted.key(), made, wanted.due(), wanted.parBaked()));
        } catch (RefusedException cannotBeChilled) {
            return Optional.empty();
        }
    }
}
