package verdamen.core.prep;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import verdamen.core.model.Coded;
import verdamen.core.model.Confidence;
import verdamen.core.model.Table;
import verdamen.core.pantry.Ingredient;

/** Typical values of preparation steps, and what an ingredient becomes, from the tables beside this class. */
public final class TypicalSteps {

    private static final String ANY = "*";
    private static final Map<String, Typical> SHARES = new HashMap<>();
    private static final Map<String, Becomes> BECOMES;

    static {
        for (Typical each : Table.read(TypicalSteps.class, "typical_steps", TypicalSteps::typical)) {
            if (SHARES.put(key(each.step(), each.what()), each) != null) {
                throw new IllegalArgumentException("twice among the typical steps: " + each);
            }
        }
        BECOMES = Table.read(TypicalSteps.class, "becomes", TypicalSteps::becomes).stream()
                .collect(Collectors.toMap(Becomes::from, each -> each));
    }

    private TypicalSteps() {}

    /**
     * A typical value of a step.
     *
     * @param step the step
     * @param what code or group of an ingredient, or * for any
     * @param share for cutting and cooking the weight after over the weight before; for washing the water that clings
     *     over the weight; for salting and pressing the share of the water that runs
     * @param confidence how well it is known
     * @param note how it varies
     */
    public record Typical(StepKind step, String what, double share, Confidence confidence, String note) {}

    /**
     * What an ingredient becomes.
     *
     * @param from its code
     * @param by the steps that do it
     * @param to code of what it becomes
     */
    record Becomes(String from, List<String> by, String to) {}

    /** All typical values, in the order of the table. */
    public static List<Typical> all() {
        return Table.read(TypicalSteps.class, "typical_steps", TypicalSteps::typical);
    }

    /** The typical value of a step for an ingredient: its own, its group's, or that of any; nothing when there is none. */
    static Optional<Double> share(StepKind step, Ingredient ingredient) {
        for (String what : List.of(ingredient.code(), ingredient.group(), ANY)) {
            Typical found = SHARES.get(key(step, what));
            if (found != null) {
                return Optional.of(found.share());
            }
        }
        return Optional.empty();
    }

    /** Code of what an ingredient becomes by a step; nothing when it stays what it is. */
    static Optional<String> becomes(Ingredient ingredient, StepKind step) {
        return Optional.ofNullable(BECOMES.get(ingredient.code()))
                .filter(each -> each.by().contains(step.code()))
                .map(Becomes::to);
    }

    /** Codes of dried and fresh that stand for each other at equal dry matter, the dried first. */
    public static Map<String, String> driedToFresh() {
        return BECOMES.values().stream()
                .filter(each -> each.by().contains(StepKind.SOAK_BOIL.code())
                        || each.by().contains(StepKind.REHYDRATE.code()))
                .collect(Collectors.toMap(Becomes::from, Becomes::to));
    }

    private static String key(StepKind step, String what) {
        return step.code() + " " + what;
    }

    private static Typical typical(Table.Row row) {
        return new Typical(
                Coded.find(StepKind.class, row.text("step")).orElseThrow(),
                row.text("for"),
                row.number("share"),
                row.choice("confidence", Confidence.class),
                row.note());
    }

    private static Becomes becomes(Table.Row row) {
        return new Becomes(row.text("code"), row.list("by"), row.text("to"));
    }
}
