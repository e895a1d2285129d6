package verdamen.core.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Line;
import verdamen.core.formula.Measured;
import verdamen.core.formula.Part;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.CupFilling;
import verdamen.core.pantry.FatState;

/**
 * A line of a recipe as understood.
 *
 * @param text its words, as written
 * @param ingredient code of the ingredient; null when none was recognised
 * @param near code of a flour or pulse that its words may mean, where they say more than its name; null otherwise
 * @param grams mass, g, also of what is only near; null when it is not known
 * @param sd standard deviation of that mass, g; null when it is not known
 * @param measure code of the measure it was stated in; null for none
 * @param quantity how many of that measure; null for none
 * @param form code of the form that its words fix; null for none
 * @param fatState how firm its words say a fat is; null for none
 * @param measured what its words say was measured: protein, temperature, piece size
 * @param part where it belongs
 * @param heading the heading it stands under when that does not say where it belongs; null otherwise
 * @param status how far it was understood
 * @param findings why it is not simply read; empty when it is
 */
public record ParsedLine(
        String text,
        @Nullable String ingredient,
        @Nullable String near,
        @Nullable Double grams,
        @Nullable Double sd,
        @Nullable String measure,
        @Nullable Double quantity,
        @Nullable String form,
        @Nullable FatState fatState,
        Measured measured,
        Part part,
        @Nullable String heading,
        LineStatus status,
        List<Finding> findings) {

    /** Copies the findings so that a line never changes. */
    public ParsedLine {
        findings = List.copyOf(findings);
    }

    /** This line as one of several that share its amount equally. */
    ParsedLine sharedBy(int count, String of) {
        List<Finding> all = new ArrayList<>(findings);
        all.add(new Finding(Finding.Kind.SHARED, List.of(of)));
        LineStatus shared = status == LineStatus.READ ? LineStatus.CHECK : status;
        return new ParsedLine(
                of,
                ingredient,
                near,
                share(grams, count),
                share(sd, count),
                measure,
                share(quantity, count),
                form,
                fatState,
                measured,
                part,
                heading,
                shared,
                all);
    }

    private static @Nullable Double share(@Nullable Double whole, int count) {
        return whole == null ? null : Double.valueOf(whole / count);
    }

    private static final Set<String> WEIGHTS = Set.of("g", "kg", "oz", "lb");
    private static final double ROUNDING = 1e-9;

    /** Whether it was stated as a weight, no less sure than a kitchen scale. */
    public boolean weighed() {
        return grams != null
                && sd != null
                && (measure == null || WEIGHTS.contains(measure))
                && sd <= Line.weighedSdGrams(grams) * (1 + ROUNDING);
    }

    /** Whether its words say how a measure of flour is filled: scooped, spooned, sifted or packed. */
    public boolean saysFilling() {
        String fill = Vocabulary.book().firstValue(Token.of(text), Vocabulary.Kind.FILL);
        return fill != null && Coded.find(CupFilling.class, fill).isPresent();
    }

    /** Lower end of the 80 % range of the mass, g, at least 0; null when it is not known. */
    public @Nullable Double gramsLow() {
        return grams == null || sd == null
                ? null
                : Double.valueOf(Math.max(0, grams - Coefficient.RANGE_WIDTH.value() * sd));
    }

    /** Upper end of the 80 % range of the mass, g; null when it is not known. */
    public @Nullable Double gramsHigh() {
        return grams == null || sd == null ? null : Double.valueOf(grams + Coefficient.RANGE_WIDTH.value() * sd);
    }
}
