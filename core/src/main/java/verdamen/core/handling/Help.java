package verdamen.core.handling;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A change that would help a figure, with what it costs elsewhere.
 *
 * @param lever what is changed
 * @param line the line it is done to; null when it is done to the whole
 * @param ingredient code of that line's ingredient, or of what is put in
 * @param amount how much, in {@code unit}; below 0 when there is less of it
 * @param unit g, min or mm
 * @param value the figure afterwards, in its own unit
 * @param gain how much better it is, above 0, in its own unit
 * @param waterChangeGrams water needed afterwards less now, g
 * @param wholeGrainChangePct whole grain in the flour afterwards less now, percentage points
 * @param inclusionChangeGrams inclusion in the dough afterwards less now, g
 */
public record Help(
        Lever lever,
        @Nullable Integer line,
        @Nullable String ingredient,
        double amount,
        verdamen.core.model.Unit unit,
        double value,
        double gain,
        double waterChangeGrams,
        double wholeGrainChangePct,
        double inclusionChangeGrams) {

    /** The changes that would help one figure most, the best first. */
    public record Helps(HandlingFigure figure, List<Help> helps) {}
}
