package verdamen.core.prep;

import verdamen.core.model.Coded;

/** A kind of preparation step. */
public enum StepKind implements Coded {
    /** Trimming or peeling: the edible part is kept. */
    TRIM("trim", false),
    /** Washing and draining: some water clings. */
    WASH("wash", false),
    GRATE("grate", false),
    CHOP("chop", false),
    /** Salting and letting stand: liquid runs. */
    SALT_STAND("salt-stand", false),
    /** Pressing or squeezing: liquid runs. */
    PRESS("press", false),
    /** Boiling or steaming. */
    BOIL("boil", true),
    /** Soaking and boiling of dry pulses and grain. */
    SOAK_BOIL("soak-boil", true),
    ROAST("roast", true),
    WILT("wilt", true),
    COOK_DOWN("cook-down", true),
    /** Puréeing, with water or fat if need be. */
    PUREE("puree", false),
    MASH("mash", false),
    /** Wetting flakes or milk powder. */
    REHYDRATE("rehydrate", false),
    COOL("cool", false),
    /** Clarifying butter. */
    CLARIFY("clarify", true);

    private final String code;
    private final boolean heats;

    StepKind(String code, boolean heats) {
        this.code = code;
        this.heats = heats;
    }

    @Override
    public String code() {
        return code;
    }

    /** Whether liquid runs or water is driven off that can be told by its weight. */
    public boolean loses() {
        return this == SALT_STAND || this == PRESS || this == ROAST || this == WILT || this == COOK_DOWN;
    }

    /** Whether what it leaves is hot. */
    public boolean heats() {
        return heats;
    }
}
