package verdamen.server.pantry;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.Coded;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.LotSpec;
import verdamen.core.pantry.LotSpec.MoistureHow;
import verdamen.core.pantry.Pantry;
import verdamen.server.pantry.LotMapper.LotRow;

/** Lots of flour: when they were milled, how moist and how strong they are. */
@Service
public class LotService {

    /** How many formulas that carry a lot are told. */
    private static final int TOLD = 10;

    private final LotMapper mapper;
    private final PantryService pantry;
    private final List<IngredientUsers> users;
    private final Clock clock;

    LotService(LotMapper mapper, PantryService pantry, List<IngredientUsers> users, Clock clock) {
        this.mapper = mapper;
        this.pantry = pantry;
        this.users = users;
        this.clock = clock;
    }

    /**
     * A lot of flour.
     *
     * @param id its id
     * @param ingredient code of the flour
     * @param ingredientName its name
     * @param name what the kitchen calls it
     * @param milledOn day of milling; null when unknown
     * @param ageDays days since then; null when unknown
     * @param moisturePct moisture, %; null for the usual 14
     * @param moistureHow how that was found
     * @param proteinPct protein, %; null for the book's
     * @param note anything else
     * @param usedUp whether nothing is left of it
     */
    public record Lot(
            long id,
            String ingredient,
            String ingredientName,
            String name,
            @Nullable LocalDate milledOn,
            @Nullable Long ageDays,
            @Nullable Double moisturePct,
            @Nullable MoistureHow moistureHow,
            @Nullable Double proteinPct,
            String note,
            boolean usedUp) {}

    /** All lots, those in use first. */
    @Transactional(readOnly = true)
    public List<Lot> lots() {
        Pantry book = pantry.pantry();
        return mapper.lots().stream().map(row -> lot(row, book)).toList();
    }

    /** The lots of a flour that are not used up. */
    @Transactional(readOnly = true)
    public List<Lot> lotsOf(String ingredient) {
        Pantry book = pantry.pantry();
        return mapper.lotsOf(ingredient).stream().map(row -> lot(row, book)).toList();
    }

    private Lot lot(LotRow row, Pantry book) {
        return new Lot(
                row.id(),
                row.ingredientCode(),
                book.ingredient(row.ingredientCode()).map(Ingredient::name).orElse(row.ingredientCode()),
                row.name(),
                row.milledOn(),
                row.milledOn() == null ? null : ChronoUnit.DAYS.between(row.milledOn(), today()),
                row.moisturePct(),
                row.moistureHow() == null
                        ? null
                        : Coded.find(MoistureHow.class, row.moistureHow()).orElse(null),
                row.proteinPct(),
                row.note(),
                row.usedUp());
    }

    private LocalDate today() {
        return LocalDate.now(clock);
    }

    /**
     * Saves a lot; a new one without an id.
     *
     * @throws verdamen.core.model.RefusedException with everything impossible about it
     */
    @Transactional
    public List<Lot> save(@Nullable Long id, LotSpec spec) {
        spec.check(pantry.pantry(), today()).refuse();
        LotRow row = row(id == null ? 0 : id, null, spec);
        if (id == null) {
            mapper.insert(row);
        } else if (mapper.update(row) == 0) {
            throw Faults.refusal(null, "lot", FaultCode.UNKNOWN_CODE, id);
        }
        return lots();
    }

    /** Saves a lot of a file under the identity it has elsewhere; its id here. */
    @Transactional
    public long saveAs(String uid, LotSpec spec) {
        spec.check(pantry.pantry(), today()).refuse();
        return mapper.insert(row(0, uid, spec));
    }

    private LotRow row(long id, @Nullable String uid, LotSpec spec) {
        MoistureHow how = spec.how();
        return new LotRow(
                id,
                uid,
                String.valueOf(spec.ingredient()),
                String.valueOf(spec.name()).strip(),
                spec.milledOn(),
                spec.moisturePct(),
                how == null ? null : how.code(),
                spec.proteinPct(),
                spec.note() == null ? "" : spec.note().strip(),
                Boolean.TRUE.equals(spec.usedUp()),
                now());
    }

    /** A lot under the identity that files know it by. */
    public record KnownLot(String uid, Lot lot) {}

    /** All lots with their identities. */
    @Transactional(readOnly = true)
    public List<KnownLot> known() {
        Pantry book = pantry.pantry();
        return mapper.lots().stream()
                .map(row -> new KnownLot(String.valueOf(row.uid()), lot(row, book)))
                .toList();
    }

    private OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }

    /** Deletes a lot that no saved formula carries. */
    @Transactional
    public List<Lot> delete(long id) {
        Faults faults = new Faults();
        for (IngredientUsers each : users) {
            each.namesWithLot(id, TOLD).forEach(name -> faults.add(null, each.field(), FaultCode.IN_USE, name));
        }
        faults.refuse();
        mapper.delete(id);
        return lots();
    }
}
