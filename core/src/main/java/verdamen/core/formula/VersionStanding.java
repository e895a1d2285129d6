package verdamen.core.formula;

import java.util.List;
import verdamen.core.model.Coded;

/** How far a version of a formula has come. Each step up or down is given a reason. */
public enum VersionStanding implements Coded {
    /** Being worked out. */
    DRAFT("draft"),
    /** Being made and judged. */
    TRIAL("trial"),
    /** Found good; made again before it is released. */
    CANDIDATE("candidate"),
    /** What is made for customers. It is locked: it can only be set aside. */
    RELEASED("released"),
    /** Not made any more. */
    SET_ASIDE("set-aside");

    private final String code;

    VersionStanding(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }

    /** What it can become from here, promotions first. Nothing is released that was not on trial. */
    public List<VersionStanding> next() {
        return switch (this) {
            case DRAFT -> List.of(TRIAL, CANDIDATE, SET_ASIDE);
            case TRIAL -> List.of(CANDIDATE, RELEASED, DRAFT, SET_ASIDE);
            case CANDIDATE -> List.of(RELEASED, TRIAL, SET_ASIDE);
            case RELEASED -> List.of(SET_ASIDE);
            case SET_ASIDE -> List.of(TRIAL);
        };
    }

    /** Whether it is kept as it is, with its formula. */
    public boolean isLocked() {
        return this == RELEASED;
    }
}
