package verdamen.server.device;

import java.time.OffsetDateTime;

/** A meter for the moisture of grain and flour. */
public interface MoistureMeter {

    /**
     * One reading.
     *
     * @param moisturePct moisture, %, wet basis
     * @param sdPct its standard deviation, percentage points
     * @param takenAt when
     * @param device what took it
     */
    record Reading(double moisturePct, double sdPct, OffsetDateTime takenAt, String device) {}

    /** Takes a reading of what is in the cell. */
    Reading read();
}
