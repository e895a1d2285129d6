package verdamen.core.handling;

import java.util.List;
import verdamen.core.model.Coded;
import verdamen.core.model.Table;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Pantry;

/**
 * How to tell by hand and eye: the feel words with their touch tests, the end points, and a drill.
 *
 * @param feels the feel words, from dry to wet
 * @param endPoints when something is done
 * @param drill described doughs to judge
 */
public record FeelGuide(List<Feel> feels, List<EndPoint> endPoints, List<Exercise> drill) {

    private static final List<EndPoint> END_POINTS =
            Table.read(FeelGuide.class, "end_points", row -> new EndPoint(row.text("code"), row.text("drawing")));
    private static final List<Exercise> DRILL = Table.read(
            FeelGuide.class,
            "drill",
            row -> new Exercise(row.text("code"), row.text("feel"), row.choice("action", Move.class)));

    /**
     * When something is done.
     *
     * @param code its code
     * @param drawing which drawing shows it
     */
    public record EndPoint(String code, String drawing) {}

    /** What one does with a dough. */
    public enum Move implements Coded {
        WAIT("wait"),
        ROLL("roll"),
        ADD_WATER("add-water"),
        ADD_FLOUR("add-flour"),
        WET_HANDS("wet-hands");

        private final String code;

        Move(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * A described dough to judge.
     *
     * @param code its code
     * @param feel code of the feel word that fits
     * @param action what to do
     */
    public record Exercise(String code, String feel, Move action) {}

    /** The guide with the feel words of a pantry. */
    public static FeelGuide of(Pantry pantry) {
        return new FeelGuide(pantry.feels(), END_POINTS, DRILL);
    }
}
