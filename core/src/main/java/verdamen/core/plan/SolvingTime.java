package verdamen.core.plan;

import java.util.concurrent.TimeUnit;
import java.util.function.LongSupplier;
import verdamen.core.model.Coefficient;

/** The time in which a day is planned: it runs from the first question on, and each part of the work has to be over by then. */
final class SolvingTime {

    private final LongSupplier nanos;
    private long began;
    private boolean runs;
    private double until = Coefficient.PLAN_SECONDS.value();

    /**
     * @param nanos a clock, ns
     */
    SolvingTime(LongSupplier nanos) {
        this.nanos = nanos;
    }

    /** From now on work has to be over so many seconds after the first question. */
    void until(Coefficient seconds) {
        until = seconds.value();
    }

    /** Seconds that are left; 0 for none. */
    double left() {
        long now = nanos.getAsLong();
        if (!runs) {
            // A plan that waits for others does not lose its time.
            runs = true;
            began = now;
        }
        return Math.max(0, until - (now - began) / (double) TimeUnit.SECONDS.toNanos(1));
    }
}
