package verdamen.core.model;

/**
 * Every coefficient of the dough model that does not belong to one ingredient, form or style: its value, unit and the
 * reason for it. The figures of ingredients, forms and styles are in the tables beside {@code verdamen.core.pantry}.
 */
public enum Coefficient {
    UPTAKE_SHORTFALL_AT_WETTING(
            0.4, Unit.FACTOR, Confidence.MEDIUM, "share of a flour's water not yet taken up when water meets flour"),
    KNEAD_FACTOR_MACHINE(0.7, Unit.FACTOR, Confidence.MEDIUM, "a machine wets flour faster than hands"),
    KNEAD_FACTOR_HAND(1.0, Unit.FACTOR, Confidence.HIGH, "reference: kneaded by hand"),
    KNEAD_FACTOR_JUST_COMBINED(1.6, Unit.FACTOR, Confidence.MEDIUM, "unworked flour drinks more slowly"),
    KNEAD_END_MACHINE(6, Unit.MINUTES, Confidence.MEDIUM, "usual end of machine kneading"),
    KNEAD_END_HAND(10, Unit.MINUTES, Confidence.MEDIUM, "usual end of kneading by hand"),
    KNEAD_END_JUST_COMBINED(3, Unit.MINUTES, Confidence.MEDIUM, "usual end of bringing a dough together"),
    COLD_WATER_BELOW(12, Unit.CELSIUS, Confidence.MEDIUM, "below this, uptake slows"),
    TEPID_WATER_BELOW(35, Unit.CELSIUS, Confidence.MEDIUM, "below this, uptake runs at the reference rate"),
    WARM_WATER_BELOW(
            60,
            Unit.CELSIUS,
            Confidence.MEDIUM,
            "below this, uptake is quicker but starch stays raw; from here on it swells"),
    COLD_WATER_FACTOR(1.4, Unit.FACTOR, Confidence.MEDIUM, "slowing of uptake in cold water"),
    TEPID_WATER_FACTOR(1.0, Unit.FACTOR, Confidence.HIGH, "reference: tepid water, or none given"),
    WARM_WATER_FACTOR(0.8, Unit.FACTOR, Confidence.MEDIUM, "quickening of uptake in warm water"),
    HOT_WATER_FACTOR(0.5, Unit.FACTOR, Confidence.MEDIUM, "quickening of uptake in hot water"),
    HOT_WATER_ABSORPTION(1.04, Unit.FACTOR, Confidence.MEDIUM, "starch swollen by hot water takes up a little more"),
    RUBBED_FAT_SLOWING(
            2.0, Unit.FACTOR, Confidence.MEDIUM, "slowing of uptake per fat/flour when fat is rubbed in first"),
    RUBBED_FAT_COATING(
            0.8, Unit.FACTOR, Confidence.MEDIUM, "share of flour kept dry per fat/flour when fat is rubbed in first"),
    RUBBED_FAT_COATING_MAX(0.12, Unit.FACTOR, Confidence.MEDIUM, "no more flour than this is kept dry"),
    SALT_DRAW(0.10, Unit.FACTOR, Confidence.MEDIUM, "extra release of an inclusion per gram of salt in 100 g flour"),
    FLOUR_MOISTURE(
            0.14, Unit.FACTOR, Confidence.HIGH, "moisture basis of the absorption tables (farinograph convention)"),
    LIQUID_FAT_SOFTENING(0.50, Unit.FACTOR, Confidence.MEDIUM, "grams of water a gram of liquid fat stands for"),
    SOFT_FAT_SOFTENING(0.45, Unit.FACTOR, Confidence.MEDIUM, "grams of water a gram of soft fat stands for"),
    SOLID_FAT_SOFTENING(0.25, Unit.FACTOR, Confidence.MEDIUM, "grams of water a gram of solid fat stands for"),
    FOOD_FAT_SOFTENING(
            0.45,
            Unit.FACTOR,
            Confidence.MEDIUM,
            "grams of water a gram of fat inside dairy, liquids or inclusions stands for"),
    SUGAR_SOFTENING(0.5, Unit.FACTOR, Confidence.LOW, "grams of water a gram of dissolved sugar stands for"),
    SALT_SOFTENING(1.0, Unit.FACTOR, Confidence.LOW, "grams of water a gram of salt stands for"),
    WEIGHED_SD_LEAST(0.5, Unit.GRAMS, Confidence.HIGH, "least standard deviation of a kitchen scale"),
    WEIGHED_SD_SHARE(0.005, Unit.FACTOR, Confidence.HIGH, "standard deviation of a weighed line, as a share of it"),
    POURED_FILLING_SD(
            0.03, Unit.FACTOR, Confidence.MEDIUM, "relative sd of filling a vessel of known size with what pours"),
    SPOONED_FILLING_SD(
            0.08, Unit.FACTOR, Confidence.MEDIUM, "relative sd of filling a vessel of known size with what packs"),
    VESSEL_FILLING_SD(
            0.15,
            Unit.FACTOR,
            Confidence.LOW,
            "relative sd of filling a vessel of the kitchen's own, before it is weighed"),
    HEAPED_FACTOR(1.3, Unit.FACTOR, Confidence.LOW, "a heaped spoon against a level one"),
    GENEROUS_FACTOR(1.12, Unit.FACTOR, Confidence.LOW, "a rounded or generous measure against a level one"),
    SCANT_FACTOR(0.9, Unit.FACTOR, Confidence.LOW, "a scant measure against a level one"),
    HEAPED_SD(0.15, Unit.FACTOR, Confidence.LOW, "relative sd that heaping adds"),
    GENEROUS_SD(0.08, Unit.FACTOR, Confidence.LOW, "relative sd that a generous or scant hand adds"),
    LEVEL_SD_FACTOR(0.75, Unit.FACTOR, Confidence.LOW, "levelling off takes a quarter of a measure's error away"),
    SMALL_PIECE_FACTOR(0.7, Unit.FACTOR, Confidence.LOW, "a small piece against a medium one"),
    LARGE_PIECE_FACTOR(1.35, Unit.FACTOR, Confidence.LOW, "a large piece against a medium one"),
    APPROXIMATE_SD(0.10, Unit.FACTOR, Confidence.LOW, "relative sd that \"about\" adds"),
    BOWL_LOSS(0.015, Unit.FACTOR, Confidence.MEDIUM, "share of a dough that stays on bowl and hands"),
    SLIP_DRY(0.75, Unit.FACTOR, Confidence.LOW, "softness below the style's window times this is likely a slip"),
    SLIP_WET(1.35, Unit.FACTOR, Confidence.LOW, "softness above the style's window times this is likely a slip"),
    SLIP_SALT_LEAST(0.5, Unit.PERCENT, Confidence.LOW, "less salt than this, on flour, is likely a slip"),
    SLIP_SALT_MOST(
            3.5, Unit.PERCENT, Confidence.LOW, "more salt than this, on flour or in a filling, is likely a slip"),
    SLIP_SODA_MOST(1.6, Unit.PERCENT, Confidence.LOW, "from here on baking soda is likely meant to be baking powder"),
    SLIP_YEAST_MOST(4, Unit.PERCENT, Confidence.LOW, "more yeast than this, on flour, is likely a slip"),
    CONFIDENCE_HIGH_SD(0.04, Unit.FACTOR, Confidence.HIGH, "relative sd of a well-known absorption"),
    CONFIDENCE_MEDIUM_SD(0.07, Unit.FACTOR, Confidence.HIGH, "relative sd of a fairly known absorption"),
    CONFIDENCE_LOW_SD(0.12, Unit.FACTOR, Confidence.HIGH, "relative sd of a poorly known absorption"),
    RANGE_WIDTH(1.28, Unit.COUNT, Confidence.HIGH, "standard deviations on either side of an 80 % range"),
    FIRST_POUR_SHARE(0.95, Unit.FACTOR, Confidence.MEDIUM, "never pour more of the answer at once"),
    ADDITION_SHARE(0.02, Unit.FACTOR, Confidence.HIGH, "one later addition, as a share of the flour"),
    ADDITION_STEP(5, Unit.GRAMS, Confidence.HIGH, "later additions are rounded to this, and are never smaller"),
    PRESSED_LIQUID_WATER(0.95, Unit.FACTOR, Confidence.MEDIUM, "water in pressed liquid; the rest is solids"),
    PRESSABLE_WATER(
            0.6, Unit.FACTOR, Confidence.MEDIUM, "no more of an inclusion's water than this can be pressed out"),
    DRAINED_SOLIDS_KEPT(
            0.95,
            Unit.FACTOR,
            Confidence.MEDIUM,
            "share of a pulse's dry matter kept when its cooking water is drained"),
    CLARIFIED_FAT_KEPT(0.98, Unit.FACTOR, Confidence.HIGH, "share of butter's fat that is kept when it is clarified"),
    COOLING_SPREAD(0.012, Unit.PER_MINUTE, Confidence.MEDIUM, "cooling rate of a mash spread thin on a tray"),
    COOLING_HEAP(0.004, Unit.PER_MINUTE, Confidence.MEDIUM, "cooling rate of a mash left in a heap"),
    JUST_COOKED_C(
            95, Unit.CELSIUS, Confidence.HIGH, "temperature of what comes straight from boiling, steaming or the pan"),
    KITCHEN_C(
            20,
            Unit.CELSIUS,
            Confidence.MEDIUM,
            "temperature of a kitchen and of what stands in it, when none is given"),
    HOT_FROM_C(
            35,
            Unit.CELSIUS,
            Confidence.MEDIUM,
            "mash from here on is still hot: its starch has not set, and it sticks"),
    TYPICAL_SALT_PCT(
            1.5, Unit.PERCENT, Confidence.LOW, "salt strewn over cut vegetables to draw their water, on their weight"),
    SCALE_STEP(1, Unit.GRAMS, Confidence.HIGH, "what a kitchen scale shows"),
    FINE_SCALE_STEP(0.1, Unit.GRAMS, Confidence.HIGH, "what a fine scale shows of small masses"),
    FINE_SCALE_BELOW(20, Unit.GRAMS, Confidence.HIGH, "masses below this are put on a fine scale"),
    USUALLY_BOUGHT(300, Unit.GRAMS, Confidence.LOW, "what a preparation begins with before its weight is typed"),
    USUAL_FLOUR(400, Unit.GRAMS, Confidence.LOW, "flour of a style's usual dough, before its weight is typed"),
    USUAL_REST(20, Unit.MINUTES, Confidence.LOW, "a further rest, before its length is typed"),
    USUAL_CHILL(60, Unit.MINUTES, Confidence.LOW, "a chill, before its length is typed"),
    USUAL_SECOND_KNEAD(3, Unit.MINUTES, Confidence.LOW, "a second kneading, before its length is typed"),
    SCALE_TOLERANCE(0.02, Unit.FACTOR, Confidence.HIGH, "two weighings of the same thing may differ by this share"),
    SCALE_TOLERANCE_LEAST(1, Unit.GRAMS, Confidence.HIGH, "two weighings of the same thing may always differ by this"),
    SAFE_COOLING_C(
            21, Unit.CELSIUS, Confidence.HIGH, "typical limit: cooked potato, pulses and greens down to this soon"),
    SAFE_COOLING_MINUTES(
            120, Unit.MINUTES, Confidence.HIGH, "typical limit: within this long; local food rules go first"),
    FILLING_LIMIT_SEALED(4, Unit.PERCENT, Confidence.MEDIUM, "free water above this bursts a filling sealed in a ball"),
    FILLING_LIMIT_BETWEEN(6, Unit.PERCENT, Confidence.MEDIUM, "free water above this slides between two sheets"),
    FILLING_LIMIT_LAYERS(3, Unit.PERCENT, Confidence.MEDIUM, "free water above this glues layers together"),
    BENCH_FLOUR_PICKUP(
            0.025, Unit.FACTOR, Confidence.LOW, "flour a dough takes up from the bench, as a share of its flour"),
    WET_HANDS_PICKUP(
            0.012, Unit.FACTOR, Confidence.LOW, "water a dough takes up from wet hands, as a share of its flour"),
    OIL_PICKUP(
            0.012, Unit.FACTOR, Confidence.LOW, "oil a dough takes up from hands and bench, as a share of its flour"),
    CHILL_HALVING_K(
            10,
            Unit.KELVINS,
            Confidence.MEDIUM,
            "uptake and release run at half speed for every so many kelvins colder"),
    CHILL_RATE(
            0.02,
            Unit.PER_MINUTE,
            Confidence.LOW,
            "how fast a dough takes on the cold of a fridge, and the warmth of a room"),
    FRIDGE_C(5, Unit.CELSIUS, Confidence.MEDIUM, "temperature of a fridge, when none is given"),
    FAT_HARDENS_BELOW_C(15, Unit.CELSIUS, Confidence.LOW, "below this, fat that is soft in a kitchen is hard"),
    HEAT_OF_WATER(4.18, Unit.JOULES_PER_GRAM_KELVIN, Confidence.HIGH, "specific heat of water"),
    HEAT_OF_FLOUR(1.8, Unit.JOULES_PER_GRAM_KELVIN, Confidence.HIGH, "specific heat of flour and other dry things"),
    HEAT_OF_FAT(2.0, Unit.JOULES_PER_GRAM_KELVIN, Confidence.HIGH, "specific heat of fat"),
    HEAT_OF_SOLIDS(1.5, Unit.JOULES_PER_GRAM_KELVIN, Confidence.HIGH, "specific heat of an inclusion's solids"),
    FRICTION_MACHINE(0.5, Unit.KELVINS_PER_MINUTE, Confidence.MEDIUM, "warming of a dough by a machine"),
    FRICTION_HAND(0.1, Unit.KELVINS_PER_MINUTE, Confidence.MEDIUM, "warming of a dough by hands"),
    YEAST_LIMIT_C(45, Unit.CELSIUS, Confidence.HIGH, "warmer water than this harms yeast"),
    HOT_TAP_C(60, Unit.CELSIUS, Confidence.MEDIUM, "hot water, when no temperature is given"),
    COLD_TAP_C(12, Unit.CELSIUS, Confidence.MEDIUM, "cold water, when no temperature is given"),
    ICE_WATER_C(1, Unit.CELSIUS, Confidence.HIGH, "the coldest water there is: with ice in it"),
    BOILING_C(100, Unit.CELSIUS, Confidence.HIGH, "the hottest water there is"),
    DOUGH_GOAL_C(26, Unit.CELSIUS, Confidence.HIGH, "usual dough temperature, when none is asked for"),
    YEAST_ACTIVE_DRY(1.25, Unit.FACTOR, Confidence.HIGH, "grams of active dried yeast for a gram of instant"),
    YEAST_FRESH(3.0, Unit.FACTOR, Confidence.HIGH, "grams of fresh yeast for a gram of instant"),
    STILL_DRINKING_SHARE(
            0.95, Unit.FACTOR, Confidence.LOW, "a dough is still drinking until so much of its uptake is done"),
    WEEPING_STEP(
            0.01,
            Unit.SOFTNESS,
            Confidence.LOW,
            "a dough weeps once its softness has risen by so much from its lowest"),
    SPILLED_SD(0.30, Unit.FACTOR, Confidence.LOW, "relative error of judging by eye how much was spilled"),
    GLUTEN_REFERENCE(
            0.14,
            Unit.FACTOR,
            Confidence.MEDIUM,
            "gluten protein in the solids of a strong white flour, which reads 100"),
    GLUTEN_LOSS_TO_PIECES(
            0.6, Unit.FACTOR, Confidence.MEDIUM, "loss of gluten strength per share of the dough in pieces"),
    GLUTEN_LOSS_TO_FAT(0.9, Unit.FACTOR, Confidence.MEDIUM, "loss of gluten strength per fat/flour"),
    GLUTEN_LOSS_TO_FAT_MAX(0.5, Unit.FACTOR, Confidence.MEDIUM, "fat takes no more gluten strength than this"),
    COUNTED_PIECE(0.5, Unit.MILLIMETRES, Confidence.MEDIUM, "pieces above this break up the sheet"),
    THINNEST_SHEET_FLOOR(0.6, Unit.MILLIMETRES, Confidence.MEDIUM, "thinnest sheet of an endlessly strong dough"),
    THINNEST_SHEET_SPAN(
            90, Unit.MILLIMETRES, Confidence.MEDIUM, "thinning with gluten strength: 90 mm over (gluten + 22)"),
    THINNEST_SHEET_OFFSET(22, Unit.GLUTEN_POINTS, Confidence.MEDIUM, "offset of gluten strength in the thinnest sheet"),
    HARD_PIECE_COVER(0.9, Unit.FACTOR, Confidence.MEDIUM, "sheet needed over the largest hard piece"),
    SOFT_PIECE_COVER(0.5, Unit.FACTOR, Confidence.MEDIUM, "sheet needed over the largest soft piece"),
    STICK_SPREAD(0.035, Unit.SOFTNESS, Confidence.LOW, "softness over which sticking sets in above the window"),
    CRACK_SPREAD(0.05, Unit.SOFTNESS, Confidence.LOW, "softness over which cracking sets in below the window"),
    CRACK_GLUTEN(40, Unit.GLUTEN_POINTS, Confidence.LOW, "gluten strength below which edges crack more"),
    CRACK_GLUTEN_SPREAD(25, Unit.GLUTEN_POINTS, Confidence.LOW, "gluten strength over which that sets in"),
    CRACK_OFFSET(1, Unit.COUNT, Confidence.LOW, "offset of the crack curve"),
    TEAR_RATIO(1.25, Unit.FACTOR, Confidence.LOW, "thinnest sheet over the sheet at which half of them tear"),
    TEAR_SPREAD(0.12, Unit.FACTOR, Confidence.LOW, "ratio over which tearing sets in"),
    SPRING_FULL(
            30,
            Unit.PERCENT,
            Confidence.MEDIUM,
            "spring-back of the diameter straight after kneading, at the reference gluten"),
    SPRING_POWER(1.3, Unit.FACTOR, Confidence.MEDIUM, "how steeply spring-back grows with gluten"),
    SPRING_GLUTEN(90, Unit.GLUTEN_POINTS, Confidence.MEDIUM, "reference gluten of spring-back"),
    SPRING_GLUTEN_MAX(1.3, Unit.FACTOR, Confidence.MEDIUM, "gluten counts up to this many times the reference"),
    SPRING_REMAINS(0.1, Unit.FACTOR, Confidence.MEDIUM, "share of spring-back that no rest removes"),
    SPRING_TAU_LEAST(4, Unit.MINUTES, Confidence.MEDIUM, "relaxation time of a dough without gluten"),
    SPRING_TAU_GLUTEN(10, Unit.MINUTES, Confidence.MEDIUM, "additional relaxation time at the reference gluten"),
    SPRING_TOLERANCE(20, Unit.PERCENT, Confidence.LOW, "spring-back over the limit at which nothing can be rolled"),
    RISK_LIMIT(50, Unit.PERCENT, Confidence.LOW, "a risk from here on closes the rolling window"),
    WINDOW_END(180, Unit.MINUTES, Confidence.HIGH, "how far the rolling window is looked for"),
    PUFF_GLUTEN(35, Unit.GLUTEN_POINTS, Confidence.LOW, "gluten strength at which half the sheets hold steam"),
    PUFF_GLUTEN_SPREAD(12, Unit.GLUTEN_POINTS, Confidence.LOW, "gluten strength over which puffing sets in"),
    PUFF_SHEET_SPREAD(
            1.2, Unit.MILLIMETRES, Confidence.LOW, "distance from the style's sheet over which puffing fades"),
    PUFF_LOSS_TO_PIECES(1.5, Unit.FACTOR, Confidence.LOW, "loss of puff per share of the dough in pieces");

    private final double value;
    private final Unit unit;
    private final Confidence confidence;
    private final String rationale;

    Coefficient(double value, Unit unit, Confidence confidence, String rationale) {
        this.value = value;
        this.unit = unit;
        this.confidence = confidence;
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

    /** How well it is known. */
    public Confidence confidence() {
        return confidence;
    }

    /** What it stands for and why it has this size. */
    public String rationale() {
        return rationale;
    }
}
