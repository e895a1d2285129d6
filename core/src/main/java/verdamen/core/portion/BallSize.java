package verdamen.core.portion;

import java.util.List;
import verdamen.core.model.Range;
import verdamen.core.model.Table;

/**
 * The size of a ball of dough in words.
 *
 * @param code its code
 * @param name what it is as large as
 * @param grams what such a ball of dough weighs, g
 * @param range from the smaller to the larger ones, g
 */
public record BallSize(String code, String name, double grams, Range range) {

    private static final List<BallSize> TABLE = Table.read(BallSize.class, "ball_sizes", BallSize::read);

    private static BallSize read(Table.Row row) {
        return new BallSize(
                row.text("code"),
                row.text("name"),
                row.number("grams"),
                new Range(row.number("low_g"), row.number("high_g")));
    }

    /** Every size, the smallest first. */
    static List<BallSize> all() {
        return TABLE;
    }
}
