package verdamen.server.problem;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;

/** A file that cannot be taken as it is. Nothing of it was taken. */
public final class RefusedFileException extends RuntimeException {

    /** Why a file is refused. */
    public enum Reason implements Coded {
        TOO_LARGE("too-large"),
        EMPTY("empty"),
        WRONG_ENCODING("wrong-encoding"),
        BROKEN("broken"),
        OTHER_KIND("other-kind"),
        NEWER_VERSION("newer-version"),
        /** It is no PNG, JPEG or WebP. */
        NO_PHOTO("no-photo"),
        /** It is over 10 MB. */
        PHOTO_TOO_LARGE("photo-too-large"),
        /** It has more pixels than can be taken. */
        TOO_MANY_PIXELS("too-many-pixels");

        private final String code;

        Reason(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    private final Reason reason;
    private final @Nullable String where;

    /**
     * Refuses a file.
     *
     * @param where what was found and where, as far as that helps
     */
    public RefusedFileException(Reason reason, @Nullable String where) {
        super(reason + (where == null ? "" : ": " + where));
        this.reason = reason;
        this.where = where;
    }

    /** Why. */
    public Reason reason() {
        return reason;
    }

    /** What was found and where. */
    public @Nullable String where() {
        return where;
    }
}
