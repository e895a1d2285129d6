package verdamen.core.pantry;

import java.util.List;
import java.util.Optional;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Table;

/**
 * A way of keeping cooked bread.
 *
 * @param code its code
 * @param name its name
 * @param place where it is kept
 * @param stalingPerHour how fast its starch sets, per hour
 * @param dryingPerHour how fast a sheet of 2 mm dries, per hour
 * @param notes what to know
 */
public record Storage(
        String code, String name, KeptPlace place, double stalingPerHour, double dryingPerHour, String notes) {

    private static final List<Storage> TABLE = Table.read(Storage.class, "storage", Storage::read);
    private static final String USUAL = "cloth";

    /** Where bread is kept. */
    public enum KeptPlace implements Coded {
        /** At room temperature. */
        ROOM("room", Coefficient.USE_WITHIN_ROOM_HOURS),
        /** In a fridge. */
        FRIDGE("fridge", Coefficient.USE_WITHIN_FRIDGE_HOURS),
        /** In a freezer. */
        FREEZER("freezer", Coefficient.USE_WITHIN_FREEZER_HOURS);

        private final String code;
        private final Coefficient useWithinHours;

        KeptPlace(String code, Coefficient useWithinHours) {
            this.code = code;
            this.useWithinHours = useWithinHours;
        }

        @Override
        public String code() {
            return code;
        }
    }

    private static Storage read(Table.Row row) {
        return new Storage(
                row.text("code"),
                row.text("name"),
                Coded.find(KeptPlace.class, row.text("place")).orElseThrow(),
                row.number("staling_per_h"),
                row.number("drying_per_h"),
                row.note());
    }

    /** Every way, in the order of the table. */
    public static List<Storage> all() {
        return TABLE;
    }

    /** A way by its code. */
    public static Optional<Storage> find(String code) {
        return TABLE.stream().filter(each -> each.code().equals(code)).findFirst();
    }

    /** The way that stands where nothing is said: in a cloth. */
    public static Storage usual() {
        return find(USUAL).orElseThrow();
    }

    /** Within how many hours of cooking such bread is typically used; local food rules go before it. */
    public double useWithinHours() {
        return place.useWithinHours.value();
    }
}
