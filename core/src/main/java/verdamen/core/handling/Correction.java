package verdamen.core.handling;

import verdamen.core.model.Coded;

/** A correction of what went wrong. */
public enum Correction implements Coded {
    ADD_FLOUR("add-flour"),
    ADD_WATER("add-water"),
    WAIT("wait"),
    ROLL_BY("roll-by"),
    REST("rest"),
    COOL_MASH("cool-mash"),
    WARM_UP("warm-up"),
    LESS_SUGAR("less-sugar"),
    LITTLE_SUGAR("little-sugar"),
    LESS_SALT("less-salt"),
    BENCH_FLOUR("bench-flour"),
    LESS_BENCH_FLOUR("less-bench-flour"),
    STRONGER_FLOUR("stronger-flour"),
    COVER("cover"),
    SMALLER_PIECES("smaller-pieces"),
    LESS_INCLUSION("less-inclusion"),
    PRESS("press"),
    THICKER("thicker"),
    THINNER("thinner"),
    STYLE_SHEET("style-sheet"),
    KNEAD("knead"),
    LESS_KNEADING("less-kneading"),
    HOTTER("hotter"),
    COOLER("cooler"),
    UNCOVER("uncover"),
    SHORTER("shorter"),
    LONGER("longer"),
    ROLL_EVEN("roll-even"),
    MORE_FAT("more-fat"),
    LESS_FAT("less-fat"),
    COLD_WATER("cold-water"),
    PRESS_FILLING("press-filling"),
    LESS_FILLING("less-filling");

    private final String code;

    Correction(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
