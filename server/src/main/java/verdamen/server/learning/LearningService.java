package verdamen.server.learning;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.learning.Batch;
import verdamen.core.learning.BatchVerdict;
import verdamen.core.learning.FlourLearned;
import verdamen.core.learning.Learning;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.LearnedTogether;
import verdamen.core.pantry.OwnValue;
import verdamen.core.pantry.OwnValue.Field;
import verdamen.core.pantry.Pantry;
import verdamen.server.learning.LearningAnswer.LearnedFlour;
import verdamen.server.learning.LearningAnswer.TeachingBatch;
import verdamen.server.pantry.KitchenPantry;
import verdamen.server.pantry.PantryService;
import verdamen.server.problem.NotFoundException;

/** Learns from the kitchen's finished batches, the newest 300. */
@Service
class LearningService {

    private final LearningMapper mapper;
    private final FinishedBatches finished;
    private final PantryService pantry;

    LearningService(LearningMapper mapper, FinishedBatches finished, PantryService pantry) {
        this.mapper = mapper;
        this.finished = finished;
        this.pantry = pantry;
    }

    /** What batches teach. */
    @Transactional(readOnly = true)
    LearningAnswer learned() {
        List<FinishedBatch> batches = oldestFirst();
        KitchenPantry kitchen = pantry.kitchenPantry();
        Learning learning = learning(batches, kitchen);
        List<TeachingBatch> said = new ArrayList<>();
        for (int index = batches.size() - 1; index >= 0; index--) {
            said.add(batch(batches.get(index), learning.batches().get(index)));
        }
        List<LearnedFlour> flours = learning.flours().stream()
                .map(each -> flour(each, kitchen.pantry()))
                .toList();
        return new LearningAnswer(flours, said);
    }

    private List<FinishedBatch> oldestFirst() {
        List<FinishedBatch> batches = new ArrayList<>(finished.newest());
        Collections.reverse(batches);
        return batches;
    }

    private static Learning learning(List<FinishedBatch> batches, KitchenPantry kitchen) {
        return Learning.of(batches.stream().map(LearningService::teaching).toList(), asTheBookHasThem(kitchen));
    }

    /** Counts a finished batch, leaves it out, or leaves that open again. */
    @Transactional
    LearningAnswer count(long batch, @Nullable Boolean counts) {
        if (mapper.setCounts(batch, counts) == 0) {
            throw new NotFoundException("There is no finished batch " + batch + ".");
        }
        return learned();
    }

    /**
     * Uses what batches say of a flour from now on: its absorption, and how sure that is, as figures of the kitchen's own.
     *
     * @throws NotFoundException when they say nothing of it
     */
    @Transactional
    LearningAnswer use(String flour, @Nullable String source) {
        Learning learning = learning(oldestFirst(), pantry.kitchenPantry());
        FlourLearned learned = learning.flours().stream()
                .filter(each -> each.ingredient().equals(flour))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("Nothing is learned of " + flour + "."));
        List<LearnedTogether> together = learning.together().stream()
                .filter(pair -> pair.flour().equals(flour) || pair.other().equals(flour))
                .toList();
        pantry.change(() -> {
            pantry.setValue(flour, Field.ABSORPTION_PCT.code(), learned.learnedPct(), source);
            pantry.setValue(flour, Field.ABSORPTION_SD_PCT.code(), learned.learnedSdPct(), source);
            pantry.saveLearnedTogether(together);
        });
        return learned();
    }

    /**
     * Uses what the book says of a flour again, and how sure that is.
     *
     * @throws verdamen.core.model.RefusedException when there is no such flour
     */
    @Transactional
    LearningAnswer useTheBooks(String flour) {
        pantry.change(() -> {
            pantry.setValue(flour, Field.ABSORPTION_PCT.code(), null, null);
            pantry.setValue(flour, Field.ABSORPTION_SD_PCT.code(), null, null);
        });
        return learned();
    }

    private static Batch teaching(FinishedBatch batch) {
        return new Batch(batch.id(), batch.felt(), counts(batch.counts()));
    }

    private static Batch.Counts counts(@Nullable Boolean said) {
        if (said == null) {
            return Batch.Counts.NOT_SAID;
        }
        return said ? Batch.Counts.YES : Batch.Counts.NO;
    }

    /** The kitchen's pantry in which flours take up what the book says: learning starts there. */
    private static Pantry asTheBookHasThem(KitchenPantry kitchen) {
        return kitchen.pantry()
                .withIngredients(kitchen.pantry().ingredients().stream()
                        .map(each -> withBookAbsorption(each, kitchen.book().get(each.code())))
                        .toList());
    }

    private static Ingredient withBookAbsorption(Ingredient own, @Nullable Ingredient book) {
        return book == null || book.behaviour() == null
                ? own
                : OwnValue.over(
                        own,
                        Map.of(
                                Field.ABSORPTION_PCT, book.behaviour().absorptionPct(),
                                Field.ABSORPTION_SD_PCT, book.behaviour().absorptionSdPct()));
    }

    private static LearnedFlour flour(FlourLearned learned, Pantry pantry) {
        Ingredient flour = pantry.ingredient(learned.ingredient()).orElseThrow();
        double used = flour.behaviour() == null
                ? learned.bookPct()
                : flour.behaviour().absorptionPct();
        return new LearnedFlour(learned, flour.name(), used);
    }

    private static TeachingBatch batch(FinishedBatch batch, BatchVerdict verdict) {
        return new TeachingBatch(
                batch.id(),
                batch.formula(),
                batch.name(),
                batch.startedAt(),
                batch.minute(),
                batch.feel(),
                verdict.off(),
                verdict.farOff(),
                verdict.counted(),
                batch.counts());
    }
}
