package verdamen.core.pantry;

import verdamen.core.model.Coded;

/** What a line is made of on the screen: four materials with a colour and pattern each, and the rest. */
public enum Material implements Coded {
    FLOUR("flour"),
    WATER("water"),
    FAT("fat"),
    INCLUSION("inclusion"),
    OTHER("other");

    private final String code;

    Material(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
