package verdamen.core.formula;

import java.util.List;
import verdamen.core.model.Coefficient;

/**
 * What time does to a dough: the minutes since wetting as they are, and as they work. In the cold, uptake and release
 * run at half speed for every 10 K; the dough takes on the cold and the warmth by Newton's law.
 */
public final class Timeline {

    private static final int HOUR = 60;

    private final double kneadedAt;
    private final List<Phase> phases;
    private final double end;

    /** Working minutes and temperature at each whole minute; empty when nothing is chilled. */
    private final double[] working;

    private final double[] celsius;

    private Timeline(double kneadedAt, List<Phase> phases, double end) {
        this.kneadedAt = kneadedAt;
        this.phases = phases;
        this.end = end;
        boolean chilled = phases.stream().anyMatch(phase -> phase.kind() == PhaseKind.CHILL);
        int length = chilled ? (int) horizon() + 1 : 0;
        this.working = new double[length];
        this.celsius = new double[length];
        if (chilled) {
            fill();
        }
    }

    /**
     * The timeline of a dough.
     *
     * @param kneadedAt minute at which the first kneading ends
     * @param restMinutes minutes from there to rolling
     * @param phases what happens in them; empty for a rest
     */
    static Timeline of(double kneadedAt, double restMinutes, List<Phase> phases) {
        return new Timeline(kneadedAt, List.copyOf(phases), kneadedAt + restMinutes);
    }

    private void fill() {
        double reference = Coefficient.KITCHEN_C.value();
        double temperature = reference;
        double worked = 0;
        for (int minute = 0; minute < working.length; minute++) {
            working[minute] = worked;
            celsius[minute] = temperature;
            double around = aroundC(minute, reference);
            temperature += (around - temperature) * (1 - Math.exp(-Coefficient.CHILL_RATE.value()));
            worked += Math.pow(2, (temperature - reference) / Coefficient.CHILL_HALVING_K.value());
        }
    }

    private double aroundC(double minute, double kitchen) {
        double from = kneadedAt;
        for (Phase phase : phases) {
            double to = from + phase.minutes();
            if (minute >= from && minute < to) {
                return phase.kind() == PhaseKind.CHILL ? phase.temperatureC() : kitchen;
            }
            from = to;
        }
        return kitchen;
    }

    /** Minute at which the dough is rolled. */
    public double end() {
        return end;
    }

    /** How far the dough is looked at, minutes since wetting: 180, or an hour beyond its phases. */
    public int horizon() {
        double usual = Coefficient.WINDOW_END.value();
        return (int) (phases.isEmpty() ? usual : Math.max(usual, Math.ceil(end) + HOUR));
    }

    /** What happens between kneading and rolling; empty for a rest. */
    public List<Phase> phases() {
        return phases;
    }

    /** Whether it is chilled at some time. */
    public boolean chills() {
        return working.length > 0;
    }

    /** Minutes that uptake and release have had at {@code minute}: fewer than it when the dough was cold. */
    public double workingMinute(double minute) {
        return at(working, minute, minute);
    }

    /** Temperature of the dough, °C, that of the kitchen when it is never chilled. */
    public double celsius(double minute) {
        return at(celsius, minute, Coefficient.KITCHEN_C.value());
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
