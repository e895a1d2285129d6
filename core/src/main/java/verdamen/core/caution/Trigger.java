package verdamen.core.caution;

import verdamen.core.model.Coded;

/** What makes a caution apply. */
enum Trigger implements Coded {
    /** There is flour in the dough. */
    FLOUR("flour"),
    /** A machine kneads. */
    MACHINE("machine"),
    /** The water is hot enough to scald. */
    HOT_WATER("hot-water"),
    /** A preparation has one of these steps. */
    STEP("step"),
    /** One of these ingredients or groups is cooked in a preparation. */
    COOLED("cooled"),
    /** Pressed liquid is kept for the next batch. */
    KEPT_LIQUID("kept-liquid"),
    /** One of these ingredients is in a line or a preparation. */
    INGREDIENT("ingredient"),
    /** An ingredient of one of these groups is. */
    GROUP("group"),
    /** An ingredient with this allergen is. */
    ALLERGEN("allergen"),
    /** The style puffs. */
    PUFFS("puffs"),
    /** The piece is cooked in one of these ways. */
    HEAT("heat"),
    /** The dough is pressed between sheets. */
    SHEETS("sheets"),
    /** Raw dough or a kept liquid stands in the cold. */
    CHILLED("chilled");

    private final String code;

    Trigger(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
