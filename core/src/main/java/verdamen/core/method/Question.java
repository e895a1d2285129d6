package verdamen.core.method;

import verdamen.core.model.Coded;

/** A question about which practitioners disagree. */
public enum Question implements Coded {
    FAT_TIMING("fat-timing"),
    PRESSED_LIQUID("pressed-liquid"),
    KNEADING("kneading"),
    STICKING("sticking"),
    YEAST("yeast"),
    SPONGE("sponge"),
    REST("rest"),
    WATER_ADDITION("water-addition"),
    WATER_TEMPERATURE("water-temperature"),
    INCLUSION("inclusion"),
    HEAT("heat");

    private final String code;

    Question(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
