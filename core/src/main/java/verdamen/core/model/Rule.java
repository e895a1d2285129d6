package verdamen.core.model;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * The rules that explanations name. The formula of a rule is written here and nowhere else: the screen, the model page and
 * the tests read it. It is made of the names of {@link Symbol symbols} and {@link Coefficient coefficients}, numbers, the
 * four operations and min, max, pow, exp, ln, sigmoid (1/(1 + e^(−x))) and pi.
 */
public enum Rule {
    /** What a flour takes up. */
    FLOUR_DRINKS("MASS * COATING * (ABSORPTION * UPTAKE + BRAN)"),
    /** What the bran of a whole-grain flour takes up beside. */
    BRAN("BRAN_ABSORPTION * (1 - exp(-MINUTE / BRAN_TAU))"),
    /** What a dry addition or dry dairy takes up. */
    DRY_ADDITION_DRINKS("MASS * ABSORPTION * UPTAKE"),
    /** Absorption moved by a flour's own protein. */
    ABSORPTION_FROM_PROTEIN("BOOK_ABSORPTION + PROTEIN_ABSORPTION * max(-PROTEIN_DIFFERENCE_MAX, "
            + "min(PROTEIN_DIFFERENCE_MAX, PROTEIN_PCT - BOOK_PROTEIN_PCT)) / 100"),
    /** How far the water scalds. */
    SCALDING("max(0, min(1, (WATER_TEMPERATURE - SCALDING_FROM_C) / (SCALDING_FULL_C - " + "SCALDING_FROM_C)))"),
    /** How much more is taken up of water that scalds. */
    HOT_WATER("1 + (SCALDED_FACTOR - 1) * SCALDING"),
    /** Absorption at a flour's moisture. */
    ABSORPTION_AT_MOISTURE("(1 - FLOUR_MOISTURE) / (1 - BOOK_FLOUR_MOISTURE) * (BOOK_ABSORPTION * HOT_WATER + "
            + "BOOK_FLOUR_MOISTURE) - FLOUR_MOISTURE"),
    /** Absorption in hot water. */
    ABSORPTION_IN_WATER("BOOK_ABSORPTION * HOT_WATER"),
    /** Share taken up so far. */
    UPTAKE("1 - UPTAKE_SHORTFALL_AT_WETTING * exp(-MINUTE / UPTAKE_TAU)"),
    /** What warm water does to the time constant of uptake. */
    WATER_SPEED("WARM_WATER_FACTOR - SCALDING_QUICKENING * SCALDING"),
    /** Time constant of uptake, minutes. */
    UPTAKE_TAU("BOOK_TAU * KNEADING * WATER_SPEED * FAT_SLOWS"),
    /** How much fat rubbed in first slows uptake. */
    FAT_SLOWS("1 + RUBBED_FAT_SLOWING * FAT_PER_FLOUR"),
    /** Flour kept dry by fat rubbed in first. */
    COATING("1 - min(RUBBED_FAT_COATING_MAX, RUBBED_FAT_COATING * FAT_PER_FLOUR)"),
    /** What an inclusion brings. */
    INCLUSION_BRINGS("MASS * WATER_SHARE * RELEASE + SOFTENING * MASS * FAT_SHARE"),
    /** Gelled starch of an inclusion. */
    GELLED("max(0, min(1 - WATER_SHARE - FAT_SHARE, STARCH_SHARE * (1 - WATER_SHARE) / (1 - " + "BOOK_WATER_SHARE)))"),
    /** What an inclusion's solids hold. */
    INCLUSION_HOLDS("MASS * (GELLED * STARCH_HOLD + (max(0, 1 - WATER_SHARE - FAT_SHARE) - GELLED) * HOLD)"),
    /** Share of an inclusion's water in play. */
    RELEASE("RELEASE_START + (RELEASE_END - RELEASE_START) * (1 - exp(-MINUTE / RELEASE_TAU))"),
    /** Release end with salt. */
    RELEASE_WITH_SALT("min(1, RELEASE_END * (1 + SALT_DRAW * SALT_PCT))"),
    /** What water, a liquid, dairy or a fat brings. */
    WATER_AND_FAT_BRING("MASS * WATER_SHARE + SOFTENING * MASS * FAT_SHARE"),
    /** What a sweetener brings. */
    SWEETENER_BRINGS("MASS * WATER_SHARE + SOFTENING * MASS * SUGAR_SHARE"),
    /** What salt brings. */
    SALT_BRINGS("SOFTENING * MASS"),
    /** What anything else brings. */
    WATER_BRINGS("MASS * WATER_SHARE"),
    /** Water needed. */
    WATER_NEEDED("TARGET * DRINKS - BRINGS"),
    /** Half of the range in which the water needed is told. */
    TOLD_RANGE("max(RANGE_WIDTH * DEVIATION, KNOWN_OFF / 100 * FLOUR)"),
    /** Softness. */
    SOFTNESS("BRINGS / DRINKS"),
    /** Share of a line in the variance of the water needed, from its weighing. */
    VARIANCE_FROM_WEIGHING("pow(PER_GRAM * DEVIATION, 2)"),
    /** Share of a line in that variance, from its absorption. */
    VARIANCE_FROM_ABSORPTION("pow(TARGET * DRINKS * DEVIATION, 2)"),
    /** What is added to that when its flours were learned from the same batches. */
    VARIANCE_LEARNED_TOGETHER("OWN_VARIANCE * LEARNED_TOGETHER"),
    /** Gluten strength. */
    GLUTEN("100 * GLUTEN_PROTEIN / SOLIDS / GLUTEN_REFERENCE * (1 - GLUTEN_LOSS_TO_PIECES * "
            + "PIECE_SHARE) * (1 - min(GLUTEN_LOSS_TO_FAT_MAX, GLUTEN_LOSS_TO_FAT * FAT_PER_FLOUR))"),
    /** Sheet strength: gluten, and gelled starch beside it. */
    SHEET_STRENGTH("GLUTEN + GEL_STRENGTH * GEL_SHARE"),
    /** Sheet that the pieces of an inclusion need. */
    PIECE_COVER("COVER * PIECE_MM * pow(min(1, DOUGH_SHARE / PIECE_SHARE_FULL), 1 / 3)"),
    /** Thinnest sheet. */
    THINNEST_SHEET("max(THINNEST_SHEET_FLOOR + THINNEST_SHEET_SPAN / (SHEET_STRENGTH + "
            + "THINNEST_SHEET_OFFSET), PIECE_COVER)"),
    /** Sticking. */
    STICK("100 * sigmoid((SOFTNESS - WINDOW_HIGH) / STICK_SPREAD)"),
    /** Cracking. */
    CRACK("100 * sigmoid((WINDOW_LOW - SOFTNESS) / CRACK_SPREAD + (CRACK_STRENGTH - "
            + "SHEET_STRENGTH) / CRACK_STRENGTH_SPREAD - CRACK_OFFSET)"),
    /** Tearing. */
    TEAR("100 * sigmoid((THINNEST_SHEET / SHEET - TEAR_RATIO) / TEAR_SPREAD)"),
    /** Tearing of a filled piece at its wall. */
    FILLED_TEAR("100 * sigmoid((THINNEST_SHEET / FILLED_WALL - FILLED_TEAR_RATIO) / TEAR_SPREAD)"),
    /** The least wall of a filled piece that holds. */
    LEAST_WALL("THINNEST_SHEET / FILLED_WALL_SUPPORT"),
    /** The thinnest sheet of a filled piece: its wall is as thin as holds. */
    THINNEST_FILLED("LEAST_WALL * SHEET / FILLED_WALL"),
    /** Spring-back. */
    SPRING_BACK("SPRING_FULL * pow(min(SPRING_GLUTEN_MAX, GLUTEN / SPRING_GLUTEN), SPRING_POWER) * "
            + "(SPRING_REMAINS + (1 - SPRING_REMAINS) * exp(-MINUTES_AFTER_KNEADING / "
            + "(SPRING_TAU_LEAST + SPRING_TAU_GLUTEN * min(1, GLUTEN / SPRING_GLUTEN))))"),
    /** Rollability. */
    ROLLABILITY("100 * (1 - STICK / 100) * (1 - CRACK / 100) * (1 - TEAR / 100) * (1 - min(1, max(0, "
            + "SPRING_BACK - SPRING_LIMIT) / SPRING_TOLERANCE))"),
    /** Puff. */
    PUFF(
            "100 * sigmoid((SHEET_STRENGTH - PUFF_STRENGTH) / PUFF_STRENGTH_SPREAD) * "
                    + "exp(-pow(ln(SHEET / STYLE_SHEET) / PUFF_SHEET_SPREAD, 2)) * max(0, 1 - "
                    + "PUFF_LOSS_TO_PIECES * PIECE_SHARE) * max(0, 1 - PUFF_LOSS_TO_PULSES * LEGUME_SHARE) * (1 - TEAR / 100) * (1 - STICK / 100)"),
    /** What a typical step leaves. */
    PREP_SHARE("BEFORE * SHARE"),
    /** Water after liquid has run. */
    PRESSED("(OWN_WATER - PRESSED_LIQUID_WATER * LIQUID) / AFTER"),
    /** Water after water was driven off or taken up. */
    DRY_MATTER_KEPT("1 - OWN_SOLIDS / AFTER"),
    /** Water after soaking and boiling. */
    SOAKED("1 - KEPT_SOLIDS * OWN_SOLIDS / AFTER"),
    /** Water after plain water was put in. */
    WATER_ADDED("(OWN_WATER + ADDED) / AFTER"),
    /** Clarified butter. */
    CLARIFIED("CLARIFIED_FAT_KEPT * FAT"),
    /** Minutes to a temperature. */
    COOLING("ln((START_TEMPERATURE - ROOM_TEMPERATURE) / (TARGET_TEMPERATURE - " + "ROOM_TEMPERATURE)) / COOLING_RATE"),
    /** Cooling rate from a reading. */
    COOLING_RATE(
            "ln((START_TEMPERATURE - ROOM_TEMPERATURE) / (READ_TEMPERATURE - ROOM_TEMPERATURE)) " + "/ READ_MINUTE"),
    /** Minutes of cooking down or wilting. */
    HEATING(
            "(HEAT_CAPACITY_OF_ALL * max(0, JUST_COOKED_C - START_TEMPERATURE) + DRIVEN_OFF / LID * HEATING_STEAM_J_PER_G) / "
                    + "(HEATING_TO_PAN * BURNER) / 60"),
    /** Free water of a filling. */
    FILLING_FREE_WATER("100 * max(0, FREE_WATER - FILLING_DRINKS) / FILLING"),
    /** Water temperature. */
    WATER_TEMPERATURE("DOUGH_TEMPERATURE + (OTHER_HEAT * (DOUGH_TEMPERATURE - OTHER_HEAT_TEMPERATURE) - "
            + "FRICTION * (OTHER_HEAT + WATER_HEAT)) / WATER_HEAT"),
    /** Hot water of a mix. */
    HOT_WATER_OF_MIX(
            "WATER_GRAMS * (TARGET_TEMPERATURE - COLD_TEMPERATURE) / (HOT_TEMPERATURE - " + "COLD_TEMPERATURE)"),
    /** How sure a felt softness is. */
    FELT_SD("pow(pow(WORD_WIDTH, 2) / UNIFORM_VARIANCE + pow(FEEL_MINUTES * DRIFT, 2), 1 / 2)"),
    /** Softness now, what is felt weighed against what is computed. */
    WEIGHED_SOFTNESS("(FELT_SOFTNESS * pow(COMPUTED_DEVIATION, 2) + SOFTNESS_NOW * pow(FELT_DEVIATION, 2)) / "
            + "(pow(FELT_DEVIATION, 2) + pow(COMPUTED_DEVIATION, 2))"),
    /** Softness when rolled, from what is felt now. */
    SOFTNESS_FROM_FEEL("SOFTNESS_WEIGHED * SOFTNESS_LATER / SOFTNESS_NOW"),
    /** Water to add at the bench. */
    BENCH_WATER("(TARGET - SOFTNESS) * DRINKS"),
    /** Flour to add at the bench. */
    BENCH_FLOUR("(SOFTNESS - TARGET) * DRINKS / (TARGET * FLOUR_DRINKS_PER_GRAM)"),
    /** Yeast as instant yeast, on the flour. */
    YEAST_PCT("100 * INSTANT_YEAST / FLOUR"),
    /** How fast yeast works at a temperature. */
    YEAST_TEMPERATURE(
            "pow(max(0, min(DOUGH_TEMPERATURE, YEAST_BEST_C) - YEAST_LEAST_C) / YEAST_SPAN_K, 2) * max(0, min(1, "
                    + "(YEAST_DEAD_C - DOUGH_TEMPERATURE) / (YEAST_DEAD_C - YEAST_BEST_C)))"),
    /** How salt slows yeast. */
    YEAST_SALT(
            "max(YEAST_SLOWEST, (1 - YEAST_SALT_SLOWING * max(0, SALT_PCT - YEAST_SALT_FREE)) / YEAST_SALT_REFERENCE)"),
    /** How sugar feeds and slows yeast. */
    YEAST_SUGAR("max(YEAST_SLOWEST, 1 + YEAST_SUGAR_FEEDING * min(SUGAR_PCT, YEAST_SUGAR_FEEDING_MOST) - "
            + "YEAST_SUGAR_SLOWING * max(0, SUGAR_PCT - YEAST_SUGAR_FREE))"),
    /** How bran feeds yeast. */
    YEAST_BRAN("1 + YEAST_BRAN_FEEDING * WHOLE_GRAIN_SHARE"),
    /** The most a dough can rise to. */
    RISE_LIMIT("1 + RISE_MOST * max(RISE_STRENGTH_LEAST, min(1, GLUTEN / RISE_STRENGTH)) * (1 - RISE_LOSS_TO_PIECES * "
            + "PIECE_SHARE)"),
    /** What a dough grows in a minute. */
    RISE_RATE("RISE_SPEED * YEAST_PCT * YEAST_TEMPERATURE * YEAST_SALT * YEAST_SUGAR * YEAST_BRAN * (RISE_LIMIT - "
            + "RISE_RATIO) / (RISE_LIMIT - 1)"),
    /** Where a dough is past its best. */
    RISE_BEST("1 + RISE_BEST_SHARE * (RISE_LIMIT - 1)"),
    /** How slowly a dough takes on a temperature. */
    DOUGH_TEMPERATURE_TAU("DOUGH_TEMPERATURE_TAU_USUAL * pow(DOUGH / DOUGH_TEMPERATURE_GRAMS, 1 / 2)"),
    /** Dough temperature a minute on. */
    DOUGH_TEMPERATURE_STEP("DOUGH_TEMPERATURE + (PLACE_TEMPERATURE - DOUGH_TEMPERATURE) * (1 - exp(-1 / DOUGH_TAU))"),
    /** Soda that finds no acid. */
    SODA_LEFT("max(0, BASE - ACID) / SODA_BASE"),
    /** Gas of soda and powder. */
    GAS("GAS_ML * (min(BASE, ACID) + POWDER_GAS * POWDER + SODA_ALONE_GAS * (BASE - min(BASE, ACID))) / (DOUGH / 100)"),
    /** Dough of a piece. */
    PIECE_MASS("DENSITY * pi / 4 * pow(DIAMETER / 10, 2) * SHEET / 10"),
    /** Dough of a piece with a filling. */
    FILLED_PIECE_MASS("DENSITY * pi / 4 * pow(DIAMETER / 10, 2) * SHEET / 10 / WITH_FILLING"),
    /** Dough that is divided. */
    USABLE_DOUGH("DOUGH * (1 - BOWL_LOSS)"),
    /** Pieces that it makes, parts of one counted too. */
    PIECES_OF_DOUGH("USABLE / PIECE_GRAMS"),
    /** Wall of a filled piece. */
    FILLED_WALL("SHEET / 2 * (1 - IN_SEAM) * SHELL / (SHELL + FILLING * DENSITY / FILLING_DENSITY)"),
    /** Layers of a folded piece. */
    FOLDED_LAYERS("pow(PARTS, TIMES)"),
    /** Turns of a coil. */
    COIL_TURNS("max(1, DIAMETER / (pi * ROLL))"),
    /** How thick a layer is. */
    LAYER_THICKNESS("SHEET / LAYERS"),
    /** Seconds on a side. */
    COOK_SECONDS(
            "OWN_TIME * STYLE_SECONDS * pow(SHEET / STYLE_SHEET, COOK_SHEET_POWER) * (STYLE_PAN - COOK_FROM_C) / (PAN - COOK_FROM_C)"),
    /** Weight lost in cooking. */
    COOK_LOSS(
            "min(OWN_LOSS * USUAL_LOSS * pow(STYLE_SHEET / SHEET, COOK_LOSS_POWER), 100 * max(0, (WATER_SHARE - COOK_WATER_LEFT) / (1 - "
                    + "COOK_WATER_LEFT)))"),
    /** Specific heat of a dough. */
    PIECE_HEAT_CAPACITY("HEAT_OF_WATER * WATER_SHARE + HEAT_OF_SOLIDS * (1 - WATER_SHARE)"),
    /** Heat that a piece needs. */
    PIECE_HEAT("MASS * (HEAT_CAPACITY * (COOKED_INSIDE_C - COOKED_FROM_C) + LOSS / 100 * STEAM_HEAT) / 1000"),
    /** Seconds in which a burner brings it. */
    HEAT_SECONDS("1000 * PIECE_HEAT / (BURNER_TO_PAN * BURNER)"),
    /** Seconds from one piece to the next. */
    COOK_CYCLE("max(SIDE_ONE + SIDE_TWO + COOK_HANDLING_S, HEAT_SECONDS)"),
    /** Moisture after cooking. */
    BAKED_MOISTURE("100 * (WATER_SHARE - LOSS / 100) / (1 - LOSS / 100)"),
    /** Moisture some hours later. */
    MOISTURE_LATER(
            "KEPT_AIR_DRY_PCT + (BAKED_MOISTURE - KEPT_AIR_DRY_PCT) * exp(-DRYING_RATE * KEPT_SHEET_MM / SHEET * HOURS)"),
    /** Moisture that folding needs. */
    FOLD_THRESHOLD(
            "OWN_OFFSET + FOLD_LEAST + FOLD_WHOLE_GRAIN * WHOLE_GRAIN_SHARE + FOLD_LEGUME * LEGUME_SHARE - FOLD_FAT * min(FOLD_FAT_MOST, "
                    + "FAT_PER_FLOUR) + max(0, (FOLD_GLUTEN - GLUTEN) / FOLD_GLUTEN_PER)"),
    /** Moisture that folding needs some hours later, its starch having set. */
    THRESHOLD_LATER(
            "FOLD_THRESHOLD + FOLD_STALING * (1 - min(FOLD_SLOWED_MOST, FOLD_FAT_SLOWS * FAT_PER_FLOUR + FOLD_HOLD_SLOWS * "
                    + "HOLD_PER_FLOUR)) * (1 - exp(-STALING_RATE * HOURS))"),
    /** Chance that it folds. */
    FOLD_CHANCE("100 * sigmoid((MOISTURE - THRESHOLD) / FOLD_SPREAD)");

