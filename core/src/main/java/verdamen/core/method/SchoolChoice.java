package verdamen.core.method;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.formula.Part;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Role;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.LiquidUse;

/** Puts a school's way into a formula, and tells which way a formula goes now. */
final class SchoolChoice {

    private static final String OVERNIGHT = "overnight";
    private static final double OVERNIGHT_MINUTES = Coefficient.SCHOOL_OVERNIGHT_MINUTES.value();
    private static final double HOURS_MINUTES = Coefficient.SCHOOL_HOURS_MINUTES.value();
    private static final double SHORT_REST_MOST = Coefficient.SCHOOL_SHORT_REST_MOST.value();
    private static final double COLD_C = Coefficient.SCHOOL_COLD_C.value();
    private static final double WARM_C = Coefficient.SCHOOL_WARM_C.value();
    private static final double HOT_C = Coefficient.SCHOOL_HOT_C.value();
    private static final String FILLING = "filling";
    private static final String WORKED_IN = "worked-in";

    private SchoolChoice() {}

    /** The formula made in a school's way. */
    static FormulaSpec choose(FormulaSpec spec, School school, Pantry pantry) {
        MethodSpec method = spec.methodOrNone();
        String code = school.code();
        return switch (school.question()) {
            case FAT_TIMING -> spec.withSettings(spec.kneading(), code, spec.waterTemperatureC(), spec.restMinutes());
            case KNEADING -> spec.withSettings(code, spec.fatTiming(), spec.waterTemperatureC(), spec.restMinutes());
            case PRESSED_LIQUID ->
                spec.withMethod(method.withPressedLiquid(code)).withPreps(everyChainAsTheMethod(spec));
            case STICKING -> spec.withMethod(method.withSticking(code));
            case YEAST -> new YeastSchools(spec, pantry).withYeast(code);
            case SPONGE -> new YeastSchools(spec, pantry).withSponge(code);
            case REST -> rest(spec, method, code);
            case WATER_ADDITION -> spec.withMethod(method.withWaterAddition(code));
            case WATER_TEMPERATURE ->
                spec.withSettings(spec.kneading(), spec.fatTiming(), celsius(code), spec.restMinutes());
            case INCLUSION -> inclusion(spec, method, code, pantry);
            case HEAT -> spec.withMethod(method.withHeat(code));
        };
    }

    private static List<ChainSpec> everyChainAsTheMethod(FormulaSpec spec) {
        return spec.prepsOrNone().stream()
                .map(chain -> new ChainSpec(
                        chain.key(), chain.name(), chain.ingredient(), chain.grams(), null, chain.steps()))
                .toList();
    }

    private static FormulaSpec rest(FormulaSpec spec, MethodSpec method, String code) {
        List<PhaseSpec> chilled = List.of(new PhaseSpec("chill", OVERNIGHT_MINUTES, null));
        Double minutes = switch (code) {
            case "none" -> 0.0;
            case "hours" -> HOURS_MINUTES;
            default -> null;
        };
        return spec.withMethod(method.withPhases(code.equals(OVERNIGHT) ? chilled : null))
                .withSettings(spec.kneading(), spec.fatTiming(), spec.waterTemperatureC(), minutes);
    }

    private static @Nullable Double celsius(String code) {
        return switch (code) {
            case "cold" -> Double.valueOf(COLD_C);
            case "warm" -> Double.valueOf(WARM_C);
            case "hot" -> Double.valueOf(HOT_C);
            default -> null;
        };
    }

    /** Inclusions go into the dough, or all into the filling, enclosed in this way. */
    private static FormulaSpec inclusion(FormulaSpec spec, MethodSpec method, String code, Pantry pantry) {
        boolean workedIn = code.equals(WORKED_IN);
        List<LineSpec> lines = new ArrayList<>();
        for (LineSpec line : spec.lines() == null ? List.<LineSpec>of() : spec.lines()) {
            boolean moves = line != null
                    && line.open() == null
                    && isInclusion(line, spec, pantry)
                    && !"surface".equals(line.part());
            lines.add(moves ? line.in(workedIn ? null : Part.FILLING) : line);
        }
        return spec.withLines(lines).withMethod(workedIn ? method : method.withSeal(code));
    }

