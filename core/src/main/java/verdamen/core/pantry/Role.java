package verdamen.core.pantry;

import verdamen.core.model.Coded;

/** The part an ingredient plays in the model. Roles, not names, decide how a line is counted. */
public enum Role implements Coded {
    FLOUR("flour"),
    DRY_ADDITION("dry-addition"),
    SEED("seed"),
    DAIRY("dairy"),
    INCLUSION("inclusion"),
    LIQUID("liquid"),
    FAT("fat"),
    SWEETENER("sweetener"),
    LEAVENER("leavener"),
    SALT("salt"),
    SEASONING("seasoning");

    private final String code;

    Role(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
