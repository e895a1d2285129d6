package verdamen.core.model;

/**
 * Every coefficient of the dough model that does not belong to one ingredient, form or style: its value, unit and the
 * reason for it. The figures of ingredients, forms and styles are in the tables beside {@code verdamen.core.pantry}.
 */
public enum Coefficient {
    UPTAKE_SHORTFALL_AT_WETTING(0.4, Unit.FACTOR, "share of a flour's water not yet taken up when water meets flour"),
    KNEAD_FACTOR_MACHINE(0.7, Unit.FACTOR, "a machine wets flour faster than hands"),
    KNEAD_FACTOR_HAND(1.0, Unit.FACTOR, "reference: kneaded by hand"),
    KNEAD_FACTOR_JUST_COMBINED(1.6, Unit.FACTOR, "unworked flour drinks more slowly"),
    KNEAD_END_MACHINE(6, Unit.MINUTES, "usual end of machine kneading"),
    KNEAD_END_HAND(10, Unit.MINUTES, "usual end of kneading by hand"),
    KNEAD_END_JUST_COMBINED(3, Unit.MINUTES, "usual end of bringing a dough together"),
    COLD_WATER_BELOW(12, Unit.CELSIUS, "below this, uptake slows"),
    TEPID_WATER_BELOW(35, Unit.CELSIUS, "below this, uptake runs at the reference rate"),
    WARM_WATER_BELOW(60, Unit.CELSIUS, "below this, uptake is quicker but starch stays raw; from here on it swells"),
    COLD_WATER_FACTOR(1.4, Unit.FACTOR, "slowing of uptake in cold water"),
    TEPID_WATER_FACTOR(1.0, Unit.FACTOR, "reference: tepid water, or none given"),
    WARM_WATER_FACTOR(0.8, Unit.FACTOR, "quickening of uptake in warm water"),
    HOT_WATER_FACTOR(0.5, Unit.FACTOR, "quickening of uptake in hot water"),
    HOT_WATER_ABSORPTION(1.04, Unit.FACTOR, "starch swollen by hot water takes up a little more"),
    RUBBED_FAT_SLOWING(2.0, Unit.FACTOR, "slowing of uptake per fat/flour when fat is rubbed in first"),
    RUBBED_FAT_COATING(0.8, Unit.FACTOR, "share of flour kept dry per fat/flour when fat is rubbed in first"),
    RUBBED_FAT_COATING_MAX(0.12, Unit.FACTOR, "no more flour than this is kept dry"),
    SALT_DRAW(0.10, Unit.FACTOR, "extra release of an inclusion per gram of salt in 100 g flour"),
    FLOUR_MOISTURE(0.14, Unit.FACTOR, "moisture basis of the absorption tables (farinograph convention)"),
    LIQUID_FAT_SOFTENING(0.50, Unit.FACTOR, "grams of water a gram of liquid fat stands for"),
    SOFT_FAT_SOFTENING(0.45, Unit.FACTOR, "grams of water a gram of soft fat stands for"),
    SOLID_FAT_SOFTENING(0.25, Unit.FACTOR, "grams of water a gram of solid fat stands for"),
    FOOD_FAT_SOFTENING(
            0.45, Unit.FACTOR, "grams of water a gram of fat inside dairy, liquids or inclusions stands for"),
    SUGAR_SOFTENING(0.5, Unit.FACTOR, "grams of water a gram of dissolved sugar stands for"),
    SALT_SOFTENING(1.0, Unit.FACTOR, "grams of water a gram of salt stands for"),
    WEIGHED_SD_LEAST(0.5, Unit.GRAMS, "least standard deviation of a kitchen scale"),
    WEIGHED_SD_SHARE(0.005, Unit.FACTOR, "standard deviation of a weighed line, as a share of it"),
    POURED_FILLING_SD(0.03, Unit.FACTOR, "relative sd of filling a vessel of known size with what pours"),
    SPOONED_FILLING_SD(0.08, Unit.FACTOR, "relative sd of filling a vessel of known size with what packs"),
    HEAPED_FACTOR(1.3, Unit.FACTOR, "a heaped spoon against a level one"),
    GENEROUS_FACTOR(1.12, Unit.FACTOR, "a rounded or generous measure against a level one"),
    SCANT_FACTOR(0.9, Unit.FACTOR, "a scant measure against a level one"),
    HEAPED_SD(0.15, Unit.FACTOR, "relative sd that heaping adds"),
    GENEROUS_SD(0.08, Unit.FACTOR, "relative sd that a generous or scant hand adds"),
    LEVEL_SD_FACTOR(0.75, Unit.FACTOR, "levelling off takes a quarter of a measure's error away"),
    SMALL_PIECE_FACTOR(0.7, Unit.FACTOR, "a small piece against a medium one"),
    LARGE_PIECE_FACTOR(1.35, Unit.FACTOR, "a large piece against a medium one"),
    APPROXIMATE_SD(0.10, Unit.FACTOR, "relative sd that \"about\" adds"),
    BOWL_LOSS(0.015, Unit.FACTOR, "share of a dough that stays on bowl and hands"),
    SLIP_DRY(0.75, Unit.FACTOR, "softness below the style's window times this is likely a slip"),
    SLIP_WET(1.35, Unit.FACTOR, "softness above the style's window times this is likely a slip"),
    SLIP_SALT_LEAST(0.5, Unit.PERCENT, "less salt than this, on flour, is likely a slip"),
    SLIP_SALT_MOST(3.5, Unit.PERCENT, "more salt than this, on flour or in a filling, is likely a slip"),
    SLIP_SODA_MOST(1.6, Unit.PERCENT, "from here on baking soda is likely meant to be baking powder"),
    SLIP_YEAST_MOST(4, Unit.PERCENT, "more yeast than this, on flour, is likely a slip"),
    CONFIDENCE_HIGH_SD(0.04, Unit.FACTOR, "relative sd of a well-known absorption"),
    CONFIDENCE_MEDIUM_SD(0.07, Unit.FACTOR, "relative sd of a fairly known absorption"),
    CONFIDENCE_LOW_SD(0.12, Unit.FACTOR, "relative sd of a poorly known absorption"),
    RANGE_WIDTH(1.28, Unit.COUNT, "standard deviations on either side of an 80 % range"),
    FIRST_POUR_SHARE(0.95, Unit.FACTOR, "never pour more of the answer at once"),
    ADDITION_SHARE(0.02, Unit.FACTOR, "one later addition, as a share of the flour"),
    ADDITION_STEP(5, Unit.GRAMS, "later additions are rounded to this, and are never smaller"),
    PRESSED_LIQUID_WATER(0.95, Unit.FACTOR, "water in pressed liquid; the rest is solids"),
    PRESSABLE_WATER(0.6, Unit.FACTOR, "no more of an inclusion's water than this can be pressed out"),
    GLUTEN_REFERENCE(0.14, Unit.FACTOR, "gluten protein in the solids of a strong white flour, which reads 100"),
    GLUTEN_LOSS_TO_PIECES(0.6, Unit.FACTOR, "loss of gluten strength per share of the dough in pieces"),
    GLUTEN_LOSS_TO_FAT(0.9, Unit.FACTOR, "loss of gluten strength per fat/flour"),
    GLUTEN_LOSS_TO_FAT_MAX(0.5, Unit.FACTOR, "fat takes no more gluten strength than this"),
    COUNTED_PIECE(0.5, Unit.MILLIMETRES, "pieces above this break up the sheet"),
    THINNEST_SHEET_FLOOR(0.6, Unit.MILLIMETRES, "thinnest sheet of an endlessly strong dough"),
    THINNEST_SHEET_SPAN(90, Unit.MILLIMETRES, "thinning with gluten strength: 90 mm over (gluten + 22)"),
    THINNEST_SHEET_OFFSET(22, Unit.GLUTEN_POINTS, "offset of gluten strength in the thinnest sheet"),
    HARD_PIECE_COVER(0.9, Unit.FACTOR, "sheet needed over the largest hard piece"),
    SOFT_PIECE_COVER(0.5, Unit.FACTOR, "sheet needed over the largest soft piece"),
    STICK_SPREAD(0.035, Unit.SOFTNESS, "softness over which sticking sets in above the window"),
    CRACK_SPREAD(0.05, Unit.SOFTNESS, "softness over which cracking sets in below the window"),
    CRACK_GLUTEN(40, Unit.GLUTEN_POINTS, "gluten strength below which edges crack more"),
    CRACK_GLUTEN_SPREAD(25, Unit.GLUTEN_POINTS, "gluten strength over which that sets in"),
    CRACK_OFFSET(1, Unit.COUNT, "offset of the crack curve"),
    TEAR_RATIO(1.25, Unit.FACTOR, "thinnest sheet over the sheet at which half of them tear"),
    TEAR_SPREAD(0.12, Unit.FACTOR, "ratio over which tearing sets in"),
    SPRING_FULL(30, Unit.PERCENT, "spring-back of the diameter straight after kneading, at the reference gluten"),
    SPRING_POWER(1.3, Unit.FACTOR, "how steeply spring-back grows with gluten"),
    SPRING_GLUTEN(90, Unit.GLUTEN_POINTS, "reference gluten of spring-back"),
    SPRING_GLUTEN_MAX(1.3, Unit.FACTOR, "gluten counts up to this many times the reference"),
    SPRING_REMAINS(0.1, Unit.FACTOR, "share of spring-back that no rest removes"),
    SPRING_TAU_LEAST(4, Unit.MINUTES, "relaxation time of a dough without gluten"),
    SPRING_TAU_GLUTEN(10, Unit.MINUTES, "additional relaxation time at the reference gluten"),
    SPRING_TOLERANCE(20, Unit.PERCENT, "spring-back over the limit at which nothing can be rolled"),
    RISK_LIMIT(50, Unit.PERCENT, "a risk from here on closes the rolling window"),
    WINDOW_END(180, Unit.MINUTES, "how far the rolling window is looked for"),
    PUFF_GLUTEN(35, Unit.GLUTEN_POINTS, "gluten strength at which half the sheets hold steam"),
    PUFF_GLUTEN_SPREAD(12, Unit.GLUTEN_POINTS, "gluten strength over which puffing sets in"),
    PUFF_SHEET_SPREAD(1.2, Unit.MILLIMETRES, "distance from the style's sheet over which puffing fades"),
    PUFF_LOSS_TO_PIECES(1.5, Unit.FACTOR, "loss of puff per share of the dough in pieces");

    private final double value;
    private final Unit unit;
    private final String rationale;

    Coefficient(double value, Unit unit, String rationale) {
        this.value = value;
        this.unit = unit;
        this.rationale = rationale;
    }

    /** The value, in {@link #unit()}. */
    public double value() {
        return value;
    }

    /** The unit of {@link #value()}. */
    public Unit unit() {
        return unit;
    }

    /** What it stands for and why it has this size. */
    public String rationale() {
        return rationale;
    }
}
