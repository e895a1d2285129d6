package verdamen.server.problem;

/** What was asked for by its id is not there, or not any more. */
public final class NotFoundException extends RuntimeException {

    /** Says what is not there. */
    public NotFoundException(String what) {
        super(what);
    }
}
