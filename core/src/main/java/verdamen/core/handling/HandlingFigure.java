package verdamen.core.handling;

import verdamen.core.model.Coded;

/** A handling figure that can be opened to its reasons. */
public enum HandlingFigure implements Coded {
    GLUTEN("gluten"),
    /** What holds the sheet together: gluten, and gelled starch beside it. */
    SHEET_STRENGTH("sheet-strength"),
    THINNEST_SHEET("min-sheet"),
    STICK("stick"),
    CRACK("crack"),
    TEAR("tear"),
    SPRING_BACK("spring-back"),
    ROLLABILITY("rollability"),
    PUFF("puff");

    private final String code;

    HandlingFigure(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
