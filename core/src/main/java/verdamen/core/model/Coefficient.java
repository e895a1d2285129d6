package verdamen.core.model;

import java.util.HashMap;
import java.util.Map;

/**
 * Every number of the model that is not arithmetic. The table beside this class has, for each, its value and unit, how
 * well it is known, where it comes from, and what it stands for and why it has that size. Names and rows must agree, or
 * nothing is loaded.
 */
public enum Coefficient {
    UPTAKE_SHORTFALL_AT_WETTING,
    KNEAD_FACTOR_MACHINE,
    KNEAD_FACTOR_HAND,
    KNEAD_FACTOR_JUST_COMBINED,
    KNEAD_END_MACHINE,
    KNEAD_END_HAND,
    KNEAD_END_JUST_COMBINED,
    COLD_WATER_BELOW,
    TEPID_WATER_BELOW,
    HOT_WATER_FROM,
    COLD_WATER_FACTOR,
    TEPID_WATER_FACTOR,
    WARM_WATER_FACTOR,
    HOT_WATER_ABSORPTION,
    RUBBED_FAT_SLOWING,
    RUBBED_FAT_COATING,
    RUBBED_FAT_COATING_MAX,
    SALT_DRAW,
    BOOK_FLOUR_MOISTURE,
    LIQUID_FAT_SOFTENING,
    SOFT_FAT_SOFTENING,
    SOLID_FAT_SOFTENING,
    FOOD_FAT_SOFTENING,
    SUGAR_SOFTENING,
    SALT_SOFTENING,
    WEIGHED_SD_LEAST,
    WEIGHED_SD_SHARE,
    POURED_FILLING_SD,
    SPOONED_FILLING_SD,
    VESSEL_FILLING_SD,
    HANDFUL_OF_LEAVES_ML,
    HEAPED_FACTOR,
    GENEROUS_FACTOR,
    SCANT_FACTOR,
    HEAPED_SD,
    GENEROUS_SD,
    LEVEL_SD_FACTOR,
    SMALL_PIECE_FACTOR,
    LARGE_PIECE_FACTOR,
    APPROXIMATE_SD,
    BOWL_LOSS,
    SLIP_DRY,
    SLIP_WET,
    SLIP_SALT_LEAST,
    SLIP_SALT_MOST,
    SLIP_SODA_MOST,
    SLIP_YEAST_MOST,
    CONFIDENCE_HIGH_SD,
    CONFIDENCE_MEDIUM_SD,
    CONFIDENCE_LOW_SD,
    RANGE_WIDTH,
    FIRST_POUR_SHARE,
    ADDITION_SHARE,
    ADDITIONS_MOST,
    WORTH_WEIGHING,
    ADDITION_STEP,
    PRESSED_LIQUID_WATER,
    PRESSABLE_WATER,
    DRAINED_SOLIDS_KEPT,
    CLARIFIED_FAT_KEPT,
    COOLING_SPREAD,
    COOLING_HEAP,
    JUST_COOKED_C,
    KITCHEN_C,
    HOT_FROM_C,
    TYPICAL_SALT_PCT,
    SCALE_STEP,
    FINE_SCALE_STEP,
    FINE_SCALE_BELOW,
    USUALLY_BOUGHT,
    USUAL_FLOUR,
    USUAL_REST,
    USUAL_CHILL,
    USUAL_SECOND_KNEAD,
    SCALE_TOLERANCE,
    SCALE_TOLERANCE_LEAST,
    SAFE_COOLING_C,
    SAFE_COOLING_MINUTES,
    FILLING_LIMIT_SEALED,
    FILLING_LIMIT_BETWEEN,
    FILLING_LIMIT_LAYERS,
    BENCH_FLOUR_PICKUP,
    WET_HANDS_PICKUP,
    OIL_PICKUP,
    CHILL_HALVING_K,
    FRIDGE_C,
    FAT_HARDENS_BELOW_C,
    HEAT_OF_WATER,
    HEAT_OF_FLOUR,
    HEAT_OF_FAT,
    HEAT_OF_SOLIDS,
    FRICTION_MACHINE,
    FRICTION_HAND,
    YEAST_LIMIT_C,
    HOT_TAP_C,
    COLD_TAP_C,
    ICE_WATER_C,
    BOILING_C,
    DOUGH_GOAL_C,
    YEAST_ACTIVE_DRY,
    YEAST_FRESH,
    STILL_DRINKING_SHARE,
    WEEPING_STEP,
    SPILLED_SD,
    GLUTEN_REFERENCE,
    GLUTEN_LOSS_TO_PIECES,
    GLUTEN_LOSS_TO_FAT,
    GLUTEN_LOSS_TO_FAT_MAX,
    COUNTED_PIECE,
    THINNEST_SHEET_FLOOR,
    THINNEST_SHEET_SPAN,
    THINNEST_SHEET_OFFSET,
    HARD_PIECE_COVER,
    SOFT_PIECE_COVER,
    STICK_SPREAD,
    CRACK_SPREAD,
    CRACK_STRENGTH,
    CRACK_STRENGTH_SPREAD,
    CRACK_OFFSET,
    TEAR_RATIO,
    TEAR_SPREAD,
    SPRING_FULL,
    SPRING_POWER,
    SPRING_GLUTEN,
    SPRING_GLUTEN_MAX,
    SPRING_REMAINS,
    SPRING_TAU_LEAST,
    SPRING_TAU_GLUTEN,
    SPRING_TOLERANCE,
    RISK_LIMIT,
    WINDOW_END,
    PUFF_STRENGTH,
    PUFF_STRENGTH_SPREAD,
    PUFF_SHEET_SPREAD,
    PUFF_LOSS_TO_PIECES,
    CAUSE_DRY_SPREAD,
    CAUSE_EARLY_OTHERWISE,
    CAUSE_WEEPING_RISE,
    CAUSE_SUGAR_PCT,
    CAUSE_STICKING_UNCARED,
    CAUSE_UNLIKELY,
    CAUSE_WEAK_GLUTEN,
    CAUSE_STRONG_GLUTEN,
    CAUSE_GLUTEN_SPREAD,
    CAUSE_UPTAKE_OPEN,
    CAUSE_UNCOVERED,
    CAUSE_SPRING_OFFSET,
    CAUSE_CHILLED_BELOW_C,
    CAUSE_PIECE_COVER,
    CAUSE_PIECE_SPREAD,
    CAUSE_PIECE_SHARE,
    CAUSE_UNMIXED,
    CAUSE_UNEVEN,
    CAUSE_SHEET_OFF_MM,
    CAUSE_SHEET_THICK,
    CAUSE_LOW_HEAT,
    CAUSE_LOW_HEAT_OTHERWISE,
    CAUSE_STONE_HEAT,
    CAUSE_DRY_HEAT,
    CAUSE_FAT_ON_GRIDDLE,
    CAUSE_COOK_LOSS_PCT,
    CAUSE_COOK_LOSS_OFFSET,
    CAUSE_LEAN_FAT,
    CAUSE_RICH_FAT,
    CAUSE_RICH_SPREAD,
    CAUSE_MELTED_FAT_LEAST,
    CAUSE_MELTED_FAT,
    CAUSE_FILLING_OFFSET,
    CAUSE_FILLING_FROM,
    CAUSE_FILLING_SPAN,
    CAUSE_PULSE_PCT,
    CAUSE_SALT_FROM_PCT,
    CAUSE_SALT_SPAN_PCT,
    CAUSE_UNPRESSED,
    CAUSE_RAW_PCT,
    CAUSE_RAW_WATER,
    CAUSE_NO_SUGAR,
    CAUSE_BENCH_FLOUR_TIMES,
    CAUSE_LIKELY_PCT,
    LOOK_AHEAD_MINUTES,
    FIX_FLOUR_SHARE,
    FIX_INCLUSION_SHARE,
    FIX_FAT_SHARE,
    FIX_WATER_LEAST,
    FIX_SUGAR_SHARE,
    FIX_SALT_SHARE,
    FIX_PRESS_SHARE,
    FIX_SHELL_SHARE,
    FIX_HEAT_K,
    FIX_COOK_SHARE,
    FIX_REST_LEAST,
    FIX_SHEET_MM,
    FIX_WARM_MINUTES,
    FIX_COLD_WATER_C,
    FIX_KNEAD_MINUTES,
    FIX_BELOW_HOT_K,
    FIX_BENCH_FLOUR_SHARE,
    LEVER_REST_MINUTES,
    LEVER_WATER_SHARE,
    LEVER_FLOUR_SHARE,
    LEVER_GLUTEN_SHARE,
    LEVER_INCLUSION_SHARE,
    LEVER_PIECE_SHARE,
    LEVER_SHEET_MM,
    LEVER_FAT_SHARE,
    THINNEST_ROLLED_MM,
    DISC_STEP_MM,
    DISC_STEPS_MOST,
    DISC_STYLE_SHEETS,
    DISC_SHEETS,
    PIECE_DENSITY,
    PIECES_COUNTED_ABOVE,
    PIECES_COUNTED_BELOW,
    BENCH_SLACK_FROM,
    SLIP_FARTHEST_FACTOR,
    SLIP_DOUBLED,
    SLIP_TENFOLD,
    SLIP_OUNCES_OF_POUND,
    SLIP_GRAMS_OF_OUNCE,
    SLIP_NEAR,
    SLIP_DISAGREEMENT,
    SLIP_YEAST_WATER_C,
    SCHOOL_OVERNIGHT_MINUTES,
    SCHOOL_HOURS_MINUTES,
    SCHOOL_SHORT_REST_MOST,
    SCHOOL_COLD_C,
    SCHOOL_WARM_C,
    SCHOOL_HOT_C,
    OTHERS_COLDEST_C,
    OTHERS_HOTTEST_C,
    STARTER_FLOUR_SHARE,
    HEAT_FAT_LOSS,
    HEAT_FAT_PUFF,
    HEAT_FAT_GRIDDLE_K,
    HEAT_FAT_SURFACE,
    HEAT_COVERED_LOSS,
    HEAT_COVERED_PUFF,
    HEAT_COVERED_GRIDDLE_K,
    HEAT_STONE_LOSS,
    HEAT_STONE_PUFF,
    HEAT_STONE_GRIDDLE_K,
    FILLING_COOKED_OFF_MOST,
    FILLING_COOKED_OFF_USUAL,
    FILLING_FLOUR_MOST,
    COOLING_CURVE_STEP,
    COOLING_CURVE_END,
    NUMERAL_DOZEN,
    NUMERAL_FEW,
    NUMERAL_SEVERAL,
    NUMERAL_COUPLE_SD,
    NUMERAL_FEW_SD,
    BARE_GRAMS_FROM,
    BARE_PIECES_MOST,
    MISSPELT_NAME_FROM,
    MISSPELT_TWICE_FROM,
    MISSPELT_WORD_FROM,
    NAME_WORDS_MOST,
    HEADING_WORDS_MOST,
    SENTENCE_WORDS_FROM,
    WORDS_BEFORE_RANGE,
    WORDS_AROUND_TEMPERATURE,
    FAHRENHEIT_OF_ICE,
    FAHRENHEIT_OF_KELVIN,
    LIQUID_COLDEST_C,
    LIQUID_HOTTEST_C,
    COOKING_COLDEST_C,
    COOKING_HOTTEST_C,
    ISOTHERM_K,
    ISOTHERM_C,
    ISOTHERM_N,
    ISOTHERM_COLDEST_C,
    ISOTHERM_HOTTEST_C,
    OWN_FLOUR_TAU_MINUTES,
    OWN_FLOUR_PARTICLE_UM,
    KCAL_OF_PROTEIN,
    KCAL_OF_FAT,
    KJ_OF_KCAL,
    SALT_OF_SODIUM,
    SAFE_FRIDGE_C,
    SAFE_FRIDGE_MINUTES,
    SAFE_KEEPING_MINUTES,
    SAFE_BEAN_BOIL_MINUTES,
    NON_STICK_C,
    PROTEIN_ABSORPTION,
    PROTEIN_DIFFERENCE_MAX,
    BRAN_ABSORPTION,
    BRAN_TAU,
    SCALDING_FROM_C,
    SCALDING_FULL_C,
    SCALDING_QUICKENING,
    GEL_OF_SCALDED_FLOUR,
    GEL_STRENGTH,
    PIECE_SHARE_FULL,
    DOUGH_TEMPERATURE_TAU_USUAL,
    DOUGH_TEMPERATURE_GRAMS,
    WARM_PLACE_C,
    USUAL_WARM,
    YEAST_LEAST_C,
    YEAST_SPAN_K,
    YEAST_BEST_C,
    YEAST_DEAD_C,
    YEAST_SALT_SLOWING,
    YEAST_SALT_FREE,
    YEAST_SALT_REFERENCE,
    YEAST_SLOWEST,
    YEAST_SUGAR_FEEDING,
    YEAST_SUGAR_FEEDING_MOST,
    YEAST_SUGAR_SLOWING,
    YEAST_SUGAR_FREE,
    YEAST_BRAN_FEEDING,
    YEAST_WAKES,
    RISE_SPEED,
    RISE_MOST,
    RISE_STRENGTH,
    RISE_STRENGTH_LEAST,
    RISE_LOSS_TO_PIECES,
    RISE_BEST_SHARE,
    RISE_TARGET,
    RISE_TARGET_NAAN,
    RISE_END,
    READY_YEAST_LEAST,
    READY_YEAST_MOST,
    READY_PLACE_LEAST_C,
    READY_PLACE_MOST_C,
    READY_HALVINGS,
    SODA_BASE,
    GAS_ML,
    POWDER_GAS,
    SODA_ALONE_GAS,
    ACID_OF_LEGUME_FLOUR,
    ACID_OF_WHOLE_GRAIN,
    ACID_OF_WHITE_FLOUR,
    SODA_LEFT_FINE,
    SODA_LEFT_MAY_SHOW,
    SODA_WEAKENS_MINUTES,
    SCHOOL_YEAST_LITTLE,
    SCHOOL_YEAST_USUAL,
    SCHOOL_YEAST_MUCH,
    SCHOOL_SPONGE_MINUTES,
    FRIDGE_MOST_C,
    MEND_MOST,
    UNIFORM_VARIANCE,
    FEEL_MINUTES,
    BENCH_MOST,
    SPOONED_CUP,
    SPOONED_CUP_SD,
    SCOOPED_CUP,
    SCOOPED_CUP_SD,
    UNTOLD_CUP,
    UNTOLD_CUP_SD,
    SIFTED_CUP,
    PACKED_CUP,
    CUP_FACTOR_SD,
    CUP_WEIGH_IN_SD,
    FILLED_FROM_ML,
    LOOSE_LEAVES,
    FINELY_CUT,
    USUAL_SALT_PCT,
    USUAL_FILLING_SALT_PCT,
    USUAL_SALT_SD,
    INCH_MM,
    THICKEST_SHEET_MM,
    HERB_LEAF_GRAMS,
    HERB_SPRIG_GRAMS,
    GREENS_LEAF_GRAMS,
    LEAF_SD,
    LEARNING_ERROR,
    LEARNING_FAR_OFF,
    UPTAKE_SHORTFALL_RESTED,
    REWORK_LITTLE_GLUTEN,
    REWORK_SHEET_STEP_MM,
    REWORK_ROLLABILITY_LEAST,
    REWORK_WINDOW_LEAST,
    REWORK_RUNGS,
    REWORK_CROSSING_WITHIN,
    REWORK_BATCH_WITHIN,
    SEARCH_SAMPLES,
    SEARCH_STARTS,
    SEARCH_APART,
    SEARCH_TRIES,
    SEARCH_SEED,
    SEARCH_EASED_BY,
    SEARCH_CURVE_STEP,
    SEARCH_AT_ONCE,
    TRIAL_EFFECT_STEP,
    TRIAL_STANDS_OUT,
    BLEND_ITERATIONS,
    BLEND_ENDS_WEIGHT,
    BLEND_NEAR_WEIGHT,
    MATCH_KEPT,
    MATCH_PROPOSED,
    MATCH_PRICE_OF_CHANGE,
    MATCH_ALIKE,
    MATCH_STRENGTH_STEP,
    MATCH_SOFTNESS_STEP,
    MATCH_SHARE_STEP,
    MATCH_UNPRICED_STEPS,
    MATCH_FLOUR_STEP,
    MATCH_ADDED_STEP,
    COOK_SHEET_POWER,
    COOK_FROM_C,
    COOK_LOSS_POWER,
    COOK_WATER_LEFT,
    COOK_TIME_RANGE,
    COOKED_INSIDE_C,
    COOKED_FROM_C,
    STEAM_HEAT,
    BURNER_TO_PAN,
    BURNER_W,
    COOK_HANDLING_S,
    STONE_RECOVERS_MINUTES,
    FIRST_PIECE_PAN_K,
    PAN_HEAT_CAPACITY,
    PAN_PIECES_SHOWN,
    KEPT_AIR_DRY_PCT,
    KEPT_SHEET_MM,
    KEPT_MOST_HOURS,
    WET_FROM,
    TIMED_LEAST,
    TIMED_RANGE_LEAST,
    TIMED_RANGE_WIDTH,
    FOLD_OFFSET_SD,
    FOLD_TEST_SD,
    USE_WITHIN_ROOM_HOURS,
    USE_WITHIN_FRIDGE_HOURS,
    USE_WITHIN_FREEZER_HOURS,
    KEPT_HALVINGS,
    KEPT_CURVE_POINTS,
    KEPT_CURVE_LEAST,
    KEPT_CURVE_BEYOND,
    FOLD_LEAST,
    FOLD_WHOLE_GRAIN,
    FOLD_LEGUME,
    FOLD_FAT,
    FOLD_FAT_MOST,
    FOLD_GLUTEN,
    FOLD_GLUTEN_PER,
    FOLD_STALING,
    FOLD_FAT_SLOWS,
    FOLD_HOLD_SLOWS,
    FOLD_SLOWED_MOST,
    FOLD_SPREAD,
    CRISP_BELOW_PCT,
    WARMED_STALING_LEFT,
    WARMED_MOISTURE_LOST,
    LEVER_MASH_SHARE,
    SIZES_DISAGREE_PCT,
    LEFTOVER_LEAST,
    PAN_EDGE_MM,
    ROUNDING_SHOWS,
    PIECE_TOLERANCE_PCT,
    SPOONS_MOST,
    SPOON_STEP,
    MUCH_SMALLER,
    MUCH_LARGER,
    FILLING_DENSITY,
    WALL_THIN_MM,
    WALL_LEAST_MM,
    HARD_PIECE_IN_WALL,
    LAYERS_MERGE_MM,
    CUTS_DRAWN_MOST,
    SEAM_SHARE,
    REROLLS_MOST,
    REROLL_KEPT,
    REROLL_SPRING,

