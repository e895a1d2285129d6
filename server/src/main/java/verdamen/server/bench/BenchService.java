package verdamen.server.bench;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.balance.Additions;
import verdamen.core.balance.Water;
import verdamen.core.bench.BenchEntry;
import verdamen.core.bench.BenchRun;
import verdamen.core.bench.BenchStep;
import verdamen.core.bench.BenchTimer;
import verdamen.core.bench.MadeFormula;
import verdamen.core.cooking.Cooking;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.handling.InTheBowl;
import verdamen.core.handling.RolledDough;
import verdamen.core.handling.RollingPicture;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.server.batch.Batch;
import verdamen.server.batch.Batch.Kept;
import verdamen.server.batch.BatchBeginning;
import verdamen.server.batch.BatchBeginning.Size;
import verdamen.server.batch.BatchEntries;
import verdamen.server.batch.BatchService;
import verdamen.server.bench.BenchAnswer.BenchCooking;
import verdamen.server.bench.BenchAnswer.BenchWater;
import verdamen.server.bench.BenchAnswer.RunningBatch;
import verdamen.server.bench.BenchAnswer.RunningBatches;
import verdamen.server.bench.BenchAnswer.SheetAnswer;
import verdamen.server.bench.BenchAnswer.WordedStep;
import verdamen.server.bench.BenchController.BeginRequest;
import verdamen.server.card.CardFigures;
import verdamen.server.card.StepWords;
import verdamen.server.formula.FormulaService;
import verdamen.server.kitchen.KitchenClock;
import verdamen.server.kitchen.KitchenService;
import verdamen.server.pantry.PantryService;
import verdamen.server.photo.PhotoService;

/** Leads a batch through its run sheet. */
@Service
public class BenchService {

    private final BatchService batches;
    private final BatchEntries noted;
    private final BatchBeginning beginning;
    private final FormulaService formulas;
    private final PantryService pantry;
    private final KitchenService kitchens;
    private final KitchenClock clock;
    private final PhotoService photos;

    BenchService(
            BatchService batches,
            BatchEntries noted,
            BatchBeginning beginning,
            FormulaService formulas,
            PantryService pantry,
            KitchenService kitchens,
            KitchenClock clock,
            PhotoService photos) {
        this.batches = batches;
        this.noted = noted;
        this.beginning = beginning;
        this.formulas = formulas;
        this.pantry = pantry;
        this.kitchens = kitchens;
        this.clock = clock;
        this.photos = photos;
    }

    /** The batches that are made just now. */
    @Transactional(readOnly = true)
    public RunningBatches running() {
        return new RunningBatches(
                clock.read(), batches.running().stream().map(this::running).toList());
    }

    private RunningBatch running(Batch batch) {
        MadeFormula made = made(batch);
        BenchRun run = BenchRun.of(made, pantry.pantry(), BatchEntries.counted(noted.entries(batch.id())), clock.now());
        BenchTimer next = run.timers().isEmpty() ? null : run.timers().get(0);
        return new RunningBatch(
                batch,
                name(batch),
                run.current(),
                made.run().steps().stream()
                        .filter(step -> step.key().equals(run.current()))
                        .map(BenchStep::kind)
                        .findFirst()
                        .orElse(null),
                next == null ? null : next.endsAt(),
                next == null ? null : next.name());
    }

    /**
     * Begins a batch.
     *
     * @throws RefusedException when it cannot be made, or too many are made already
     */
    @Transactional
    public BenchAnswer begin(BeginRequest request) {
        Size size = request.size() == null ? new Size(null, null, null, null) : request.size();
        return batch(beginning.begin(request.key(), request.formula(), request.version(), size, null));
    }

    /** Where a batch stands. */
    @Transactional(readOnly = true)
    public BenchAnswer batch(long id) {
        Batch batch = batches.batch(id);
        List<Kept> entries = noted.entries(id);
        MadeFormula made = made(batch);
        KitchenClock.ClockReading now = clock.read();
        BenchRun run = BenchRun.of(made, pantry.pantry(), BatchEntries.counted(entries), now.now());
        RolledDough rolled = inTheBowl(run.bowl().spec());
        Formula formula = made.formula();
        return new BenchAnswer(
                batch,
                name(batch),
                now,
                worded(made),
                made.run().bowls(),
                run,
                water(made),
                rolled == null ? null : RollingPicture.of(rolled),
                formula.style(),
                formula.softnessTarget(),
                pantry.pantry().feels(formula.style()),
                rolled == null ? null : InTheBowl.of(rolled.dough()),
                cooking(made.cooking()),
                entries,
                photos.of(List.of(id)));
    }

    /**
     * The run sheet of a formula that need not be saved.
     *
     * @throws RefusedException naming what of it has a fault, or cannot be divided or cooked
     */
    @Transactional(readOnly = true)
    public SheetAnswer sheet(FormulaSpec formula) {
        MadeFormula made = MadeFormula.of(formula, pantry.pantry());
        return new SheetAnswer(worded(made), made.run().leftOut());
    }

    private List<WordedStep> worded(MadeFormula made) {
        StepWords words = new StepWords(made, CardFigures.of(kitchens.kitchen()));
        return made.run().steps().stream()
                .map(step -> new WordedStep(step, words.of(step)))
                .toList();
    }

    private static BenchWater water(MadeFormula made) {
        Water water = made.evaluation().balance().water();
        Additions additions = water.told().additions();
        double first = Math.min(water.told().firstPour(), water.present());
        return new BenchWater(
                made.formula().pantry().plainWater().code(),
                water.present(),
                first,
                Math.max(0, water.told().firstPour() + water.told().holdBack() - first),
                additions.full() > 0 ? additions.eachGrams() : additions.lastGrams());
    }

    private static BenchCooking cooking(Cooking cooking) {
        return new BenchCooking(
                cooking.oven(),
                cooking.panC(),
                cooking.sideOneS(),
                cooking.sideOneRange(),
                cooking.sideTwoS(),
                cooking.sideTwoRange(),
                cooking.first());
    }

    private MadeFormula made(Batch batch) {
        return MadeFormula.of(batches.planned(batch), pantry.pantry());
    }

    private String name(Batch batch) {
        return formulas.version(batch.formula(), batch.version()).version().name();
    }

    private @Nullable RolledDough inTheBowl(FormulaSpec spec) {
        Pantry book = pantry.pantry();
        try {
            return RolledDough.of(FormulaReader.read(spec, book));
        } catch (RefusedException refused) {
            return null;
        }
    }

    /**
     * Notes entries.
     *
     * @throws RefusedException naming what of them is not known or no number
     */
    @Transactional
    public BenchAnswer note(long id, @Nullable List<BenchEntry> entries) {
        Faults faults = new Faults();
        List<BenchEntry> kept = faults.atMost("entries", entries, Limit.ENTRIES_AT_ONCE);
        faults.refuse();
        noted.note(id, kept.stream().map(Objects::requireNonNull).toList());
        return batch(id);
    }

    /** Undoes an entry. */
    @Transactional
    public BenchAnswer undo(long id, String key) {
        noted.undo(id, key);
        return batch(id);
    }
}
