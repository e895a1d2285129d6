package verdamen.core.rework;

/** A search was stopped by whoever listened to its progress. */
public final class SearchStoppedException extends RuntimeException {

    private static final long serialVersionUID = 1;

    SearchStoppedException() {
        super("the search was stopped");
    }
}
