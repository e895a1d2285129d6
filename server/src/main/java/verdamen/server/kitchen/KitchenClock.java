package verdamen.server.kitchen;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.server.json.JsonText;

/**
 * The clock by which batches are made: the world's, unless somebody practises with simulated devices on a faster one. It never
 * goes back while batches run, as what was noted would lie in the future.
 */
@Component
public class KitchenClock {

    private final KitchenMapper mapper;
    private final JsonText json;
    private final Clock world;

    KitchenClock(KitchenMapper mapper, JsonText json, Clock world) {
        this.mapper = mapper;
        this.json = json;
        this.world = world;
    }

    /**
     * What the clock shows, and how fast it goes.
     *
     * @param now what it shows
     * @param speed how many of its seconds go by in one of the world's
     * @param right whether it is the world's time
     */
    public record ClockReading(OffsetDateTime now, double speed, boolean right) {}

    /** Since when it goes how fast, and what it showed then. */
    record State(Instant since, Instant shown, double speed) {

        Instant at(Instant world) {
            return shown.plusMillis(Math.round(Duration.between(since, world).toMillis() * speed));
        }
    }

    /** What it shows now. */
    @Transactional(readOnly = true)
    public ClockReading read() {
        String stored = mapper.practiceClock();
        return reading(stored == null ? null : json.read(stored, State.class), world.instant());
    }

    /** What it shows now. */
    @Transactional(readOnly = true)
    public OffsetDateTime now() {
        return read().now();
    }

    /**
     * Lets it go on from what it shows, so many times as fast as the world's.
     *
     * @throws verdamen.core.model.RefusedException for a speed outside of 1 to 600
     */
    @Transactional
    public ClockReading run(double speed) {
        Faults faults = new Faults();
        faults.number("speed", speed, Limit.CLOCK_SPEED);
        faults.refuse();
        ClockReading shown = read();
        if (shown.right() && speed == 1) {
            return shown;
        }
        State state = new State(world.instant(), shown.now().toInstant(), speed);
        mapper.savePracticeClock(json.of(state));
        return reading(state, state.since());
    }

    /** Sets it right again. */
    @Transactional
    public ClockReading setRight() {
        mapper.savePracticeClock(null);
        return read();
    }

    private static ClockReading reading(@Nullable State state, Instant world) {
        Instant shown = (state == null ? world : state.at(world)).truncatedTo(ChronoUnit.MILLIS);
        return new ClockReading(shown.atOffset(ZoneOffset.UTC), state == null ? 1 : state.speed(), state == null);
    }
}