    private static boolean isInclusion(LineSpec line, FormulaSpec spec, Pantry pantry) {
        String code = line.prep() == null
                ? line.ingredient()
                : spec.prepsOrNone().stream()
                        .filter(chain -> line.prep().equals(chain.key()))
                        .findFirst()
                        .map(ChainSpec::ingredient)
                        .orElse(null);
        return Optional.ofNullable(code)
                .flatMap(pantry::ingredient)
                .map(Ingredient::role)
                .filter(role -> role == Role.INCLUSION)
                .isPresent();
    }

    /** Code of the school that a formula follows now; null when nothing is chosen. */
    static @Nullable String chosen(FormulaSpec spec, Question question, Pantry pantry, double usualRest) {
        MethodSpec method = spec.methodOrNone();
        return switch (question) {
            case FAT_TIMING -> or(spec.fatTiming(), "with-water");
            case KNEADING -> or(spec.kneading(), "hand");
            case PRESSED_LIQUID -> chosenLiquid(spec, or(method.pressedLiquid(), LiquidUse.DISCARDED.code()));
            case STICKING -> method.sticking();
            case YEAST -> new YeastSchools(spec, pantry).chosenYeast();
            case SPONGE -> new YeastSchools(spec, pantry).chosenSponge();
            case REST -> chosenRest(spec, method, usualRest);
            case WATER_ADDITION -> or(method.waterAddition(), "at-once");
            case WATER_TEMPERATURE -> chosenTemperature(spec.waterTemperatureC());
            case INCLUSION -> chosenInclusion(spec, method, pantry);
            case HEAT -> or(method.heat(), "hot-dry");
        };
    }

    /** What all chains do with their liquid; null when they differ. */
    private static @Nullable String chosenLiquid(FormulaSpec spec, String usual) {
        Set<String> followed = spec.prepsOrNone().stream()
                .map(chain -> or(chain.liquid(), usual))
                .collect(Collectors.toSet());
        return switch (followed.size()) {
            case 0 -> usual;
            case 1 -> followed.iterator().next();
            default -> null;
        };
    }

    private static String chosenRest(FormulaSpec spec, MethodSpec method, double usualRest) {
        boolean chilled =
                method.phases() != null && method.phases().stream().anyMatch(phase -> "chill".equals(phase.kind()));
        if (chilled) {
            return OVERNIGHT;
        }
        double minutes = spec.restMinutes() == null ? usualRest : spec.restMinutes();
        if (minutes == 0) {
            return "none";
        }
        return minutes <= Math.max(SHORT_REST_MOST, usualRest) ? "usual" : "hours";
    }

    private static String chosenTemperature(@Nullable Double celsius) {
        if (celsius == null) {
            return "tepid";
        }
        if (celsius < Coefficient.COLD_WATER_BELOW.value()) {
            return "cold";
        }
        if (celsius < Coefficient.TEPID_WATER_BELOW.value()) {
            return "tepid";
        }
        return celsius < Coefficient.HOT_WATER_FROM.value() ? "warm" : "hot";
    }

    private static @Nullable String chosenInclusion(FormulaSpec spec, MethodSpec method, Pantry pantry) {
        List<LineSpec> inclusions = (spec.lines() == null ? List.<LineSpec>of() : spec.lines())
                .stream()
                        .filter(line -> line != null && isInclusion(line, spec, pantry))
                        .toList();
        if (inclusions.isEmpty()) {
            return null;
        }
        boolean filled = inclusions.stream().anyMatch(line -> FILLING.equals(line.part()));
        return filled ? or(method.seal(), "layered-paratha".equals(spec.style()) ? "in-layers" : "sealed") : WORKED_IN;
    }

    private static String or(@Nullable String value, String usual) {
        return value == null ? usual : value;
    }
}
