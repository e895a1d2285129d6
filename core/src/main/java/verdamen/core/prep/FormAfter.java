package verdamen.core.prep;

/** The form of an inclusion after a step, by the codes of the forms table. */
public final class FormAfter {

    private static final String RAW_LEAF = "raw-leaf";
    private static final String RAW_CHOPPED = "raw-chopped";
    private static final String RAW_GRATED = "raw-grated";
    private static final String PRESSED = "pressed";
    private static final String COOKED_PIECES = "cooked-pieces";
    private static final String WILTED = "wilted";
    private static final String COOKED_DOWN = "cooked-down";
    private static final String PUREE = "puree";
    private static final String MASH = "mash";
    static final String MASH_HOT = "mash-hot";
    private static final String PULSE_WHOLE = "pulse-whole";
    private static final String PULSE_MASH = "pulse-mash";

    private FormAfter() {}

    /** Raw leaves and cut vegetables become pressed ones; a purée, mash or pulse keeps its form. */
    public static String pressing(String form) {
        return switch (form) {
            case RAW_LEAF, RAW_CHOPPED, RAW_GRATED -> PRESSED;
            default -> form;
        };
    }

    /** Pieces and leaves become cooked down; a purée, mash or pulse keeps its form. */
    public static String cookingDown(String form) {
        return switch (form) {
            case RAW_LEAF, RAW_CHOPPED, RAW_GRATED, PRESSED, COOKED_PIECES, WILTED -> COOKED_DOWN;
            default -> form;
        };
    }

    /** The form in which an inclusion of this group is bought. */
    public static String bought(String group) {
        return switch (group) {
            case "leaf", "brassica-leaf", "herb" -> RAW_LEAF;
            case "cooked-veg" -> COOKED_PIECES;
            case "cooked-pulse", "dry-pulse", "dry-grain" -> PULSE_WHOLE;
            default -> RAW_CHOPPED;
        };
    }

    /** The form after a step of a chain. */
    static String of(StepKind kind, String form, boolean hot) {
        return switch (kind) {
            case TRIM, WASH, SALT_STAND, CLARIFY -> form;
            case GRATE -> isRaw(form) ? RAW_GRATED : form;
            case CHOP -> isRaw(form) ? RAW_CHOPPED : form;
            case PRESS -> pressing(form);
            case BOIL, ROAST -> isPulse(form) || isBroken(form) ? form : COOKED_PIECES;
            case SOAK_BOIL -> PULSE_WHOLE;
            case WILT -> isRaw(form) ? WILTED : form;
            case COOK_DOWN -> cookingDown(form);
            case PUREE -> isPulse(form) ? PULSE_MASH : PUREE;
            case MASH -> isPulse(form) ? PULSE_MASH : hot ? MASH_HOT : MASH;
            case REHYDRATE -> hot ? MASH_HOT : MASH;
            case COOL -> form.equals(MASH_HOT) && !hot ? MASH : form;
        };
    }

    private static boolean isRaw(String form) {
        return form.equals(RAW_LEAF) || form.equals(RAW_CHOPPED) || form.equals(RAW_GRATED);
    }

    private static boolean isBroken(String form) {
        return form.equals(PUREE) || form.equals(MASH) || form.equals(MASH_HOT);
    }

    private static boolean isPulse(String form) {
        return form.equals(PULSE_WHOLE) || form.equals(PULSE_MASH);
    }
}
