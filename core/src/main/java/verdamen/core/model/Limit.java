package verdamen.core.model;

/**
 * Every limit on what is typed, pasted or sent: beyond it a value is a slip of the pen or the scale, or no kitchen's. Both
 * ends are allowed. One table for the core, the services and the API's description.
 */
public enum Limit implements Coded {
    /** Mass of a line, an addition or a step: up to 1,000 kg. */
    GRAMS("grams", 0, 1_000_000, Unit.GRAMS),
    /** Water of an ingredient. */
    WATER_PCT("waterPct", 0, 100, Unit.PERCENT),
    /** Flour moister than 25 % would spoil and clump; it is not flour any more. */
    MOISTURE_PCT("moisturePct", 0, 25, Unit.PERCENT),
    /** Protein of an ingredient. */
    PROTEIN_PCT("proteinPct", 0, 100, Unit.PERCENT),
    /** Psyllium takes up nine times its mass, more than anything else. */
    ABSORPTION_PCT("absorptionPct", 20, 1500, Unit.PERCENT),
    /** Standard deviation of an absorption, percentage points. */
    ABSORPTION_SD_PCT("absorptionSdPct", 0, 500, Unit.PERCENT),
    /** Pieces of an inclusion as measured. */
    PIECE_MM("pieceMm", 0, 50, Unit.MILLIMETRES),
    /** Pieces as a preparation step leaves them. */
    CUT_MM("cutMm", 0.1, 50, Unit.MILLIMETRES),
    /** The main liquid. */
    WATER_TEMPERATURE_C("waterTemperatureC", 0, 100, Unit.CELSIUS),
    /** A rest, a standing first stage or a phase: up to three days. */
    REST_MINUTES("restMinutes", 0, 4320, Unit.MINUTES),
    /** How long a step of the run sheet takes. */
    STEP_MINUTES("stepMinutes", 0, 1440, Unit.MINUTES),
    /** When a dough is to have risen, after kneading: within a day. */
    READY_MINUTES("readyMinutes", 1, 1440, Unit.MINUTES),
    /** Rolled thickness. */
    SHEET_MM("sheetMm", 0.3, 60, Unit.MILLIMETRES),
    /** Softness to aim for. */
    SOFTNESS_TARGET("softnessTarget", 0.3, 5, Unit.SOFTNESS),
    /** A line when it goes in: from frozen to straight from the pan. */
    LINE_TEMPERATURE_C("lineTemperatureC", -25, 150, Unit.CELSIUS),
    /** How many of a measure a line was. */
    QUANTITY("quantity", 0, 1_000_000, Unit.COUNT),
    /** Pieces a dough makes. */
    PIECES("pieces", 1, 100_000, Unit.COUNT),
    /** Mass of a piece of dough. */
    PIECE_GRAMS("pieceGrams", 1, 100_000, Unit.GRAMS),
    /** A piece as rolled, across. */
    DIAMETER_MM("diameterMm", 20, 1000, Unit.MILLIMETRES),
    /** A side in the pan. */
    SIDE_SECONDS("sideSeconds", 1, 7200, Unit.SECONDS),
    /** Pan, griddle or oven. */
    PAN_C("panC", 60, 550, Unit.CELSIUS),
    /** A pan, press or cutter, across: from what leaves room for the smallest piece. */
    PAN_MM("panMm", 30, 1500, Unit.MILLIMETRES),
    /** To what a scale weighs. */
    SCALE_STEP("scaleStep", 0.01, 100, Unit.GRAMS),
    /** How many times of a formula. */
    SCALE_FACTOR("scaleFactor", 0.001, 1000, Unit.FACTOR),
    /** How many times a sheet is folded. */
    FOLDS("folds", 1, 8, Unit.COUNT),
    /** A roll that is coiled, across. */
    ROLL_MM("rollMm", 3, 100, Unit.MILLIMETRES),
    /** What is cut from a sheet, across. */
    CUT_SIZE_MM("cutSizeMm", 10, 1000, Unit.MILLIMETRES),
    /** A side of a sheet that is cut, or a disc across. */
    CUT_SHEET_MM("cutSheetMm", 20, 3000, Unit.MILLIMETRES),
    /** Wedges of a disc. */
    WEDGES("wedges", 2, 16, Unit.COUNT),
    /** Sizes of pieces from one dough. */
    SIZES("sizes", 0, 10, Unit.COUNT),
    /** How many ways bread of one dough is kept in. */
    SPLITS("splits", 0, 6, Unit.COUNT),
    /** How many times a typical value the kitchen's own is. */
    OWN_FACTOR("ownFactor", 0.01, 1000, Unit.FACTOR),
    /** Percentage points of moisture between a piece and the limit of folding. */
    FOLD_MARGIN("foldMargin", -100, 100, Unit.PERCENT),
    /** How many formulas are ordered at a time. */
    ORDER_ITEMS("orderItems", 1, 30, Unit.COUNT),
    /** A sheet that is cooked: a thinner one burns before it is done. */
    COOKED_SHEET_MM("cookedSheetMm", 0.5, 60, Unit.MILLIMETRES),
    /** A burner. */
    BURNER_W("burnerW", 100, 20_000, Unit.WATTS),
    /** How many pans, presses, cutters and peels a kitchen keeps. */
    KITCHEN_PANS("kitchenPans", 0, 60, Unit.COUNT),
    /** Pans on at a time. */
    PANS("pans", 1, 20, Unit.COUNT),
    /** Pieces in an oven at a time. */
    OVEN_LOAD("ovenLoad", 1, 200, Unit.COUNT),
    /** Hours after cooking. */
    KEPT_HOURS("keptHours", 0, 720, Unit.HOURS),
    /** A baker's percentage. */
    BAKERS_PCT("bakersPct", 0, 2000, Unit.PERCENT),
    /** What stays on the bowl. */
    BOWL_LOSS_PCT("bowlLossPct", 0, 20, Unit.PERCENT),
    /** The dough temperature wanted. */
    DOUGH_C("doughC", 0, 60, Unit.CELSIUS),
    /** Flour and what else stands in the kitchen. */
    FLOUR_C("flourC", -25, 60, Unit.CELSIUS),
    /** Cold water. */
    COLD_WATER_C("coldC", 0, 40, Unit.CELSIUS),
    /** Hot water. */
    HOT_WATER_C("hotC", 0, 100, Unit.CELSIUS),
    /** Kneading. */
    KNEAD_MINUTES("kneadMinutes", 0, 60, Unit.MINUTES),
    /** A fridge or cold room. */
    CHILL_C("chillC", -5, 20, Unit.CELSIUS),
    /** Where a dough stands: kitchen, fridge or warm place. */
    PLACE_C("placeC", -5, 60, Unit.CELSIUS),
    /** What is cooled, at its start. */
    PAN_L("panL", 0.5, 200, Unit.LITRES),
    COOLING_FROM_C("coolingFromC", 0, 150, Unit.CELSIUS),
    /** The room or fridge in which something cools. */
    COOLING_ROOM_C("coolingRoomC", -30, 60, Unit.CELSIUS),
    /** The temperature to cool to. */
    COOLING_TARGET_C("coolingTargetC", 0, 100, Unit.CELSIUS),
    /** When a cooling is read. */
    COOLING_READ_MINUTE("coolingReadMinute", 0.1, 1440, Unit.MINUTES),
    /** What is read then. */
    COOLING_READ_C("coolingReadC", -30, 150, Unit.CELSIUS),
    /** A minute at the bench since water met flour. */
    BENCH_MINUTE("benchMinute", 0, 10_000, Unit.MINUTES),
    /** A probe in dough or water. */
    PROBE_C("probeC", -25, 150, Unit.CELSIUS),
    /** A thermometer held at a pan. */
    PAN_READ_C("panReadC", -25, 800, Unit.CELSIUS),
    /** The air of a kitchen. */
    ROOM_C("roomC", -10, 60, Unit.CELSIUS),
    /** Its relative humidity. */
    AIR_HUMIDITY_PCT("airHumidityPct", 0, 100, Unit.PERCENT),
    /** A timer: a second to a week. */
    TIMER_SECONDS("timerSeconds", 1, 604_800, Unit.SECONDS),
    /** Put on a scale, or taken off. */
    PUT_GRAMS("putGrams", -10_000, 10_000, Unit.GRAMS),
    /** Setting of a burner: nothing to full. */
    BURNER_SETTING("burnerSetting", 0, 1, Unit.FACTOR),
    /** How many times as fast as the world's a practice clock goes. */
    CLOCK_SPEED("clockSpeed", 1, 600, Unit.FACTOR),
    /** Batches made at a time. */
    BATCHES_RUNNING("batchesRunning", 0, 4, Unit.COUNT),
    /** What is noted of a batch. */
    BATCH_ENTRIES("batchEntries", 0, 3000, Unit.COUNT),
    /** Entries noted with one request. */
    ENTRIES_AT_ONCE("entriesAtOnce", 1, 200, Unit.COUNT),
    /** What is served in one plan. */
    SERVINGS("servings", 1, 12, Unit.COUNT),
    /** Who is there in one plan. */
    WORKERS("workers", 1, 12, Unit.COUNT),
    /** A time of a plan: from the day before to the end of the day after. */
    PLAN_MINUTE("planMinute", -1440, 2880, Unit.MINUTES),
    /** A side of a tray for balls of dough. */
    TRAY_MM("trayMm", 100, 2000, Unit.MILLIMETRES),
    /** Pans, ovens, mixers or trays of a plan. */
    PLAN_PLACES("planPlaces", 0, 20, Unit.COUNT),
    /** Room in the fridge, litres. */
    FRIDGE_LITRES("fridgeLitres", 0, 2000, Unit.COUNT),
    /** Tasks of a plan that stay where they are. */
    PINS("pins", 0, 300, Unit.COUNT),
    /** A share of 100 g of an ingredient. */
    COMPOSITION_PCT("compositionPct", 0, 100, Unit.PERCENT),
    /** Sodium in 100 g: pure salt has 39,300 mg. */
    SODIUM_MG("sodiumMg", 0, 40_000, Unit.MILLIGRAMS),
    /** Grams in a millilitre. */
    DENSITY("bulkDensityGPerMl", 0.03, 3, Unit.GRAMS_PER_MILLILITRE),
    /** A piece of an ingredient. */
    INGREDIENT_PIECE_GRAMS("ingredientPieceGrams", 0.01, 20_000, Unit.GRAMS),
    /** Time constant of uptake. */
    UPTAKE_TAU_MIN("uptakeTauMin", 0.1, 120, Unit.MINUTES),
    /** Gluten quality of a flour. */
    GLUTEN_QUALITY("glutenQuality", 0, 1, Unit.FACTOR),
    /** A price in the kitchen's currency. */
    PRICE("price", 0, 1_000_000, Unit.COUNT),
    /** The kitchen's cup. */
    CUP_ML("cupMl", 200, 300, Unit.MILLILITRES),
    /** A vessel. */
    VESSEL_ML("vesselMl", 0.1, 20_000, Unit.MILLILITRES),
    /** What a measure of something weighed. */
    WEIGH_IN_GRAMS("weighInGrams", 0.01, 100_000, Unit.GRAMS),
    /** How many measures were weighed at once. */
    WEIGH_IN_COUNT("weighInCount", 0.1, 1000, Unit.COUNT),
    /** A sample of flour before it is dried. */
    SAMPLE_GRAMS("sampleGrams", 0.1, 10_000, Unit.GRAMS),
    /** Air of a flour store. */
    STORE_C("storeC", -10, 50, Unit.CELSIUS),
    /** Its relative humidity. */
    STORE_HUMIDITY_PCT("storeHumidityPct", 1, 99, Unit.PERCENT),

