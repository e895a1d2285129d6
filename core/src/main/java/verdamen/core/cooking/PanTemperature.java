package verdamen.core.cooking;

import java.util.ArrayList;
import java.util.List;
import verdamen.core.model.Coefficient;

/**
 * The pan while the first pieces are cooked on it, one put on as soon as its time has come: a piece takes its heat evenly over
 * its seconds, the burner gives back what reaches the pan, and is turned down when the pan is as hot as wanted. Source: model
 * page, sections 12 and 17 (heat capacity of a pan). What a hot pan gives to the room is taken to be covered beside.
 *
 * @param everyS seconds from one piece to the next, as told
 * @param paced as told
 * @param hurried with the next piece on as soon as the last is off, whatever the pan says
 * @param coldestC where the pan ends when hurried, °C
 */
public record PanTemperature(double everyS, List<PanMoment> paced, List<PanMoment> hurried, double coldestC) {

    private static final int PIECES = (int) Coefficient.PAN_PIECES_SHOWN.value();

    /**
     * The pan at a moment.
     *
     * @param seconds since the first piece went on
     * @param celsius its surface, °C
     * @param on whether a piece is on from here
     */
    public record PanMoment(double seconds, double celsius, boolean on) {}

    static PanTemperature of(CookedPiece piece, double grams, double burnerW, double onS, double cycleS) {
        Pan pan = new Pan(
                piece.panC(), 1000 * piece.heatKj(grams) / onS, Coefficient.BURNER_TO_PAN.value() * burnerW, onS);
        List<PanMoment> hurried = pan.over(onS + Coefficient.COOK_HANDLING_S.value());
        return new PanTemperature(
                cycleS,
                pan.over(cycleS),
                hurried,
                hurried.stream().mapToDouble(PanMoment::celsius).min().orElse(piece.panC()));
    }

    private record Pan(double wantedC, double takenW, double givenW, double onS) {

        private static final double HEAT_CAPACITY = Coefficient.PAN_HEAT_CAPACITY.value();

        List<PanMoment> over(double everyS) {
            List<PanMoment> points = new ArrayList<>();
            double celsius = wantedC;
            for (int at = 0; at < PIECES; at++) {
                points.add(new PanMoment(at * everyS, celsius, true));
                celsius = between(celsius + (givenW - takenW) * onS / HEAT_CAPACITY);
                points.add(new PanMoment(at * everyS + onS, celsius, false));
                celsius = between(celsius + givenW * (everyS - onS) / HEAT_CAPACITY);
            }
            points.add(new PanMoment(PIECES * everyS, celsius, false));
            return points;
        }

        /** No hotter than wanted; a piece full of water cools it no further than water boils. */
        private double between(double celsius) {
            return Math.max(Coefficient.COOK_FROM_C.value(), Math.min(wantedC, celsius));
        }
    }
}
