package verdamen.core.rework;

import java.util.Objects;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Limit;
import verdamen.core.model.Unit;

/** What is measured in the runs of a trial series. */
public enum TrialMeasure implements Coded {
    /** Water that was really poured. */
    WATER("water", Unit.GRAMS, Limit.GRAMS, Better.NEITHER),
    /** How the dough felt when rolled, by the softness that the word stands for. */
    FEEL("feel", Unit.SOFTNESS, null, Better.NEITHER),
    /** The sheet that was reached. */
    SHEET("sheet", Unit.MILLIMETRES, Limit.SHEET_MM, Better.LESS),
    /** Pieces that tore. */
    TEARS("tears", Unit.COUNT, Limit.TORN_PIECES, Better.LESS),
    /** How it rolled, by a mark. */
    ROLLING("rolling", Unit.COUNT, Limit.MARK, Better.MORE),
    /** Pieces that puffed. */
    PUFF("puff", Unit.PERCENT, Limit.PUFFED_PCT, Better.MORE),
    /** How a piece folds once it is cold, by what its word counts for. */
    FOLD("fold", Unit.COUNT, null, Better.MORE),
    /** How it tastes, by a mark. */
    TASTE("taste", Unit.COUNT, Limit.MARK, Better.MORE);

    /** Which way a measure is better. */
    public enum Better implements Coded {
        /** The more the better. */
        MORE("more"),
        /** The less the better. */
        LESS("less"),
        /** Neither: there is a right one between. */
        NEITHER("neither");

        private final String code;

        Better(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    private final String code;
    private final Unit unit;
    private final @Nullable Limit limit;
    private final Better better;

    TrialMeasure(String code, Unit unit, @Nullable Limit limit, Better better) {
        this.code = code;
        this.unit = unit;
        this.limit = limit;
        this.better = better;
    }

    @Override
    public String code() {
        return code;
    }

    /** Its unit. */
    public Unit unit() {
        return unit;
    }

    /** Within what it is typed, for one that is typed as a number; another is a word. */
    Limit limit() {
        return Objects.requireNonNull(limit);
    }

    /** Which way it is better. */
    public Better better() {
        return better;
    }
}
