package verdamen.server.problem;

import java.io.IOException;
import verdamen.core.model.Limit;

/** A body goes on beyond its limit; the rest of it is not read. */
public final class BodyTooLargeException extends IOException {

    private final Limit limit;

    /** A body beyond this limit. */
    public BodyTooLargeException(Limit limit) {
        super("a body over " + limit.mostCount() + " bytes");
        this.limit = limit;
    }

    /** The limit. */
    public Limit limit() {
        return limit;
    }
}
