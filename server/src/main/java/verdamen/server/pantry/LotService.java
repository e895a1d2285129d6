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
import verdamen.core.pantry.FlourMoisture;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Role;
import verdamen.server.pantry.LotMapper.LotRow;

/** Lots of flour: when they were milled, how moist and how strong they are. */
@Service
public class LotService {

    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_NOTE = 500;
    private static final double MOST_MOISTURE_PCT = 25;
    private static final double PERCENT = 100;
    private static final double HEAVIEST_SAMPLE = 10_000;

    private final LotMapper mapper;
    private final PantryService pantry;
    private final Clock clock;

    LotService(LotMapper mapper, PantryService pantry, Clock clock) {
        this.mapper = mapper;
        this.pantry = pantry;
        this.clock = clock;
    }

    /** How the moisture of a lot was found. */
    enum MoistureHow implements Coded {
        TYPED("typed"),
        DRIED("dried"),
        METER("meter"),
        STORAGE_AIR("storage-air");

        private final String code;

        MoistureHow(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
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

    /** A lot as asked. */
    public record LotRequest(
            @Nullable String ingredient,
            @Nullable String name,
            @Nullable LocalDate milledOn,
            @Nullable Double moisturePct,
            @Nullable String moistureHow,
            @Nullable Double proteinPct,
            @Nullable String note,
            @Nullable Boolean usedUp) {}

    /** All lots, those in use first. */
    @Transactional(readOnly = true)
    public List<Lot> lots() {
        return mapper.lots().stream().map(this::lot).toList();
    }

    /** The lots of a flour that are not used up. */
    @Transactional(readOnly = true)
    public List<Lot> lotsOf(String ingredient) {
        return mapper.lotsOf(ingredient).stream().map(this::lot).toList();
    }

    private Lot lot(LotRow row) {
        return new Lot(
                row.id(),
                row.ingredientCode(),
                pantry.pantry()
                        .ingredient(row.ingredientCode())
                        .map(Ingredient::name)
                        .orElse(row.ingredientCode()),
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
    public List<Lot> save(@Nullable Long id, LotRequest request) {
        Faults faults = new Faults();
        Ingredient flour = request.ingredient() == null
                ? null
                : pantry.pantry().ingredient(request.ingredient()).orElse(null);
        boolean named = request.ingredient() != null && !request.ingredient().isBlank();
        faults.require(
                flour != null, "ingredient", named ? FaultCode.UNKNOWN_CODE : FaultCode.MISSING, request.ingredient());
        faults.require(
                flour == null || flour.role() == Role.FLOUR,
                "ingredient",
                FaultCode.NOT_FOR_THIS_INGREDIENT,
                request.ingredient());
        String name = faults.text("name", request.name(), LONGEST_NAME);
        String note = faults.optionalText("note", request.note(), LONGEST_NOTE);
        faults.number("moisturePct", request.moisturePct(), 0, MOST_MOISTURE_PCT);
        faults.number("proteinPct", request.proteinPct(), 0, PERCENT);
        MoistureHow how = request.moisturePct() == null
                ? null
                : request.moistureHow() == null
                        ? MoistureHow.TYPED
                        : faults.choice("moistureHow", request.moistureHow(), MoistureHow.class);
        faults.require(
                request.milledOn() == null || !request.milledOn().isAfter(today().plusDays(1)),
                "milledOn",
                FaultCode.IN_THE_FUTURE,
                request.milledOn());
        faults.refuse();
        LotRow row = new LotRow(
                id == null ? 0 : id,
                String.valueOf(request.ingredient()),
                name,
                request.milledOn(),
                request.moisturePct(),
                how == null ? null : how.code(),
                request.proteinPct(),
                note,
                Boolean.TRUE.equals(request.usedUp()),
                now());
        if (id == null) {
            mapper.insert(row);
        } else if (mapper.update(row) == 0) {
            faults.require(false, "lot", FaultCode.UNKNOWN_CODE, id);
            faults.refuse();
        }
        return lots();
    }

    private OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }

    /** Takes a lot away that no saved formula names. */
    @Transactional
    public List<Lot> delete(long id) {
        Faults faults = new Faults();
        faults.require(!mapper.isUsed(id), "lot", FaultCode.IN_USE, null);
        faults.refuse();
        mapper.delete(id);
        return lots();
    }

    /**
     * A way to find a moisture.
     *
     * @param beforeGrams for drying: the sample as it was, g
     * @param afterGrams for drying: the sample dried, g
     * @param celsius for storage air: its temperature, °C
     * @param humidityPct for storage air: its relative humidity, %
     */
    public record MoistureRequest(
            @Nullable Double beforeGrams,
            @Nullable Double afterGrams,
            @Nullable Double celsius,
            @Nullable Double humidityPct) {}

    /** The moisture by drying when a weight is given, else from the air of the store, %. */
    public double moisturePct(MoistureRequest request) {
        Faults faults = new Faults();
        if (request.beforeGrams() != null || request.afterGrams() != null) {
            double before = faults.needed("beforeGrams", request.beforeGrams(), 0.1, HEAVIEST_SAMPLE);
            double after = faults.needed("afterGrams", request.afterGrams(), 0.01, before);
            faults.refuse();
            return FlourMoisture.byDryingPct(before, after);
        }
        double celsius = faults.needed("celsius", request.celsius(), -10, 50);
        double humidity = faults.needed("humidityPct", request.humidityPct(), 1, 99);
        faults.refuse();
        return FlourMoisture.fromStorageAirPct(celsius, humidity);
    }
}
