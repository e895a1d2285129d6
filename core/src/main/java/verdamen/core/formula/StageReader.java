package verdamen.core.formula;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.function.IntFunction;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;

/**
 * Checks the stages of a dough. A formula that names a sponge or soaker and how long it stands is read as two stages, its lines of
 * the first stage as those of number 0.
 */
final class StageReader {

    private static final String AT = "stages[";

    private final FormulaSpec spec;
    private final Pantry pantry;
    private final double kitchenC;
    private final Faults faults;
    private final List<StageSpec> asked;
    /** The stages before the dough itself. */
    private final List<Stage> before;

    StageReader(FormulaSpec spec, MethodReader method, Pantry pantry, Faults faults) {
        this.spec = spec;
        this.pantry = pantry;
        this.kitchenC = method.kitchenC();
        this.faults = faults;
        this.asked = asked(spec, faults);
        this.before = asked.isEmpty() ? ofMethod(method) : ofStages();
        if (!asked.isEmpty() && method.firstStage() != null) {
            faults.add(
                    null,
                    "method.firstStage",
                    FaultCode.CONTRADICTS,
                    spec.methodOrNone().firstStage());
        }
    }

    private static List<StageSpec> asked(FormulaSpec spec, Faults faults) {
        List<StageSpec> all = new ArrayList<>();
        for (StageSpec stage : faults.atMost("stages", spec.stages(), Limit.STAGES)) {
            all.add(stage == null ? StageSpec.NONE : stage);
        }
        return all;
    }

    List<Stage> before() {
        return before;
    }

    /** What is said of the dough's own stage; nothing when there are no stages. */
    private StageSpec dough() {
        return asked.isEmpty() ? StageSpec.NONE : asked.get(asked.size() - 1);
    }

    /** Temperature of the dough's own liquid, °C: the formula's, or that of its last stage. */
    @Nullable
    Double waterTemperatureC() {
        return either(dough().waterTemperatureC(), spec.waterTemperatureC(), ".waterTemperatureC");
    }

    /** Code of the dough's own kneading: the formula's, or that of its last stage. */
    @Nullable
    String kneading() {
        return either(dough().mixing(), spec.kneading(), ".mixing");
    }

    private <T> @Nullable T either(@Nullable T own, @Nullable T formula, String field) {
        if (own != null && formula != null && !own.equals(formula)) {
            faults.add(null, AT + (asked.size() - 1) + "]" + field, FaultCode.CONTRADICTS, own);
        }
        return own == null ? formula : own;
    }

    /** The stage of a line; null for the dough itself. */
    @Nullable
    Stage of(int index, LineSpec line) {
        Integer number = line.stage();
        if (number == null || number == before.size()) {
            return null;
        }
        if (number < 0 || number > before.size()) {
            if (number < Limit.STAGE.least() || number > Limit.STAGE.most()) {
                faults.number(index, "stage", number.doubleValue(), Limit.STAGE);
            } else {
                faults.add(index, "stage", FaultCode.UNKNOWN_CODE, number);
            }
            return null;
        }
        return before.get(number);
    }

    private List<Stage> ofMethod(MethodReader method) {
        StageKind kind = method.firstStage();
        boolean none = spec.linesOrNone().stream()
                .noneMatch(line -> line != null && line.belongsToDough() && Objects.equals(line.stage(), 0));
        if (kind == null || none) {
            return List.of();
        }
        Stage first = new Stage(
                0,
                kind,
                spec.waterTemperatureC(),
                Kneading.JUST_COMBINED,
                method.standingMinutes(),
                StagePlace.KITCHEN,
                method.standingC(),
                method.standingMinutes());
        return List.of(first);
    }

    private List<Stage> ofStages() {
        List<Stage> stages = new ArrayList<>();
        double left = 0;
        for (int number = asked.size() - 1; number >= 0; number--) {
            boolean last = number == asked.size() - 1;
            double minutes = minutes(number, last);
            left += minutes;
            Stage stage = stage(number, minutes, left);
            holdsSomething(number, last);
            if (!last) {
                stages.add(stage);
            }
        }
        Collections.reverse(stages);
        return List.copyOf(stages);
    }

    private double minutes(int number, boolean last) {
        String field = AT + number + "].minutes";
        Double minutes = asked.get(number).minutes();
        if (!last) {
            return faults.needed(field, minutes, Limit.REST_MINUTES);
        }
        int before = faults.count();
        faults.number(field, minutes, Limit.REST_MINUTES);
        if (faults.count() == before) {
            // What follows the dough itself is its rest.
            faults.number(field, minutes, 0, 0);
        }
        return 0;
    }

