package verdamen.server.intake;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Measured;
import verdamen.core.formula.Part;
import verdamen.core.intake.Finding;
import verdamen.core.intake.LineStatus;
import verdamen.core.intake.ParsedLine;
import verdamen.core.intake.ParsedRecipe;
import verdamen.core.intake.SpokenStyle;
import verdamen.core.pantry.FatState;

/**
 * A recipe as understood.
 *
 * @param title its name; null when none stood before the ingredients
 * @param style the style that its title, or else its words, speak of; null when they speak of none
 * @param pieces how many it says it makes; null when it does not say
 * @param lines every line of ingredients, in order
 * @param waterTemperatureC temperature that it gives its water, °C; null when it does not say
 * @param asksCupFilling whether flour by the cup is in it, and the kitchen never said how it fills one
 * @param method the method that stood below; empty for none
 */
public record IntakeAnswer(
        @Nullable String title,
        @Nullable SpokenStyle style,
        @Nullable Integer pieces,
        List<IntakeLine> lines,
        @Nullable Double waterTemperatureC,
        boolean asksCupFilling,
        String method) {

    /**
     * A line as understood.
     *
     * @param text its words, as written
     * @param ingredient code of the ingredient; null when none was recognised
     * @param near code of a flour or pulse that its words may mean; null otherwise
     * @param grams mass, g; null when it is not known
     * @param gramsLow lower end of its 80 % range, g
     * @param gramsHigh upper end of its 80 % range, g
     * @param sd its standard deviation, g; null for what was weighed
     * @param form code of the form that its words fix
     * @param fatState how firm its words say a fat is
     * @param measured what its words say was measured; null when they say nothing
     * @param part where it belongs
     * @param heading the heading it stands under when that does not say where it belongs
     * @param measure code of the measure it was stated in
     * @param quantity how many of that measure
     * @param status how far it was understood
     * @param findings why it is not simply read
     */
    public record IntakeLine(
            String text,
            @Nullable String ingredient,
            @Nullable String near,
            @Nullable Double grams,
            @Nullable Double gramsLow,
            @Nullable Double gramsHigh,
            @Nullable Double sd,
            @Nullable String form,
            @Nullable FatState fatState,
            @Nullable Measured measured,
            Part part,
            @Nullable String heading,
            @Nullable String measure,
            @Nullable Double quantity,
            LineStatus status,
            List<Finding> findings) {

        static IntakeLine of(ParsedLine line) {
            return of(line, null);
        }

        /** A line of a recipe; the temperature that is the whole dough's water's is told there. */
        static IntakeLine of(ParsedLine line, @Nullable Double waterTemperatureC) {
            Measured measured = Objects.equals(line.measured().temperatureC(), waterTemperatureC)
                    ? line.measured().withTemperatureC(null)
                    : line.measured();
            return new IntakeLine(
                    line.text(),
                    line.ingredient(),
                    line.near(),
                    line.grams(),
                    line.gramsLow(),
                    line.gramsHigh(),
                    line.weighed() ? null : line.sd(),
                    line.form(),
                    line.fatState(),
                    measured.equals(Measured.NONE) ? null : measured,
                    line.part(),
                    line.heading(),
                    line.measure(),
                    line.quantity(),
                    line.status(),
                    line.findings());
        }
    }

    /** A recipe as the reader understood it. */
    static IntakeAnswer of(ParsedRecipe recipe, boolean asksCupFilling) {
        return new IntakeAnswer(
                recipe.title(),
                recipe.style(),
                recipe.pieces(),
                recipe.lines().stream()
                        .map(line -> IntakeLine.of(line, recipe.waterTemperatureC()))
                        .toList(),
                recipe.waterTemperatureC(),
                asksCupFilling,
                recipe.method());
    }
}