    private static final Pattern NAME = Pattern.compile("[A-Z][A-Z0-9_]*");
    private static final Map<String, Symbol> SYMBOLS = byName(Symbol.values());
    private static final Map<String, Coefficient> COEFFICIENTS = byName(Coefficient.values());

    private final String formula;

    Rule(String formula) {
        this.formula = formula;
    }

    /** The formula over the names of symbols and coefficients. */
    public String formula() {
        return formula;
    }

    /** The inputs that the formula needs. */
    public Set<Symbol> symbols() {
        Set<Symbol> symbols = EnumSet.noneOf(Symbol.class);
        names().forEach(name -> {
            if (SYMBOLS.containsKey(name)) {
                symbols.add(SYMBOLS.get(name));
            }
        });
        return Collections.unmodifiableSet(symbols);
    }

    /** The coefficients in the formula, each once, in its order. */
    public List<Coefficient> coefficients() {
        return Known.COEFFICIENTS.get(this);
    }

    /** The same as an explanation shows them. */
    List<ExplanationStep.Used> used() {
        return Known.USED.get(this);
    }

    /** What formulas name, found once: steps of explanations are written by the hundred. */
    private static final class Known {
        private static final Map<Rule, List<Coefficient>> COEFFICIENTS = new EnumMap<>(Rule.class);
        private static final Map<Rule, List<ExplanationStep.Used>> USED = new EnumMap<>(Rule.class);

        static {
            for (Rule rule : values()) {
                List<Coefficient> named = rule.names().stream()
                        .filter(Rule.COEFFICIENTS::containsKey)
                        .map(Rule.COEFFICIENTS::get)
                        .distinct()
                        .toList();
                COEFFICIENTS.put(rule, named);
                USED.put(rule, named.stream().map(ExplanationStep.Used::of).toList());
            }
        }
    }

    /** Every name in the formula. */
    List<String> names() {
        List<String> names = new ArrayList<>();
        Matcher matcher = NAME.matcher(formula);
        while (matcher.find()) {
            names.add(matcher.group());
        }
        return names;
    }

    private static <E extends Enum<E>> Map<String, E> byName(E[] values) {
        return Arrays.stream(values).collect(Collectors.toUnmodifiableMap(Enum::name, Function.identity()));
    }
}
