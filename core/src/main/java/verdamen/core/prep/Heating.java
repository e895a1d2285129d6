package verdamen.core.prep;

import java.util.List;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Range;
import verdamen.core.model.Rule;
import verdamen.core.model.Symbol;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Role;

/**
 * How long cooking down or wilting takes on a burner: (m c (95 − T₀) + 2.26 kJ/g · water driven off)/P, P = 0.45 × the burner's
 * watts. With the lid on a third of the water goes in that time. Source: model page, section 6; ± 30 %.
 *
 * @param minutes how long it likely takes, minutes
 * @param range 80 % of the time it is within this, minutes
 * @param fromC how warm it is at the start, °C
 * @param burnerW power of the burner, W
 * @param lid whether the lid is on
 * @param panL what the pan holds, litres
 * @param rounds in how many rounds the raw leaf goes into the pan; 1 for what is no leaf, or fits
 * @param steps how the minutes come about
 */
public record Heating(
        double minutes,
        Range range,
        double fromC,
        double burnerW,
        boolean lid,
        double panL,
        int rounds,
        List<ExplanationStep> steps) {

    private static final double SECONDS_PER_MINUTE = 60;
    private static final double ML_PER_L = 1000;

    /**
     * How long it takes.
     *
     * @param content what is in the pan at the start
     * @param leaves whether it is raw leaves, which take up far more room than they leave
     * @param waterGrams water driven off, g
     */
    static Heating of(Content content, boolean leaves, double waterGrams, From from) {
        double perGram = Coefficient.HEAT_OF_WATER.value() * share(content)
                + Coefficient.HEAT_OF_SOLIDS.value() * (1 - share(content));
        double capacity = content.grams() * perGram;
        double warms = Math.max(0, Coefficient.JUST_COOKED_C.value() - from.celsius());
        double lidFactor = from.lid() ? Coefficient.HEATING_LID_SHARE.value() : 1;
        double watts = Coefficient.HEATING_TO_PAN.value() * from.burnerW();
        double joules = capacity * warms + waterGrams / lidFactor * Coefficient.HEATING_STEAM_J_PER_G.value();
        double minutes = joules / watts / SECONDS_PER_MINUTE;
        double off = Coefficient.HEATING_RANGE.value();
        double rawL = content.grams() / Coefficient.LEAF_RAW_DENSITY.value() / ML_PER_L;
        return new Heating(
                minutes,
                new Range(minutes * (1 - off), minutes * (1 + off)),
                from.celsius(),
                from.burnerW(),
                from.lid(),
                from.panL(),
                leaves ? Math.max(1, (int) Math.ceil(rawL / from.panL())) : 1,
                List.of(ExplanationStep.of(
                        Rule.HEATING,
                        minutes,
                        Unit.MINUTES,
                        new Term(Symbol.HEAT_CAPACITY_OF_ALL, capacity, Unit.JOULES_PER_KELVIN),
                        Term.celsius(Symbol.START_TEMPERATURE, from.celsius()),
                        Term.grams(Symbol.DRIVEN_OFF, waterGrams),
                        Term.factor(Symbol.LID, lidFactor),
                        new Term(Symbol.BURNER, from.burnerW(), Unit.WATTS))));
    }

    /** Water of all that is in the pan, what was put in counted, 0 to 1. */
    private static double share(Content content) {
        double water = content.waterGrams();
        for (Addition addition : content.additions()) {
            boolean wet = addition.ingredient().role() != Role.FAT;
            water += wet
                    ? addition.grams()
                            * addition.ingredient().composition().waterShare().fraction()
                    : 0;
        }
        return content.grams() > 0 ? water / content.grams() : 0;
    }

    /**
     * What it is heated from, and with.
     *
     * @param celsius how warm it is at the start, °C
     * @param burnerW power of the burner, W
     * @param lid whether the lid is on
     * @param panL what the pan holds, litres
     */
    record From(double celsius, double burnerW, boolean lid, double panL) {}
}
