package verdamen.server.device;

import java.time.Clock;
import java.time.ZoneOffset;
import java.util.Random;
import org.springframework.stereotype.Component;

/** A stand-in for a moisture meter: flour as it is stored in a dry mill room, read with the scatter of a cheap meter. */
@Component
class SimulatedMoistureMeter implements MoistureMeter {

    private static final double MILL_ROOM_PCT = 13.1;
    private static final double SCATTER_PCT = 0.3;
    private static final double TENTHS = 10;

    private final Clock clock;

    SimulatedMoistureMeter(Clock clock) {
        this.clock = clock;
    }

    @Override
    public Reading read() {
        double scattered = MILL_ROOM_PCT + SCATTER_PCT * new Random(clock.millis()).nextGaussian();
        return new Reading(
                Math.round(scattered * TENTHS) / TENTHS,
                SCATTER_PCT,
                clock.instant().atOffset(ZoneOffset.UTC),
                "simulated moisture meter");
    }
}
