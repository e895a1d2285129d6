package verdamen.server.formula;

import org.jspecify.annotations.Nullable;

/** A save with the same idempotency key was under way at the same time; nothing was saved twice. */
public final class RepeatedSaveException extends RuntimeException {

    private final @Nullable String key;

    /** A save under this key was under way. */
    RepeatedSaveException(@Nullable String key) {
        super("a save with the key " + key + " was under way");
        this.key = key;
    }

    /** The key. */
    public @Nullable String key() {
        return key;
    }
}