    private Stage stage(int number, double minutes, double minutesBefore) {
        StageSpec stage = asked.get(number);
        String at = AT + number + "].";
        faults.number(at + "waterTemperatureC", stage.waterTemperatureC(), Limit.WATER_TEMPERATURE_C);
        faults.number(at + "placeC", stage.placeC(), Limit.PLACE_C);
        StagePlace place = choice(at + "place", stage.place(), StagePlace.class, StagePlace.KITCHEN);
        return new Stage(
                number,
                kind(number),
                stage.waterTemperatureC(),
                choice(at + "mixing", stage.mixing(), Kneading.class, Kneading.JUST_COMBINED),
                minutes,
                place,
                stage.placeC() == null ? usualC(place) : stage.placeC(),
                minutesBefore);
    }

    private double usualC(StagePlace place) {
        return switch (place) {
            case KITCHEN -> kitchenC;
            case WARM -> Coefficient.WARM_PLACE_C.value();
            case FRIDGE -> Coefficient.FRIDGE_C.value();
        };
    }

    private StageKind kind(int number) {
        Double liquidC = asked.get(number).waterTemperatureC();
        if (liquidC != null && liquidC >= Coefficient.SCALDING_FROM_C.value()) {
            return StageKind.SCALD;
        }
        boolean yeast = linesOf(number).stream()
                .map(this::ingredient)
                .anyMatch(ingredient -> ingredient != null && ingredient.isAlive());
        return yeast ? StageKind.SPONGE : StageKind.SOAKER;
    }

    /** A stage without lines is none, and nothing swells without liquid. */
    private void holdsSomething(int number, boolean last) {
        List<LineSpec> lines = linesOf(number);
        if (lines.isEmpty()) {
            faults.add(null, AT + number + "].lines", FaultCode.MISSING, null);
        } else if (!last && lines.stream().noneMatch(this::wets)) {
            faults.add(null, AT + number + "].liquid", FaultCode.MISSING, null);
        }
    }

    private List<LineSpec> linesOf(int number) {
        List<LineSpec> lines = new ArrayList<>();
        for (LineSpec line : spec.linesOrNone()) {
            if (line != null && line.belongsToDough() && number == numberOf(line)) {
                lines.add(line);
            }
        }
        return lines;
    }

    private int numberOf(LineSpec line) {
        return line.stage() == null ? asked.size() - 1 : line.stage();
    }

    /** Whether a line brings liquid; one that is not read yet may. */
    private boolean wets(LineSpec line) {
        Ingredient ingredient = ingredient(line);
        if (line.grams() != null && line.grams() <= 0) {
            return false;
        }
        if (ingredient == null) {
            return true;
        }
        return switch (ingredient.role()) {
            case LIQUID, DAIRY, INCLUSION -> ingredient.behaviour() == null;
            case LEAVENER -> ingredient.isStarter();
            default -> false;
        };
    }

    private @Nullable Ingredient ingredient(LineSpec line) {
        return line.ingredient() == null
                ? null
                : pantry.ingredient(line.ingredient()).orElse(null);
    }

    /**
     * Refuses yeast in what would kill it: in a stage whose liquid, or which itself, is that hot. A formula without stages is only
     * warned.
     */
    void refuseDeadYeast(List<Line> lines, List<MixedStage> mixed, double doughC) {
        if (asked.isEmpty()) {
            return;
        }
        IntFunction<Double> mixedC =
                number -> number < mixed.size() ? mixed.get(number).mixedC() : doughC;
        double dead = Coefficient.YEAST_DEAD_C.value();
        for (int number = 0; number < asked.size(); number++) {
            Stage stage = number < before.size() ? before.get(number) : null;
            Double liquidC = stage == null ? waterTemperatureC() : stage.waterTemperatureC();
            boolean alive = lines.stream()
                    .anyMatch(line -> line.part() == Part.DOUGH
                            && Objects.equals(line.stage(), stage)
                            && line.ingredient().isAlive());
            double hottest = Math.max(mixedC.apply(number), liquidC == null ? 0 : liquidC);
            if (alive && hottest >= dead) {
                faults.add(null, AT + number + "].waterTemperatureC", FaultCode.KILLS_YEAST, hottest, dead);
            }
        }
    }

    private <E extends Enum<E> & Coded> E choice(String field, @Nullable String code, Class<E> type, E usual) {
        E chosen = code == null ? null : faults.choice(field, code, type);
        return chosen == null ? usual : chosen;
    }
}