    /** Lines of a formula. */
    LINES("lines", 0, 200, Unit.COUNT),
    /** Preparation chains of a formula. */
    CHAINS("chains", 0, 50, Unit.COUNT),
    /** Steps of a chain. */
    STEPS("steps", 0, 30, Unit.COUNT),
    /** Things put in at a step, or by a correction. */
    ADDITIONS("additions", 0, 30, Unit.COUNT),
    /** Stages of a dough, the dough itself counted. */
    STAGES("stages", 0, 6, Unit.COUNT),
    /** Number of a stage, from 0. */
    STAGE("stage", 0, 5, Unit.COUNT),
    /** Phases between kneading and rolling. */
    PHASES("phases", 0, 20, Unit.COUNT),
    /** Remarks set aside, and cautions acknowledged, in a formula. */
    REMARKS("remarks", 0, 200, Unit.COUNT),
    /** Allergens of an ingredient. */
    ALLERGENS("allergens", 0, 30, Unit.COUNT),
    /** Lines of a recipe that is read. */
    RECIPE_LINES("recipeLines", 0, 2000, Unit.COUNT),
    /** Limits that a reworked formula is to keep. */
    FIGURE_LIMITS("figureLimits", 0, 25, Unit.COUNT),
    /** A figure of a formula, in its own unit. */
    FIGURE("figure", -1_000_000, 1_000_000, Unit.COUNT),
    /** Amounts that may move when the most of something is looked for. */
    FREE_AMOUNTS("freeAmounts", 1, 6, Unit.COUNT),
    /** Rungs of a ladder, and of each side of a field. */
    RUNGS("rungs", 5, 41, Unit.COUNT),
    /** Flours that may go into a blend. */
    BLEND_FLOURS("blendFlours", 2, 20, Unit.COUNT),
    /** Flours that a blend may have at most, where that is said. */
    BLEND_PARTS("blendParts", 1, 4, Unit.COUNT),
    /** Factors of a trial series: two or three at two levels each, or one whose rungs were picked. */
    TRIAL_FACTORS("trialFactors", 1, 3, Unit.COUNT),
    /** Rungs picked for a trial series. */
    TRIAL_RUNGS("trialRungs", 2, 12, Unit.COUNT),
    /** How many times everything of a trial series is made. */
    TRIAL_ROUNDS("trialRounds", 1, 3, Unit.COUNT),
    /** Pieces of a batch that tore. */
    TORN_PIECES("tornPieces", 0, 1000, Unit.COUNT),
    /** Pieces of a batch that puffed. */
    PUFFED_PCT("puffedPct", 0, 100, Unit.PERCENT),
    /** A mark given at the table or the board: 9 is best. */
    MARK("mark", 1, 9, Unit.COUNT),
    /** Faults listed of something refused; there may be more. */
    FAULTS_LISTED("faultsListed", 0, 50, Unit.COUNT),
    /** Rows on one page of a list. */
    PAGE_ROWS("pageRows", 1, 200, Unit.COUNT),
    /** Photographs of a batch. */
    PHOTOS("photos", 0, 30, Unit.COUNT),
    /** Steps of the run sheet that are changed, left out or added. */
    STEP_EDITS("stepEdits", 0, 40, Unit.COUNT),
    /** Filters that are kept of the notebook. */
    FILTERS("filters", 0, 50, Unit.COUNT),
    COMPARED("compared", 2, 4, Unit.COUNT),

