package verdamen.core.formula;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;

/**
 * How a dough takes on the warmth or cold of the places where it stands: by Newton's law, minute by minute, a large dough
 * more slowly: T += (T_place − T)(1 − e^(−1/τ)), τ = 80 · √(dough g / 500) minutes.
 */
public final class DoughTemperature {

    private final double startC;
    private final List<Place> places;
    private final double doughGrams;
    private final double tauMinutes;

    /**
     * The temperature of a dough.
     *
     * @param startC when kneading ends, °C
     * @param places where it stands from then on, one after another; the last goes on
     * @param doughGrams how much it is, g
     */
    public DoughTemperature(double startC, List<Place> places, double doughGrams) {
        this.startC = startC;
        this.places = List.copyOf(places);
        this.doughGrams = doughGrams;
        this.tauMinutes = tauMinutes(doughGrams);
    }

    /** Time constant of a dough of so many grams, minutes. */
    public static double tauMinutes(double doughGrams) {
        return Coefficient.DOUGH_TEMPERATURE_TAU_USUAL.value()
                * Math.sqrt(doughGrams / Coefficient.DOUGH_TEMPERATURE_GRAMS.value());
    }

    /** This dough when it stays where it stands last before it is rolled. */
    public DoughTemperature staying() {
        if (places.size() == 1) {
            return this;
        }
        List<Place> stays = new ArrayList<>(places.subList(0, places.size() - 1));
        Place last = stays.remove(stays.size() - 1);
        stays.add(new Place(Double.POSITIVE_INFINITY, last.celsius()));
        return new DoughTemperature(startC, stays, doughGrams);
    }

    /** When kneading ends, °C. */
    public double startC() {
        return startC;
    }

    /** How much it is, g. */
    public double doughGrams() {
        return doughGrams;
    }

    /** Where it stands. */
    public List<Place> places() {
        return places;
    }

    /** Its temperature at each of the minutes 0 to {@code last} after kneading, °C. */
    public double[] until(int last) {
        double share = tauMinutes > 0 ? 1 - Math.exp(-1 / tauMinutes) : 1;
        double[] celsius = new double[last + 1];
        celsius[0] = startC;
        int at = 0;
        double leaves = places.get(0).minutes();
        for (int minute = 0; minute < last; minute++) {
            while (at < places.size() - 1 && minute >= leaves) {
                at++;
                leaves += places.get(at).minutes();
            }
            celsius[minute + 1] = celsius[minute] + (places.get(at).celsius() - celsius[minute]) * share;
        }
        return celsius;
    }

    /** The whole minute after kneading at which it was last knocked back; null when it never is. */
    public @Nullable Integer lastKnockBack() {
        double leaves = 0;
        Integer last = null;
        for (Place place : places) {
            leaves += place.minutes();
            if (place.knocksBack()) {
                last = (int) Math.ceil(leaves);
            }
        }
        return last;
    }
}
