package verdamen.server.kitchen;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Reads and writes the settings of the request's kitchen. */
@Mapper
interface KitchenMapper {

    KitchenRow kitchen();

    /**
     * @param settings everything but the pans; a unit of sizes that is null stays as it is
     * @param pans the pans as JSON; null to leave them as they are
     */
    void save(@Param("settings") Kitchen settings, @Param("pans") @Nullable String pans);

    /** The practice clock as JSON; null while the clock is right. */
    @Nullable
    String practiceClock();

    void savePracticeClock(@Param("state") @Nullable String state);

    /** The settings as they are stored: the pans as JSON. */
    record KitchenRow(
            String name,
            String massUnit,
            String lengthUnit,
            String temperatureUnit,
            String decimalMark,
            String dateOrder,
            double cupMl,
            @Nullable String cupFilling,
            String currency,
            String pans) {}
}
