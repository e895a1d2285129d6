package verdamen.core.rework;

import verdamen.core.model.Coded;
import verdamen.core.model.Limit;
import verdamen.core.model.Unit;

/** What is measured in the runs of a trial series. */
public enum TrialMeasure implements Coded {
    /** Water that was really poured. */
    WATER("water", Unit.GRAMS, Limit.GRAMS, Better.NEITHER),
    /** How the dough felt when rolled, by the softness that the word stands for. */
    FEEL("feel", Unit.SOFTNESS, Limit.SOFTNESS_TARGET, Better.NEITHER),
    /** The sheet that was reached. */
    SHEET("sheet", Unit.MILLIMETRES, Limit.SHEET_MM, Better.LESS),
    /** Pieces that tore. */
    TEARS("tears", Unit.COUNT, Limit.TORN_PIECES, Better.LESS),
    /** How it rolled, by a mark. */
    ROLLING("rolling", Unit.COUNT, Limit.MARK, Better.MORE),
    /** Pieces that puffed. */
    PUFF("puff", Unit.PERCENT, Limit.PUFFED_PCT, Better.MORE),
    /** How a piece folds once it is cold: 0 breaks, 1 cracks at the edge, 2 folds. */
    FOLD("fold", Unit.COUNT, Limit.MARK, Better.MORE),
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
    private final Limit limit;
    private final Better better;

    TrialMeasure(String code, Unit unit, Limit limit, Better better) {
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

    /** Within what it is typed, where it is a number. */
    Limit limit() {
        return limit;
    }

    /** Which way it is better. */
    public Better better() {
        return better;
    }
}
