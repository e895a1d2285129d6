package verdamen.core.rework;

import verdamen.core.model.Coded;

/** What is carried along when something is replaced. */
public enum Carried implements Coded {
    /** Plain water, to the same target. */
    WATER("water"),
    /** Salt, to the same share of the flour. */
    SALT("salt"),
    /** Fat, to the same share of the flour. */
    FAT("fat"),
    /** Yeast, soda and powder, to the same share of the flour. */
    LEAVENER("leavener"),
    /** The rest, as long as the slowest drinker needs. */
    REST("rest"),
    /** Kneading, as far as there is gluten to knead. */
    KNEADING("kneading"),
    /** The sheet, as thin as it holds. */
    SHEET("sheet"),
    /** The weight of a piece, as wide at its sheet as before. */
    PIECE("piece");

    private final String code;

    Carried(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