    SIMULATION_STEP_S,
    SIMULATED_ROOM_C,
    SIMULATED_DOUGH_C,
    SIMULATED_WATER_C,
    SIMULATED_MOISTURE_PCT,
    SIMULATED_HUMIDITY_PCT,
    HUMIDITY_SWING_PCT,
    HUMIDITY_NOISE_PCT,
    ROOM_SWING_K,
    ROOM_PERIOD_MIN,
    ROOM_NOISE_K,
    SCALE_TAU_S,
    SCALE_DRIFT,
    SCALE_MOST_GRAMS,
    PROBE_TAU_S,
    PROBE_STEP_K,
    PAN_LOSS,
    MOISTURE_METER_SD,
    SIMULATED_DOUGH_WATER,
    SIMULATED_COOK_LOSS,
    SIMULATED_COOK_S,
    DEVICE_LOST_S,
    TASTED_AFTER_HOURS,
    TASTED_NEXT_DAY_HOURS,
    TASTED_UNTIL_HOURS,
    /** Share of the flour by which an ingredient has to differ to be told as changed. */
    LINE_DIFFERS_PCT,
    /** So many changes are told in a sentence. */
    CHANGES_TOLD,
    /** Minutes in which a dough that somebody leaves off goes on. */
    GOES_ON_WITHIN_MIN,
    /** The longer side of a tray until somebody says how large they are, mm. */
    TRAY_LONG_MM,
    /** Its other side, mm. */
    TRAY_SHORT_MM,
    /** Room between balls on a tray, mm. */
    TRAY_APART_MM,
    /** Minutes that rolled sheets wait for the pan. */
    SHEET_WAITS_MIN,
    /** Share of its minutes by which a rest or a first stage may last longer. */
    STANDS_LONGER_SHARE,
    /** Litres in the fridge that a kilogram of dough takes up with its bowl. */
    FRIDGE_L_PER_KG,
    /** Minutes that an oven takes to get hot. */
    OVEN_HEATS_MIN,
    /** Pans that one person looks after at a time. */
    PANS_AT_A_TIME,
    /** Hour at which a day begins until somebody says when. */
    PLAN_FROM_HOUR,
    /** Hour at which it ends. */
    PLAN_UNTIL_HOUR,
    /** Hour of the evening at which dough goes into the fridge for the night. */
    PLAN_EVENING_HOUR,
    /** Hour at which whoever makes it comes. */
    PLAN_EVENING_FROM_HOUR,
    /** Hour at which they go. */
    PLAN_EVENING_UNTIL_HOUR,
    /** Minutes before serving at which a chilled dough is taken out to be shaped. */
    PLAN_SHAPED_BEFORE_MIN,
    /** Share of its cooking time that bread cooked for the most part is given before. */
    PAR_BAKED_SHARE,
    /** Share of its cooking time that it is given when it is finished. */
    PAR_BAKED_FINISH_SHARE,
    /** Hours that it waits at most until it is finished. */
    PAR_BAKED_HOURS,
    /** Litres in the fridge until somebody says how many. */
    PLAN_FRIDGE_L,
    /** Hours beyond those of workers and servings in which tasks without hands may lie. */
    PLAN_REACH_HOURS,
    /** Minutes late, or beyond somebody's hours, that count as much as one more pan. */
    PLAN_PLACE_MIN,
    /** Seconds in which a plan is made. */
    PLAN_SECONDS,
    /** Seconds after which the best plan is no longer looked for where something clashes. */
    PLAN_BEST_SECONDS,
    /** Seconds after which what clashes, and what of it would help, is no longer looked for. */
    PLAN_CLASH_SECONDS,
    /** Steps of the solver for one aim. */
    PLAN_AIM_STEPS,
    /** Steps of the solver for one question about a clash. */
    PLAN_CLASH_STEPS,
    /** Steps of the solver for one day with fewer pieces, or with a serving in two batches. */
    PLAN_WAY_OUT_STEPS;

