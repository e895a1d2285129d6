package verdamen.core.edit;

import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import verdamen.core.formula.PhaseKind;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Table;
import verdamen.core.prep.StepKind;

/** What is usual when nothing is said: how much is bought, what is put in at a step, how long a phase lasts. */
final class Usual {

    /** What is bought for a preparation, before its weight is typed, g. */
    static final Coefficient BOUGHT_GRAMS = Coefficient.USUALLY_BOUGHT;

    private static final Map<StepKind, Addition> ADDITIONS =
            Table.read(Usual.class, "usual_additions", Usual::addition).stream()
                    .collect(Collectors.toMap(Addition::step, Function.identity()));

    private Usual() {}

    /**
     * What is usually put in at a step.
     *
     * @param step the step
     * @param ingredient code of what is put in
     * @param grams how much, g, to be typed over
     */
    public record Addition(StepKind step, String ingredient, double grams) {}

    private static Addition addition(Table.Row row) {
        return new Addition(row.choice("step", StepKind.class), row.text("ingredient"), row.number("grams"));
    }

    /** What is usually put in at a step; nothing where nothing is. */
    public static Optional<Addition> addition(StepKind step) {
        return Optional.ofNullable(ADDITIONS.get(step));
    }

    /** How long a phase lasts unless somebody says otherwise, minutes. */
    public static double minutes(PhaseKind kind) {
        return switch (kind) {
            case REST -> Coefficient.USUAL_REST.value();
            case WARM -> Coefficient.USUAL_WARM.value();
            case CHILL -> Coefficient.USUAL_CHILL.value();
            case KNEAD -> Coefficient.USUAL_SECOND_KNEAD.value();
        };
    }
}
