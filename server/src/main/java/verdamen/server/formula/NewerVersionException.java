package verdamen.server.formula;

/** Somebody saved a newer version than the newest one the edit knew of; nothing was saved. */
public final class NewerVersionException extends RuntimeException {

    private final transient VersionSummary newest;
    private final int latestKnown;

    /** The edit knew of {@code latestKnown}, and {@code newest} has come since. */
    public NewerVersionException(VersionSummary newest, int latestKnown) {
        super("version " + newest.number() + " was saved after version " + latestKnown);
        this.newest = newest;
        this.latestKnown = latestKnown;
    }

    /** The version that somebody saved. */
    public VersionSummary newest() {
        return newest;
    }

    /** The newest version the edit knew of. */
    public int latestKnown() {
        return latestKnown;
    }
}
