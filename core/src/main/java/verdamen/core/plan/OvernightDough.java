package verdamen.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.MadeFormula;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
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

    /** For each serving by itself, its dough made the evening before when everything can be met with that. */
    static List<OvernightDough> of(WaysOut tried) {
        List<OvernightDough> overnight = new ArrayList<>();
        List<ServingSpec> servings =
                tried.asked().servings() == null ? List.of() : tried.asked().servings();
        List<Wanted> wanted = tried.question().wanted();
        for (int number = 0; number < wanted.size(); number++) {
            if (!Boolean.TRUE.equals(servings.get(number).overnight())) {
                of(tried, wanted.get(number)).ifPresent(overnight::add);
            }
        }
        return overnight;
    }

    /** With those who are there, else with somebody more in the evening. */
    private static Optional<OvernightDough> of(WaysOut tried, Wanted wanted) {
        if (tried.meets(() -> chilled(tried, wanted))) {
            return Optional.of(new OvernightDough(wanted.key(), null));
        }
        List<WorkerSpec> workers = Alternative.workers(tried.asked());
        if (workers.size() >= Limit.WORKERS.mostCount()) {
            return Optional.empty();
        }
        OvernightDough byAnother = new OvernightDough(wanted.key(), Alternative.evening(workers, wanted.due()));
        List<Worker> there =
                PlanReading.of(byAnother.taken(tried.asked()), new Faults()).workers();
        return tried.meets(() -> chilled(tried, wanted).withWorkers(there)) ? Optional.of(byAnother) : Optional.empty();
    }

    private static PlanQuestion chilled(WaysOut tried, Wanted wanted) {
        MadeFormula made = MadeFormula.of(
                WantedFormula.overnight(wanted.due()).of(wanted.made().spec(), tried.pantry()), tried.pantry());
        return tried.question().with(new Wanted(wanted.key(), made, wanted.due(), wanted.parBaked()));
    }
}