    /** Name of a formula. */
    FORMULA_NAME("formulaName", 1, 120, Unit.CHARACTERS),
    /** Note of a version. */
    VERSION_NOTE("versionNote", 0, 2000, Unit.CHARACTERS),
    /** A method in words. */
    METHOD_TEXT("methodText", 0, 20_000, Unit.CHARACTERS),
    /** A recipe that is read. */
    RECIPE_TEXT("recipeText", 1, 100_000, Unit.CHARACTERS),
    /** A reason, a note, the words of a line. */
    NOTE("note", 0, 500, Unit.CHARACTERS),
    /** What a caution that was acknowledged was about. */
    CAUTION_CAUSE("cautionCause", 0, 480, Unit.CHARACTERS),
    /** A code or key. */
    CODE("code", 0, 120, Unit.CHARACTERS),
    /** Key of a preparation chain. */
    CHAIN_KEY("chainKey", 1, 40, Unit.CHARACTERS),
    /** Name of a person's role, a kitchen, an ingredient, a taught name. */
    NAME("name", 1, 80, Unit.CHARACTERS),
    /** Name of a lot or chain. */
    SHORT_NAME("shortName", 1, 60, Unit.CHARACTERS),
    /** Name of a vessel, a group, a piece, an allergen. */
    WORD("word", 1, 40, Unit.CHARACTERS),
    /** Where a figure comes from. */
    SOURCE("source", 1, 200, Unit.CHARACTERS),
    /** Sign of a currency. */
    CURRENCY("currency", 1, 5, Unit.CHARACTERS),
    /** What is looked for in a list. */
    SEARCH("search", 0, 200, Unit.CHARACTERS),
    /** How much of a refused value is told back. */
    ECHO("echo", 0, 200, Unit.CHARACTERS),

    /** The body of a request that is no file. */
    BODY_BYTES("bodyBytes", 0, 2 * 1024 * 1024, Unit.BYTES),
    /** A recipe or table that is given as a file. */
    FILE_BYTES("fileBytes", 0, 5 * 1024 * 1024, Unit.BYTES),
    /** A photograph. */
    PHOTO_BYTES("photoBytes", 0, 10 * 1024 * 1024, Unit.BYTES);

    private final String code;
    private final double least;
    private final double most;
    private final Unit unit;

    Limit(String code, double least, double most, Unit unit) {
        this.code = code;
        this.least = least;
        this.most = most;
        this.unit = unit;
    }

    @Override
    public String code() {
        return code;
    }

    /** The least allowed, in {@link #unit()}. */
    public double least() {
        return least;
    }

    /** The most allowed, in {@link #unit()}. */
    public double most() {
        return most;
    }

    /** The most allowed, of what is counted in whole numbers. */
    public int mostCount() {
        return (int) most;
    }

    /** The unit of both ends. */
    public Unit unit() {
        return unit;
    }
}
