package verdamen.server.plan;

/** Somebody has changed a day meanwhile; nothing was saved. */
final class NewerDayException extends RuntimeException {

    /** The day of this name. */
    NewerDayException(String name) {
        super("Somebody has changed \"" + name + "\" meanwhile. Open it again, or keep yours as a day of its own.");
    }
}
