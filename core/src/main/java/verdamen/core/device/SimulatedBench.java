package verdamen.core.device;

import java.util.EnumSet;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Scale;

/**
 * The simulated devices of a bench, all from one seed. Source: model page, section 17. A scale settles on its load
 * (first order), drifts and is noisy by half its step; a probe settles on what it is in; a pan follows
 * C dT/dt = P·u·0.35 − hA(T − T_room) − heat taken by the piece on it; the dough takes on the temperature of its place; room and
 * humidity go up and down slowly. Time goes on only by {@link #advance}. Not for several threads at once.
 */
public final class SimulatedBench {

    private static final double SECONDS_PER_MINUTE = 60;
    private static final double MOST_STEP_S = Coefficient.SIMULATION_STEP_S.value();
    private static final double START_C = Coefficient.SIMULATED_ROOM_C.value();

    private final Random chance;
    private final Set<DeviceKind> unplugged = EnumSet.noneOf(DeviceKind.class);
    private double seconds;
    private double loadGrams;
    private double settledGrams;
    private double driftGrams;
    private double tareGrams;
    private ProbeIn probeIn = ProbeIn.AIR;
    private double probeC = START_C;
    private double doughC = Coefficient.SIMULATED_DOUGH_C.value();
    private double doughGrams = Coefficient.DOUGH_TEMPERATURE_GRAMS.value();
    private double waterC = Coefficient.SIMULATED_WATER_C.value();
    private double panC = START_C;
    private double burner;
    private double takenW;
    private double takenUntil;
    private double flourPct = Coefficient.SIMULATED_MOISTURE_PCT.value();

    /** Devices at rest: an empty scale, a cold pan, a probe in the air. */
    public SimulatedBench(long seed) {
        chance = new Random(seed);
    }

    /** What a probe is in. */
    public enum ProbeIn implements Coded {
        AIR("air"),
        DOUGH("dough"),
        WATER("water");

        private final String code;

        ProbeIn(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * What is done to the devices, and how hot the pan is.
     *
     * @param loadGrams what lies on the scale, g
     * @param probeIn what the probe is in
     * @param burner setting of the burner, 0 to 1
     * @param doughC temperature of the dough, °C
     */
    public record Setting(double loadGrams, ProbeIn probeIn, double burner, double doughC) {}

    /** What is done to the devices just now. */
    public Setting setting() {
        return new Setting(loadGrams, probeIn, burner, doughC);
    }

    /** Lets time go on, s; nothing for less than nothing. */
    public void advance(double forSeconds) {
        double left = forSeconds;
        while (left > 0) {
            double step = Math.min(MOST_STEP_S, left);
            step(step);
            left -= step;
        }
    }

    private void step(double s) {
        seconds += s;
        settledGrams += (loadGrams - settledGrams) * settles(s, Coefficient.SCALE_TAU_S.value());
        driftGrams += Coefficient.SCALE_DRIFT.value() * s / SECONDS_PER_MINUTE;
        double room = roomC();
        double tau = SECONDS_PER_MINUTE
                * Coefficient.DOUGH_TEMPERATURE_TAU_USUAL.value()
                * Math.sqrt(doughGrams / Coefficient.DOUGH_TEMPERATURE_GRAMS.value());
        doughC += (room - doughC) * settles(s, tau);
        waterC += (room - waterC) * settles(s, tau);
        double around = switch (probeIn) {
            case AIR -> room;
            case DOUGH -> doughC;
            case WATER -> waterC;
        };
        probeC += (around - probeC) * settles(s, Coefficient.PROBE_TAU_S.value());
        double given = Coefficient.BURNER_W.value() * burner * Coefficient.BURNER_TO_PAN.value();
        double lost = Coefficient.PAN_LOSS.value() * (panC - room);
        double taken = seconds <= takenUntil ? takenW : 0;
        panC = Math.max(room, panC + (given - lost - taken) * s / Coefficient.PAN_HEAT_CAPACITY.value());
    }

    private static double settles(double s, double tauS) {
        return 1 - Math.exp(-s / tauS);
    }

    private double roomC() {
        return START_C + Coefficient.ROOM_SWING_K.value() * wave();
    }

    private double wave() {
        return Math.sin(2 * Math.PI * seconds / (SECONDS_PER_MINUTE * Coefficient.ROOM_PERIOD_MIN.value()));
    }

    /** Puts so much more on the scale, g; less than nothing takes it off, no more than is there. */
    public void put(double grams) {
        loadGrams = Math.max(0, loadGrams + grams);
    }

    /** Has the scale show nothing for what lies on it. */
    public void tare() {
        tareGrams = settledGrams + driftGrams;
    }

    /** Puts the probe into something. */
    public void probe(ProbeIn into) {
        probeIn = into;
    }

    /** Sets a dough of so much and so warm on the bench, and its water. */
    public void dough(double grams, double celsius, double ofWaterC) {
        doughGrams = grams;
        doughC = celsius;
        waterC = ofWaterC;
    }

    /** Sets the burner, 0 to 1. */
    public void burner(double setting) {
        burner = setting;
    }

    /** Drops a usual piece of so many grams in the pan: it takes the heat that dries and cooks it. Model page, section 12. */
    public void drop(double grams) {
        double water = Coefficient.SIMULATED_DOUGH_WATER.value();
        double capacity = Coefficient.HEAT_OF_WATER.value() * water + Coefficient.HEAT_OF_SOLIDS.value() * (1 - water);
        double warms = capacity * (Coefficient.COOKED_INSIDE_C.value() - START_C);
        double boils = Coefficient.SIMULATED_COOK_LOSS.value() * Coefficient.STEAM_HEAT.value();
        piece(grams * (warms + boils), Coefficient.SIMULATED_COOK_S.value());
    }

    /** Drops a piece in the pan that takes so much heat, J, within so many seconds. */
    void piece(double joules, double within) {
        takenW = joules / within;
        takenUntil = seconds + within;
    }

    /** Pulls or puts back the plug of a device. */
    public void plug(DeviceKind kind, boolean in) {
        if (in) {
            unplugged.remove(kind);
        } else {
            unplugged.add(kind);
        }
    }

    /** What a device shows; null when its plug is out, or its load too much for it. */
    public @Nullable Double reading(DeviceKind kind) {
        if (unplugged.contains(kind)) {
            return null;
        }
        return switch (kind) {
            case SCALE -> scale();
            case PROBE -> rounded(probeC, Coefficient.PROBE_STEP_K.value());
            case PAN -> rounded(panC, 1);
            case ROOM -> rounded(roomC() + noise(Coefficient.ROOM_NOISE_K.value()), Coefficient.PROBE_STEP_K.value());
            case HUMIDITY ->
                rounded(
                        Coefficient.SIMULATED_HUMIDITY_PCT.value()
                                - Coefficient.HUMIDITY_SWING_PCT.value() * wave()
                                + noise(Coefficient.HUMIDITY_NOISE_PCT.value()),
                        1);
            case MOISTURE ->
                rounded(flourPct + noise(Coefficient.MOISTURE_METER_SD.value()), Coefficient.PROBE_STEP_K.value());
        };
    }

    private @Nullable Double scale() {
        if (loadGrams > Coefficient.SCALE_MOST_GRAMS.value()) {
            return null;
        }
        double step = Scale.step(Math.max(1, settledGrams));
        return rounded(settledGrams + driftGrams - tareGrams + noise(step / 2), step);
    }

    private double noise(double sd) {
        return sd * chance.nextGaussian();
    }

    private static double rounded(double value, double step) {
        return Math.round(value / step) * step;
    }
}