    private final Row row;

    Coefficient() {
        row = Row.of(name());
    }

    /** Where a coefficient comes from. */
    public enum Source implements Coded {
        /** A constant of nature, a unit, or a convention of measurement. */
        PHYSICS("physics"),
        /** General cereal science, nutrition or food-safety teaching. */
        TEXTBOOK("textbook"),
        /** A typical value of kitchens. */
        TYPICAL("typical"),
        /** Our own judgement, until records say otherwise. */
        JUDGEMENT("judgement"),
        /** Not a fact but a choice of this program: a rounding, a tolerance, a default. */
        CHOICE("choice");

        private final String code;

        Source(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /** The value, in {@link #unit()}. */
    public double value() {
        return row.value;
    }

    /** The unit of {@link #value()}. */
    public Unit unit() {
        return row.unit;
    }

    /** How well it is known. */
    public Confidence confidence() {
        return row.confidence;
    }

    /** Where it comes from. */
    public Source source() {
        return row.source;
    }

    /** What it is about, when it belongs to no rule: a code that groups coefficients. */
    public String topic() {
        return row.topic;
    }

    /** What it stands for and why it has this size. */
    public String rationale() {
        return row.rationale;
    }

    /** A row of the table. */
    private record Row(double value, Unit unit, Confidence confidence, Source source, String topic, String rationale) {

        private static final Map<String, Row> ROWS = load();

        static Row of(String name) {
            Row row = ROWS.remove(name);
            if (row == null) {
                throw new IllegalStateException("the coefficient " + name + " has no row");
            }
            return row;
        }

        private static Map<String, Row> load() {
            Map<String, Row> rows = new HashMap<>();
            Table.read(Coefficient.class, "coefficients", cells -> {
                Row row = new Row(
                        cells.number("value"),
                        Unit.valueOf(cells.text("unit")),
                        cells.choice("confidence", Confidence.class),
                        cells.choice("source", Source.class),
                        cells.text("topic"),
                        cells.text("rationale"));
                if (rows.put(cells.text("code"), row) != null) {
                    throw new IllegalStateException("the coefficient " + cells.text("code") + " stands twice");
                }
                return row;
            });
            return rows;
        }
    }

    static {
        if (!Row.ROWS.isEmpty()) {
            throw new IllegalStateException("rows without a coefficient: " + Row.ROWS.keySet());
        }
    }
}
