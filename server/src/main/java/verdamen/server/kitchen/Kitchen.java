package verdamen.server.kitchen;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.core.pantry.CupFilling;

/**
 * The kitchen's settings: how it writes weights, sizes, temperatures, decimals and dates.
 *
 * @param name the kitchen's name, 1 to 80 characters
 * @param massUnit {@code g} or {@code oz}
 * @param lengthUnit {@code cm} or {@code in}, of what is measured with a tape; absent to leave it as it is
 * @param temperatureUnit {@code C} or {@code F}
 * @param decimalMark {@code point} or {@code comma}
 * @param dateOrder {@code day-month}, {@code month-day} or {@code iso}
 * @param cupMl the kitchen's cup, ml, 200 to 300
 * @param cupFilling how it fills a cup with flour: {@code spooned}, {@code scooped} or {@code not-told}; absent until it
 *     was asked
 * @param currency sign of its currency, 1 to 5 characters
 * @param pans its pans, presses, cutters and peels; absent to leave them as they are
 */
public record Kitchen(
        @Within(Limit.NAME) String name,
        String massUnit,
        @Nullable String lengthUnit,
        String temperatureUnit,
        String decimalMark,
        String dateOrder,
        @Within(Limit.CUP_ML) double cupMl,
        @Nullable String cupFilling,
        @Within(Limit.CURRENCY) String currency,
        @Within(Limit.KITCHEN_PANS) @Nullable List<KitchenPan> pans) {

    /** Its pans, none when none is told. */
    public List<KitchenPan> pansOrNone() {
        return pans == null ? List.of() : pans;
    }

    /** In what it measures sizes: centimetres, until it has said otherwise. */
    public String lengthUnitOrCm() {
        return lengthUnit == null ? "cm" : lengthUnit;
    }

    /** How it fills a cup as it counts: as nobody has said, until it was asked. */
    public CupFilling filling() {
        return Coded.find(CupFilling.class, String.valueOf(cupFilling)).orElse(CupFilling.NOT_TOLD);
    }
}
