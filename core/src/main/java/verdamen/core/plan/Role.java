package verdamen.core.plan;

import verdamen.core.bench.BenchStep.Kind;
import verdamen.core.model.Coded;

/** What a person at work can do. */
public enum Role implements Coded {
    /** Preparing vegetables, potato, greens or pulses. */
    PREP("prep"),
    /** Weighing, mixing and kneading. */
    DOUGH("dough"),
    /** Dividing, filling and rolling. */
    SHAPE("shape"),
    /** Cooking, finishing and stacking. */
    COOK("cook");

    private final String code;

    Role(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }

    /** Whose work a step is. */
    static Role of(Kind kind) {
        return switch (kind) {
            case PREPARE -> PREP;
            case DIVIDE, FILL, ROLL -> SHAPE;
            case COOK, FINISH, KEEP -> COOK;
            default -> DOUGH;
        };
    }
}
