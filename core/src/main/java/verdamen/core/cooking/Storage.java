package verdamen.core.cooking;

import java.util.List;
import verdamen.core.model.Table;

/**
 * A way of keeping cooked bread.
 *
 * @param code its code
 * @param name its name
 * @param stalingPerHour how fast its starch sets, per hour
 * @param dryingPerHour how fast a sheet of 2 mm dries, per hour
 * @param notes what to know
 */
public record Storage(String code, String name, double stalingPerHour, double dryingPerHour, String notes) {

    private static final List<Storage> TABLE = Table.read(Storage.class, "storage", Storage::read);

    private static Storage read(Table.Row row) {
        return new Storage(
                row.text("code"),
                row.text("name"),
                row.number("staling_per_h"),
                row.number("drying_per_h"),
                row.note());
    }

    /** Every way, in the order of the table. */
    public static List<Storage> all() {
        return TABLE;
    }
}
