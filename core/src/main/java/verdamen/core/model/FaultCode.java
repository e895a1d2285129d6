package verdamen.core.model;

/** Why a value of a formula is refused. */
public enum FaultCode implements Coded {
    /** The value is absent. */
    MISSING("missing"),
    /** The value is not a finite number. */
    NOT_A_NUMBER("not-a-number"),
    /** The value is a number, but what it counts comes in whole ones. */
    NOT_WHOLE("not-whole"),
    /** The value is below the least allowed. */
    TOO_SMALL("too-small"),
    /** The value is above the most allowed. */
    TOO_LARGE("too-large"),
    /** The code is not in the pantry or not among the choices. */
    UNKNOWN_CODE("unknown-code"),
    /** The value means nothing for this kind of ingredient. */
    NOT_FOR_THIS_INGREDIENT("not-for-this-ingredient"),
    /** The value contradicts another one of the line. */
    CONTRADICTS("contradicts"),
    /** The day has not come yet. */
    IN_THE_FUTURE("in-the-future"),
    /** What the field names, by its value, still uses it. */
    IN_USE("in-use"),
    /** What the field names, by its value, could no longer be read. */
    BREAKS("breaks"),
    /** The name is taken already. */
    TAKEN("taken"),
    /** The text is longer than allowed; the value is its number of characters. */
    TOO_LONG("too-long"),
    /** There are more of them than allowed; the value is their number. */
    TOO_MANY("too-many"),
    /** The text holds characters that no keyboard types. */
    CONTROL_CHARACTERS("control-characters"),
    /** The weights would make matter out of nothing: there is less than that. */
    CREATES_MATTER("creates-matter"),
    /** The weights would drive the water below zero: only dry matter is left before. */
    NO_WATER_LEFT("no-water-left"),
    /** The step cannot be done to this ingredient. */
    NOT_FOR_THIS_STEP("not-for-this-step"),
    /** The temperatures contradict each other. */
    IMPOSSIBLE_TEMPERATURES("impossible-temperatures"),
    /** The value is as hot as kills the yeast that meets it. */
    KILLS_YEAST("kills-yeast"),
    /** The value is of the wrong kind, or its name is not known. */
    WRONG_KIND("wrong-kind"),
    /** What was saved, or given as a file, cannot be read by this program. */
    UNREADABLE("unreadable"),
    /** Nothing that can be done reaches it. */
    OUT_OF_REACH("out-of-reach"),
    /** Nothing in the dough takes up water the way flour does. */
    NO_FLOUR("no-flour"),
    /** Something is to take its own place. */
    ITSELF("itself"),
    /** It cannot become this from what it is. */
    NOT_FROM_HERE("not-from-here"),
    /** What is released is kept. */
    LOCKED("locked");

    private final String code;

    FaultCode(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
