package verdamen.core.formula;

import java.util.ArrayList;
import java.util.List;
import verdamen.core.model.Coefficient;

/**
 * What time does to a dough: the minutes since wetting as they are, and as they work. In the cold, uptake and release
 * run at half speed for every 10 K below the kitchen; warmth does not hurry them.
 */
public final class Timeline {

    private static final int HOUR = 60;

    private final double kneadedAt;
    private final List<Phase> phases;
    private final double end;
    private final Warmth warmth;
    private final DoughTemperature temperature;

    /** Temperature at each whole minute. */
    private final double[] celsius;

    /** Working minutes at each whole minute; empty when it is never colder than a kitchen. */
    private final double[] working;

    /**
     * What the temperature of a dough follows from.
     *
     * @param doughC dough temperature when kneading ends, °C
     * @param kitchenC temperature of the kitchen, °C
     * @param doughGrams mass of the dough, g
     */
    record Warmth(double doughC, double kitchenC, double doughGrams) {}

    private Timeline(double kneadedAt, List<Phase> phases, double end, Warmth warmth) {
        this.kneadedAt = kneadedAt;
        this.phases = phases;
        this.end = end;
        this.warmth = warmth;
        this.temperature = new DoughTemperature(warmth.doughC(), places(), warmth.doughGrams());
        this.celsius = celsius();
        this.working = isColdSomewhere() ? working() : new double[0];
    }

    /**
     * The timeline of a dough.
     *
     * @param kneadedAt minute at which the first kneading ends
     * @param restMinutes minutes from there to rolling
     * @param phases what happens in them; empty for a rest
     * @param warmth what its temperature follows from
     */
    static Timeline of(double kneadedAt, double restMinutes, List<Phase> phases, Warmth warmth) {
        return new Timeline(kneadedAt, List.copyOf(phases), kneadedAt + restMinutes, warmth);
    }

    /** This timeline with one rest of another length, minutes. */
    Timeline withRest(double restMinutes) {
        return of(kneadedAt, restMinutes, List.of(), warmth);
    }

    private List<Place> places() {
        List<Place> places = new ArrayList<>();
        for (Phase phase : phases) {
            places.add(new Place(phase.minutes(), phase.temperatureC(), phase.kind() == PhaseKind.KNEAD));
        }
        places.add(new Place(Double.POSITIVE_INFINITY, warmth.kitchenC()));
        return places;
    }

    private boolean isColdSomewhere() {
        return temperature.places().stream().anyMatch(place -> place.celsius() < Coefficient.KITCHEN_C.value());
    }

    private double[] celsius() {
        int kneaded = (int) Math.ceil(kneadedAt);
        double[] after = temperature.until(Math.max(0, horizon() - kneaded));
        double[] all = new double[horizon() + 1];
        for (int minute = 0; minute < all.length; minute++) {
            all[minute] = after[Math.max(0, minute - kneaded)];
        }
        return all;
    }

    private double[] working() {
        double[] minutes = new double[celsius.length];
        double reference = Coefficient.KITCHEN_C.value();
        for (int minute = 1; minute < minutes.length; minute++) {
            double colder = Math.min(0, celsius[minute] - reference);
            minutes[minute] = minutes[minute - 1] + Math.pow(2, colder / Coefficient.CHILL_HALVING_K.value());
        }
        return minutes;
    }

    /** How it takes on the warmth or cold of where it stands after kneading. */
    public DoughTemperature temperature() {
        return temperature;
    }

    /** Minute at which the dough is rolled. */
    public double end() {
        return end;
    }

    /** How far the dough is looked at, minutes since wetting: 180, or an hour beyond its rolling when that is later. */
    public int horizon() {
        double usual = Coefficient.WINDOW_END.value();
        boolean beyond = !phases.isEmpty() || end > usual;
        return (int) (beyond ? Math.max(usual, Math.ceil(end) + HOUR) : usual);
    }

    /** What happens between kneading and rolling; empty for a rest. */
    public List<Phase> phases() {
        return phases;
    }

    /** Whether it stands colder than a kitchen at some time. */
    public boolean chills() {
        return working.length > 0;
    }

    /** Minutes that uptake and release have had at {@code minute}: fewer than it when the dough was cold. */
    public double workingMinute(double minute) {
        return at(working, minute, minute);
    }

    /** Temperature of the dough, °C. */
    public double celsius(double minute) {
        return at(celsius, minute, warmth.kitchenC());
    }

    /** Whether fat that is soft in a kitchen is hard. */
    public boolean hardensFat(double minute) {
        return chills() && celsius(minute) < Coefficient.FAT_HARDENS_BELOW_C.value();
    }

    /** Minute at which the last kneading before {@code minute} ended: spring-back is counted from there. */
    public double kneadedBefore(double minute) {
        double from = kneadedAt;
        double last = kneadedAt;
        for (Phase phase : phases) {
            from += phase.minutes();
            if (phase.kind() == PhaseKind.KNEAD && from <= minute) {
                last = from;
            }
        }
        return last;
    }

    /** Whether the dough is being kneaded at {@code minute}. */
    public boolean kneads(double minute) {
        double from = kneadedAt;
        for (Phase phase : phases) {
            double to = from + phase.minutes();
            if (phase.kind() == PhaseKind.KNEAD && minute >= from && minute < to) {
                return true;
            }
            from = to;
        }
        return minute < kneadedAt;
    }

    private static double at(double[] values, double minute, double otherwise) {
        if (values.length == 0) {
            return otherwise;
        }
        int low = (int) Math.max(0, Math.min(Math.floor(minute), values.length - 1));
        int high = Math.min(low + 1, values.length - 1);
        double part = Math.max(0, Math.min(1, minute - low));
        return values[low] + (values[high] - values[low]) * part;
    }
}
