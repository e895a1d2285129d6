package verdamen.server.batch;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.bench.MadeAs;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Uses;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.portion.Scaling;
import verdamen.core.portion.ScalingQuestion;
import verdamen.server.batch.BatchMapper.BatchRow;
import verdamen.server.formula.FormulaService;
import verdamen.server.json.JsonText;
import verdamen.server.kitchen.KitchenClock;
import verdamen.server.pantry.PantryService;

/** Begins batches: of any version, at any size, no more than four at a time. */
@Service
public class BatchBeginning {

    private final BatchMapper mapper;
    private final FormulaService formulas;
    private final BatchFormula planned;
    private final PantryService pantry;
    private final JsonText json;
    private final KitchenClock clock;

    BatchBeginning(
            BatchMapper mapper,
            FormulaService formulas,
            BatchFormula planned,
            PantryService pantry,
            JsonText json,
            KitchenClock clock) {
        this.mapper = mapper;
        this.formulas = formulas;
        this.planned = planned;
        this.pantry = pantry;
        this.json = json;
        this.clock = clock;
    }

    /**
     * How large a batch is to be, by one of these; absent for as large as the formula.
     *
     * @param factor how many times of the formula
     * @param pieces how many pieces it is to make
     * @param flourGrams flour at hand, g
     * @param doughGrams dough wanted, g
     */
    public record Size(
            @Nullable Double factor,
            @Nullable Integer pieces,
            @Nullable Double flourGrams,
            @Nullable Double doughGrams) {

        /** As large as the formula. */
        static final Size ONCE = new Size(null, null, null, null);
    }

    /**
     * Begins a batch; begun twice under one identity, it is one.
     *
     * @param uid its identity, given by who begins it; null for one of its own
     * @param madeAs how it is made other than the version is written; null for as it is written
     * @throws RefusedException when there is no such version, no batch so large, or too many are made already
     */
    @Transactional
    public long begin(@Nullable String uid, long formula, int version, Size size, @Nullable MadeAs madeAs) {
        Faults faults = new Faults();
        if (uid != null) {
            faults.uuid("key", uid);
        }
        faults.require(mapper.isVersion(formula, version), "version", FaultCode.UNKNOWN_CODE, version);
        faults.refuse();
        BatchRow known = uid == null ? null : mapper.byUid(uid);
        if (known != null) {
            return known.id();
        }
        int most = Limit.BATCHES_RUNNING.mostCount();
        int running = mapper.running(most).size();
        if (running >= most) {
            faults.add(null, "running", FaultCode.TOO_MANY, running + 1, Limit.BATCHES_RUNNING.most());
        }
        faults.refuse();
        double factor = factor(formulas.spec(formula, version), size);
        KitchenClock.ClockReading now = clock.read();
        Long id = open(uid, formula, version, factor, now.now(), null, !now.right(), madeAs);
        return id == null
                ? Objects.requireNonNull(mapper.byUid(Objects.requireNonNull(uid)))
                        .id()
                : id;
    }

    /** Opens a batch; null when one is known by the same identity. */
    @Nullable
    Long open(
            @Nullable String uid,
            long formula,
            int version,
            double factor,
            OffsetDateTime at,
            @Nullable Boolean counts,
            boolean practice,
            @Nullable MadeAs madeAs) {
        Pantry book = pantry.pantry();
        List<String> uses = List.copyOf(Uses.of(formulas.spec(formula, version)).ingredients());
        String ingredients = uses.stream()
                .map(code -> book.ingredient(code).map(Ingredient::name).orElse(code))
                .collect(Collectors.joining(" "));
        return mapper.open(
                uid, formula, version, factor, at, counts, practice, planned.kept(madeAs), json.of(uses), ingredients);
    }

    private double factor(FormulaSpec spec, Size size) {
        return size.equals(Size.ONCE)
                ? 1
                : Scaling.of(
                                new ScalingQuestion(
                                        spec,
                                        size.factor(),
                                        size.pieces(),
                                        size.flourGrams(),
                                        size.doughGrams(),
                                        null,
                                        null),
                                pantry.pantry())
                        .factor();
    }
}
