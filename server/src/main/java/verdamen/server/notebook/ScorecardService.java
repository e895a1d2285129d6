package verdamen.server.notebook;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.notebook.Outcome;
import verdamen.core.notebook.Scorecard;
import verdamen.core.notebook.Scorecard.Seen;
import verdamen.core.pantry.OwnBread;
import verdamen.core.pantry.Pantry;
import verdamen.server.notebook.ScorecardAnswer.ScoredBatch;
import verdamen.server.pantry.KitchenPantry;
import verdamen.server.pantry.PantryService;

/** Holds what the model predicts against what the last batches were. */
@Service
class ScorecardService {

    private static final int USUAL_BATCHES = 30;

    private final MadeBatches made;
    private final PantryService pantry;

    ScorecardService(MadeBatches made, PantryService pantry) {
        this.made = made;
        this.pantry = pantry;
    }

    /**
     * The scorecard of the last batches that count.
     *
     * @param formula of one formula; null for all
     * @param last so many at most; null for 30
     * @param byTheBook whether the book's figures predict, without what is the kitchen's own
     * @throws verdamen.core.model.RefusedException when so many are too many
     */
    @Transactional(readOnly = true)
    public ScorecardAnswer scorecard(@Nullable Long formula, @Nullable Integer last, boolean byTheBook) {
        int limit = last == null ? USUAL_BATCHES : last;
        Faults faults = new Faults();
        faults.number("last", (double) limit, Limit.PAGE_ROWS);
        faults.refuse();
        KitchenPantry kitchen = pantry.kitchenPantry();
        Pantry predicting = byTheBook ? asTheBookHasIt(kitchen) : kitchen.pantry();
        List<MadeBatch> batches = made.newest(formula, limit, predicting);
        Scorecard card = Scorecard.of(batches.stream()
                .map(batch -> new Seen(batch.id(), Outcome.of(batch.record(), predicting)))
                .toList());
        return new ScorecardAnswer(
                batches.stream()
                        .map(batch -> new ScoredBatch(batch.id(), batch.name(), batch.startedAt()))
                        .toList(),
                card.figures());
    }

    private static Pantry asTheBookHasIt(KitchenPantry kitchen) {
        return kitchen.pantry()
                .withIngredients(kitchen.book().values())
                .withOwnBread(OwnBread.NONE)
                .withLearnedTogether(List.of());
    }
}
