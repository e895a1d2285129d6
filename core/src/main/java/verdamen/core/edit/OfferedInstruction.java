package verdamen.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Kneading;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.intake.Instruction;
import verdamen.core.intake.Instruction.Kind;
import verdamen.core.intake.Instructions;
import verdamen.core.model.Coded;
import verdamen.core.model.Limit;

/**
 * A setting that the method in words speaks of, beside what the formula has.
 *
 * @param kind which setting
 * @param words the words that say so
 * @param value how much: minutes, °C, pieces, g, mm, or seconds a side; 0 for a rest until it has risen
 * @param state whether it can be taken
 * @param possible between which values it can be; null when it is
 */
public record OfferedInstruction(
        Kind kind,
        String words,
        double value,
        State state,
        @Nullable Possible possible) {

    /** Whether a setting that was spoken of can be taken. */
    public enum State implements Coded {
        /** It can. */
        OPEN("open"),
        /** The formula has it already. */
        STANDS("stands"),
        /** No dough can have it; a slip of the pen. */
        IMPOSSIBLE("impossible"),
        /** A rest until it has risen, and nothing in the dough makes it rise. */
        NEVER_RISES("never-rises");

        private final String code;

        State(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * Between which values a setting can be, in its own unit.
     *
     * @param least the least
     * @param most the most
     */
    public record Possible(double least, double most) {}

    /** The settings that the notes of a formula speak of, in the order of its method. */
    public static List<OfferedInstruction> of(FormulaSpec spec, Formula formula) {
        List<Instruction> said = Instructions.of(spec.notesOrNone().method());
        return said.stream()
                .map(each -> new OfferedInstruction(
                        each.kind(), each.words(), each.value(), state(each, spec, formula), possible(each)))
                .toList();
    }

    private static @Nullable Possible possible(Instruction said) {
        Limit limit = said.kind().limit();
        return said.isPossible() ? null : new Possible(limit.least(), limit.most());
    }

    private static State state(Instruction said, FormulaSpec spec, Formula formula) {
        if (!said.isPossible()) {
            return State.IMPOSSIBLE;
        }
        if (said.kind().isRise() && !Phases.rises(formula)) {
            return State.NEVER_RISES;
        }
        return stands(said, spec, formula) ? State.STANDS : State.OPEN;
    }

    private static boolean stands(Instruction said, FormulaSpec spec, Formula formula) {
        RecipeNotes notes = spec.notesOrNone();
        double value = said.value();
        return switch (said.kind()) {
            case KNEAD, KNEAD_BY_MACHINE ->
                (said.kind() == Kind.KNEAD_BY_MACHINE)
                                == Kneading.MACHINE.code().equals(spec.kneading())
                        && is(value, spec.methodOrNone().temperaturesOrNone().kneadMinutes());
            case REST, WARM, CHILL, KNEAD_AGAIN, RISE, RISE_WARM ->
                new Phases(spec, formula.pantry()).standing(said).isPresent();
            case WATER -> is(value, spec.waterTemperatureC());
            case PIECES -> is(value, notes.pieces());
            case PIECE_GRAMS -> is(value, notes.pieceGrams());
            case SHEET -> is(value, spec.sheetMm());
            case DIAMETER -> is(value, notes.diameterMm());
            case SIDE -> is(value, notes.sideSeconds());
            case PAN -> is(value, notes.panC());
        };
    }

    private static boolean is(double value, @Nullable Double other) {
        return other != null && other == value;
    }
}
