package verdamen.core.handling;

import verdamen.core.model.Coded;

/** Something that can be changed about a dough to make it handle better. */
public enum Lever implements Coded {
    REST_LONGER("rest-longer"),
    REST_SHORTER("rest-shorter"),
    MORE_WATER("more-water"),
    LESS_WATER("less-water"),
    STRONGER_FLOUR("stronger-flour"),
    ADD_GLUTEN("add-gluten"),
    LESS_INCLUSION("less-inclusion"),
    SMALLER_PIECES("smaller-pieces"),
    THICKER_SHEET("thicker-sheet"),
    THINNER_SHEET("thinner-sheet"),
    LESS_FAT("less-fat"),
    MORE_FAT("more-fat");

    private final String code;

    Lever(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
