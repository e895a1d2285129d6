package verdamen.server.prep;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.prep.Chain;
import verdamen.core.prep.MeasuredYield;
import verdamen.core.prep.StepKind;
import verdamen.server.json.JsonText;
import verdamen.server.prep.YieldMapper.YieldRow;

/** What steps of preparation gave in this kitchen, weighed before and after, offered beside the typical values. */
@Service
public class KitchenYields {

    private final YieldMapper mapper;
    private final JsonText json;

    KitchenYields(YieldMapper mapper, JsonText json) {
        this.mapper = mapper;
        this.json = json;
    }

    /** What all weighings of a kitchen say of its steps, by step and ingredient. */
    static final class Known {

        private final Map<String, YieldRow> rows = new HashMap<>();

        private Known(List<YieldRow> rows) {
            rows.forEach(row -> this.rows.put(row.step() + " " + row.ingredient(), row));
        }

        /** What a step gives on average; null when it was never weighed. */
        @Nullable
        YieldRow of(StepKind step, String ingredient) {
            return rows.get(step.code() + " " + ingredient);
        }
    }

    /** What is known of the ingredients of some chains; nothing is asked of the database when there is none. */
    @Transactional(readOnly = true)
    Known known(List<Chain> chains) {
        String[] ingredients = chains.stream()
                .flatMap(chain -> chain.steps().stream())
                .map(step -> step.before().ingredient().code())
                .distinct()
                .toArray(String[]::new);
        return new Known(ingredients.length == 0 ? List.of() : mapper.yields(ingredients));
    }

    /** A weighing as it goes to the database. */
    private record Weighed(String step, String ingredient, double share) {}

    /** Keeps what was weighed in the newest version of a formula, instead of what the one before had. */
    @Transactional
    public void keep(long formula, List<Chain> chains) {
        List<Weighed> weighed = chains.stream()
                .flatMap(chain -> MeasuredYield.of(chain).stream())
                .map(each -> new Weighed(each.kind().code(), each.ingredient(), each.share()))
                .toList();
        mapper.forget(formula);
        if (!weighed.isEmpty()) {
            mapper.keep(formula, json.of(weighed));
        }
    }
}
