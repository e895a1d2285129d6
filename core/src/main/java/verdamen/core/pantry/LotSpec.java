package verdamen.core.pantry;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * A lot of flour as asked, not yet checked.
 *
 * @param ingredient code of the flour
 * @param name what the kitchen calls it
 * @param milledOn day of milling; absent when unknown
 * @param moisturePct moisture, %; absent for the usual 14
 * @param moistureHow how that was found; absent for typed
 * @param proteinPct protein, %; absent for the book's
 * @param note anything else
 * @param usedUp whether nothing is left of it; absent for no
 */
public record LotSpec(
        @Nullable String ingredient,
        @Within(Limit.SHORT_NAME) @Nullable String name,
        @Nullable LocalDate milledOn,
        @Within(Limit.MOISTURE_PCT) @Nullable Double moisturePct,
        @Nullable String moistureHow,
        @Within(Limit.PROTEIN_PCT) @Nullable Double proteinPct,
        @Within(Limit.NOTE) @Nullable String note,
        @Nullable Boolean usedUp) {

    /** How the moisture of a lot was found. */
    public enum MoistureHow implements Coded {
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
     * Finds everything impossible about it.
     *
     * @param today the day by the kitchen's clock; somewhere else it may be tomorrow already
     */
    public Faults check(Pantry pantry, LocalDate today) {
        Faults faults = new Faults();
        boolean named = ingredient != null && !ingredient.isBlank();
        Ingredient flour = named ? pantry.ingredient(ingredient).orElse(null) : null;
        faults.require(flour != null, "ingredient", named ? FaultCode.UNKNOWN_CODE : FaultCode.MISSING, ingredient);
        faults.require(
                flour == null || flour.role() == Role.FLOUR,
                "ingredient",
                FaultCode.NOT_FOR_THIS_INGREDIENT,
                ingredient);
        faults.text("name", name, Limit.SHORT_NAME);
        faults.optionalText("note", note, Limit.NOTE);
        faults.number("moisturePct", moisturePct, Limit.MOISTURE_PCT);
        faults.number("proteinPct", proteinPct, Limit.PROTEIN_PCT);
        if (moisturePct != null && moistureHow != null) {
            faults.choice("moistureHow", moistureHow, MoistureHow.class);
        }
        faults.require(
                milledOn == null || !milledOn.isAfter(today.plusDays(1)),
                "milledOn",
                FaultCode.IN_THE_FUTURE,
                milledOn);
        return faults;
    }

    /** How its moisture was found; null when it has none. */
    public @Nullable MoistureHow how() {
        if (moisturePct == null) {
            return null;
        }
        return moistureHow == null
                ? MoistureHow.TYPED
                : Coded.find(MoistureHow.class, moistureHow).orElse(MoistureHow.TYPED);
    }
}
